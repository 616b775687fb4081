package evencistern.plan;

import evencistern.feed.Feed;
import java.time.LocalDate;
import java.util.OptionalDouble;

/**
 * What one pot got at a watering that was done.
 *
 * <p><b>Answers</b> if so many litres were poured, how much product went with them, and did they flush the pot?
 * <p><b>Formula</b> product = planned product · litres/planned litres; what is strewn or sprayed goes without water; a flush
 * counts from 0.8 of what it asks for
 * <p><b>Units</b> L; product in the label's measure, g or mL
 * <p><b>Valid for</b> the same can as planned
 * <p><b>Source</b> [COMMON] arithmetic; 0.8 of a flush still carries off most of the salt
 * <p><b>Checked by</b> GivenTest
 *
 * @param product in one pot; 0 for plain water
 * @param nMgPerL nitrogen in the can; empty for plain water and for what is strewn
 */
public record Given(double litres, double product, OptionalDouble nMgPerL, boolean flush) {
    private static final double FLUSH_ENOUGH = 0.8;

    /**
     * Plain water on a day.
     *
     * @param litres poured on one pot; as planned where nobody has said
     */
    public static Given plain(Care care, LocalDate day, OptionalDouble litres) {
        double poured = litres.orElse(care.litresOn(day, false));
        boolean flush = care.plan()
                .flush()
                .filter(f -> !f.on().isAfter(day))
                .filter(f -> poured >= f.litres() * FLUSH_ENOUGH)
                .isPresent();
        return new Given(poured, 0, OptionalDouble.empty(), flush);
    }

    /** The same with another amount of that product, in its label's measure. */
    public Given with(double amount, Feed feed) {
        double n = feed.contentsPer(feed.rate().measure()).n();
        return new Given(
                litres, amount, litres > 0 ? OptionalDouble.of(amount * n / litres) : OptionalDouble.empty(), flush);
    }

    /** The feed of a lot, watered on, strewn or sprayed; the lot must have one. */
    public static Given fed(Care care, OptionalDouble litres) {
        Care.Feeding feeding = care.feeding().orElseThrow();
        if (feeding instanceof Care.Strewn strewn) {
            return new Given(0, strewn.pot().given(), OptionalDouble.empty(), false);
        }
        if (feeding instanceof Care.Sprayed sprayed) {
            return new Given(0, sprayed.plantAmount(), OptionalDouble.empty(), false);
        }
        Care.Watered watered = (Care.Watered) feeding;
        double poured = litres.orElse(care.feedPourLitres());
        double share = care.feedPourLitres() > 0 ? poured / care.feedPourLitres() : 0;
        return new Given(
                poured,
                watered.potAmount() * share,
                OptionalDouble.of(watered.can().mgPerL().n()),
                false);
    }
}
