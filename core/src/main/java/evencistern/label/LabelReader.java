package evencistern.label;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.label.Draft.Range;
import evencistern.label.LabelReading.Assumption;
import evencistern.label.Question.Choice;
import evencistern.label.Vocabulary.Written;
import evencistern.units.Unit;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Reads the sentence on a feed's label.
 *
 * <p><b>Answers</b> how much of this product does its label tell me to give, and how often?
 * <p><b>Formula</b> per water: amount / volume; ratio 1:N in total: 1000/N mL/L, plus water: 1000/(N + 1) mL/L; p %: 10·p
 * mL/L; a heaped spoon counts 1.5 level ones
 * <p><b>Units</b> g or mL of product per litre of water, per litre of mix, or per width of pot; days
 * <p><b>Valid for</b> one use in up to 2 000 characters, at most 200 mL/L or 100 g/L, every 1–730 days
 * <p><b>Source</b> [NIST811] for the units; [COMMON] heaped against level, and how labels are written
 * <p><b>Checked by</b> LabelReaderTest
 */
public final class LabelReader {
    public static final int LONGEST = 2000;
    /** No product for plants is meant to be used stronger than this; common practice, no source. */
    static final double STRONGEST_ML_PER_L = 200;

    static final double STRONGEST_G_PER_L = 100;
    private static final double LONGEST_DAYS = 730;
    /** Grams or mL of a product for one plant; labels for pots say less, common practice, no source. */
    private static final double MOST_IN_A_POT = 15;

    private static final double HEAPED = 1.5;
    /** From this ratio on, "in N" and "plus N" differ by at most 2 %, less than any spoon. */
    private static final double RATIO_MATTERS_BELOW = 50;

    private final ProductForm form;
    private final Map<Question, Choice> answers;
    private final OptionalDouble ownMl;
    private final Map<Question, Optional<Choice>> questions = new EnumMap<>(Question.class);
    private final Set<Assumption> assumptions = EnumSet.noneOf(Assumption.class);
    private final Faults refusals = new Faults();
    private Optional<Choice> measures = Optional.empty();
    /** Whether the one use that there is speaks of pots. */
    private boolean potsNamed;

    private LabelReader(ProductForm form, Map<Question, Choice> answers, OptionalDouble ownMl) {
        this.form = form;
        this.answers = answers;
        this.ownMl = ownMl;
    }

    /**
     * Reads one sentence.
     *
     * @param answers what the person has answered so far; answers to questions that do not arise are passed over
     * @param ownMl what the product's own cap, scoop or handful holds, mL; asked for where the label counts in it
     */
    public static LabelReading read(
            String sentence, ProductForm form, Map<Question, Choice> answers, OptionalDouble ownMl) {
        return new LabelReader(form, answers, ownMl).read(sentence);
    }

    /** The words that are passed over, in order; published so that nobody has to guess. */
    public static List<String> ignoredWords() {
        return Vocabulary.IGNORED.stream().sorted().toList();
    }

    private LabelReading read(String sentence) {
        if (sentence.isBlank()) {
            refusals.add(FaultCode.MISSING, "label", "");
            return result(List.of(), List.of(), Optional.empty(), Optional.empty());
        }
        if (sentence.length() > LONGEST) {
            refusals.add(new Fault(
                    FaultCode.TOO_LONG, "label", Integer.toString(sentence.length()), Integer.toString(LONGEST), ""));
            return result(List.of(), List.of(), Optional.empty(), Optional.empty());
        }
        List<Token> tokens = Token.of(sentence);
        for (Token token : tokens) {
            token.problem().ifPresent(code -> refusals.add(code, "label", token.text()));
        }
        SentenceParser parser = new SentenceParser(sentence, tokens);
        Draft draft = parser.parse();
        measures = draft.measures;
        potsNamed = draft.uses.size() == 1 && tokens.stream().map(Token::text).anyMatch(Vocabulary.POT::contains);
        List<String> names = draft.uses.stream().map(u -> u.name).toList();
        Optional<Draft.Use> chosen = chosen(draft);
        if (chosen.isEmpty()) {
            return result(names, parser.spans(), Optional.empty(), Optional.empty());
        }
        Draft.Use use = chosen.get();
        if (use.foliar) {
            refusals.add(FaultCode.LABEL_FOLIAR, "label", "");
        }
        if (use.numberLeft
                && ask(Question.NUMBER_LEFT).filter(c -> c == Choice.MATTERS).isPresent()) {
            refusals.add(FaultCode.LABEL_NUMBER_MATTERS, "label", "");
        }
        if (use.dose.isEmpty()) {
            refusals.add(FaultCode.LABEL_NO_RATE, "label", "");
        }
        if (use.often.isEmpty()) {
            refusals.add(FaultCode.LABEL_NO_RHYTHM, "label", "");
        }
        Optional<Rate> rate = use.dose
                .flatMap(this::rate)
                .filter(r -> questions
                        .getOrDefault(Question.NUMBER_LEFT, Optional.of(Choice.NO_MATTER))
                        .isPresent());
        Optional<Rhythm> rhythm = use.often.flatMap(this::rhythm);
        rate.ifPresent(this::judge);
        return result(names, parser.spans(), rate, rhythm);
    }

    /** The use that is read: the only one, or the one that was asked for. */
    private Optional<Draft.Use> chosen(Draft draft) {
        if (draft.uses.size() == 1) {
            return Optional.of(draft.uses.get(0));
        }
        return ask(Question.WHICH_USE)
                .map(Question.WHICH_USE.choices()::indexOf)
                .filter(i -> i < draft.uses.size())
                .map(draft.uses::get);
    }

    private LabelReading result(
            List<String> uses, List<LabelReading.Span> spans, Optional<Rate> rate, Optional<Rhythm> rhythm) {
        boolean refused = refusals.any();
        return new LabelReading(
                uses,
                spans,
                refused ? Optional.empty() : rate,
                refused ? Optional.empty() : rhythm,
                questions,
                assumptions,
                refusals.list());
    }

    /** Asks, unless it has been answered with one of the choices. */
    private Optional<Choice> ask(Question question) {
        Optional<Choice> given = Optional.ofNullable(answers.get(question)).filter(question.choices()::contains);
        questions.put(question, given);
        return given;
    }

    private Optional<Rate> rate(Draft.Dose dose) {
        if (dose instanceof Draft.Weighed weighed) {
            return weighed(weighed);
        }
        if (dose instanceof Draft.Ratio ratio) {
            return ratio(ratio);
        }
        return share(((Draft.Share) dose).percent());
    }

    private Optional<Rate> weighed(Draft.Weighed w) {
        // the gallon first: whose it is also says whose tablespoon is meant
        Optional<Unit> of = w.of().isEmpty() ? Optional.of(Unit.ONE) : w.of().flatMap(o -> resolve(o, false));
        Optional<Unit> unit = resolve(w.unit(), true);
        double heaped = w.unit() == Written.OWN ? own() : heaped(w);
        Optional<Double> then = w.then().isEmpty() ? Optional.of(1.0) : w.then().flatMap(this::dilution);
        if (unit.isEmpty() || of.isEmpty() || then.isEmpty() || Double.isNaN(heaped)) {
            return Optional.empty();
        }
        Optional<Choice> strength = strength(w);
        if (strength.filter(c -> c == Choice.MADE_UP).isPresent()) {
            refusals.add(FaultCode.LABEL_NO_STRENGTH, "label", "");
        }
        if (strength.filter(c -> c == Choice.NEAT).isEmpty()) {
            return Optional.empty();
        }
        Range amount = w.amount();
        if (!(amount.min() > 0) || !(w.count() > 0)) {
            refusals.add(FaultCode.LABEL_ZERO, "label", "0");
            return Optional.empty();
        }
        if (amount.max() < amount.min()) {
            reversed(amount);
            return Optional.empty();
        }
        boolean mass = unit.get().dimension() == evencistern.units.Dimension.MASS;
        // mL where the stored unit is L, g where it is g
        double each = unit.get().toCanonical(1) * (mass ? 1 : 1000) * heaped / then.get();
        Measure measure = mass ? Measure.GRAMS : Measure.MILLILITRES;
        double per = of.get().toCanonical(w.count());
        if (w.per() == Draft.Per.PLANT && !forPots(amount.max() * each / per)) {
            return Optional.empty();
        }
        return Optional.of(
                switch (w.per()) {
                    case WATER -> new Rate.PerWater(amount.min() * each / per, amount.max() * each / per, measure);
                    case MIX -> new Rate.PerMix(amount.min() * each / per, amount.max() * each / per, measure);
                    case POT_WIDTH -> new Rate.PerPotWidth(amount.min() * each, amount.max() * each, measure, per);
                    case PLANT -> new Rate.PerPlant(amount.min() * each / per, amount.max() * each / per, measure);
                    case AREA -> new Rate.PerArea(amount.min() * each / per, amount.max() * each / per, measure);
                    case HEIGHT -> new Rate.PerHeight(amount.min() * each / per, amount.max() * each / per, measure);
                });
    }

    /** Litres of finished feed from a litre of stock; empty while it is open, or refused. */
    private Optional<Double> dilution(Draft.Dose setting) {
        if (setting instanceof Draft.Ratio ratio) {
            return factor(ratio);
        }
        double percent = ((Draft.Share) setting).percent().min();
        if (!(percent > 0)) {
            refusals.add(FaultCode.LABEL_ZERO, "label", "0");
            return Optional.empty();
        }
        return Optional.of(100 / percent);
    }

    /** Whether the product itself is meant: always in water, and where it is dry unless it is called a solution. */
    private Optional<Choice> strength(Draft.Weighed w) {
        if (w.per() == Draft.Per.WATER) {
            return Optional.of(Choice.NEAT);
        }
        return w.strength()
                .or(() -> form == ProductForm.DRY ? Optional.of(Choice.NEAT) : ask(Question.LIQUID_STRENGTH));
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

    private double heaped(Draft.Weighed w) {
        boolean spoon = w.unit() == Written.TEASPOON || w.unit() == Written.TABLESPOON || w.unit() == Written.CUP;
        if (form == ProductForm.LIQUID || !spoon) {
            return 1;
        }
        Optional<Boolean> heaped = w.heaped().or(() -> ask(Question.SPOON_LEVEL).map(c -> c == Choice.HEAPED));
        if (heaped.isEmpty()) {
            return Double.NaN;
        }
        if (heaped.get()) {
            assumptions.add(Assumption.HEAPED_IS_HALF_MORE);
            return HEAPED;
        }
        return 1;
    }

    /** mL in the product's own measure; refused where nobody has measured it. */
    private double own() {
        if (ownMl.isEmpty()) {
            refusals.add(FaultCode.LABEL_OWN_MEASURE, "feed.own", "");
        }
        return ownMl.orElse(Double.NaN);
    }

    private Optional<Choice> measures() {
        return measures.or(() -> ask(Question.WHICH_MEASURES));
    }

    /** Whose unit it is. A teaspoon is the US one only where the label is known to be in US measures (1 % apart). */
    private Optional<Unit> resolve(Written written, boolean amount) {
        return switch (written) {
            case GRAM -> Optional.of(Unit.GRAM);
            case KILOGRAM -> Optional.of(Unit.KILOGRAM);
            case MILLIGRAM -> Optional.of(Unit.MILLIGRAM);
            case POUND -> Optional.of(Unit.POUND);
            case MILLILITRE -> Optional.of(Unit.MILLILITRE);
            case LITRE -> Optional.of(Unit.LITRE);
            case DROP -> Optional.of(Unit.DROP);
            case INCH -> Optional.of(Unit.INCH);
            case FOOT -> Optional.of(Unit.FOOT);
            case METRE -> Optional.of(Unit.METRE);
            case SQUARE_METRE -> Optional.of(Unit.SQUARE_METRE);
            case SQUARE_FOOT -> Optional.of(Unit.SQUARE_FOOT);
            case SQUARE_YARD -> Optional.of(Unit.SQUARE_YARD);
            case CENTIMETRE -> Optional.of(Unit.CENTIMETRE);
            case MILLIMETRE -> Optional.of(Unit.MILLIMETRE);
            case TEASPOON ->
                Optional.of(
                        measures.or(() -> Optional.ofNullable(answers.get(Question.WHICH_MEASURES)))
                                        .filter(c -> c == Choice.US)
                                        .isPresent()
                                ? Unit.US_TEASPOON
                                : Unit.METRIC_TEASPOON);
            case TABLESPOON -> tablespoon();
            case CUP -> measures().map(c -> c == Choice.US ? Unit.US_CUP : Unit.METRIC_CUP);
            case FLUID_OUNCE -> measures().map(c -> c == Choice.US ? Unit.US_FLUID_OUNCE : Unit.IMPERIAL_FLUID_OUNCE);
            case PINT -> measures().map(c -> c == Choice.US ? Unit.US_PINT : Unit.IMPERIAL_PINT);
            case QUART -> measures().map(c -> c == Choice.US ? Unit.US_QUART : Unit.IMPERIAL_QUART);
            case GALLON -> measures().map(c -> c == Choice.US ? Unit.US_GALLON : Unit.IMPERIAL_GALLON);
            case OWN -> Optional.of(Unit.MILLILITRE);
            case OUNCE -> {
                if (!amount || form == ProductForm.DRY) {
                    yield Optional.of(Unit.OUNCE);
                }
                Optional<Choice> kind = ask(Question.OUNCE_KIND);
                yield kind.isPresent() && kind.get() == Choice.FLUID
                        ? resolve(Written.FLUID_OUNCE, true)
                        : kind.map(c -> Unit.OUNCE);
            }
        };
    }

    private Optional<Unit> tablespoon() {
        Optional<Choice> whose = measures;
        if (questions.containsKey(Question.WHICH_MEASURES)) {
            whose = whose.or(() -> questions.getOrDefault(Question.WHICH_MEASURES, Optional.empty()));
            if (whose.isEmpty()) {
                return Optional.empty();
            }
        }
        if (whose.isPresent()) {
            return Optional.of(whose.get() == Choice.US ? Unit.US_TABLESPOON : Unit.METRIC_TABLESPOON);
        }
        return ask(Question.WHICH_TABLESPOON).map(c -> c == Choice.ML_20 ? Unit.AU_TABLESPOON : Unit.METRIC_TABLESPOON);
    }

    private Optional<Rate> ratio(Draft.Ratio r) {
        if (form == ProductForm.DRY && r.parts() > 0 && r.in() > 0) {
            assumptions.add(Assumption.DRY_RATIO_BY_WEIGHT);
            double grams = 1000 * r.parts() / r.in();
            return Optional.of(new Rate.PerWater(grams, grams, Measure.GRAMS));
        }
        return factor(r).map(f -> new Rate.PerWater(1000 / f, 1000 / f, Measure.MILLILITRES));
    }

    /** Parts of the whole from one part: N where 1:N means one in N, N + 1 where it means one and N of water. */
    private Optional<Double> factor(Draft.Ratio r) {
        if (!(r.parts() > 0) || !(r.in() > 0)) {
            refusals.add(FaultCode.LABEL_ZERO, "label", "0");
            return Optional.empty();
        }
        double n = r.in() / r.parts();
        if (n < RATIO_MATTERS_BELOW) {
            return ask(Question.RATIO_KIND).map(c -> c == Choice.IN_TOTAL ? n : n + 1);
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
        if (often.everyWatering()) {
            return Optional.of(new Rhythm.EveryWatering());
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
            refusals.add(new Fault(
                    FaultCode.LABEL_TOO_STRONG,
                    "label",
                    String.format(java.util.Locale.ROOT, "%.3g", rate.max()),
                    String.format(java.util.Locale.ROOT, "%.0f", strongest),
                    grams ? "g/L" : "mL/L"));
        }
    }
}
