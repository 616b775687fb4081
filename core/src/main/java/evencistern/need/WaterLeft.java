package evencistern.need;

import evencistern.media.PotWater;
import evencistern.working.Working;
import java.time.LocalDate;

/**
 * How wet a pot still is.
 *
 * <p><b>Answers</b> of the water that may go before the next watering, how much is left?
 * <p><b>Formula</b> 1 − missing/usable, at least 0; 0 for a lot never watered
 * <p><b>Units</b> a share, 0–1
 * <p><b>Valid for</b> a pot drained full at its last watering
 * <p><b>Source</b> [FAO56] equation 83 for what may go
 * <p><b>Checked by</b> CareTest
 */
public final class WaterLeft {
    private WaterLeft() {}

    /** The share that is left in one pot of a lot on a day. */
    public static double share(Situation s, LocalDate today) {
        if (s.lastWatered().isEmpty()) {
            return 0;
        }
        PotWater water = new PotWater(s.mix(), s.pot());
        WaterNeed need = new WaterNeed(water, s.pot(), s.species(), s.place(), s.particulars(), Working.off());
        return share(need.deficit(s.lastWatered().get(), today), need.usableLitres());
    }

    public static double share(double missingLitres, double usableLitres) {
        return Math.max(0, 1 - missingLitres / usableLitres);
    }
}
