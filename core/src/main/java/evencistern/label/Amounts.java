package evencistern.label;

import static evencistern.label.LabelReading.Role;

import evencistern.label.Draft.Amount;
import evencistern.label.Draft.Per;
import evencistern.label.Draft.Range;
import evencistern.label.Draft.Weighed;
import evencistern.label.Question.Choice;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** What the words of a dose come to: an amount, what it is for so much of, and how much something is diluted. */
final class Amounts {
    /** Where the part that a stretch of the sentence plays is kept. */
    interface Marks {
        void mark(int from, int to, Role role);
    }

    /** So many words on, what denies something still denies it. */
    private static final int DENIES_AHEAD = 3;

    private final List<Token> tokens;
    private final List<Node> phrases;
    private final Draft draft;
    private final Marks marks;

    Amounts(List<Token> tokens, List<Node> phrases, Draft draft, Marks marks) {
        this.tokens = tokens;
        this.phrases = phrases;
        this.draft = draft;
        this.marks = marks;
    }

    static Range range(Node n) {
        List<Node> numbers = n.kids("number");
        double first = numbers.get(0).number();
        return new Range(first, numbers.size() > 1 ? numbers.get(1).number() : first);
    }

    Written unitOf(Node unit) {
        Node word = unit.parts().stream()
                .filter(p -> Set.of("vol", "mass", "own", "len", "area").contains(p.symbol()))
                .findFirst()
                .orElseThrow();
        Written written = Written.valueOf(word.value());
        if (written != Written.LETTER_T || !bothLetters()) {
            return written;
        }
        return tokens.get(word.start()).capital() ? Written.TABLESPOON : Written.TEASPOON;
    }

    /** Whether the label has a big T beside a small one; only then is it plain which is the bigger spoon. */
    private boolean bothLetters() {
        return tokens.stream().anyMatch(t -> t.is("t") && t.capital())
                && tokens.stream().anyMatch(t -> t.is("t") && !t.capital());
    }

    private static Optional<Choice> whose(Node unit) {
        return unit.kid("whose").map(w -> Choice.valueOf(w.value()));
    }

    /** An amount, or none where two units stand in it that make no sense together. */
    Optional<Amount> amount(Node n) {
        List<Node> units = n.kids("unit");
        Optional<Boolean> heaped = n.kid("heap").map(h -> h.value().equals("heaped"));
        Written unit = unitOf(units.get(0));
        if (n.has("own")) {
            return packs(n, unit);
        }
        Optional<Choice> measures =
                units.stream().flatMap(u -> whose(u).stream()).findFirst();
        if (n.has("range")) {
            return Optional.of(new Amount(range(n.kid("range").orElseThrow()), unit, heaped, measures));
        }
        Written second = unitOf(units.get(1));
        Range both = range(n);
        if (n.has("to")) {
            return second == unit ? Optional.of(new Amount(both, unit, heaped, measures)) : Optional.empty();
        }
        double parts = partsOf(unit, second);
        double whole = both.min() + both.max() / parts;
        return parts > 0 ? Optional.of(new Amount(new Range(whole, whole), unit, heaped, measures)) : Optional.empty();
    }

    /** "a 5 g scoop", "two 20 g sachets": of several the word says so too. */
    private Optional<Amount> packs(Node n, Written unit) {
        List<Node> numbers = n.kids("number");
        double each = numbers.get(numbers.size() - 1).number();
        double count = numbers.size() > 1 ? numbers.get(0).number() : 1;
        boolean several = tokens.get(n.end() - 1).text().endsWith("s");
        boolean toldOtherwise = phrases.stream().anyMatch(p -> p.is("own"))
                || (n.end() < tokens.size() && tokens.get(n.end()).is("("));
        if (several != count > 1 || toldOtherwise) {
            return Optional.empty();
        }
        return Optional.of(new Amount(
                new Range(count * each, count * each),
                unit,
                Optional.empty(),
                whose(n.kid("unit").orElseThrow())));
    }

    /** How many of the second unit make one of the first; 0 where they are not counted together. */
    private static double partsOf(Written unit, Written second) {
        return switch (unit) {
            case POUND -> second == Written.OUNCE ? 16 : 0;
            case KILOGRAM -> second == Written.GRAM ? 1000 : 0;
            case LITRE -> second == Written.MILLILITRE ? 1000 : 0;
            default -> 0;
        };
    }

    /** What brackets after an amount say it is, all of it: "3 caps (15 ml)", "2 caps (10 ml each)", "1 cap (cap = 8 ml)". */
    private Optional<Amount> same(Node n, double count) {
        return n.kids("same").stream()
                .flatMap(s -> amount(s.kid("amount").orElseThrow())
                        .map(a -> {
                            double times = s.kid("number")
                                    .map(Node::number)
                                    .orElse(s.has("each") || s.has("own") || s.has("of") ? count : 1);
                            return new Amount(a.range().times(times), a.unit(), a.heaped(), a.measures());
                        })
                        .stream())
                .findFirst();
    }

    private record Counted(
            Per per, Role role, double count, Optional<Written> of, Optional<Amount> same, Optional<Choice> measures) {}

    private Counted counted(Node what) {
        Node w = what.is("what") ? what.parts().get(0) : what;
        if (w.is("mix") && !w.has("volume")) {
            // "a bucket of compost (10 litres)": what stands in brackets is what is counted
            return same(w, 1)
                    .map(s -> new Counted(
                            Per.MIX,
                            Role.PER_MIX,
                            s.range().max(),
                            Optional.of(s.unit()),
                            Optional.empty(),
                            s.measures()))
                    .orElseThrow();
        }
        double count = w.kid("number").map(Node::number).orElse(1.0);
        Optional<Node> unit = w.parts().stream()
                .filter(p -> Set.of("volume", "len", "area", "perarea", "mass").contains(p.symbol()))
                .findFirst();
        Optional<Written> of = unit.map(u -> u.is("volume") ? unitOf(u) : Written.valueOf(u.value()));
        Optional<Choice> measures = unit.filter(u -> u.is("volume")).flatMap(Amounts::whose);
        Per per = switch (w.symbol()) {
            case "mix" -> Per.MIX;
            case "potful" -> Per.POTFUL;
            case "weight" -> Per.MIX_WEIGHT;
            case "width" -> Per.POT_WIDTH;
            case "plant" -> Per.PLANT;
            case "area" -> Per.AREA;
            case "height" -> Per.HEIGHT;
            case "row" -> Per.ROW;
            case "inverse" -> w.has("perarea") ? Per.AREA : Per.WATER;
            default -> of.filter(Amounts::bulk).isPresent() && !w.has("water") ? Per.MIX : Per.WATER;
        };
        Role role = switch (per) {
            case MIX, MIX_WEIGHT -> Role.PER_MIX;
            case POTFUL, POT_WIDTH -> Role.PER_POT;
            case PLANT -> Role.PER_PLANT;
            case AREA, ROW -> Role.PER_AREA;
            case HEIGHT -> Role.PER_HEIGHT;
            default -> Role.PER_WATER;
        };
        return new Counted(
                per, role, count, of, w.is("makes") || w.is("carried") ? Optional.empty() : same(w, count), measures);
    }

    /** Measures that mix is sold and mixed in: a cubic metre of nothing said is one of mix. */
    private static boolean bulk(Written unit) {
        return switch (unit) {
            case CUBIC_METRE, CUBIC_FOOT, CUBIC_YARD, BUSHEL -> true;
            default -> false;
        };
    }

    /** A dose of so much per so much, its parts marked; empty where it makes no sense. */
    Optional<Weighed> read(Node n) {
        Node amountAt = n.kid("amount").orElseThrow();
        Optional<Amount> amount = amount(amountAt);
        Optional<Node> headed = n.is("before")
                ? n.kid("width")
                        .or(() -> n.kid("potful"))
                        .or(() -> n.kid("filled"))
                        .or(() -> n.kid("mix"))
                : Optional.empty();
        Node what = n.kid("per")
                .map(p -> p.kid("what").or(() -> p.kid("inverse")).orElse(p))
                .or(() -> headed)
                .orElse(n);
        boolean can = !n.has("per") && !n.has("volume") && !n.has("plant") && headed.isEmpty();
        // "one sachet of 10 g" says what it holds; "5 ml of 10 g" says nothing
        boolean odd = amount.filter(x -> x.unit().sure()).isPresent()
                && n.kids("same").stream().anyMatch(s -> s.has("of"));
        // "per 2 pot" has lost its litres
        boolean lost = n.all("plant").stream()
                .filter(p -> p.kid("number").filter(c -> c.number() > 1).isPresent())
                .anyMatch(p -> !tokens.get(p.end() - 1).text().endsWith("s"));
        if (amount.isEmpty() || can || odd || lost) {
            return Optional.empty();
        }
        Counted counted =
                !n.has("per") && n.has("plant") ? counted(n.kid("plant").orElseThrow()) : counted(what);
        List<Node> volumes =
                n.all("water").stream().flatMap(w -> w.kids("number").stream()).toList();
        if (volumes.size() == 2) {
            // "per 1-2 litres": the most of it in the least water, the least in the most
            double least = volumes.get(0).number();
            double most = volumes.get(1).number();
            if (!(least < most) || n.has("same")) {
                return Optional.empty();
            }
            Amount told = amount.get();
            amount = Optional.of(new Amount(
                    new Range(told.range().min() * least / most, told.range().max()),
                    told.unit(),
                    told.heaped(),
                    told.measures()));
        }
        amount.get().measures().or(counted::measures).ifPresent(m -> draft.measures = Optional.of(m));
        Optional<Choice> strength = n.has("made")
                ? Optional.of(Choice.MADE_UP)
                : product(n) || n.has("stocked") || neat(n) ? Optional.of(Choice.NEAT) : Optional.empty();
        List<Node> sames = n.kids("same");
        double many = amount.get().range().max();
        Optional<Amount> before = same(
                Node.of(
                        "",
                        0,
                        0,
                        sames.stream().filter(s -> follows(s, amountAt)).toList()),
                many);
        Optional<Amount> behind = same(
                Node.of(
                        "",
                        0,
                        0,
                        sames.stream().filter(s -> !follows(s, amountAt)).toList()),
                counted.count());
        marks.mark(n.start(), n.end(), Role.IGNORED);
        marks.mark(amountAt.start(), amountAt.end(), Role.AMOUNT);
        n.kids("same").forEach(s -> marks.mark(s.start(), s.end(), Role.AMOUNT));
        Node per = n.kid("per")
                .or(() -> n.kid("volume"))
                .or(() -> n.kid("plant"))
                .or(() -> headed)
                .orElse(n);
        marks.mark(per.start(), per.end(), counted.role());
        return Optional.of(new Weighed(
                amount.get(),
                before,
                counted.per(),
                counted.count(),
                counted.of(),
                counted.same().or(() -> behind),
                Optional.empty(),
                strength));
    }

    /** "Undiluted: 5 ml per plant", "Apply neat, ..."; not "do not use undiluted". */
    /** Whether the amount is called one of the product; "feed" is what is in the bottle, and what is in the can. */
    private static boolean product(Node n) {
        return n.kids("product").stream()
                .flatMap(p -> p.kids("product").stream())
                .anyMatch(word -> word.value().isEmpty());
    }

    private boolean neat(Node n) {
        for (int i = n.start() - 1; i >= 0 && !tokens.get(i).is("."); i--) {
            if (tokens.get(i).is("neat") || tokens.get(i).is("undiluted")) {
                int here = i;
                return IntStream.rangeClosed(1, DENIES_AHEAD)
                        .noneMatch(k -> here - k >= 0 && Lexicon.is(tokens, here - k, "deny"));
            }
        }
        return false;
    }

    private static boolean follows(Node same, Node amount) {
        return same.start() == amount.end();
    }

    // --- ratio and per cent ---

    /** The ratio or share that a phrase says. */
    static Draft.Dose dilution(Node n) {
        switch (n.symbol()) {
            case "ratios" -> {
                List<Node> two = n.kids("ratio");
                Draft.Ratio a = (Draft.Ratio) dilution(two.get(0));
                Draft.Ratio b = (Draft.Ratio) dilution(two.get(1));
                double x = a.parts().min() / a.in();
                double y = b.parts().min() / b.in();
                return new Draft.Ratio(new Range(Math.min(x, y), Math.max(x, y)), 1, Optional.of(Choice.IN_TOTAL));
            }
            case "weaker" -> {
                return dilution(n.kid("ratio").orElseThrow());
            }
            case "fold" -> {
                Range times = range(n.kid("range").orElseThrow());
                return new Draft.Ratio(new Range(1 / times.max(), 1 / times.min()), 1, Optional.of(Choice.IN_TOTAL));
            }
            case "share" -> {
                List<Node> parts = n.kids("range");
                Range first = range(parts.get(0));
                Range last = range(parts.get(parts.size() - 1));
                Range r = new Range(Math.min(first.min(), last.min()), Math.max(first.max(), last.max()));
                return new Draft.Share(n.has("‰") ? r.times(0.1) : r);
            }
            default -> {
                List<Node> two = n.kids("number");
                double first = two.get(0).number();
                if (n.has("thousand")) {
                    return new Draft.Ratio(new Range(first, first), 1000, Optional.of(Choice.IN_TOTAL));
                }
                double second = two.get(1).number();
                boolean turned = (first > second && second == 1) || n.has("turning");
                double parts = turned ? second : first;
                Optional<Choice> kind =
                        n.has("+") || n.has("turning") || n.has("with") || (n.has("per") && !n.has("thousand"))
                                ? Optional.of(Choice.PLUS_WATER)
                                : n.has("to")
                                                && n.has("water")
                                                && !(n.all("part").isEmpty()
                                                        && n.all("parts").isEmpty())
                                        ? Optional.of(Choice.PLUS_WATER)
                                        : Optional.empty();
                return new Draft.Ratio(new Range(parts, parts), turned ? first : second, kind);
            }
        }
    }
}
