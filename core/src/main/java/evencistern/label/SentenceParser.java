package evencistern.label;

import static evencistern.label.LabelReading.Role;

import evencistern.label.Draft.Per;
import evencistern.label.Draft.Range;
import evencistern.label.LabelReading.Span;
import evencistern.label.Vocabulary.Written;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Reads the tokens of a sentence from left to right, trying a rhythm, then an amount per something, then a ratio or per
 * cent. Whatever fits none of these and is not on the published list of ignored words stays marked as unknown.
 */
final class SentenceParser {
    private static final double QUARTER = 0.25;

    private final String sentence;
    private final List<Token> tokens;
    private final Role[] roles;
    private final Draft draft = new Draft();
    private Draft.Use use = new Draft.Use();
    private int begun;
    private int at;

    SentenceParser(String sentence, List<Token> tokens) {
        this.sentence = sentence;
        this.tokens = tokens;
        this.roles = new Role[tokens.size()];
    }

    List<Span> spans() {
        List<Span> spans = new ArrayList<>();
        for (int i = 0; i < roles.length; i++) {
            spans.add(new Span(tokens.get(i).start(), tokens.get(i).end(), roles[i]));
        }
        return spans;
    }

    Draft parse() {
        while (at < tokens.size()) {
            if (!rhythm() && !amount() && !perFirst() && !perCent() && !ratio()) {
                Token t = tokens.get(at);
                boolean ignored = Vocabulary.IGNORED.contains(t.text()) || Vocabulary.PUNCTUATION.contains(t.text());
                mark(at, at + 1, ignored ? Role.IGNORED : Role.UNKNOWN);
                at++;
            }
        }
        if (use.dose.isEmpty() && !draft.uses.isEmpty()) {
            // a rhythm of nothing: not understood
            for (int i = begun; i < roles.length; i++) {
                roles[i] = roles[i] == Role.RHYTHM ? Role.UNKNOWN : roles[i];
            }
        } else {
            draft.uses.add(use);
        }
        shareRhythms();
        return draft;
    }

    /** A use without a rhythm of its own has that of the next use, or else of the one before. */
    private void shareRhythms() {
        List<Draft.Use> uses = draft.uses;
        for (int i = uses.size() - 2; i >= 0; i--) {
            uses.get(i).often = uses.get(i).often.or(uses.get(i + 1)::often);
        }
        for (int i = 1; i < uses.size(); i++) {
            uses.get(i).often = uses.get(i).often.or(uses.get(i - 1)::often);
        }
    }

    private boolean dose(Draft.Dose dose) {
        if (use.dose.isPresent()) {
            draft.uses.add(use);
            use = new Draft.Use();
            begun = at;
        }
        use.dose = Optional.of(dose);
        use.name = named();
        return true;
    }

    /** The words right before a dose that name its use; without such words the use is called by its place. */
    private String named() {
        int first = -1;
        int last = -1;
        for (int i = at - 1; i >= 0 && free(i); i--) {
            if (any(i, Vocabulary.USES)) {
                first = i;
                last = Math.max(last, i);
            } else if (last < 0 && any(i, Set.of("plants"))) {
                last = i;
            }
        }
        if (first < 0) {
            return "";
        }
        mark(first, last + 1, Role.USE);
        if (any(first - 1, Set.of("for", "in", "on"))) {
            mark(first - 1, first, Role.IGNORED);
        }
        return sentence.substring(tokens.get(first).start(), tokens.get(last).end());
    }

    /** Whether a token may stand between the name of a use and its dose, or be part of the name. */
    private boolean free(int i) {
        return (roles[i] == Role.IGNORED && !any(i, Set.of(".", ";")))
                || (roles[i] == Role.UNKNOWN && any(i, Vocabulary.USES));
    }

    // --- rhythm ---

    private boolean rhythm() {
        int p = at;
        if (any(p, Set.of("with", "at")) && any(p + 1, Vocabulary.EACH) && any(p + 2, Vocabulary.WATERING)) {
            return often(p + 3, Draft.Often.watering());
        }
        if (any(p, Vocabulary.EACH) && any(p + 1, Vocabulary.WATERING)) {
            return often(p + 2, Draft.Often.watering());
        }
        if (any(p, Set.of("every", "each"))
                && any(p + 1, Set.of("time"))
                && any(p + 2, Set.of("you"))
                && any(p + 3, Set.of("water"))) {
            return often(p + 4, Draft.Often.watering());
        }
        if (any(p, Set.of("once", "twice")) && any(p + 1, Vocabulary.ADVERBS.keySet())) {
            double days = Vocabulary.ADVERBS.getOrDefault(text(p + 1), 0) / (text(p).equals("twice") ? 2.0 : 1.0);
            return often(p + 2, Draft.Often.days(Math.floor(days), Math.ceil(days), false));
        }
        if (any(p, Set.of("once")) && any(p + 1, Set.of("in"))) {
            Optional<Numbered> range = range(p + 2);
            if (range.isPresent() && any(range.get().next(), Vocabulary.PERIODS.keySet())) {
                return everyPeriod(p + 1);
            }
        }
        if (any(p, Set.of("on")) && any(p + 1, Set.of("alternate"))) {
            return everyPeriod(p);
        }
        if (any(p, Vocabulary.ADVERBS.keySet())) {
            int days = Vocabulary.ADVERBS.getOrDefault(text(p), 0);
            return often(p + 1, Draft.Often.days(days, days, days == 30));
        }
        if (any(p, Set.of("biweekly"))) {
            return often(p + 1, Draft.Often.twiceOrEverySecondWeek());
        }
        if (any(p, Set.of("bi")) && any(p + 1, Set.of("-")) && any(p + 2, Set.of("weekly"))) {
            return often(p + 3, Draft.Often.twiceOrEverySecondWeek());
        }
        if (any(p, Set.of("once")) && any(p + 1, Vocabulary.EACH) && everyPeriod(p + 1)) {
            return true;
        }
        return (any(p, Vocabulary.EACH) && everyPeriod(p)) || timesAPeriod(p);
    }

    /** "every 10 days", "every 4-6 weeks", "every other week", "every month"; {@code p} stands on "every". */
    private boolean everyPeriod(int p) {
        double times = 1;
        int next = p + 1;
        if (any(next, Set.of("other", "second", "alternate"))) {
            times = 2;
            next++;
        } else if (any(next, Set.of("third"))) {
            times = 3;
            next++;
        } else {
            Optional<Numbered> range = range(next);
            if (range.isPresent() && any(range.get().next(), Vocabulary.PERIODS.keySet())) {
                String period = text(range.get().next());
                double days = Vocabulary.PERIODS.getOrDefault(period, 0);
                Range r = range.get().range();
                return often(
                        range.get().next() + 1,
                        Draft.Often.days(r.min() * days, r.max() * days, period.startsWith("month")));
            }
        }
        if (any(next, Vocabulary.PERIODS.keySet())) {
            double days = times * Vocabulary.PERIODS.getOrDefault(text(next), 0);
            return often(next + 1, Draft.Often.days(days, days, text(next).startsWith("month")));
        }
        return false;
    }

    /** "once a week", "twice per month", "2-3 times a month". */
    private boolean timesAPeriod(int p) {
        Range times;
        int next;
        if (any(p, Set.of("once"))) {
            times = new Range(1, 1);
            next = p + 1;
        } else if (any(p, Set.of("twice"))) {
            times = new Range(2, 2);
            next = p + 1;
        } else {
            Optional<Numbered> range = range(p);
            if (range.isEmpty() || !any(range.get().next(), Set.of("times", "time"))) {
                return false;
            }
            times = range.get().range();
            next = range.get().next() + 1;
        }
        if (any(next, Set.of("a", "per", "/", "each", "every")) && any(next + 1, Vocabulary.PERIODS.keySet())) {
            String period = text(next + 1);
            double days = Vocabulary.PERIODS.getOrDefault(period, 0);
            return often(
                    next + 2, Draft.Often.days(days / times.max(), days / times.min(), period.startsWith("month")));
        }
        return false;
    }

    private boolean often(int next, Draft.Often often) {
        if (use.often.isPresent()) {
            if (use.dose.isEmpty()) {
                return false;
            }
            draft.uses.add(use);
            use = new Draft.Use();
            begun = at;
        }
        use.often = Optional.of(often);
        return take(next, Role.RHYTHM);
    }

    // --- amount per something ---

    /** "2 tsp per 3 gal", "30 g for each plant", "1 oz a gallon". */
    private boolean amount() {
        Optional<AmountAt> amount = amountAt(at);
        if (amount.isEmpty()) {
            return false;
        }
        int p = amount.get().next();
        while (any(p, Vocabulary.IGNORED) && !any(p, Set.of("mix", "a", "an", "at"))) {
            p++; // "of product", "of the concentrate"
        }
        int perStart = p;
        boolean per = any(p, Vocabulary.PER);
        if (per) {
            p++;
        }
        boolean each = any(p, Vocabulary.EACH);
        if (each) {
            p++;
        }
        boolean one = any(p, Set.of("a", "an"));
        if (!per && !each && !one) {
            return false;
        }
        Optional<PerEnd> end = per(one ? p + 1 : p);
        if (end.isEmpty()) {
            return false;
        }
        weighed(amount.get(), end.get());
        mark(at, perStart, Role.AMOUNT);
        at = perStart;
        return take(end.get().next(), end.get().role());
    }

    /** "For 1 gallon of water use 1 tablespoon", "per 10 litres: 20 ml". */
    private boolean perFirst() {
        if (!any(at, Set.of("per", "for", "to", "in"))) {
            return false;
        }
        int start = at + 1;
        if (any(start, Vocabulary.EACH) || any(start, Set.of("a", "an"))) {
            start++;
        }
        Optional<PerEnd> end = per(start);
        if (end.isEmpty()) {
            return false;
        }
        int p = end.get().next();
        while (any(p, Vocabulary.IGNORED) || any(p, Set.of(":", ","))) {
            p++;
        }
        Optional<AmountAt> amount = amountAt(p);
        if (amount.isEmpty()) {
            return false;
        }
        weighed(amount.get(), end.get());
        mark(at, end.get().next(), end.get().role());
        mark(end.get().next(), p, Role.IGNORED);
        at = p;
        return take(amount.get().next(), Role.AMOUNT);
    }

    private void weighed(AmountAt amount, PerEnd end) {
        dose(new Draft.Weighed(
                amount.range(), amount.unit().unit(), amount.heaped(), end.per(), end.count(), end.of(), end.then()));
        amount.unit().measures().or(end::measures).ifPresent(m -> draft.measures = Optional.of(m));
    }

    private record AmountAt(Range range, WrittenAt unit, Optional<Boolean> heaped, int next) {}

    private Optional<AmountAt> amountAt(int start) {
        Optional<Numbered> number = range(start);
        if (number.isEmpty()) {
            return Optional.empty();
        }
        int p = number.get().next();
        Optional<Boolean> heaped = Optional.empty();
        if (any(p, Vocabulary.HEAPED.keySet())) {
            heaped = Optional.ofNullable(Vocabulary.HEAPED.get(text(p)));
            p++;
        }
        if (number.get().range().max() < 1) {
            p = any(p, Set.of("of")) ? p + 1 : p;
            p = any(p, Set.of("a", "an")) ? p + 1 : p; // half a teaspoon, three quarters of a teaspoon
        }
        Optional<WrittenAt> unit = unit(p);
        Optional<Boolean> spoon = heaped;
        return unit.map(u -> new AmountAt(number.get().range(), u, spoon, u.next()));
    }

    /** What an amount is for, counted from {@code start}: litres, pots, plants, square metres, height. */
    private Optional<PerEnd> per(int start) {
        if (any(start, Vocabulary.PLANT)) {
            return Optional.of(new PerEnd(Per.PLANT, Role.PER_PLANT, 1, Optional.empty(), start + 1));
        }
        Optional<Numbered> count = single(start);
        int p = count.map(Numbered::next).orElse(start);
        if (any(p, Set.of("-"))) {
            p++; // 4-inch pot
        }
        double many = count.map(c -> c.range().min()).orElse(1.0);
        Optional<WrittenAt> area = area(p);
        if (area.isPresent()) {
            return Optional.of(
                    new PerEnd(Per.AREA, Role.PER_AREA, many, area, area.get().next()));
        }
        return unit(p).flatMap(of -> what(of, many));
    }

    /** "m²", "m2", "sq ft", "square metre". */
    private Optional<WrittenAt> area(int start) {
        int p = start;
        boolean square = any(p, Set.of("sq", "square"));
        if (square) {
            p++;
            p = any(p, Set.of(".")) ? p + 1 : p;
        }
        Written unit = p < tokens.size() ? Vocabulary.SQUARES.get(text(p)) : null;
        if (unit == null) {
            return Optional.empty();
        }
        p++;
        if (!square && !any(p, Set.of("²", "2"))) {
            return Optional.empty();
        }
        return Optional.of(new WrittenAt(unit, Optional.empty(), square ? pastDot(p) : p + 1));
    }

    /**
     * The end of a "per".
     *
     * @param then the setting of an injector that a stock made so is drawn by
     */
    private record PerEnd(
            Per per, Role role, double count, Optional<WrittenAt> at, Optional<Draft.Dose> then, int next) {
        PerEnd(Per per, Role role, double count, Optional<WrittenAt> at, int next) {
            this(per, role, count, at, Optional.empty(), next);
        }

        Optional<Written> of() {
            return at.map(WrittenAt::unit);
        }

        Optional<Question.Choice> measures() {
            return at.flatMap(WrittenAt::measures);
        }
    }

    /** What follows the "per" unit: water, mix, stock, a pot of that size; or nothing, which after a volume means water. */
    private Optional<PerEnd> what(WrittenAt of, double count) {
        int p = of.next();
        if (any(p, Set.of("of"))) {
            p++;
        }
        boolean length = isLength(of.unit());
        if (length && any(p, Set.of("plant")) && any(p + 1, Set.of("height"))) {
            p++;
        }
        if (length && any(p, Set.of("height"))) {
            return Optional.of(new PerEnd(Per.HEIGHT, Role.PER_HEIGHT, count, Optional.of(of), p + 1));
        }
        if (any(p, Set.of("potting", "growing")) && any(p + 1, Vocabulary.MIX)) {
            p++;
        }
        if (any(p, Vocabulary.POT)) {
            int next = p + 1;
            while (any(next, Vocabulary.WIDTH)) {
                next++;
            }
            return Optional.of(
                    new PerEnd(length ? Per.POT_WIDTH : Per.MIX, Role.PER_POT, count, Optional.of(of), next));
        }
        if (length) {
            return Optional.empty();
        }
        if (any(p, Vocabulary.MIX)) {
            return Optional.of(new PerEnd(Per.MIX, Role.PER_MIX, count, Optional.of(of), p + 1));
        }
        if (isMass(of.unit())) {
            return Optional.empty();
        }
        boolean stock = any(p, Set.of("stock", "concentrate"));
        int end = of.next();
        if (stock) {
            end = any(p + 1, Set.of("solution")) ? p + 2 : p + 1;
        } else if (any(p, Set.of("water", "solution", "can"))) {
            end = p + 1;
        }
        Optional<Setting> setting = setting(end, stock);
        return Optional.of(new PerEnd(
                Per.WATER,
                Role.PER_WATER,
                count,
                Optional.of(of),
                setting.map(Setting::dose),
                setting.map(Setting::next).orElse(end)));
    }

    private record Setting(Draft.Dose dose, int next) {}

    /** "at 1:128", "through a 1:100 injector", "set to 2 %"; without the word stock only right after "at". */
    private Optional<Setting> setting(int start, boolean stock) {
        int p = start;
        while (any(p, Vocabulary.INJECTING)) {
            p++;
        }
        if (p == start || (!stock && !any(start, Set.of("at")))) {
            return Optional.empty();
        }
        int number = p;
        return perCentAt(number)
                .or(() -> ratioAt(number))
                .map(f -> any(f.next(), Set.of("injector", "proportioner")) ? new Setting(f.dose(), f.next() + 1) : f);
    }

    private static boolean isLength(Written unit) {
        return switch (unit) {
            case INCH, FOOT, CENTIMETRE, MILLIMETRE -> true;
            default -> false;
        };
    }

    private static boolean isMass(Written unit) {
        return switch (unit) {
            case GRAM, KILOGRAM, MILLIGRAM, POUND, OUNCE -> true;
            default -> false;
        };
    }

    // --- ratio and per cent ---

    private boolean ratio() {
        return ratioAt(at).map(this::alone).orElse(false);
    }

    private boolean perCent() {
        return perCentAt(at).map(this::alone).orElse(false);
    }

    private boolean alone(Setting setting) {
        dose(setting.dose());
        return take(setting.next(), Role.AMOUNT);
    }

    /** "1:250", "1 in 100", "1 to 500", "1 part to 100 parts of water". */
    private Optional<Setting> ratioAt(int start) {
        Optional<Numbered> parts = single(start);
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        int p = parts.get().next();
        if (any(p, Set.of("part", "parts"))) {
            p++;
        }
        if (!any(p, Set.of(":", "in", "to"))) {
            return Optional.empty();
        }
        Optional<Numbered> in = single(p + 1);
        if (in.isEmpty()) {
            return Optional.empty();
        }
        p = in.get().next();
        if (any(p, Set.of("part", "parts"))) {
            p++;
        }
        if (any(p, Set.of("of"))) {
            p++;
        }
        if (any(p, Set.of("water"))) {
            p++;
        }
        return Optional.of(new Setting(
                new Draft.Ratio(parts.get().range().min(), in.get().range().min()), p));
    }

    private Optional<Setting> perCentAt(int start) {
        Optional<Numbered> range = range(start);
        if (range.isEmpty() || !any(range.get().next(), Set.of("%", "percent"))) {
            return Optional.empty();
        }
        int next = range.get().next() + 1;
        return Optional.of(
                new Setting(new Draft.Share(range.get().range()), any(next, Set.of("solution")) ? next + 1 : next));
    }

    // --- pieces ---

    private record Numbered(Range range, int next) {}

    private record WrittenAt(Written unit, Optional<Question.Choice> measures, int next) {}

    /** One number, or two joined by a dash or "to". A range with a unit after its first number is not one. */
    private Optional<Numbered> range(int p) {
        if (any(p, Set.of("between"))) {
            Optional<Numbered> low = single(p + 1);
            Optional<Numbered> high =
                    low.filter(l -> any(l.next(), Set.of("and"))).flatMap(l -> single(l.next() + 1));
            return high.map(h -> new Numbered(
                    new Range(low.orElseThrow().range().min(), h.range().min()), h.next()));
        }
        Optional<Numbered> first = single(p);
        if (first.isEmpty()) {
            return first;
        }
        int next = first.get().next();
        if (any(next, Set.of("-", "to", "or"))) {
            Optional<Numbered> second = single(next + 1);
            if (second.isPresent()) {
                return Optional.of(new Numbered(
                        new Range(
                                first.get().range().min(), second.get().range().min()),
                        second.get().next()));
            }
        }
        return first;
    }

    private Optional<Numbered> single(int p) {
        if (p >= tokens.size()) {
            return Optional.empty();
        }
        Token t = tokens.get(p);
        if (t.kind() == Token.Kind.NUMBER && t.problem().isEmpty()) {
            return Optional.of(new Numbered(new Range(t.value(), t.value()), p + 1));
        }
        Double word = Vocabulary.NUMBERS.get(t.text());
        int next = p + 1;
        if (word == null && any(p, Set.of("a", "an"))) {
            if (unit(p + 1).isPresent()) {
                word = 1.0;
            } else if (any(p + 1, Set.of("quarter"))) {
                word = QUARTER;
                next++;
            }
        }
        if (word == null) {
            return Optional.empty();
        }
        if (any(next, Set.of("quarters", "quarter")) && word >= 1) {
            word *= QUARTER;
            next++;
        }
        if (any(next, Set.of("and")) && any(next + 1, Set.of("a")) && any(next + 2, Set.of("half", "quarter"))) {
            word += Vocabulary.NUMBERS.getOrDefault(text(next + 2), 0.0);
            next += 3;
        }
        return Optional.of(new Numbered(new Range(word, word), next));
    }

    private Optional<WrittenAt> unit(int start) {
        int p = start;
        Optional<Question.Choice> measures = Optional.empty();
        if (any(p, Set.of("us", "american"))) {
            measures = Optional.of(Question.Choice.US);
            p++;
        } else if (any(p, Set.of("u"))
                && any(p + 1, Set.of("."))
                && any(p + 2, Set.of("s"))
                && any(p + 3, Set.of("."))) {
            measures = Optional.of(Question.Choice.US);
            p += 4;
        } else if (any(p, Set.of("imperial", "imp", "uk"))) {
            measures = Optional.of(Question.Choice.IMPERIAL);
            p++;
        }
        if (any(p, Set.of("fl", "fluid"))) {
            int dot = any(p + 1, Set.of(".")) ? 1 : 0;
            if (any(p + 1 + dot, Set.of("oz", "ounce", "ounces"))) {
                return Optional.of(new WrittenAt(Written.FLUID_OUNCE, measures, pastDot(p + 2 + dot)));
            }
        }
        if (p >= tokens.size()) {
            return Optional.empty();
        }
        if (any(p, Set.of("\"", "″"))) {
            return Optional.of(new WrittenAt(Written.INCH, measures, p + 1));
        }
        Written unit = Vocabulary.UNITS.get(text(p));
        if (unit == null) {
            return Optional.empty();
        }
        return Optional.of(new WrittenAt(unit, measures, text(p).length() <= 4 ? pastDot(p + 1) : p + 1));
    }

    /** Past an abbreviation's dot, unless it ends the sentence. */
    private int pastDot(int p) {
        return any(p, Set.of(".")) && p + 1 < tokens.size() ? p + 1 : p;
    }

    private boolean any(int p, Set<String> words) {
        return p >= 0 && p < tokens.size() && words.contains(tokens.get(p).text());
    }

    private String text(int p) {
        return tokens.get(p).text();
    }

    private boolean take(int next, Role role) {
        mark(at, next, role);
        at = next;
        return true;
    }

    private void mark(int from, int to, Role role) {
        for (int i = from; i < to; i++) {
            roles[i] = role;
        }
    }
}
