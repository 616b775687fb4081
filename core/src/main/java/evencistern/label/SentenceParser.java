package evencistern.label;

import static evencistern.label.LabelReading.Role;

import evencistern.label.Draft.Range;
import evencistern.label.LabelReading.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Reads the tokens of a sentence from left to right, trying a rhythm, then an amount per something, then a ratio or per
 * cent. Whatever fits none of these and is not on the published list of ignored words stays marked as unknown.
 */
final class SentenceParser extends Phrases {
    /** Tokens of a grade: three numbers and the two dashes between. */
    private static final int GRADE = 5;
    /** So many words on, what denies something still denies it. */
    private static final int DENIES_AHEAD = 3;

    private final String sentence;
    private final Role[] roles;
    private final Draft draft = new Draft();
    private Draft.Use use = new Draft.Use();
    private int begun;
    /** For each use the token that it begins at, its name with it. */
    private final List<Integer> begins = new ArrayList<>(List.of(0));

    private int at;

    SentenceParser(String sentence, List<Token> tokens) {
        super(tokens);
        this.sentence = sentence;
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
            if (!grade() && !rhythm() && !amount() && !perFirst() && !perCent() && !ratio()) {
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
        for (int i = 0; i < draft.uses.size(); i++) {
            look(draft.uses.get(i), i + 1 < draft.uses.size() ? begins.get(i + 1) : tokens.size(), begins.get(i));
        }
        return draft;
    }

    /** What the words and numbers of one use say besides its dose and its rhythm. */
    private void look(Draft.Use told, int end, int begin) {
        boolean leaves = false;
        boolean roots = false;
        for (int i = begin; i < end; i++) {
            leaves |= leaves(i) && !denied(i);
            roots |= any(i, Vocabulary.AT_ROOTS) && !denied(i);
            boolean number = tokens.get(i).kind() == Token.Kind.NUMBER || Vocabulary.NUMBERS.containsKey(text(i));
            told.numberLeft |= number && roles[i] == Role.UNKNOWN;
        }
        told.foliar = leaves && !roots;
    }

    /** "foliar", "mist the leaves", "foliage spray"; but not "foliage plants", which are a kind of plant. */
    private boolean leaves(int i) {
        boolean part = any(i, Vocabulary.LEAVES_WITH);
        return (any(i, Vocabulary.AT_LEAVES) && !any(i + 1, Set.of("plant", "plants", "houseplants", "crops")))
                || (part && any(i + 1, Vocabulary.FEEDING));
    }

    /** "do not spray", "avoid contact with leaves", "rinse off leaves". */
    private boolean denied(int i) {
        return IntStream.rangeClosed(1, DENIES_AHEAD).anyMatch(k -> any(i - k, Vocabulary.DENYING));
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
            next(at);
        }
        use.dose = Optional.of(dose);
        use.name = named();
        return true;
    }

    private void next(int begin) {
        draft.uses.add(use);
        use = new Draft.Use();
        begun = begin;
        begins.add(begin);
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
        if (begins.size() > 1) {
            begins.set(begins.size() - 1, Math.min(first, begun));
        }
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

    /** "20-20-20", "24-8-16": the numbers of the analysis, which are told apart from the dose. */
    private boolean grade() {
        for (int k = 0; k < GRADE; k++) {
            boolean number = at + k < tokens.size() && tokens.get(at + k).kind() == Token.Kind.NUMBER;
            if (k % 2 == 0 ? !number : !any(at + k, Set.of("-", ":"))) {
                return false;
            }
        }
        return take(at + GRADE, Role.IGNORED);
    }

    // --- rhythm ---

    private static final double DAYS_PER_YEAR = 365;
    /** A season is not a day: so much sooner and later; common practice, no source. */
    private static final double SOONER = 0.82;

    private static final double LATER = 1.2;

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
        return (any(p, Vocabulary.EACH) && everyPeriod(p)) || timesAPeriod(p) || seasons(p);
    }

    /** "once in early spring", "in spring and after flowering": so many times a year. One season alone wants its "once". */
    private boolean seasons(int p) {
        boolean once = any(p, Set.of("once"));
        int next = once ? p + 1 : p;
        int times = 0;
        int end = next;
        while (true) {
            int after = season(next);
            if (after < 0) {
                break;
            }
            times++;
            end = after;
            next = after;
            while (any(next, Set.of(",", "and", "again", "then"))) {
                next++;
            }
        }
        if (times == 0 || (times == 1 && !once)) {
            return false;
        }
        double days = DAYS_PER_YEAR / times;
        return often(
                end, new Draft.Often(Math.round(days * SOONER), Math.round(days * LATER), false, false, false, true));
    }

    /** The token after one season or "after flowering"; below 0 where none stands here. */
    private int season(int p) {
        int next = any(p, Set.of("in")) ? p + 1 : p;
        if (any(next, Set.of("early", "late", "mid"))) {
            next++;
        }
        if (any(next, Set.of("-"))) {
            next++;
        }
        if (any(next, Vocabulary.SEASONS)) {
            return next + 1;
        }
        return any(p, Set.of("after")) && any(p + 1, Vocabulary.EVENTS) ? p + 2 : -1;
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
            next(at);
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
        Optional<Question.Choice> strength = Optional.empty();
        while ((any(p, Vocabulary.IGNORED) && !any(p, Set.of("mix", "a", "an", "at")))
                || any(p, Vocabulary.STRENGTHS.keySet())) {
            Optional<Question.Choice> said = strength;
            strength = Optional.ofNullable(Vocabulary.STRENGTHS.get(text(p))).or(() -> said);
            p++; // "of product", "of the concentrate", "of solution"
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
        boolean madeUp = strength.filter(s -> s == Question.Choice.MADE_UP).isPresent();
        if (madeUp
                && use.dose
                        .filter(d -> !(d instanceof Draft.Weighed w) || w.per() == Draft.Per.WATER)
                        .isPresent()) {
            return false; // how much of what was just made up is poured: no dose of its own
        }
        weighed(amount.get(), end.get(), strength);
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
        weighed(amount.get(), end.get(), Optional.empty());
        mark(at, end.get().next(), end.get().role());
        mark(end.get().next(), p, Role.IGNORED);
        at = p;
        return take(amount.get().next(), Role.AMOUNT);
    }

    private void weighed(AmountAt amount, PerEnd end, Optional<Question.Choice> strength) {
        dose(new Draft.Weighed(
                amount.range(),
                amount.unit().unit(),
                amount.heaped(),
                end.per(),
                end.count(),
                end.of(),
                end.then(),
                strength));
        amount.unit().measures().or(end::measures).ifPresent(m -> draft.measures = Optional.of(m));
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
