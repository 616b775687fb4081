package evencistern.reading;

import evencistern.feed.Nutrient;
import evencistern.feed.Nutrients;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.plant.Species;
import evencistern.water.SourceWater;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What a reading is to be understood by.
 *
 * @param feed what the lot is fed with, if it is fed
 * @param mixSpent share of the mix's life that is over, if it is known
 * @param mixDays since the pot last got fresh mix, if it is known
 */
public record Circumstances(
        Species species,
        Mix mix,
        PotWater pot,
        SourceWater water,
        Optional<Fed> feed,
        Days days,
        OptionalDouble mixSpent,
        OptionalInt mixDays,
        boolean drains) {

    /** How long it is since things were done to the lot, and how often they are; each where it is known. */
    public record Days(
            OptionalInt sinceFed,
            OptionalInt feedEvery,
            OptionalInt sinceWatered,
            OptionalInt waterEvery,
            OptionalInt sinceFlushed) {
        /** Nothing is known. */
        public static final Days UNKNOWN = new Days(
                OptionalInt.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                OptionalInt.empty());
    }

    /**
     * What it is fed with.
     *
     * @param canMsCm the EC of the can with water, if it is fed in water
     * @param contents of the product, in any one unit throughout
     * @param coated whether it is coated granules
     */
    public record Fed(OptionalDouble canMsCm, Nutrients contents, boolean coated) {
        /** Of its nitrogen, how much acidifies: ammonium and urea, 0–1; empty where the label does not say. */
        public OptionalDouble acidifying() {
            return share(contents.of(Nutrient.AMMONIUM_N) + contents.of(Nutrient.UREA_N));
        }

        /** Of its nitrogen, how much no pen sees: urea and what is slow or organic, 0–1; empty where it does not say. */
        public OptionalDouble unseen() {
            return share(contents.of(Nutrient.UREA_N) + contents.of(Nutrient.SLOW_N));
        }

        private OptionalDouble share(double part) {
            double told = contents.n() - contents.of(Nutrient.UNTOLD_N);
            return told > 0 && told >= contents.n() / 2 ? OptionalDouble.of(part / told) : OptionalDouble.empty();
        }
    }

    boolean coatedAlone() {
        return feed.filter(Fed::coated).isPresent();
    }

    Band band(Method method) {
        return Band.of(method, species, mix, coatedAlone());
    }
}
