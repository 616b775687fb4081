package evencistern.feed;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.chemistry.AtomicWeights;
import evencistern.chemistry.Formula;
import evencistern.fault.Faults;
import evencistern.label.Measure;
import evencistern.solution.Conductance;
import evencistern.solution.Ion;
import evencistern.solution.Ions;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.util.Locale;

/**
 * What the meter should read in the can.
 *
 * <p><b>Answers</b> what conductivity does this strength add, and what will the pen show over my water?
 * <p><b>Formula</b> EC = EC(water) + added; added is c·f where the label states f; else by the ions, where the label tells
 * how all nitrogen is bound; else by the salts that the three numbers are commonly made of: phosphorus as ammonium
 * phosphate, potassium as nitrate, and what is left of the nitrogen as ammonium nitrate as far as 95 % of the weight has
 * room for it, the rest as urea
 * <p><b>Units</b> c in g/L of product; f in mS/cm per g/L; EC in mS/cm at 25 °C
 * <p><b>Valid for</b> up to about 4 mS/cm; 95 % of what the feed adds: label ± 10 %, ions ± 7 % and a quarter of what had to
 * be filled in, three numbers besides as far as all ammonium nitrate and all urea lie apart; urea does not conduct
 * <p><b>Source</b> ions as in {@link Conductance}; [TYPICAL] the salts behind three numbers and the 5 % of other things, from
 * memory; a factor stated on the label takes the place of both
 * <p><b>Checked by</b> MeterForecastTest
 */
public final class MeterForecast {
    private static final double LABEL_PLUS_MINUS = 0.10;
    private static final double IONS_PLUS_MINUS = 0.07;
    /** Of the weight, what is not dye, chelate and moisture. */
    private static final double SALTS = 0.95;

    private static final double UREA_GRAMS_PER_MOLE_N = Formula.of("CO(NH2)2").gramsPerMole() / 2;
    private static final double FILLED_PLUS_MINUS = 0.25;
    private static final double Z95 = 1.959963984540054;
    private static final int ROUNDS = 12;
    /** Of the salts that conduct best, about 10 mS/cm. */
    private static final double VALID_GRAMS_PER_LITRE = 8;

    /** What the forecast goes by. */
    public enum By {
        LABEL,
        IONS,
        THREE_NUMBERS;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private MeterForecast() {}

    /** What this feed's forecast goes by. */
    public static By by(Feed feed) {
        if (feed.ecPerGramPerLitre().isPresent()) {
            return By.LABEL;
        }
        return feed.analysis().formsTold() ? By.IONS : By.THREE_NUMBERS;
    }

    /**
     * What so much of the feed adds to the reading, mS/cm at 25 °C.
     *
     * @param perLitre of product, in the measure
     * @param waterMsCm of the water beneath
     */
    public static Uncertain added(Feed feed, double perLitre, Measure measure, double waterMsCm) {
        double value = adds(feed, perLitre, measure, waterMsCm);
        return switch (by(feed)) {
            case LABEL -> {
                double f = feed.ecPerGramPerLitre().getAsDouble();
                yield feed.gramsPer(measure).times(perLitre).times(Uncertain.plusMinus95(f, f * LABEL_PLUS_MINUS));
            }
            case IONS -> {
                Ions told = feed.contentsPer(measure).times(perLitre).ions();
                Ions whole = filled(told);
                double filledShare = whole.charge() > 0 ? Math.abs(told.chargeLeft()) / whole.charge() : 0;
                double plusMinus = IONS_PLUS_MINUS + FILLED_PLUS_MINUS * filledShare;
                yield new Uncertain(value, value * Math.hypot(plusMinus / Z95, feed.contentsSpread(measure)));
            }
            case THREE_NUMBERS -> {
                Nutrients told = feed.contentsPer(measure).times(perLitre);
                double least = Conductance.over(filled(saltsOf(told, 0)), waterMsCm);
                double most = Conductance.over(filled(saltsOf(told, Double.MAX_VALUE)), waterMsCm);
                double apart = value > 0 ? (most - least) / value / Math.sqrt(12) : 0;
                double plusMinus = Math.hypot(IONS_PLUS_MINUS / Z95, apart);
                yield new Uncertain(value, value * Math.hypot(plusMinus, feed.contentsSpread(measure)));
            }
        };
    }

    /** The same without its ±. */
    static double adds(Feed feed, double perLitre, Measure measure, double waterMsCm) {
        return switch (by(feed)) {
            case LABEL ->
                feed.gramsPer(measure).value()
                        * perLitre
                        * feed.ecPerGramPerLitre().getAsDouble();
            case IONS ->
                Conductance.over(
                        filled(feed.contentsPer(measure).times(perLitre).ions()), waterMsCm);
            case THREE_NUMBERS -> {
                double mass = SALTS * 1000 * feed.gramsPer(measure).value() * perLitre;
                Ions salts = saltsOf(feed.contentsPer(measure).times(perLitre), mass);
                yield Conductance.over(filled(salts), waterMsCm);
            }
        };
    }

    /**
     * The ions of a feed that does not tell how its nitrogen is bound.
     *
     * @param told mg/L
     * @param mass of all salts, mg/L; 0 where all that may be is urea
     */
    private static Ions saltsOf(Nutrients told, double mass) {
        Ions ions = told.ions();
        double nitrogen = told.n() / AtomicWeights.N;
        double phosphate = Math.min(nitrogen, ions.of(Ion.DIHYDROGEN_PHOSPHATE));
        ions = ions.plus(Ion.AMMONIUM, phosphate);
        double nitrate = Math.min(nitrogen - phosphate, Math.max(0, ions.chargeLeft()));
        ions = ions.plus(Ion.NITRATE, nitrate);
        double left = nitrogen - phosphate - nitrate;
        double room = mass - filled(ions).mass() - left * UREA_GRAMS_PER_MOLE_N;
        double heavier = (Ion.AMMONIUM.gramsPerMole() + Ion.NITRATE.gramsPerMole()) / 2 - UREA_GRAMS_PER_MOLE_N;
        double half = Math.min(left, Math.max(0, room / heavier)) / 2;
        return ions.plus(Ion.AMMONIUM, half).plus(Ion.NITRATE, half);
    }

    /** What labels leave out is what balances the charges: sulfate for missing anions, sodium for missing cations. */
    private static Ions filled(Ions told) {
        double left = told.chargeLeft();
        return left > 0 ? told.plus(Ion.SULFATE, left / 2) : told.plus(Ion.SODIUM, -left);
    }

    /** Whether so much adds no more than that; not told of a solution stronger than the forecast is valid for. */
    static boolean staysWithin(double msCm, Feed feed, double perLitre, Measure measure, double waterMsCm) {
        return feed.gramsPer(measure).value() * perLitre <= VALID_GRAMS_PER_LITRE
                && adds(feed, perLitre, measure, waterMsCm) <= msCm;
    }

    /** The strength at which the feed adds so much, in the measure per litre; infinite where it does not conduct. */
    static double strengthAdding(Feed feed, Measure measure, double msCm, double waterMsCm) {
        double strength = 1;
        for (int i = 0; i < ROUNDS; i++) {
            double adds = adds(feed, strength, measure, waterMsCm);
            if (!(adds > 1e-6 * strength)) {
                return Double.MAX_VALUE;
            }
            double next = strength * msCm / adds;
            if (Math.abs(next - strength) < 1e-6 * strength) {
                return next;
            }
            strength = next;
        }
        return strength;
    }

    /** The reading to expect in water of this kind, with its ±. */
    public static Uncertain inCan(Feed feed, double perLitre, Measure measure, SourceWater water, Working working) {
        Faults.require("strength", perLitre, 0, 200, measure == Measure.GRAMS ? "g/L" : "mL/L");
        Uncertain added = added(feed, perLitre, measure, water.ecMsCm());
        Uncertain reading = added.plus(Uncertain.exact(water.ecMsCm()));
        By by = by(feed);
        double factor = perLitre > 0
                ? added.value() / (feed.gramsPer(measure).value() * perLitre)
                : feed.ecPerGramPerLitre().orElse(0);
        working.step(
                "feed.meter",
                "EC = EC(water) + c·f",
                reading.value(),
                Unit.MILLISIEMENS_PER_CM,
                by == By.LABEL ? "TYPED" : by == By.IONS ? "CRCHANDBOOK" : "TYPICAL",
                typed("EC(water)", water.ecMsCm(), Unit.MILLISIEMENS_PER_CM, "water.ec"),
                earlier("c", feed.gramsPer(measure).value() * perLitre, Unit.GRAM_PER_LITRE, "feed.strength"),
                by == By.LABEL
                        ? typed("f", factor, Unit.MILLISIEMENS_PER_CM, "feed.ec_factor")
                        : table("f", factor, Unit.MILLISIEMENS_PER_CM, "feed:ec_factor"));
        return reading;
    }
}
