package evencistern.label;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.label.Draft.Amount;
import evencistern.label.Draft.Per;
import evencistern.label.Draft.Range;
import evencistern.label.Draft.Weighed;
import evencistern.label.LabelReading.Assumption;
import evencistern.label.Question.Choice;
import evencistern.units.Unit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Reads the directions on a feed's label.
 *
 * <p><b>Answers</b> how much of this product does its label tell me to give, and how often?
 * <p><b>Formula</b> per water: amount / volume; ratio 1:N in total: 1000/N mL/L, plus water: 1000/(N + 1) mL/L; p %: 10·p
 * mL/L; a heaped spoon counts 1.5 level ones; of a stock drawn at 1:N an N-th
 * <p><b>Units</b> g or mL of product per litre of water, per litre of mix, or per width of pot; days
 * <p><b>Valid for</b> up to 2 000 characters, at most 200 mL/L or 100 g/L, every 1–730 days; two readings that differ by more than
 * 5 % are asked about
 * <p><b>Source</b> [NIST811] for the units; [COMMON] heaped against level, and how labels are written
 * <p><b>Checked by</b> DirectionsTest
 */
public final class LabelReader {
    public static final int LONGEST = 2000;
    /** No product for plants is meant to be used stronger than this; common practice, no source. */
    static final double STRONGEST_ML_PER_L = 200;

    static final double STRONGEST_G_PER_L = 100;
    private static final double LONGEST_DAYS = 730;
    /** Grams or mL of a product for one plant; labels for pots say less, common practice, no source. */
    private static final double MOST_IN_A_POT = 15;
    /** More of a concentrated feed is given to no plant and no m²; manure and compost are; common practice, no source. */
    private static final double MOST_ON_A_PLANT = 1000;

    private static final double HEAPED = 1.5;
    /** So many uses can be told apart by a choice. */
    private static final int MOST_USES = 8;
    /** So many questions at a time. */
    private static final int AT_A_TIME = 2;

    /** Up to this ratio "in N" and "plus N" differ by 5 % or more. */
    private static final double RATIO_MATTERS_TO = 20;
    /** Two doses differ where one is more than so many times the other. */
    private static final double DIFFER = 1.05;
    /** What stands in brackets is rounded: so much off is still the same. */
    private static final double ROUNDED = 1.08;
    /** A stock thinned to less than this, g or mL per litre, feeds nothing. */
    private static final double FEEDS_NOTHING = 0.1;
    /** Grams in a millilitre of the lightest powder and of the heaviest liquid; common practice, no source. */
    private static final double LIGHTEST = 0.3;

    private static final double HEAVIEST = 2.5;
    /** Litres in a pot sold by the gallon, for each: 2.5 to 3; [COMMON]. */
    private static final double TRADE_GALLON_L = 2.8;
    /** Kilograms a litre of a light mix, dry, and of a loam; from memory. */
    private static final double LIGHT_LOW = 0.1;

    private static final double LIGHT_HIGH = 0.2;
    private static final double LOAM = 1.15;

    private final Product product;
    private final ProductForm form;
    private final Map<Question, Choice> answers;
    /** Whether open questions are taken as answered by their first choice, to see what a reading comes to. */
    private final boolean trying;

    private final Map<Question, Optional<Choice>> questions = new EnumMap<>(Question.class);
    private final Set<Assumption> assumptions = EnumSet.noneOf(Assumption.class);
    private final Faults refusals = new Faults();
    private Optional<Choice> measures = Optional.empty();
    private Map<Written, Amount> defined = Map.of();
    /** Whether the one use that there is speaks of pots. */
    private boolean potsNamed;
    /** Whether it measures in inches or pounds. */
    private boolean inches;

    private LabelReader(Product product, Map<Question, Choice> answers, boolean trying) {
        this.product = product;
        this.form = product.form();
        this.answers = answers;
        this.trying = trying;
    }

    /**
     * Reads one label.
     *
     * @param answers what the person has answered so far; answers to questions that do not arise are passed over
     */
    public static LabelReading read(String sentence, Product product, Map<Question, Choice> answers) {
        return new LabelReader(product, answers, false).read(sentence);
    }

    /**
     * What is still open, that which changes the dose most first: no more than two are asked at a time.
     *
     * @param reading what {@code read} made of the same
     */
    public static List<Question> asked(
            LabelReading reading, String sentence, Product product, Map<Question, Choice> answers) {
        List<Question> open = reading.questions().entrySet().stream()
                .filter(q -> q.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
        if (open.size() < 2) {
            return open;
        }
        Map<Question, Double> effect = new EnumMap<>(Question.class);
        for (Question question : open) {
            List<Rate> rates = new ArrayList<>();
            for (Choice choice : question.choices()) {
                Map<Question, Choice> with = new EnumMap<>(Question.class);
                with.putAll(answers);
                with.put(question, choice);
                new LabelReader(product, with, true).read(sentence).rate().ifPresent(rates::add);
            }
            effect.put(question, spread(rates, question.choices().size()));
        }
        return open.stream()
                .sorted(Comparator.comparingDouble((Question q) -> -effect.getOrDefault(q, 0.0))
                        .thenComparing(Comparator.naturalOrder()))
                .limit(AT_A_TIME)
                .toList();
    }

    /** How many times the least the most is; without bound where a choice leaves no dose, or one of another kind. */
    private static double spread(List<Rate> rates, int choices) {
        boolean kinds = rates.stream().map(Rate::getClass).distinct().count() != 1;
        if (kinds || (choices == 2 && rates.size() < 2)) {
            return Double.POSITIVE_INFINITY;
        }
        double most = rates.stream().mapToDouble(Rate::max).max().orElse(1);
        return most / rates.stream().mapToDouble(Rate::max).min().orElse(1);
    }

    /** The words that are passed over, in order; published so that nobody has to guess. */
    public static List<String> ignoredWords() {
        return Lexicon.PLAIN.stream().sorted().toList();
    }

    private LabelReading read(String sentence) {
        if (sentence.isBlank()) {
            refusals.add(FaultCode.MISSING, "label", "");
            return refused();
        }
        if (sentence.length() > LONGEST) {
            refusals.add(new Fault(
                    FaultCode.TOO_LONG, "label", Integer.toString(sentence.length()), Integer.toString(LONGEST), ""));
            return refused();
        }
        List<Token> tokens = Token.of(sentence);
        if (tokens.isEmpty()) {
            refusals.add(FaultCode.MISSING, "label", "");
            return refused();
        }
        for (Token token : tokens) {
            token.problem()
                    .filter(code -> code == FaultCode.NOT_A_NUMBER)
                    .ifPresent(code -> refusals.add(code, "label", token.text()));
        }
        Chart chart = new Chart(tokens);
        List<Directions> ways = Cover.of(chart, tokens, Lexicon.PLAIN).stream()
                .map(c -> new Directions(sentence, tokens, chart, c, form == ProductForm.DRY))
                .toList();
        List<LabelReading> tried = new ArrayList<>();
        List<Directions> differing = new ArrayList<>();
        for (Directions way : ways) {
            LabelReading one = new LabelReader(product, answers, true).judged(way);
            if (tried.stream().noneMatch(t -> alike(t, one))) {
                tried.add(one);
                differing.add(way);
            }
        }
        // what cannot be used is no reading where another can
        List<Integer> usable = Stream.iterate(0, i -> i < tried.size(), i -> i + 1)
                .filter(i -> tried.get(i).rate().isPresent())
                .limit(2)
                .toList();
        if (usable.size() < 2) {
            return judged(differing.get(usable.isEmpty() ? 0 : usable.get(0)));
        }
        Optional<Choice> which = ask(Question.READING);
        Directions chosen = differing.get(
                usable.get(which.filter(c -> c == Choice.READING_2).isPresent() ? 1 : 0));
        LabelReading read = judged(chosen);
        List<LabelReading.Way> readings = usable.stream()
                .map(tried::get)
                .flatMap(t -> t.rate().stream()
                        .flatMap(rate -> t.rhythm().stream().map(rhythm -> new LabelReading.Way(rate, rhythm))))
                .toList();
        return new LabelReading(
                read.uses(),
                read.spans(),
                which.flatMap(w -> read.rate()),
                which.flatMap(w -> read.rhythm()),
                which.flatMap(w -> read.poured()),
                which.flatMap(w -> read.method()),
                read.terms(),
                read.between(),
                readings,
                read.questions(),
                read.assumptions(),
                read.refusals());
    }

    /** Whether two readings come to the same: neither to a dose, or both to one that is the same but for 5 %. */
    static boolean alike(LabelReading a, LabelReading b) {
        if (a.rate().isEmpty() || b.rate().isEmpty()) {
            return a.rate().isEmpty() && b.rate().isEmpty();
        }
        Rate x = a.rate().get();
        Rate y = b.rate().get();
        return x.getClass() == y.getClass()
                && x.measure() == y.measure()
                && near(x.min(), y.min(), DIFFER)
                && near(x.max(), y.max(), DIFFER)
                && a.rhythm().equals(b.rhythm());
    }

    private static boolean near(double a, double b, double factor) {
        return a <= b * factor && b <= a * factor;
    }

    private LabelReading refused() {
        return result(
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Terms.NONE,
                false);
    }

    private LabelReading judged(Directions directions) {
        Draft draft = directions.draft();
        measures = draft.measures;
        defined = draft.defined;
        potsNamed = directions.ofPots();
        inches = directions.inches();
        List<String> names = draft.uses.stream().map(u -> u.name).toList();
        Optional<LabelReading.Way> between = between(draft);
        if (between.isPresent() && answers.get(Question.WHICH_USE) == Choice.BETWEEN) {
            questions.put(Question.WHICH_USE, Optional.of(Choice.BETWEEN));
            return between(draft, between.get(), directions);
        }
        Optional<Draft.Use> chosen = chosen(draft);
        if (chosen.isEmpty()) {
            return result(
                    names,
                    directions.spans(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Terms.NONE,
                    between.isPresent());
        }
        Draft.Use use = chosen.get();
        if (use.numberLeft
                && ask(Question.NUMBER_LEFT).filter(c -> c == Choice.MATTERS).isPresent()) {
            refusals.add(FaultCode.LABEL_NUMBER_MATTERS, "label", "");
        }
        Optional<Choice> together = use.paired ? ask(Question.PAIRED) : Optional.of(Choice.TOGETHER);
        if (use.dose.isEmpty() || together.filter(c -> c == Choice.APART).isPresent()) {
            refusals.add(FaultCode.LABEL_NO_RATE, "label", "");
        }
        if (use.dose.isEmpty() && use.often.isEmpty()) {
            refusals.add(FaultCode.LABEL_NO_RHYTHM, "label", "");
        }
        Optional<Draft.Dose> plain = use.also.filter(
                a -> plainlySaid(a) && use.dose.filter(d -> maybe(d, a)).isPresent());
        Optional<Rate> rate = plain.or(() -> use.dose).flatMap(this::rate).map(r -> scaled(r, use.factor));
        Optional<Rate> also = plain.isPresent() ? Optional.empty() : use.also.flatMap(this::rate);
        if (rate.isPresent() && also.isPresent() && differ(rate.get(), also.get())) {
            rate = ask(Question.BRACKET)
                    .map(c -> c == Choice.SECOND
                            ? also.get()
                            : use.dose.flatMap(this::rate).get());
        }
        if (use.also.isPresent() && plain.isEmpty() && also.isEmpty()) {
            rate = Optional.empty(); // whether the two agree is not known yet
        }
        Optional<Rate> poured = use.foliar ? Optional.empty() : use.poured.flatMap(this::poured);
        // what is mixed in is given once; in water a feed is hardly meant so
        rate = rate.map(r -> placed(use, r));
        boolean mixedIn = rate.filter(LabelReader::mixedIn).isPresent();
        boolean once = mixedIn
                || (use.once && rate.filter(r -> r instanceof Rate.PerWater).isEmpty());
        Optional<Rhythm> rhythm = use.often.isPresent()
                ? use.often.flatMap(this::rhythm)
                : once
                        ? Optional.of(new Rhythm.Once())
                        : use.dose.flatMap(d -> ask(Question.HOW_OFTEN)).map(LabelReader::asTold);
        rate = rate.map(r -> limited(r, use));
        Optional<Rhythm> often = rhythm.map(r -> limited(r, use));
        boolean counted = often.filter(o -> o instanceof Rhythm.EveryWatering).isPresent();
        rate.ifPresent(this::judge);
        if (use.foliar) {
            rate = rate.flatMap(this::sprayed);
        }
        boolean settled = questions
                .getOrDefault(Question.NUMBER_LEFT, Optional.of(Choice.NO_MATTER))
                .isPresent();
        return result(
                names,
                directions.spans(),
                rate.filter(r -> settled && together.isPresent()),
                often,
                poured,
                use.foliar ? Optional.of(HowGiven.SPRAYED) : rate.map(r -> method(use, r)),
                counted ? use.terms.apart((int) use.leastDays) : use.terms,
                between.isPresent());
    }

    /** From the weaker to the stronger of two uses, where they can be compared; in the rhythms of both. */
    private Optional<LabelReading.Way> between(Draft draft) {
        if (draft.uses.size() != 2) {
            return Optional.empty();
        }
        List<LabelReading.Way> ways =
                draft.uses.stream().flatMap(u -> way(u).stream()).toList();
        if (ways.size() < 2) {
            return Optional.empty();
        }
        LabelReading.Way a = ways.get(0);
        LabelReading.Way b = ways.get(1);
        boolean alike = a.rate().getClass() == b.rate().getClass()
                && a.rate().measure() == b.rate().measure()
                && !(a.rate() instanceof Rate.PerPotWidth);
        return alike
                ? Optional.of(new LabelReading.Way(
                        with(
                                a.rate(),
                                Math.min(a.rate().min(), b.rate().min()),
                                Math.max(a.rate().max(), b.rate().max())),
                        both(a.rhythm(), b.rhythm())))
                : Optional.empty();
    }

    private static Rhythm both(Rhythm a, Rhythm b) {
        return a instanceof Rhythm.EveryDays x && b instanceof Rhythm.EveryDays y
                ? new Rhythm.EveryDays(Math.min(x.min(), y.min()), Math.max(x.max(), y.max()))
                : Reread.rarer(a, b);
    }

    /** What a strength between two uses comes to; what either leaves open is still asked. */
    private LabelReading between(Draft draft, LabelReading.Way way, Directions directions) {
        draft.uses.forEach(u -> {
            u.dose.ifPresent(this::rate);
            u.often.ifPresent(this::rhythm);
        });
        judge(way.rate());
        boolean open = questions.values().stream().anyMatch(Optional::isEmpty);
        return result(
                draft.uses.stream().map(u -> u.name).toList(),
                directions.spans(),
                open ? Optional.empty() : Optional.of(way.rate()),
                open ? Optional.empty() : Optional.of(way.rhythm()),
                Optional.empty(),
                Optional.of(method(draft.uses.get(0), way.rate())),
                Terms.NONE,
                true);
    }

    /** The same as a spray; refused where it does not tell how much goes into how much water. */
    private Optional<Rate> sprayed(Rate rate) {
        if (rate instanceof Rate.PerWater) {
            return Optional.of(new Rate.PerSpray(rate.min(), rate.max(), rate.measure()));
        }
        refusals.add(FaultCode.LABEL_FOLIAR, "label", "");
        return Optional.empty();
    }

    /** A rate for the mix, with whether it goes in before that is filled in. */
    private static Rate placed(Draft.Use use, Rate rate) {
        return rate instanceof Rate.PerMix mix && use.mixedIn
                ? new Rate.PerMix(mix.min(), mix.max(), mix.measure(), true)
                : rate;
    }

    private static HowGiven method(Draft.Use use, Rate rate) {
        if (rate instanceof Rate.PerWater) {
            return use.injected ? HowGiven.INJECTED : HowGiven.WATERED;
        }
        return mixedIn(rate) ? HowGiven.MIXED_IN : HowGiven.STREWN;
    }

    private static boolean mixedIn(Rate rate) {
        return rate instanceof Rate.PerMix mix && mix.mixedIn();
    }

    /** No more than the label's own limit. */
    private Rate limited(Rate rate, Draft.Use use) {
        Optional<Rate> most = use.most
                .flatMap(this::rate)
                .filter(m -> m.getClass() == rate.getClass() && m.measure() == rate.measure())
                .filter(m -> m.max() < rate.max());
        if (most.isEmpty()) {
            return rate;
        }
        assumptions.add(Assumption.LIMIT_KEPT);
        double max = most.get().max();
        return with(rate, Math.min(rate.min(), max), max);
    }

    private Rhythm limited(Rhythm rhythm, Draft.Use use) {
        if (!(rhythm instanceof Rhythm.EveryDays days) || days.min() >= use.leastDays) {
            return rhythm;
        }
        assumptions.add(Assumption.LIMIT_KEPT);
        int least = (int) use.leastDays;
        return new Rhythm.EveryDays(least, Math.max(days.max(), least));
    }

    private static boolean plainlySaid(Draft.Dose dose) {
        return dose instanceof Draft.Share
                || (dose instanceof Weighed w
                        && w.amount().unit().sure()
                        && w.of().filter(Written::sure).isPresent());
    }

    /** Whether a dose may be the same as one that is said plainly beside it, whosever its measures are. */
    private boolean maybe(Draft.Dose dose, Draft.Dose beside) {
        return Question.WHICH_MEASURES.choices().stream().anyMatch(whose -> {
            LabelReader trial = new LabelReader(product, Map.of(Question.WHICH_MEASURES, whose), true);
            trial.measures = measures;
            trial.defined = defined;
            Optional<Rate> a = trial.rate(dose);
            Optional<Rate> b = trial.rate(beside);
            return a.isPresent()
                    && b.isPresent()
                    && a.get().measure() == b.get().measure()
                    && near(a.get().max(), b.get().max(), ROUNDED);
        });
    }

    private static boolean differ(Rate a, Rate b) {
        boolean near = near(a.min(), b.min(), DIFFER) && near(a.max(), b.max(), DIFFER);
        return a.getClass() != b.getClass() || (a.measure() == b.measure() && !near);
    }

    private static Rhythm asTold(Choice often) {
        return switch (often) {
            case WEEKLY -> new Rhythm.EveryDays(7, 7);
            case FORTNIGHTLY -> new Rhythm.EveryDays(14, 14);
            case MONTHLY -> new Rhythm.EveryDays(30, 30);
            case QUARTERLY -> new Rhythm.EveryDays(91, 91);
            case HALF_YEARLY -> new Rhythm.EveryDays(182, 182);
            case YEARLY -> new Rhythm.EveryDays(365, 365);
            case ONCE -> new Rhythm.Once();
            default -> new Rhythm.EveryWatering();
        };
    }

    /** The use that is read: the only one, or the one that was asked for. */
    private Optional<Draft.Use> chosen(Draft draft) {
        if (draft.uses.size() == 1) {
            return Optional.of(draft.uses.get(0));
        }
        // a use for the leaves is passed over where the label calls it so
        List<Draft.Use> atRoots =
                draft.uses.stream().filter(u -> !u.foliar || u.name.isEmpty()).toList();
        boolean told = answers.containsKey(Question.WHICH_USE);
        if (atRoots.size() == 1 && !told) {
            int only = draft.uses.indexOf(atRoots.get(0));
            if (only < MOST_USES) {
                questions.put(
                        Question.WHICH_USE,
                        Optional.of(Question.WHICH_USE.choices().get(only)));
            }
            return Optional.of(atRoots.get(0));
        }
        if (!told && allAlike(draft.uses)) {
            return Optional.of(draft.uses.get(0));
        }
        if (answers.get(Question.WHICH_USE) == Choice.BETWEEN) {
            questions.put(Question.WHICH_USE, Optional.empty()); // nothing lies between these any more
            return Optional.empty();
        }
        return ask(Question.WHICH_USE)
                .map(Question.WHICH_USE.choices()::indexOf)
                .filter(i -> i < draft.uses.size())
                .map(draft.uses::get);
    }

    /** "2 ml for 1 l; 10 ml for 5 l": one dose, said twice, or for two uses. */
    private boolean allAlike(List<Draft.Use> uses) {
        List<LabelReading.Way> ways =
                uses.stream().flatMap(u -> way(u).stream()).toList();
        if (ways.size() < uses.size()) {
            return false;
        }
        LabelReading.Way first = ways.get(0);
        return ways.stream()
                .allMatch(w -> w.rhythm().equals(first.rhythm())
                        && w.rate().measure() == first.rate().measure()
                        && !differ(first.rate(), w.rate()));
    }

    /** What one of several uses comes to, open questions taken as answered; empty where it cannot be used at the roots. */
    private Optional<LabelReading.Way> way(Draft.Use use) {
        if (use.foliar || use.numberLeft) {
            return Optional.empty();
        }
        LabelReader trial = new LabelReader(product, answers, true);
        trial.measures = measures;
        trial.defined = defined;
        trial.potsNamed = potsNamed;
        trial.inches = inches;
        Optional<Rate> rate = use.dose.flatMap(trial::rate).map(r -> placed(use, scaled(r, use.factor)));
        Optional<Rhythm> rhythm = use.often.flatMap(trial::rhythm);
        return trial.refusals.any()
                ? Optional.empty()
                : rate.flatMap(dose -> rhythm.map(often -> new LabelReading.Way(dose, often)));
    }

    private LabelReading result(
            List<String> uses,
            List<LabelReading.Span> spans,
            Optional<Rate> rate,
            Optional<Rhythm> rhythm,
            Optional<Rate> poured,
            Optional<HowGiven> method,
            Terms terms,
            boolean between) {
        boolean refused = refusals.any();
        return new LabelReading(
                uses,
                spans,
                refused ? Optional.empty() : rate,
                refused ? Optional.empty() : rhythm,
                refused ? Optional.empty() : poured,
                method,
                terms,
                between,
                List.of(),
                questions,
                assumptions,
                refusals.list());
    }

    /** Asks, unless it has been answered with one of the choices. */
    private Optional<Choice> ask(Question question) {
        Optional<Choice> given = Optional.ofNullable(answers.get(question)).filter(question.choices()::contains);
        if (trying && given.isEmpty()) {
            return Optional.of(question.choices().get(0));
        }
        questions.put(question, given);
        return given;
    }

    private Optional<Rate> rate(Draft.Dose dose) {
        if (dose instanceof Weighed weighed) {
            return weighed(weighed);
        }
        if (dose instanceof Draft.Ratio ratio) {
            return ratio(ratio);
        }
        return dose instanceof Draft.Target aim ? aimed(aim) : share(((Draft.Share) dose).percent());
    }

    /** What brings so many mg/L, by what is in a gram or millilitre of the product. */
    private Optional<Rate> aimed(Draft.Target aim) {
        if (aim.mgPerL().max() < aim.mgPerL().min()) {
            reversed(aim.mgPerL());
            return Optional.empty();
        }
        Optional<String> of = aim.of().or(() -> ask(Question.PPM_OF).map(c -> c == Choice.OF_NITROGEN ? "N" : ""));
        if (of.isEmpty()) {
            return Optional.empty();
        }
        double each = product.holds()
                .map(h -> switch (of.get()) {
                    case "N" -> h.nMg();
                    case "P" -> h.pMg();
                    case "K" -> h.kMg();
                    default -> 0.0;
                })
                .orElse(0.0);
        if (!(each > 0) || !(aim.mgPerL().min() > 0)) {
            refusals.add(of.get().isEmpty() ? FaultCode.LABEL_NO_RATE : FaultCode.LABEL_AIM_UNKNOWN, "label", "");
            return Optional.empty();
        }
        return Optional.of(new Rate.PerWater(
                aim.mgPerL().min() / each,
                aim.mgPerL().max() / each,
                form == ProductForm.DRY ? Measure.GRAMS : Measure.MILLILITRES));
    }

    private static Rate scaled(Rate rate, double factor) {
        return factor == 1 ? rate : with(rate, rate.min() * factor, rate.max() * factor);
    }

    private static Rate with(Rate rate, double min, double max) {
        Measure measure = rate.measure();
        if (rate instanceof Rate.PerMix mix) {
            return new Rate.PerMix(min, max, measure, mix.mixedIn());
        }
        if (rate instanceof Rate.PerPotWidth w) {
            return new Rate.PerPotWidth(min, max, measure, w.widthM());
        }
        if (rate instanceof Rate.PerPlant) {
            return new Rate.PerPlant(min, max, measure);
        }
        if (rate instanceof Rate.PerArea) {
            return new Rate.PerArea(min, max, measure);
        }
        return rate instanceof Rate.PerHeight
                ? new Rate.PerHeight(min, max, measure)
                : new Rate.PerWater(min, max, measure);
    }

    /** An amount in mL or g. */
    private record Much(double min, double max, Measure measure) {}

    /** What is told in brackets is what was meant, where it is in measures that are the same everywhere. */
    private Optional<Much> much(Amount a, Optional<Amount> same) {
        Optional<Much> beside =
                same.filter(s -> s.unit().sure()).map(s -> plainly(s, s.unit().weighs() ? Unit.GRAM : Unit.LITRE));
        Optional<Amount> told =
                Optional.ofNullable(defined.get(a.unit())).filter(o -> o.unit().sure());
        if (beside.isEmpty() && told.isPresent()) {
            return told.map(o -> {
                Much each = plainly(o, o.unit().weighs() ? Unit.GRAM : Unit.LITRE);
                return new Much(
                        each.min() * a.range().min(), each.max() * a.range().max(), each.measure());
            });
        }
        if (a.unit() == Written.OWN) {
            return beside.or(() -> same.flatMap(s -> resolve(s.unit(), true).map(u -> plainly(s, u))))
                    .or(() -> Optional.ofNullable(defined.get(Written.OWN)).flatMap(holds -> {
                        Range count = a.range();
                        Range all = new Range(
                                holds.range().min() * count.min(), holds.range().max() * count.max());
                        Amount whole = new Amount(all, holds.unit(), holds.heaped(), holds.measures());
                        return resolve(holds.unit(), true)
                                .map(u -> plainly(whole, u))
                                .flatMap(m -> heaped(whole, m));
                    }))
                    .or(() -> ownMeasured(a));
        }
        if (beside.isPresent()) {
            if (a.unit().weighs() != (beside.get().measure() == Measure.GRAMS)) {
                return dense(a, beside.get()) ? beside : bracket(a, beside.get());
            }
            if (a.unit().sure()) {
                return near(canonical(a, unitOf(a.unit())), beside.get().max(), ROUNDED)
                        ? beside
                        : bracket(a, beside.get());
            }
            boolean fits = possible(a.unit())
                    .anyMatch(u -> near(canonical(a, u), beside.get().max(), ROUNDED));
            return fits ? beside : bracket(a, beside.get());
        }
        return resolve(a.unit(), true).map(u -> plainly(a, u)).flatMap(m -> heaped(a, m));
    }

    /** Whether an amount in one of volume and weight may be the other: powders and liquids weigh from 0.3 to 2.5 g/mL. */
    private static boolean dense(Amount a, Much beside) {
        return Stream.concat(possible(a.unit()), a.unit().sure() ? Stream.of(unitOf(a.unit())) : Stream.of())
                .mapToDouble(u -> canonical(a, u))
                .map(first -> a.unit().weighs() ? first / beside.max() : beside.max() / first)
                .anyMatch(density -> density >= LIGHTEST && density <= HEAVIEST);
    }

    private static Unit unitOf(Written sure) {
        return switch (sure) {
            case GRAM -> Unit.GRAM;
            case KILOGRAM -> Unit.KILOGRAM;
            case MILLIGRAM -> Unit.MILLIGRAM;
            case LITRE, CENTILITRE, DECILITRE, HECTOLITRE -> Unit.LITRE;
            default -> Unit.MILLILITRE;
        };
    }

    private Optional<Much> bracket(Amount first, Much second) {
        return ask(Question.BRACKET)
                .flatMap(c -> c == Choice.SECOND
                        ? Optional.of(second)
                        : resolve(first.unit(), true).map(u -> plainly(first, u)));
    }

    /** In mL or g; cl and dl by their litres. */
    private static Much plainly(Amount a, Unit unit) {
        Written w = a.unit();
        Unit u = w.sure() ? unitOf(w) : unit;
        boolean mass = u.dimension() == evencistern.units.Dimension.MASS;
        double each = u.toCanonical(1) * (mass ? 1 : 1000) * w.parts();
        return new Much(a.range().min() * each, a.range().max() * each, mass ? Measure.GRAMS : Measure.MILLILITRES);
    }

    private static double canonical(Amount a, Unit u) {
        return plainly(a, u).max();
    }

    /** Whatever a unit may be, whosever it is. */
    private static Stream<Unit> possible(Written w) {
        return switch (w) {
            case TEASPOON -> Stream.of(Unit.METRIC_TEASPOON, Unit.US_TEASPOON);
            case DESSERTSPOON -> Stream.of(Unit.METRIC_TEASPOON);
            case LETTER_T -> Stream.of(Unit.METRIC_TEASPOON, Unit.METRIC_TABLESPOON);
            case TABLESPOON -> Stream.of(Unit.METRIC_TABLESPOON, Unit.US_TABLESPOON, Unit.AU_TABLESPOON);
            case CUP -> Stream.of(Unit.METRIC_CUP, Unit.US_CUP);
            case FLUID_OUNCE -> Stream.of(Unit.US_FLUID_OUNCE, Unit.IMPERIAL_FLUID_OUNCE);
            case PINT -> Stream.of(Unit.US_PINT, Unit.IMPERIAL_PINT);
            case QUART -> Stream.of(Unit.US_QUART, Unit.IMPERIAL_QUART);
            case GALLON -> Stream.of(Unit.US_GALLON, Unit.IMPERIAL_GALLON);
            case OUNCE -> Stream.of(Unit.OUNCE);
            case POUND -> Stream.of(Unit.POUND);
            case DROP -> Stream.of(Unit.DROP);
            default -> Stream.of();
        };
    }

    private Optional<Rate> weighed(Weighed w) {
        if (w.of().filter(o -> o == Written.OWN).isPresent()) {
            return Optional.empty();
        }
        if (w.per() == Per.ROW) {
            refusals.add(FaultCode.LABEL_OPEN_GROUND, "label", "");
            return Optional.empty();
        }
        // the gallon first: whose it is also says whose tablespoon is meant
        Optional<Double> of = per(w);
        Optional<Much> much = much(w.amount(), w.same());
        Optional<Double> then = w.then().isEmpty() ? Optional.of(1.0) : w.then().flatMap(this::dilution);
        if (much.isEmpty() || of.isEmpty() || then.isEmpty()) {
            return Optional.empty();
        }
        Optional<Choice> strength = strength(w, much.get());
        if (strength.filter(c -> c == Choice.MADE_UP).isPresent()) {
            refusals.add(FaultCode.LABEL_NO_STRENGTH, "label", "");
        }
        if (strength.filter(c -> c == Choice.NEAT).isEmpty()) {
            return Optional.empty();
        }
        if (!(much.get().min() > 0) || !(w.count() > 0)) {
            refusals.add(FaultCode.LABEL_ZERO, "label", "0");
            return Optional.empty();
        }
        if (much.get().max() < much.get().min()) {
            reversed(w.amount().range());
            return Optional.empty();
        }
        double per = of.get();
        double thinned = then.get();
        if (thinned > 1 && near(much.get().max() / per, 1000 / thinned, DIFFER)) {
            thinned = 1; // the same said twice: "2 ml per litre (1:500)"
        } else if (thinned > 1 && much.get().max() / per / thinned < FEEDS_NOTHING) {
            Optional<Choice> injected = ask(Question.AFTER_INJECTOR);
            if (injected.isEmpty()) {
                return Optional.empty();
            }
            thinned = injected.get() == Choice.INJECTED ? thinned : 1;
        }
        double min = much.get().min() / per / thinned;
        double max = much.get().max() / per / thinned;
        Measure measure = much.get().measure();
        if ((w.per() == Per.PLANT || w.per() == Per.AREA) && max > MOST_ON_A_PLANT) {
            tooStrong(max, MOST_ON_A_PLANT, measure == Measure.GRAMS ? "g" : "mL");
            return Optional.empty();
        }
        if (w.per() == Per.PLANT && !forPots(max)) {
            return Optional.empty();
        }
        return Optional.of(
                switch (w.per()) {
                    case WATER -> new Rate.PerWater(min, max, measure);
                    case MIX, POTFUL -> new Rate.PerMix(min, max, measure);
                    case MIX_WEIGHT -> {
                        boolean loam = questions
                                .getOrDefault(Question.MIX_WEIGHT, Optional.empty())
                                .filter(c -> c == Choice.LOAM)
                                .isPresent();
                        // per gram of mix until here
                        yield new Rate.PerMix(
                                min * 1000 * (loam ? LOAM : LIGHT_LOW),
                                max * 1000 * (loam ? LOAM : LIGHT_HIGH),
                                measure);
                    }
                    case POT_WIDTH -> new Rate.PerPotWidth(min * per, max * per, measure, per);
                    case PLANT -> new Rate.PerPlant(min, max, measure);
                    case AREA -> new Rate.PerArea(min, max, measure);
                    case HEIGHT -> new Rate.PerHeight(min, max, measure);
                    case ROW -> throw new IllegalStateException("refused before");
                });
    }

    /** How much is counted, in litres, metres, square metres, grams or pieces; empty while it is open. */
    private Optional<Double> per(Weighed w) {
        Optional<Amount> beside = w.of().isEmpty()
                ? Optional.empty()
                : w.sameOf().filter(s -> s.unit().sure() && !s.unit().weighs());
        if (beside.isPresent()) {
            double litres = plainly(beside.get(), Unit.LITRE).max() / 1000;
            Amount first = new Amount(
                    new Range(w.count(), w.count()), w.of().orElseThrow(), Optional.empty(), Optional.empty());
            boolean fits = Stream.concat(
                            possible(first.unit()), first.unit().sure() ? Stream.of(unitOf(first.unit())) : Stream.of())
                    .anyMatch(u -> near(canonical(first, u) / 1000, litres, ROUNDED));
            if (fits) {
                return Optional.of(litres);
            }
            if (ask(Question.BRACKET).isEmpty()) {
                return Optional.empty();
            }
            if (answers.get(Question.BRACKET) == Choice.SECOND) {
                return Optional.of(litres);
            }
        }
        if (w.per() == Per.POTFUL && w.of().filter(o -> o == Written.GALLON).isPresent()) {
            Optional<Choice> sold = ask(Question.TRADE_POT);
            if (sold.isEmpty()) {
                return Optional.empty();
            }
            if (sold.get() == Choice.TRADE_SIZE) {
                return Optional.of(w.count() * TRADE_GALLON_L);
            }
        }
        if (w.per() == Per.MIX_WEIGHT && ask(Question.MIX_WEIGHT).isEmpty()) {
            return Optional.empty();
        }
        return w.of().isEmpty()
                ? Optional.of(w.count())
                : w.of().flatMap(o -> resolve(o, false).map(u -> w.count() * u.toCanonical(1) * o.parts()));
    }

    /** Made-up feed in mL for a plant, a m² or a litre of mix. */
    private Optional<Rate> poured(Weighed w) {
        Optional<Double> of = per(w);
        Optional<Much> much = much(w.amount(), w.same());
        if (of.isEmpty() || much.isEmpty() || much.get().measure() != Measure.MILLILITRES) {
            return Optional.empty();
        }
        double min = much.get().min() / of.get();
        double max = much.get().max() / of.get();
        return switch (w.per()) {
            case PLANT -> Optional.of(new Rate.PerPlant(min, max, Measure.MILLILITRES));
            case AREA -> Optional.of(new Rate.PerArea(min, max, Measure.MILLILITRES));
            case MIX, POTFUL -> Optional.of(new Rate.PerMix(min, max, Measure.MILLILITRES));
            case POT_WIDTH ->
                Optional.of(new Rate.PerPotWidth(min * of.get(), max * of.get(), Measure.MILLILITRES, of.get()));
            default -> Optional.empty();
        };
    }

    /** Litres of finished feed from a litre of stock; empty while it is open, or refused. */
    private Optional<Double> dilution(Draft.Dose setting) {
        if (setting instanceof Draft.Ratio ratio) {
            return factor(ratio).map(Range::min);
        }
        if (setting instanceof Weighed stock) {
            Optional<Double> in = per(stock);
            return much(stock.amount(), stock.same())
                    .filter(m -> m.measure() == Measure.MILLILITRES && m.max() > 0)
                    .flatMap(m -> in.map(litres -> litres * 1000 / m.max()));
        }
        double percent = ((Draft.Share) setting).percent().min();
        if (!(percent > 0)) {
            refusals.add(FaultCode.LABEL_ZERO, "label", "0");
            return Optional.empty();
        }
        return Optional.of(100 / percent);
    }

    /** Whether the product itself is meant: always in water, and where it is dry unless it is called a solution. */
    private Optional<Choice> strength(Weighed w, Much much) {
        if (w.per() == Per.WATER) {
            return Optional.of(Choice.NEAT);
        }
        return w.strength()
                .or(() -> form == ProductForm.DRY || much.measure() == Measure.GRAMS
                        ? Optional.of(Choice.NEAT)
                        : ask(Question.LIQUID_STRENGTH));
    }

    /** Whether so much for a plant, g or mL, is for one in a pot; a rate for open ground does not carry over. */
    private boolean forPots(double each) {
        if (each <= MOST_IN_A_POT || potsNamed) {
            return true;
        }
        Optional<Choice> where = ask(Question.POT_OR_GROUND);
        if (where.filter(c -> c == Choice.IN_GROUND).isPresent()) {
            refusals.add(FaultCode.LABEL_OPEN_GROUND, "label", "");
        }
        return where.filter(c -> c == Choice.IN_POTS).isPresent();
    }

    private Optional<Much> heaped(Amount a, Much m) {
        boolean spoon = a.unit() == Written.TEASPOON
                || a.unit() == Written.TABLESPOON
                || a.unit() == Written.LETTER_T
                || a.unit() == Written.CUP;
        if (form == ProductForm.LIQUID || !spoon) {
            return Optional.of(m);
        }
        boolean heaped = a.heaped().orElseGet(() -> {
            Choice told = answers.get(Question.SPOON_LEVEL);
            if (told == null) {
                assumptions.add(Assumption.SPOON_IS_LEVEL);
            } else {
                questions.put(Question.SPOON_LEVEL, Optional.of(told));
            }
            return told == Choice.HEAPED;
        });
        if (!heaped) {
            return Optional.of(m);
        }
        assumptions.add(Assumption.HEAPED_IS_HALF_MORE);
        return Optional.of(new Much(m.min() * HEAPED, m.max() * HEAPED, m.measure()));
    }

    /** By what was measured of the product's own measure; refused where nobody has. */
    private Optional<Much> ownMeasured(Amount a) {
        if (product.ownMl().isEmpty()) {
            refusals.add(FaultCode.LABEL_OWN_MEASURE, "feed.own", "");
            return Optional.empty();
        }
        double each = product.ownMl().getAsDouble();
        return Optional.of(new Much(a.range().min() * each, a.range().max() * each, Measure.MILLILITRES));
    }

    private Optional<Choice> measures() {
        return measures.or(() -> ask(Question.WHICH_MEASURES));
    }

    /** Whose unit it is. A teaspoon is the US one only where the label is known to be in US measures (1 % apart). */
    private Optional<Unit> resolve(Written written, boolean amount) {
        return switch (written) {
            case GRAM, KILOGRAM, MILLIGRAM, MILLILITRE, LITRE, CENTILITRE, DECILITRE, HECTOLITRE ->
                Optional.of(unitOf(written));
            case POUND -> Optional.of(Unit.POUND);
            case DROP -> Optional.of(Unit.DROP);
            case INCH -> Optional.of(Unit.INCH);
            case FOOT -> Optional.of(Unit.FOOT);
            case METRE -> Optional.of(Unit.METRE);
            case SQUARE_METRE -> Optional.of(Unit.SQUARE_METRE);
            case SQUARE_FOOT -> Optional.of(Unit.SQUARE_FOOT);
            case SQUARE_YARD -> Optional.of(Unit.SQUARE_YARD);
            case CENTIMETRE -> Optional.of(Unit.CENTIMETRE);
            case MILLIMETRE -> Optional.of(Unit.MILLIMETRE);
            case CUBIC_METRE -> Optional.of(Unit.CUBIC_METRE);
            case CUBIC_FOOT, CUBIC_YARD -> Optional.of(Unit.CUBIC_FOOT);
            case TEASPOON, DESSERTSPOON ->
                Optional.of(
                        measures.or(() -> Optional.ofNullable(answers.get(Question.WHICH_MEASURES)))
                                        .filter(c -> c == Choice.US)
                                        .isPresent()
                                ? Unit.US_TEASPOON
                                : Unit.METRIC_TEASPOON);
            case TABLESPOON -> tablespoon();
            case LETTER_T ->
                ask(Question.SPOON_LETTER)
                        .flatMap(c -> resolve(c == Choice.TEASPOON ? Written.TEASPOON : Written.TABLESPOON, amount));
            case CUP -> measures().map(c -> c == Choice.US ? Unit.US_CUP : Unit.METRIC_CUP);
            case FLUID_OUNCE -> measures().map(c -> c == Choice.US ? Unit.US_FLUID_OUNCE : Unit.IMPERIAL_FLUID_OUNCE);
            case PINT -> measures().map(c -> c == Choice.US ? Unit.US_PINT : Unit.IMPERIAL_PINT);
            case QUART -> measures().map(c -> c == Choice.US ? Unit.US_QUART : Unit.IMPERIAL_QUART);
            case GALLON -> measures().map(c -> c == Choice.US ? Unit.US_GALLON : Unit.IMPERIAL_GALLON);
            case BUSHEL -> measures().map(c -> c == Choice.US ? Unit.US_BUSHEL : Unit.IMPERIAL_BUSHEL);
            case OWN -> Optional.of(Unit.MILLILITRE);
            case OUNCE -> {
                if (!amount || form == ProductForm.DRY) {
                    yield Optional.of(Unit.OUNCE);
                }
                Choice told = answers.get(Question.OUNCE_KIND);
                if (told != null) {
                    questions.put(Question.OUNCE_KIND, Optional.of(told));
                }
                if (told == Choice.WEIGHT) {
                    yield Optional.of(Unit.OUNCE);
                }
                assumptions.add(Assumption.OUNCE_OF_LIQUID_IS_FLUID);
                yield resolve(Written.FLUID_OUNCE, true);
            }
        };
    }

    private Optional<Unit> tablespoon() {
        Optional<Choice> whose = measures.or(() -> Optional.ofNullable(answers.get(Question.WHICH_MEASURES)));
        if (questions.containsKey(Question.WHICH_MEASURES)) {
            whose = whose.or(() -> questions.getOrDefault(Question.WHICH_MEASURES, Optional.empty()));
            if (whose.isEmpty()) {
                return Optional.empty();
            }
        }
        if (whose.isPresent()) {
            return Optional.of(whose.get() == Choice.US ? Unit.US_TABLESPOON : Unit.METRIC_TABLESPOON);
        }
        if (inches) {
            return Optional.of(Unit.METRIC_TABLESPOON); // the spoon of 20 mL is of a country without inches
        }
        return ask(Question.WHICH_TABLESPOON).map(c -> c == Choice.ML_20 ? Unit.AU_TABLESPOON : Unit.METRIC_TABLESPOON);
    }

    private Optional<Rate> ratio(Draft.Ratio r) {
        if (form == ProductForm.DRY && r.parts().min() > 0 && r.in() > 0) {
            assumptions.add(Assumption.DRY_RATIO_BY_WEIGHT);
            return Optional.of(new Rate.PerWater(
                    1000 * r.parts().min() / r.in(), 1000 * r.parts().max() / r.in(), Measure.GRAMS));
        }
        return factor(r).map(f -> new Rate.PerWater(1000 / f.max(), 1000 / f.min(), Measure.MILLILITRES));
    }

    /** Parts of the whole from one part: N where 1:N means one in N, N + 1 where it means one and N of water. */
    private Optional<Range> factor(Draft.Ratio r) {
        if (!(r.parts().min() > 0) || !(r.in() > 0)) {
            refusals.add(FaultCode.LABEL_ZERO, "label", "0");
            return Optional.empty();
        }
        Range n = new Range(r.in() / r.parts().max(), r.in() / r.parts().min());
        if (r.kind().isPresent()) {
            double more = r.kind().get() == Choice.PLUS_WATER ? 1 : 0;
            return Optional.of(new Range(n.min() + more, n.max() + more));
        }
        if (n.min() <= RATIO_MATTERS_TO) {
            return ask(Question.RATIO_KIND).map(c -> c == Choice.IN_TOTAL ? n : new Range(n.min() + 1, n.max() + 1));
        }
        assumptions.add(Assumption.RATIO_IN_TOTAL);
        return Optional.of(n);
    }

    private Optional<Rate> share(Range percent) {
        if (!(percent.min() > 0)) {
            refusals.add(FaultCode.LABEL_ZERO, "label", "0");
            return Optional.empty();
        }
        if (percent.max() < percent.min()) {
            reversed(percent);
            return Optional.empty();
        }
        if (form == ProductForm.DRY) {
            assumptions.add(Assumption.DRY_RATIO_BY_WEIGHT);
        }
        return Optional.of(new Rate.PerWater(
                percent.min() * 10, percent.max() * 10, form == ProductForm.DRY ? Measure.GRAMS : Measure.MILLILITRES));
    }

    private Optional<Rhythm> rhythm(Draft.Often often) {
        if (often.waterings() > 0) {
            return Optional.of(new Rhythm.EveryWatering(often.waterings()));
        }
        if (often.biweekly()) {
            return ask(Question.BIWEEKLY)
                    .map(c -> c == Choice.TWICE_A_WEEK ? new Rhythm.EveryDays(3, 4) : new Rhythm.EveryDays(14, 14));
        }
        if (often.maxDays() < often.minDays()) {
            reversed(new Range(often.minDays(), often.maxDays()));
            return Optional.empty();
        }
        if (!(often.minDays() >= 1) || !(often.maxDays() <= LONGEST_DAYS)) {
            refusals.add(new Fault(
                    FaultCode.LABEL_RHYTHM_ODD,
                    "label",
                    Double.toString(often.minDays() < 1 ? often.minDays() : often.maxDays()),
                    Double.toString(LONGEST_DAYS),
                    "d"));
            return Optional.empty();
        }
        if (often.seasons()) {
            assumptions.add(Assumption.SEASONS_SHARE_THE_YEAR);
        }
        if (often.inMonths()) {
            assumptions.add(Assumption.MONTH_IS_30_DAYS);
        }
        return Optional.of(new Rhythm.EveryDays((int) Math.round(often.minDays()), (int) Math.round(often.maxDays())));
    }

    private void reversed(Range range) {
        refusals.add(new Fault(
                FaultCode.LABEL_RANGE_REVERSED,
                "label",
                Double.toString(range.min()),
                Double.toString(range.max()),
                ""));
    }

    private void judge(Rate rate) {
        boolean grams = rate.measure() == Measure.GRAMS;
        double strongest = grams ? STRONGEST_G_PER_L : STRONGEST_ML_PER_L;
        boolean inLitres = rate instanceof Rate.PerWater || rate instanceof Rate.PerMix;
        if (inLitres && !(rate.max() <= strongest)) {
            tooStrong(rate.max(), strongest, grams ? "g/L" : "mL/L");
        }
    }

    private void tooStrong(double most, double strongest, String unit) {
        refusals.add(new Fault(
                FaultCode.LABEL_TOO_STRONG,
                "label",
                String.format(Locale.ROOT, "%.3g", most),
                String.format(Locale.ROOT, "%.0f", strongest),
                unit));
    }
}
