package evencistern.label;

import static evencistern.label.LabelReading.Role;

import evencistern.label.Draft.Amount;
import evencistern.label.Draft.Often;
import evencistern.label.Draft.Per;
import evencistern.label.Draft.Range;
import evencistern.label.Draft.Weighed;
import evencistern.label.LabelReading.Span;
import evencistern.label.Question.Choice;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What the phrases of a sentence say together: its uses, each with a dose, what is poured of it, and how often. Two amounts in two
 * steps are one instruction unless each has an object of its own; a number that no phrase takes is never passed over.
 */
final class Directions {
    /** So many words on, what denies something still denies it. */
    private static final int DENIES_AHEAD = 3;

    /** A fraction of at most this beside "dilute" is a ratio. */
    private static final double SMALL_PART = 0.1;

    /** A limit of so many times in a period says how far apart they lie, unless it is a year's. */
    private static final double LONGEST_SPREAD = 31;
    /** So many words at most are a name that the lexicon does not have. */
    private static final int LONGEST_NAME = 3;

    /** g or mL in a litre. */
    private static final double PER_LITRE_A_PERCENT = 10;

    private final boolean dry;
    private final String sentence;
    private final List<Token> tokens;
    private final List<Node> phrases;
    private final Role[] roles;
    private final Amounts amounts;
    private final Draft draft = new Draft();
    private Draft.Use use = new Draft.Use();
    /** For each use the token that it begins at, its name with it. */
    private final List<Integer> begins = new ArrayList<>(List.of(0));

    private int at;
    /** What the finished feed is to hold, where that comes before any dose. */
    private Optional<Node> target = Optional.empty();

    private boolean stockBefore;
    /** What an injector is set to, where its stock is told of only next. */
    private Optional<Draft.Dose> setBefore = Optional.empty();
    /** So many steps of a list so far. */
    private int listed;

    /** Whether the label gives doses by season. */
    private boolean seasonsName;

    /** @param dry whether the product is weighed */
    Directions(String sentence, List<Token> tokens, Chart chart, Cover cover, boolean dry) {
        this.dry = dry;
        this.sentence = sentence;
        this.tokens = tokens;
        this.phrases = cover.phrases();
        this.roles = new Role[tokens.size()];
        this.amounts = new Amounts(tokens, phrases, draft, this::mark);
        understand(chart);
    }

    List<Span> spans() {
        List<Span> spans = new ArrayList<>();
        for (int i = 0; i < roles.length; i++) {
            spans.add(new Span(tokens.get(i).start(), tokens.get(i).end(), roles[i]));
        }
        return spans;
    }

    /** Whether one use is told of and its words speak of pots. */
    boolean ofPots() {
        return draft.uses.size() == 1 && IntStream.range(0, tokens.size()).anyMatch(i -> Lexicon.is(tokens, i, "pot"));
    }

    /** Whether it measures in inches, feet, pounds or ounces, as no country with a spoon of 20 mL does. */
    boolean inches() {
        Set<Written> there = EnumSet.of(
                Written.INCH, Written.FOOT, Written.POUND, Written.OUNCE, Written.SQUARE_FOOT, Written.SQUARE_YARD);
        return IntStream.range(0, tokens.size())
                .anyMatch(i -> Set.of("len", "mass", "area").stream()
                        .flatMap(c -> Lexicon.value(tokens, i, c).stream())
                        .anyMatch(w -> there.contains(Written.valueOf(w))));
    }

    Draft draft() {
        return draft;
    }

    private void understand(Chart chart) {
        for (int i = 0; i < tokens.size(); i++) {
            Token t = tokens.get(i);
            boolean passed =
                    (t.kind() == Token.Kind.SIGN && ".,;:()[]!".contains(t.text())) || Lexicon.PLAIN.contains(t.text());
            roles[i] = passed && !Numbers.counts(t) ? Role.IGNORED : Role.UNKNOWN;
        }
        for (int i = 1; i + 1 < tokens.size(); i++) {
            int here = i;
            boolean afterName = phrases.stream().anyMatch(p -> p.is("usename") && p.end() == here);
            boolean dash = tokens.get(i - 1).kind() == Token.Kind.WORD
                    && tokens.get(i).end() < tokens.get(i + 1).start();
            if (tokens.get(i).is("-") && (afterName || dash || tokens.get(i + 1).kind() == Token.Kind.WORD)) {
                roles[i] = Role.IGNORED;
            }
        }
        seasonsName = Math.min(
                        phrases.stream().filter(p -> p.is("span")).count(),
                        phrases.stream().filter(p -> DOSES.contains(p.symbol())).count())
                > 1;
        for (at = 0; at < phrases.size(); at++) {
            take(phrases.get(at));
        }
        if (use.dose.isEmpty() && use.poured.isPresent()) {
            use.dose = use.poured.map(p -> p);
            use.poured = Optional.empty();
        }
        dropStock(tokens.size());
        if (use.dose.isEmpty() && draft.uses.isEmpty()) {
            target.ifPresent(t -> {
                use.dose = Optional.of(aim(t));
                mark(t.start(), t.end(), Role.AMOUNT);
            });
        }
        if (use.dose.isEmpty() && draft.uses.isEmpty()) {
            pair(chart);
        }
        if (use.dose.isPresent() || draft.uses.isEmpty()) {
            draft.uses.add(use);
        } else {
            // a rhythm of nothing: not understood
            for (int i = begins.get(begins.size() - 1); i < roles.length; i++) {
                roles[i] = roles[i] == Role.RHYTHM ? Role.UNKNOWN : roles[i];
            }
            begins.remove(begins.size() - 1);
        }
        for (Node p : phrases) {
            boolean joins = p.start() > 0 && (Lexicon.is(tokens, p.start() - 1, "fill") || mixesIn(p.start() - 1));
            if (DOSES.contains(p.symbol()) && joins && roles[p.start() - 1] == Role.UNKNOWN) {
                roles[p.start() - 1] = Role.IGNORED;
            }
        }
        nameByPlace();
        onceASeason();
        atPotting();
        for (int i = 0; i < draft.uses.size(); i++) {
            int end = i + 1 < draft.uses.size() ? begins.get(i + 1) : tokens.size();
            look(draft.uses.get(i), end, begins.get(i));
            draft.uses.get(i).terms = TermsFinder.of(tokens, phrases, roles, begins.get(i), end);
        }
        shareRhythms();
    }

    private void take(Node n) {
        switch (n.symbol()) {
            case "dose", "makes", "before", "mixed", "carried" -> weighed(n);
            case "likewise" -> likewise(n);
            case "poured" -> poured(n);
            case "ratio", "ratios", "weaker", "share" -> diluted(n, Amounts.dilution(n));
            case "fold" -> {
                Range times = Amounts.range(n.kid("range").orElseThrow());
                if (times.min() > times.max()) {
                    unknown(n);
                } else {
                    diluted(n, Amounts.dilution(n));
                }
            }
            case "oneof" -> {
                // "1/100": one part in a hundred
                double part = n.kid("number").orElseThrow().number();
                if (part > 0
                        && part <= SMALL_PART
                        && tokens.get(n.end() - 1).text().contains("/")) {
                    diluted(n, new Draft.Ratio(new Range(part, part), 1, Optional.empty()));
                } else {
                    unknown(n);
                }
            }
            case "injector" -> injected(n);
            case "percentstock" -> percentStock(n);
            case "treats" -> treats(n);
            case "portion" -> portion(n);
            case "own" -> own(n);
            case "usename" -> named(n);
            case "span" -> {
                if (seasonsName) {
                    named(n);
                } else {
                    noted(n);
                }
            }
            case "target" -> {
                noted(n);
                if (use.dose.isEmpty() && target.isEmpty() && n.has("range")) {
                    target = Optional.of(n);
                }
            }
            case "once" -> {
                noted(n);
                use.once = true;
                if (heads(n.end()) && use.name.isEmpty()) {
                    use.name = sentence.substring(
                            tokens.get(n.start()).start(),
                            tokens.get(n.end() - 1).end());
                }
            }
            case "listed" -> {
                // "1. Add ... 2. Water ...": only where a sentence begins, and in order
                boolean begins = n.start() == 0 || tokens.get(n.start() - 1).is(".");
                listed += begins && n.kid("number").orElseThrow().number() == listed + 1 ? 1 : 0;
                boolean inOrder = begins && n.kid("number").orElseThrow().number() == listed;
                mark(n.start(), n.end(), inOrder ? Role.IGNORED : Role.UNKNOWN);
            }
            case "less" -> {
                if (TermsFinder.shareOf(n) > 1) {
                    unknown(n); // more than the label's rate is never given
                } else {
                    noted(n);
                }
            }
            case "aside", "life", "most", "need" -> noted(n);
            case "seasons" -> {
                // "in spring and summer feed every 14 days": when, and not how often
                if (phrases.stream().anyMatch(p -> RHYTHMS.contains(p.symbol()))) {
                    noted(n);
                } else {
                    often(n, Rhythms.of(n));
                }
            }
            default -> often(n, Rhythms.of(n));
        }
    }

    // --- amounts ---

    private boolean stock(Node n) {
        return !n.all("tank").isEmpty()
                || IntStream.range(Math.max(0, n.start() - 4), Math.min(tokens.size(), n.end() + 5))
                        .anyMatch(
                                i -> tokens.get(i).is("stock") || tokens.get(i).is("stocks"));
    }

    private void weighed(Node n) {
        n.kid("held").ifPresent(this::own);
        Optional<Weighed> read = amounts.read(n);
        if (read.isEmpty()) {
            unknown(n);
            return;
        }
        Weighed w = read.get();
        boolean madeUp = w.strength().filter(s -> s == Choice.MADE_UP).isPresent();
        boolean liquid = !w.amount().unit().weighs() && w.amount().unit() != Written.OWN;
        Optional<Weighed> before = use.dose.filter(d -> d instanceof Weighed).map(d -> (Weighed) d);
        if (w.per() == Per.WATER
                && before.filter(b -> b.then().isEmpty()).isPresent()
                && stockBefore
                && liquid
                && (n.has("stocked") || madeUp)) {
            // "then 10 ml of the stock per litre"
            use.dose = Optional.of(before.get().then(w));
            return;
        }
        boolean inWater = use.dose
                .filter(d -> !(d instanceof Weighed b) || b.per() == Per.WATER)
                .isPresent();
        if (w.per() != Per.WATER && liquid && inWater && use.poured.isEmpty() && (madeUp || !nameBefore(n))) {
            use.poured = Optional.of(w);
            return;
        }
        if (w.per() != Per.WATER && use.dose.isEmpty() && restHasWaterDose() && (madeUp || madeNext(n))) {
            use.poured = Optional.of(w);
            return;
        }
        boolean alike = use.dose
                .filter(d -> d instanceof Weighed b && b.per() == w.per())
                .isPresent();
        if (inBrackets(n) && (alike || (inWater && w.per() == Per.WATER))) {
            use.also = Optional.of(w);
            return;
        }
        stockBefore = stock(n);
        if (stockBefore && w.per() == Per.WATER && setBefore.isPresent()) {
            dose(n, w.then(setBefore.get()));
            setBefore = Optional.empty();
            return;
        }
        dose(n, w);
        use.stock = w.per() == Per.WATER && stockBefore;
    }

    /** "1 tsp per gallon, 2 tsp for vegetables": counted per the same as the dose before; a number left where none is. */
    private void likewise(Node n) {
        Optional<Weighed> before = Stream.concat(draft.uses.stream(), Stream.of(use))
                .flatMap(u -> u.dose.stream())
                .filter(d -> d instanceof Weighed)
                .map(d -> (Weighed) d)
                .reduce((first, last) -> last);
        Optional<Amount> amount = amounts.amount(n.kid("amount").orElseThrow());
        if (before.isEmpty()
                || amount.isEmpty()
                || before.get().then().isPresent()
                || before.get().amount().unit().weighs() != amount.get().unit().weighs()) {
            unknown(n);
            return;
        }
        if (use.dose.isPresent()) {
            next(n.start());
        }
        Node name = n.kid("named").orElseThrow();
        use.name = sentence.substring(
                tokens.get(name.start()).start(), tokens.get(name.end() - 1).end());
        use.dose = Optional.of(before.get().with(amount.get()));
        mark(n.start(), n.end(), Role.AMOUNT);
        mark(name.start(), name.end(), Role.USE);
    }

    /** Whether what was told is of a solution told of next: "100 ml per pot of a solution of 3 ml per litre". */
    private boolean madeNext(Node n) {
        return at + 1 < phrases.size()
                && (IntStream.range(n.end(), phrases.get(at + 1).start()).anyMatch(i -> Lexicon.is(tokens, i, "made"))
                        || (tokens.get(n.end()).is("of")
                                && Set.of("share", "ratio")
                                        .contains(phrases.get(at + 1).symbol())));
    }

    private boolean restHasWaterDose() {
        return phrases.stream()
                .skip(at + 1L)
                .anyMatch(p -> Set.of("ratio", "share", "ratios").contains(p.symbol())
                        || (Set.of("dose", "before", "mixed", "makes").contains(p.symbol())
                                && !p.all("water").isEmpty()));
    }

    private void poured(Node n) {
        Optional<Weighed> read = amounts.read(n);
        if (read.isEmpty()) {
            unknown(n);
            return;
        }
        n.kid("inner").ifPresent(i -> amounts.read(i).ifPresent(w -> dose(i, w)));
        n.kid("ratio").or(() -> n.kid("share")).ifPresent(r -> {
            mark(r.start(), r.end(), Role.AMOUNT);
            dose(n, Amounts.dilution(r));
        });
        if (n.has("made") || use.dose.isPresent() || restHasWaterDose()) {
            Weighed w = read.get();
            use.poured = Optional.of(new Weighed(
                    w.amount(),
                    w.same(),
                    w.per(),
                    w.count(),
                    w.of(),
                    w.sameOf(),
                    w.then(),
                    n.has("made") ? Optional.of(Choice.MADE_UP) : w.strength()));
        } else {
            dose(n, read.get());
        }
    }

    private void dose(Node n, Draft.Dose dose) {
        if (use.dose.isPresent()) {
            next(n.start());
        }
        use.dose = Optional.of(dose);
    }

    /** A stock that nothing thins is no dose: many times too strong for a plant. */
    private void dropStock(int end) {
        if (use.stock
                && use.dose
                        .filter(d -> d instanceof Weighed w && w.then().isEmpty())
                        .isPresent()) {
            use.dose = Optional.empty();
            for (int i = begins.get(begins.size() - 1); i < end; i++) {
                roles[i] = roles[i] == Role.AMOUNT ? Role.UNKNOWN : roles[i];
            }
        }
    }

    private void next(int begin) {
        dropStock(begin);
        draft.uses.add(use);
        use = new Draft.Use();
        begins.add(begin);
        stockBefore = false;
    }

    private void own(Node n) {
        double count = n.kid("number").map(Node::number).orElse(1.0);
        n.kid("amount")
                .flatMap(amounts::amount)
                .ifPresent(a -> draft.defined.put(
                        amounts.unitOf(n), new Amount(a.range().times(1 / count), a.unit(), a.heaped(), a.measures())));
        mark(n.start(), n.end(), Role.AMOUNT);
    }

    /** "sufficient for 20 pots": what is made up is shared among them. */
    private void treats(Node n) {
        double count = n.kid("number").orElseThrow().number();
        Optional<Weighed> of = use.dose
                .filter(d -> d instanceof Weighed w && w.per() == Per.WATER)
                .map(d -> (Weighed) d);
        if (of.isEmpty() || count <= 0) {
            unknown(n);
            return;
        }
        mark(n.start(), n.end(), Role.PER_PLANT);
        Amount made = new Amount(
                new Range(of.get().count(), of.get().count()),
                of.get().of().orElseThrow(),
                Optional.empty(),
                Optional.empty());
        Optional<Written> area = n.kid("area").map(a -> Written.valueOf(a.value()));
        use.poured = Optional.of(new Weighed(
                made,
                Optional.empty(),
                area.isPresent() ? Per.AREA : Per.PLANT,
                count,
                area,
                Optional.empty(),
                Optional.empty(),
                Optional.of(Choice.MADE_UP)));
    }

    // --- ratio and per cent ---

    private void diluted(Node n, Draft.Dose d) {
        Optional<Weighed> before = use.dose.filter(x -> x instanceof Weighed).map(x -> (Weighed) x);
        if (inBrackets(n) && use.dose.isPresent()) {
            use.also = Optional.of(d);
            mark(n.start(), n.end(), Role.AMOUNT);
            return;
        }
        boolean sameSentence =
                before.isPresent() && !nameBefore(n) && rhythmBetween(n).isEmpty();
        if (sameSentence
                && before.get().per() == Per.WATER
                && before.get().then().isEmpty()) {
            use.dose = Optional.of(before.get().then(d));
            mark(n.start(), n.end(), Role.AMOUNT);
            return;
        }
        mark(n.start(), n.end(), Role.AMOUNT);
        dose(n, d);
    }

    /** "a 15 % stock": so many times too strong until it is thinned. */
    private void percentStock(Node n) {
        if (use.dose.isPresent()) {
            next(n.start());
        }
        mark(n.start(), n.end(), Role.AMOUNT);
        stockBefore = true;
        use.stock = true;
        use.dose = Optional.of(new Weighed(
                new Amount(
                        Amounts.range(n.kid("range").orElseThrow()).times(PER_LITRE_A_PERCENT),
                        dry ? Written.GRAM : Written.MILLILITRE,
                        Optional.empty(),
                        Optional.empty()),
                Optional.empty(),
                Per.WATER,
                1,
                Optional.of(Written.LITRE),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()));
    }

    private boolean inBrackets(Node n) {
        return n.start() > 0
                && (tokens.get(n.start() - 1).is("(")
                        || tokens.get(n.start() - 1).is("="));
    }

    private Optional<Node> rhythmBetween(Node n) {
        return use.often.isPresent() ? Optional.of(n) : Optional.empty();
    }

    private void injected(Node n) {
        n.kid("percentstock").ifPresent(this::percentStock);
        Node inner = n.kid("ratio").or(() -> n.kid("share")).orElseThrow();
        Draft.Dose d = Amounts.dilution(inner);
        Optional<Weighed> before = use.dose
                .filter(x -> x instanceof Weighed w
                        && w.per() == Per.WATER
                        && w.then().isEmpty())
                .map(x -> (Weighed) x);
        mark(n.start(), n.end(), Role.AMOUNT);
        boolean stockNext = phrases.stream().skip(at + 1L).anyMatch(p -> DOSES.contains(p.symbol()) && stock(p));
        if (before.isPresent()) {
            use.dose = Optional.of(before.get().then(d));
        } else if (use.dose.isEmpty() && stockNext) {
            setBefore = Optional.of(d);
        } else {
            dose(n, d);
        }
        use.injected = true;
    }

    /** "200 ppm N": of nitrogen, phosphorus or potassium; empty where the label does not say of what. */
    private static Draft.Target aim(Node n) {
        Optional<String> of = n.has("k")
                ? Optional.of("K")
                : n.has("p") ? Optional.of("P") : n.has("n") || n.has("nitrogen") ? Optional.of("N") : Optional.empty();
        return new Draft.Target(Amounts.range(n.kid("range").orElseThrow()), of);
    }

    /** "at half strength", "25 % rate": of the dose, unless it is said of some plants only. */
    private void portion(Node n) {
        double factor = TermsFinder.shareOf(n);
        if (n.has("number") && factor >= 1) {
            unknown(n);
            return;
        }
        boolean uses = at + 1 < phrases.size()
                && phrases.get(at + 1).is("usename")
                && phrases.get(at + 1).start() == n.end();
        boolean kin = ofKin(n);
        boolean some = uses
                || kin
                || (n.end() < tokens.size()
                        && Set.of("for", "in", "on")
                                .contains(tokens.get(n.end()).text()))
                || (use.dose.isPresent() && saidOf(n));
        if (!some && (n.has("that") || n.has("this") || n.has("it"))) {
            unknown(n);
            return;
        }
        if (factor == 1 || some) {
            int end = uses ? phrases.get(at + 1).end() : n.end();
            while (some
                    && end < Math.min(tokens.size(), n.end() + 4)
                    && tokens.get(end).kind() == Token.Kind.WORD) {
                end++;
            }
            int begin = kin ? sentenceStart(n.start()) : n.start();
            mark(begin, end, heads(end) && factor != 1 ? Role.UNKNOWN : Role.NOTED);
            skipTo = end;
            return;
        }
        boolean full = phrases.stream().skip(at + 1L).anyMatch(p -> p.is("portion") && p.has("fraction"));
        // "quarter strength (1 ml per litre)": the brackets may say what the share comes to already
        boolean bracket = isDose(at + 1)
                && inBrackets(phrases.get(at + 1))
                && phrases.get(at + 1).start() == n.end() + 1;
        if ((headsDose(n.end()) && !full) || bracket) {
            unknown(n); // whether the dose that follows is that share already cannot be told
            return;
        }
        mark(n.start(), n.end(), Role.AMOUNT);
        use.factor *= factor;
    }

    /** "Seedlings: half that." before any dose: of plants that labels make an exception of, in a sentence without one. */
    private boolean ofKin(Node n) {
        int begin = sentenceStart(n.start());
        boolean named = IntStream.range(begin, n.start()).anyMatch(i -> Lexicon.is(tokens, i, "kin"));
        int end = n.end();
        while (end < tokens.size() && !ends(end, end + 1)) {
            end++;
        }
        int last = end;
        return named
                && phrases.stream()
                        .noneMatch(p -> DOSES.contains(p.symbol()) && p.start() >= begin && p.start() < last);
    }

    private int sentenceStart(int at) {
        int start = at;
        while (start > 0 && !ends(start - 1, start)) {
            start--;
        }
        return start;
    }

    /** Whether what stands before in the same sentence is a name or a season: "for orchids use half strength". */
    private boolean saidOf(Node n) {
        return at > 0
                && isName(phrases.get(at - 1))
                && !ends(phrases.get(at - 1).end(), n.start());
    }

    private boolean isDose(int i) {
        return i < phrases.size() && DOSES.contains(phrases.get(i).symbol());
    }

    /** Whether a colon stands between this place and the next dose. */
    private boolean headsDose(int end) {
        return phrases.stream()
                .skip(at + 1L)
                .filter(p -> DOSES.contains(p.symbol()))
                .findFirst()
                .filter(p -> tokens.subList(end, p.start()).stream().anyMatch(t -> t.is(":")))
                .isPresent();
    }

    private boolean heads(int end) {
        return end >= 0 && end < tokens.size() && tokens.get(end).is(":");
    }

    /** Up to this token phrases are part of what was noted. */
    private int skipTo;

    // --- what may belong together ---

    /** Of a label without a dose that holds just one amount and one volume of water, these: to be asked about. */
    private void pair(Chart chart) {
        if (tokens.stream().anyMatch(t -> t.is("stock") || t.is("stocks") || t.is("tank"))) {
            return; // many times too strong
        }
        List<Node> found = new ArrayList<>();
        for (int p = 0; p < tokens.size(); ) {
            List<Chart.Found> here = chart.at("amount", p);
            if (here.isEmpty() || roles[p] == Role.RHYTHM || roles[p] == Role.NOTED) {
                p++;
            } else {
                Node longest = here.stream()
                        .max(Comparator.comparingInt(Chart.Found::end))
                        .map(f -> f.nodes().get(0))
                        .orElseThrow();
                found.add(longest);
                p = longest.end();
            }
        }
        if (found.size() != 2) {
            return;
        }
        boolean turned = ofWater(found.get(0));
        Node product = found.get(turned ? 1 : 0);
        Node water = found.get(turned ? 0 : 1);
        Optional<Amount> much = amounts.amount(product);
        Optional<Amount> volume = amounts.amount(water);
        if (ofWater(product) || !ofWater(water) || much.isEmpty() || volume.isEmpty()) {
            return;
        }
        Range litres = volume.get().range();
        if (litres.min() != litres.max()) {
            return;
        }
        use.dose = Optional.of(new Weighed(
                much.get(),
                Optional.empty(),
                Per.WATER,
                litres.min(),
                Optional.of(volume.get().unit()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()));
        use.paired = true;
        mark(product.start(), product.end(), Role.AMOUNT);
        mark(water.start(), water.end(), Role.PER_WATER);
    }

    /** Whether an amount is one of water: by the word behind it, or by a measure that nobody doses in. */
    private boolean ofWater(Node amount) {
        boolean named = IntStream.range(amount.end(), Math.min(tokens.size(), amount.end() + 3))
                .anyMatch(i -> Lexicon.is(tokens, i, "water"));
        Written unit = amount.kid("unit").map(amounts::unitOf).orElse(Written.OWN);
        return (named && !unit.weighs())
                || EnumSet.of(Written.LITRE, Written.GALLON, Written.HECTOLITRE).contains(unit);
    }

    // --- names ---

    private boolean nameBefore(Node n) {
        return at > 0
                && isName(phrases.get(at - 1))
                && phrases.get(at - 1).start() >= begins.get(begins.size() - 1)
                && tokens.subList(phrases.get(at - 1).end(), n.start()).stream().noneMatch(t -> t.is("."));
    }

    private static final Set<String> DOSES = Set.of(
            "dose", "makes", "before", "mixed", "carried", "ratio", "ratios", "weaker", "fold", "oneof", "share");

    /** Phrases that tell how often. */
    static final Set<String> RHYTHMS =
            Set.of("every", "nth", "adverb", "counted", "watering", "nthwatering", "interval", "days_named");

    /** The name of a use stands before its dose, or after it where the first dose of the label has none before. */
    private void named(Node n) {
        if (n.end() <= skipTo) {
            return;
        }
        if (use.dose.isPresent()
                && isAt(at + 1, "portion")
                && !ends(n.end(), phrases.get(at + 1).start())) {
            mark(n.start(), n.end(), Role.NOTED); // with what is said of it next
            return;
        }
        boolean season = n.is("span");
        int first = n.start();
        while (!season && first < n.end() && !Lexicon.is(tokens, first, "use")) {
            first++;
        }
        int last = n.end();
        while (!season && last > first && !Lexicon.is(tokens, last - 1, "use") && !ofPlants(last - 1)) {
            last--;
        }
        String name = sentence.substring(
                tokens.get(first).start(), tokens.get(last - 1).end());
        int following = at + 1;
        while (following < phrases.size()
                && !DOSES.contains(phrases.get(following).symbol())
                && !isName(phrases.get(following))
                && !ends(n.end(), phrases.get(following).start())) {
            following++;
        }
        boolean leads = following < phrases.size()
                && DOSES.contains(phrases.get(following).symbol())
                && !ends(n.end(), phrases.get(following).start());
        // "1 tsp/gal (seedlings ½ tsp/gal)"
        boolean opened = leads
                && inBrackets(n)
                && tokens.subList(n.end(), phrases.get(following).start()).stream()
                        .noneMatch(t -> t.is(")"));
        boolean after = use.dose.isPresent()
                && use.name.isEmpty()
                && !heads(n.end())
                && (!leads || (afterNames() && !ends(lastDose(), n.start()) && !opened));
        if (after) {
            use.name = name;
            mark(n.start(), n.end(), Role.USE);
        } else if (leads) {
            if (use.dose.isPresent()) {
                next(n.start());
            }
            use.name = name;
            mark(n.start(), n.end(), Role.USE);
        }
        if (roles[first] == Role.USE) {
            for (int i = n.start(); i < first; i++) {
                roles[i] = Role.IGNORED;
            }
        }
    }

    /** The token after the last dose so far. */
    private int lastDose() {
        return phrases.stream()
                .limit(at)
                .filter(p -> DOSES.contains(p.symbol()))
                .mapToInt(Node::end)
                .max()
                .orElse(0);
    }

    /** Whether a phrase names a use: by its plants, or of several doses by their seasons. */
    private boolean isName(Node phrase) {
        return phrase.is("usename") || (seasonsName && phrase.is("span"));
    }

    /** Of several uses one may have a name that is no word of the lexicon: what stands before a colon and its dose. */
    private void nameByPlace() {
        for (int u = 0; draft.uses.size() > 1 && u < draft.uses.size(); u++) {
            int colon = u > 0
                    ? begins.get(u) - 1
                    : IntStream.range(0, tokens.size())
                            .filter(i -> tokens.get(i).is(":"))
                            .findFirst()
                            .orElse(-1);
            int first = colon;
            while (first > 0
                    && colon - first < LONGEST_NAME
                    && (tokens.get(first - 1).kind() == Token.Kind.WORD || hyphen(first - 1))
                    && (roles[first - 1] == Role.UNKNOWN || roles[first - 1] == Role.IGNORED)) {
                first--;
            }
            boolean stands = first <= 0 || ends(first - 1, first);
            boolean denied = IntStream.range(Math.max(0, first), Math.max(0, colon))
                    .anyMatch(i -> Lexicon.is(tokens, i, "deny"));
            if (draft.uses.get(u).name.isEmpty() && heads(colon) && first < colon && stands && !denied) {
                draft.uses.get(u).name = sentence.substring(
                        tokens.get(first).start(), tokens.get(colon - 1).end());
                mark(first, colon, Role.USE);
            }
        }
    }

    /** Whether it joins two words: "in-ground". */
    private boolean hyphen(int i) {
        return i > 0
                && tokens.get(i).is("-")
                && tokens.get(i - 1).end() == tokens.get(i).start()
                && tokens.get(i).end() == tokens.get(i + 1).start();
    }

    private boolean ofPlants(int i) {
        return Set.of("plants", "plant", "crops").contains(tokens.get(i).text());
    }

    /** Whether a sentence ends between two tokens. */
    private boolean ends(int from, int to) {
        return tokens.subList(from, Math.max(from, to)).stream().anyMatch(t -> t.is(".") || t.is(";"));
    }

    /** Whether this label's names stand after their doses: a dose comes before any name. */
    private boolean afterNames() {
        for (Node p : phrases) {
            if (isName(p)) {
                return false;
            }
            if (DOSES.contains(p.symbol())) {
                return true;
            }
        }
        return false;
    }

    // --- how often ---

    private void often(Node n, Optional<Often> often) {
        if (ofPlainWater(n)) {
            mark(n.start() - 1, n.end(), Role.NOTED);
            return;
        }
        if (eachTime(n) && phrases.stream().anyMatch(p -> RHYTHMS.contains(p.symbol()) && !eachTime(p))) {
            mark(n.start(), n.end(), Role.IGNORED);
            return;
        }
        // "at planting and again after 8 weeks": twice, or every eight weeks?
        boolean onceMore = use.once && n.has("after");
        use.once &= !onceMore;
        if (often.isEmpty() || onceMore) {
            mark(n.start(), n.end(), Role.RHYTHM);
            return;
        }
        if (use.often.isPresent()) {
            if (use.often.equals(often)) {
                mark(n.start(), n.end(), Role.RHYTHM);
                return;
            }
            boolean more =
                    use.dose.isPresent() && phrases.stream().skip(at + 1L).anyMatch(p -> DOSES.contains(p.symbol()));
            if (!more) {
                boolean other = isSeason(at) || isSeason(at + 1) || isSeason(at - 1);
                mark(n.start(), n.end(), other ? Role.NOTED : Role.UNKNOWN);
                return;
            }
            next(n.start());
        }
        use.often = often;
        mark(n.start(), n.end(), Role.RHYTHM);
    }

    /** "each time" alone: at every watering, unless it is told beside it how often that is. */
    private static boolean eachTime(Node n) {
        return n.is("watering") && n.has("time") && n.end() - n.start() == 2;
    }

    /** "water weekly, feed monthly": how often to water where how often to feed is told next. */
    private boolean ofPlainWater(Node n) {
        boolean watered = n.start() > 0
                && tokens.get(n.start() - 1).is("water")
                && (n.start() == 1 || tokens.get(n.start() - 2).kind() == Token.Kind.SIGN);
        return watered
                && phrases.stream()
                        .skip(at + 1L)
                        .anyMatch(p -> RHYTHMS.contains(p.symbol())
                                && Set.of("feed", "fertilise", "fertilize", "and")
                                        .contains(tokens.get(p.start() - 1).text()));
    }

    private boolean isSeason(int i) {
        return isAt(i, "span") || isAt(i, "seasons") || isAt(i, "months");
    }

    private boolean isAt(int i, String symbol) {
        return i >= 0 && i < phrases.size() && phrases.get(i).is(symbol);
    }

    // --- what is kept beside ---

    private void noted(Node n) {
        if (n.is("life") && n.has("range") && inWater()) {
            unknown(n); // months alone are how long what is strewn lasts; in water they say nothing
            return;
        }
        if (n.is("life") && use.often.isEmpty()) {
            often(n, Optional.of(lasting(n)));
            return;
        }
        boolean last = phrases.stream().skip(at + 1L).noneMatch(p -> DOSES.contains(p.symbol()));
        if (n.is("most") && last && use.dose.isEmpty() && (n.has("amount") || n.has("ratio") || n.has("share"))) {
            if (n.has("amount")) {
                weighed(n);
            } else {
                Node inner = n.kid("ratio").or(() -> n.kid("share")).orElseThrow();
                diluted(inner, Amounts.dilution(inner));
            }
            mark(n.start(), n.kid("most").orElseThrow().end(), Role.NOTED);
            return;
        }
        if (n.is("most")) {
            limited(n);
        }
        boolean rhythm = n.is("once") || n.is("need");
        mark(n.start(), n.end(), rhythm ? Role.RHYTHM : n.is("aside") && !n.has("period") ? Role.IGNORED : Role.NOTED);
    }

    /** How long what is strewn or stirred in lasts. */
    private static Often lasting(Node n) {
        if (n.has("range")) {
            Range months = Amounts.range(n.kid("range").orElseThrow()).times(Rhythms.DAYS_PER_MONTH);
            return Often.days(months.min(), months.max(), true);
        }
        Range r = n.has("days")
                ? Rhythms.days(n.kid("days").orElseThrow())
                : new Range(Rhythms.DAYS_PER_YEAR, Rhythms.DAYS_PER_YEAR);
        return Often.days(r.min(), r.max(), Rhythms.inMonths(n));
    }

    /** Whether the dose told of, or the next to come, is one in water. */
    private boolean inWater() {
        return use.dose.isPresent()
                ? use.dose
                        .filter(d -> !(d instanceof Weighed w) || w.per() == Per.WATER)
                        .isPresent()
                : restHasWaterDose();
    }

    /** "do not exceed 4 ml per litre", "no more than twice a month". */
    private void limited(Node n) {
        if (n.has("amount")) {
            use.most = amounts.read(n).map(w -> w);
        } else if (n.has("ratio") || n.has("share")) {
            use.most = n.kid("ratio").or(() -> n.kid("share")).map(Amounts::dilution);
        } else if (n.has("period")) {
            double times = n.kid("times")
                    .filter(t -> !t.value().isEmpty())
                    .map(Rhythms::period)
                    .or(() -> n.kid("number").map(Node::number))
                    .orElse(1.0);
            double days = Rhythms.period(n.kid("period").orElseThrow());
            use.leastDays = days <= LONGEST_SPREAD ? Math.floor(days / times) : 0;
        }
    }

    /** The second word of "mix in", "work in". */
    private boolean mixesIn(int i) {
        return i > 0 && tokens.get(i).is("in") && Lexicon.is(tokens, i - 1, "mixin");
    }

    private void unknown(Node n) {
        mark(n.start(), n.end(), Role.UNKNOWN);
    }

    private void mark(int from, int to, Role role) {
        for (int i = from; i < to; i++) {
            roles[i] = role;
        }
    }

    /** Whether a word of its name says where a use goes. */
    private boolean called(Draft.Use told, IntPredicate where) {
        String name = told.name.toLowerCase(Locale.ROOT);
        return IntStream.range(0, tokens.size())
                .anyMatch(
                        i -> roles[i] == Role.USE && name.contains(tokens.get(i).text()) && where.test(i));
    }

    private boolean toLeaves(int i) {
        return Lexicon.is(tokens, i, "leaf")
                && !Lexicon.is(tokens, i, "leafplant")
                && !denied(i)
                && !besides(i)
                && (!leaves(i) || (roles[i] == Role.USE ? !wished(i) : placed(i)));
    }

    private boolean leaves(int i) {
        return tokens.get(i).is("leaves") || tokens.get(i).is("foliage");
    }

    /** What is done to leaves, or where it comes to: "on the leaves", "wet the foliage". Any others only grow, fall or turn pale. */
    private static final Set<String> TO_LEAVES = Set.of(
            "on", "onto", "upon", "over", "to", "via", "through", "wet", "wetting", "wipe", "rub", "cover", "feed");

    private boolean placed(int i) {
        boolean applied = i + 1 < tokens.size()
                && Set.of("application", "feeding", "feed", "spray", "spraying", "are")
                        .contains(tokens.get(i + 1).text());
        return applied
                || IntStream.rangeClosed(1, DENIES_AHEAD)
                        .filter(k -> i - k >= 0)
                        .mapToObj(k -> tokens.get(i - k))
                        .anyMatch(t -> TO_LEAVES.contains(t.text()))
                || IntStream.rangeClosed(1, DENIES_AHEAD)
                        .anyMatch(k -> i - k >= 0 && Lexicon.is(tokens, i - k, "leaf"));
    }

    private boolean toRoots(int i) {
        return Lexicon.is(tokens, i, "root") && !denied(i);
    }

    /** Where water and roots are named for another reason than to say where the feed goes. */
    private static final Set<Role> ELSEWHERE = EnumSet.of(Role.PER_WATER, Role.PER_MIX, Role.RHYTHM, Role.USE);

    // --- what the words of one use say besides its dose and its rhythm ---

    private void look(Draft.Use told, int end, int begin) {
        boolean leaves = called(told, this::toLeaves);
        boolean roots = called(told, this::toRoots);
        for (int i = begin; i < end; i++) {
            leaves |= toLeaves(i) && roles[i] != Role.USE;
            roots |= toRoots(i) && !ELSEWHERE.contains(roles[i]);
            told.mixedIn |= Lexicon.is(tokens, i, "mixin") && roles[i] != Role.PER_MIX;
            told.numberLeft |= Numbers.counts(tokens.get(i)) && roles[i] == Role.UNKNOWN;
        }
        // a minus: no amount is less than nothing
        told.numberLeft |= IntStream.range(begin, end - 1)
                .anyMatch(i -> tokens.get(i).is("-") && roles[i] == Role.UNKNOWN && Numbers.counts(tokens.get(i + 1)));
        told.foliar = leaves && !roots;
        if (told.foliar) {
            IntStream.range(begin, end)
                    .filter(i -> roles[i] == Role.UNKNOWN && Lexicon.is(tokens, i, "leaf"))
                    .forEach(i -> roles[i] = Role.NOTED);
        }
        if (draft.uses.size() > 1 && told.name.isEmpty()) {
            // "5 ml on leaves, 10 ml at the roots"
            IntStream.range(begin, end)
                    .filter(i -> Lexicon.is(tokens, i, told.foliar ? "leaf" : "root") && !denied(i))
                    .mapToObj(tokens::get)
                    .filter(t -> Set.of(
                                    "leaves",
                                    "foliage",
                                    "misting",
                                    "spraying",
                                    "roots",
                                    "soil",
                                    "watering",
                                    "drenching")
                            .contains(t.text()))
                    .findFirst()
                    .ifPresent(t -> told.name = sentence.substring(t.start(), t.end()));
        }
    }

    /** "for lush foliage": leaves that are hoped for, not fed. */
    private boolean wished(int i) {
        return IntStream.rangeClosed(1, DENIES_AHEAD)
                .anyMatch(k -> i - k >= 0 && (tokens.get(i - k).is("for") || Lexicon.is(tokens, i - k, "praise")));
    }

    /** "may also be sprayed", "when leaves turn pale": not how this dose is given. */
    private boolean besides(int i) {
        boolean leaves = leaves(i);
        boolean may = i > 0 && tokens.get(i - 1).is("be");
        return IntStream.rangeClosed(1, DENIES_AHEAD)
                .filter(k -> i - k >= 0)
                .mapToObj(k -> tokens.get(i - k).text())
                .anyMatch(word -> (may && word.equals("also"))
                        || (leaves
                                && Set.of("when", "if", "pale", "yellow", "yellowing")
                                        .contains(word)));
    }

    /** "do not spray", "avoid contact with leaves", "rinse off leaves". */
    private boolean denied(int i) {
        return IntStream.rangeClosed(1, DENIES_AHEAD).anyMatch(k -> i - k >= 0 && Lexicon.is(tokens, i - k, "deny"));
    }

    /** "70 g per square metre in spring": what is strewn in one season is strewn once a year. */
    private void onceASeason() {
        boolean season = phrases.stream()
                .anyMatch(p -> p.is("span")
                        && p.kids("season").size() + p.kids("month").size() == 1);
        if (season
                && draft.uses.size() == 1
                && use.often.isEmpty()
                && use.dose
                        .filter(d -> d instanceof Weighed w && w.per() != Per.WATER)
                        .isPresent()) {
            use.often = Optional.of(Rhythms.aYear(1));
        }
    }

    private static final Set<String> AT_POTTING = Set.of("potting", "repotting", "planting", "transplanting");

    /** "For potting: 2 kg per cubic metre": what is called so and counted by the mix goes into it, once. */
    private void atPotting() {
        draft.uses.stream()
                .filter(u -> u.often.isEmpty()
                        && AT_POTTING.stream().anyMatch(u.name.toLowerCase(Locale.ROOT)::endsWith)
                        && perMix(u))
                .forEach(u -> u.mixedIn = true);
    }

    private static boolean perMix(Draft.Use use) {
        return use.dose
                .filter(d -> d instanceof Weighed w && w.per() == Per.MIX)
                .isPresent();
    }

    /** What is given once, at potting, has no rhythm to take from another. */
    private static void share(Draft.Use use, Draft.Use other) {
        if (!use.once && !(use.mixedIn && perMix(use))) {
            use.often = use.often.or(other::often);
        }
    }

    /** A use without a rhythm of its own has that of the next use, or else of the one before. */
    private void shareRhythms() {
        List<Draft.Use> uses = draft.uses;
        for (int i = uses.size() - 2; i >= 0; i--) {
            share(uses.get(i), uses.get(i + 1));
        }
        for (int i = 1; i < uses.size(); i++) {
            share(uses.get(i), uses.get(i - 1));
        }
    }
}
