package evencistern.feed;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.fault.Faults;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.water.SourceWater;
import evencistern.working.Working;

/**
 * What the meter should read in the can.
 *
 * <p><b>Answers</b> what conductivity does this strength add, and what will the pen show over my water?
 * <p><b>Formula</b> EC = EC(water) + c · f, where f is stated on the label or else 0.018 · (N + P2O5 + K2O) per g/L
 * <p><b>Units</b> c in g/L of product; f in mS/cm per g/L; EC in mS/cm at 25 °C
 * <p><b>Valid for</b> mineral feeds up to about 4 mS/cm; ± 20 % (95 %) on what the feed adds; urea does not conduct, so
 * a feed rich in it reads lower
 * <p><b>Source</b> [TYPICAL] the factor, from memory; a factor stated on the label takes its place
 * <p><b>Checked by</b> FeedTest
 */
public final class MeterForecast {
    static final double DEFAULT_PER_PERCENT = 0.018;
    private static final double PLUS_MINUS = 0.20;

    private MeterForecast() {}

    /** Conductivity of 1 g/L of this feed, mS/cm, without uncertainty. */
    static double perGramPerLitre(Feed feed) {
        Analysis a = feed.analysis();
        return feed.ecPerGramPerLitre().orElse(DEFAULT_PER_PERCENT * (a.n() + a.p2o5() + a.k2o()));
    }

    /** The reading to expect, with its ± from the factor and the dose. */
    public static Uncertain inCan(Feed feed, Uncertain gramsPerLitre, SourceWater water, Working working) {
        Faults.require("strength", gramsPerLitre.value(), 0, 200, "g/L");
        double factor = perGramPerLitre(feed);
        boolean stated = feed.ecPerGramPerLitre().isPresent();
        Uncertain added = gramsPerLitre.times(Uncertain.plusMinus95(factor, factor * PLUS_MINUS));
        Uncertain reading = added.plus(Uncertain.exact(water.ecMsCm()));
        working.step(
                "feed.meter",
                "EC = EC(water) + c·f",
                reading.value(),
                Unit.MILLISIEMENS_PER_CM,
                stated ? "TYPED" : "TYPICAL",
                typed("EC(water)", water.ecMsCm(), Unit.MILLISIEMENS_PER_CM, "water.ec"),
                earlier("c", gramsPerLitre.value(), Unit.GRAM_PER_LITRE, "feed.strength"),
                stated
                        ? typed("f", factor, Unit.MILLISIEMENS_PER_CM, "feed.ec_factor")
                        : table("f", factor, Unit.MILLISIEMENS_PER_CM, "feed:ec_factor"));
        return reading;
    }
}
