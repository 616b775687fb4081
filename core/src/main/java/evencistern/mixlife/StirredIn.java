package evencistern.mixlife;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.feed.DoseLimit;
import evencistern.media.Amendment;
import evencistern.plant.Appetite;
import evencistern.plant.Species;
import evencistern.plant.Trait;
import java.util.List;
import java.util.Optional;

/**
 * What speaks against something that is stirred into a mix.
 *
 * <p><b>Answers</b> may so much of this be in the mix of this plant?
 * <p><b>Formula</b> nothing that feeds for a plant that takes no food at its roots; no phosphorus for one that it harms; coated
 * feed and nitrogen that is at hand at once up to the same limits as strewn feed
 * <p><b>Units</b> g and mg per litre of mix
 * <p><b>Valid for</b> mixes about to be filled; where no plant is known, what hungry plants stand
 * <p><b>Source</b> limits as in limits.csv of the feeds; [COMMON] the rest
 * <p><b>Checked by</b> StirredInTest
 */
public final class StirredIn {
    /** A meal gives itself away over its months; what of it is at hand at once is a month's share. */
    private static final double AT_ONCE_MONTHS = 1;

    private StirredIn() {}

    /** The faults of so much of it, g per litre of mix, for a plant or, where none is known, for any. */
    public static List<Fault> against(Amendment amendment, double gramsPerLitre, Optional<Species> plant) {
        Faults faults = new Faults();
        plant.ifPresent(species -> unfit(amendment, species, faults));
        DoseLimit.Stands stands = plant.map(Species::stands).orElse(DoseLimit.Stands.HIGH);
        if (!faults.any() && amendment.kind() == Amendment.Kind.FEED) {
            faults.within("amendment.grams", gramsPerLitre, 0, DoseLimit.COATED.of(stands), "g/L");
        }
        if (!faults.any() && amendment.kind() != Amendment.Kind.FEED) {
            double nitrogen = amendment.adds(gramsPerLitre).getOrDefault("n", 0.0)
                    * Math.min(1, AT_ONCE_MONTHS / Math.max(AT_ONCE_MONTHS, amendment.months()));
            faults.within("amendment.nitrogen", nitrogen, 0, DoseLimit.QUICK_N.of(stands), "mg/L");
        }
        return faults.list();
    }

    private static void unfit(Amendment amendment, Species species, Faults faults) {
        boolean feeds = amendment.kind() == Amendment.Kind.FEED
                || amendment.contents().containsKey("p")
                || amendment.contents().containsKey("n");
        if (species.appetite() == Appetite.NONE && feeds) {
            faults.add(FaultCode.NO_ROOT_FEED, "amendment", amendment.key());
        } else if (species.hates(Trait.PHOSPHORUS) && amendment.contents().containsKey("p")) {
            faults.add(FaultCode.PHOSPHORUS_HATED, "amendment", amendment.key());
        }
    }
}
