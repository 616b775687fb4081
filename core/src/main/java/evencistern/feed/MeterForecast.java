package evencistern.feed;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

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
 * how all nitrogen is bound; else c · 0.018 · (N + P2O5 + K2O)
 * <p><b>Units</b> c in g/L of product; f in mS/cm per g/L; EC in mS/cm at 25 °C
 * <p><b>Valid for</b> up to about 4 mS/cm; 95 % of what the feed adds: label ± 10 %, ions ± 7 % and a quarter of what had to
 * be filled in, three numbers ± 20 %; urea does not conduct
 * <p><b>Source</b> ions as in {@link Conductance}; [TYPICAL] the factor of the three numbers, from memory; a factor stated
 * on the label takes the place of both
 * <p><b>Checked by</b> MeterForecastTest
 */
public final class MeterForecast {
    static final double PER_PERCENT = 0.018;
    private static final double LABEL_PLUS_MINUS = 0.10;
    private static final double IONS_PLUS_MINUS = 0.07;
    private static final double NUMBERS_PLUS_MINUS = 0.20;
    private static final double FILLED_PLUS_MINUS = 0.25;
    private static final double Z95 = 1.959963984540054;
    private static final int ROUNDS = 12;

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
        return switch (by(feed)) {
            case LABEL -> {
                double f = feed.ecPerGramPerLitre().getAsDouble();
                yield feed.gramsPer(measure).times(perLitre).times(Uncertain.plusMinus95(f, f * LABEL_PLUS_MINUS));
            }
            case IONS -> {
                Ions told = feed.contentsPer(measure).times(perLitre).ions();
                Ions whole = filled(told);
                double value = Conductance.over(whole, waterMsCm);
                double filledShare = whole.charge() > 0 ? Math.abs(told.chargeLeft()) / whole.charge() : 0;
                double plusMinus = IONS_PLUS_MINUS + FILLED_PLUS_MINUS * filledShare;
                yield new Uncertain(value, value * Math.hypot(plusMinus / Z95, feed.contentsSpread(measure)));
            }
            case THREE_NUMBERS -> {
                Nutrients unit = feed.contentsPer(measure);
                double percents = (unit.n() + unit.p() / Declared.P2O5.element() + unit.k() / Declared.K2O.element())
                        / 10
                        * perLitre;
                double value = PER_PERCENT * percents;
                yield new Uncertain(value, value * Math.hypot(NUMBERS_PLUS_MINUS / Z95, feed.contentsSpread(measure)));
            }
        };
    }

    /** What labels leave out is what balances the charges: sulfate for missing anions, sodium for missing cations. */
    private static Ions filled(Ions told) {
        double left = told.chargeLeft();
        return left > 0 ? told.plus(Ion.SULFATE, left / 2) : told.plus(Ion.SODIUM, -left);
    }

    /** The strength at which the feed adds so much, in the measure per litre; infinite where it does not conduct. */
    static double strengthAdding(Feed feed, Measure measure, double msCm, double waterMsCm) {
        double strength = 1;
        for (int i = 0; i < ROUNDS; i++) {
            double adds = added(feed, strength, measure, waterMsCm).value();
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
