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
    private final List<Token> tokens;
    private final List<Span> spans = new ArrayList<>();
    private final Draft draft = new Draft();
    private int at;

    SentenceParser(List<Token> tokens) {
        this.tokens = tokens;
    }

    List<Span> spans() {
        return spans;
    }

    Draft parse() {
        while (at < tokens.size()) {
            if (!(draft.often.isEmpty() && rhythm()) && !(draft.dose.isEmpty() && (amount() || ratio() || perCent()))) {
                Token t = tokens.get(at);
                boolean ignored = Vocabulary.IGNORED.contains(t.text()) || Vocabulary.PUNCTUATION.contains(t.text());
                mark(at, at + 1, ignored ? Role.IGNORED : Role.UNKNOWN);
                at++;
            }
        }
        return draft;
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
        if (any(next, Set.of("other", "second"))) {
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
        draft.often = Optional.of(often);
        return take(next, Role.RHYTHM);
    }

    // --- amount per something ---

    private boolean amount() {
        Optional<Boolean> heaped = Optional.empty();
        Optional<Numbered> number = range(at);
        int p = number.map(Numbered::next).orElse(at);
        if (any(p, Vocabulary.HEAPED.keySet())) {
            heaped = Optional.ofNullable(Vocabulary.HEAPED.get(text(p)));
            p++;
        }
        if (number.isPresent() && number.get().range().max() < 1 && any(p, Set.of("a", "an"))) {
            p++; // half a teaspoon
        }
        Optional<WrittenAt> unit = unit(p);
        if (number.isEmpty() || unit.isEmpty()) {
            return false;
        }
        p = unit.get().next();
        while (any(p, Vocabulary.IGNORED) && !any(p, Set.of("mix"))) {
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
        if (!per && !each) {
            return false;
        }
        if (any(p, Set.of("a", "an"))) {
            p++;
        }
        Optional<Numbered> count = single(p);
        p = count.map(Numbered::next).orElse(p);
        if (any(p, Set.of("-"))) {
            p++; // 4-inch pot
        }
        Optional<WrittenAt> of = unit(p);
        if (of.isEmpty()) {
            return false;
        }
        Optional<PerEnd> end = what(of.get());
        if (end.isEmpty()) {
            return false;
        }
        draft.dose = Optional.of(new Draft.Weighed(
                number.get().range(),
                unit.get().unit(),
                heaped,
                end.get().per(),
                count.map(c -> c.range().min()).orElse(1.0),
                of.get().unit()));
        unit.get().measures().or(of.get()::measures).ifPresent(m -> draft.measures = Optional.of(m));
        mark(at, perStart, Role.AMOUNT);
        at = perStart;
        return take(end.get().next(), end.get().role());
    }

    private record PerEnd(Per per, Role role, int next) {}

    /** What follows the "per" unit: water, mix, a pot of that size; or nothing, which after a volume means water. */
    private Optional<PerEnd> what(WrittenAt of) {
        int p = of.next();
        if (any(p, Set.of("of"))) {
            p++;
        }
        boolean length = isLength(of.unit());
        if (any(p, Set.of("potting", "growing")) && any(p + 1, Vocabulary.MIX)) {
            p++;
        }
        if (any(p, Vocabulary.POT)) {
            int next = p + 1;
            while (any(next, Vocabulary.WIDTH)) {
                next++;
            }
            return Optional.of(new PerEnd(length ? Per.POT_WIDTH : Per.MIX, Role.PER_POT, next));
        }
        if (length) {
            return Optional.empty();
        }
        if (any(p, Vocabulary.MIX)) {
            return Optional.of(new PerEnd(Per.MIX, Role.PER_MIX, p + 1));
        }
        if (isMass(of.unit())) {
            return Optional.empty();
        }
        int next = any(p, Set.of("water", "solution")) ? p + 1 : of.next();
        return Optional.of(new PerEnd(Per.WATER, Role.PER_WATER, next));
    }

    private static boolean isLength(Written unit) {
        return unit == Written.INCH || unit == Written.CENTIMETRE || unit == Written.MILLIMETRE;
    }

    private static boolean isMass(Written unit) {
        return switch (unit) {
            case GRAM, KILOGRAM, MILLIGRAM, POUND, OUNCE -> true;
            default -> false;
        };
    }

    // --- ratio and per cent ---

    /** "1:250", "1 in 100", "1 to 500", "1 part to 100 parts water". */
    private boolean ratio() {
        Optional<Numbered> parts = single(at);
        if (parts.isEmpty()) {
            return false;
        }
        int p = parts.get().next();
        if (any(p, Set.of("part", "parts"))) {
            p++;
        }
        if (!any(p, Set.of(":", "in", "to"))) {
            return false;
        }
        Optional<Numbered> in = single(p + 1);
        if (in.isEmpty()) {
            return false;
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
        draft.dose = Optional.of(
                new Draft.Ratio(parts.get().range().min(), in.get().range().min()));
        return take(p, Role.AMOUNT);
    }

    private boolean perCent() {
        Optional<Numbered> range = range(at);
        if (range.isEmpty() || !any(range.get().next(), Set.of("%", "percent"))) {
            return false;
        }
        draft.dose = Optional.of(new Draft.Share(range.get().range()));
        return take(range.get().next() + 1, Role.AMOUNT);
    }

    // --- pieces ---

    private record Numbered(Range range, int next) {}

    private record WrittenAt(Written unit, Optional<Question.Choice> measures, int next) {}

    /** One number, or two joined by a dash or "to". A range with a unit after its first number is not one. */
    private Optional<Numbered> range(int p) {
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
        if (word == null && any(p, Set.of("a", "an")) && unit(p + 1).isPresent()) {
            word = 1.0;
        }
        if (word == null) {
            return Optional.empty();
        }
        int next = p + 1;
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
        return p < tokens.size() && words.contains(tokens.get(p).text());
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
            spans.add(new Span(tokens.get(i).start(), tokens.get(i).end(), role));
        }
    }
}
