package evencistern.need;

import evencistern.climate.Place;
import evencistern.media.PotWater;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.List;

/** Where a pot stood as the days went by, and what it uses there. */
public final class Whereabouts {
    /** From a day on it stood here. */
    public record Stay(LocalDate from, Place place) {}

    private final Situation situation;
    private final PotWater water;
    private final List<Stay> stays;
    private int at;
    private WaterNeed need;

    /**
     * Before it has gone anywhere.
     *
     * @param stays in the order of their days, at least one; before the first it stood there too
     */
    public Whereabouts(Situation situation, PotWater water, List<Stay> stays) {
        this.situation = situation;
        this.water = water;
        this.stays = stays;
        this.need = here();
    }

    private WaterNeed here() {
        return new WaterNeed(
                water, situation.pot(), situation.species(), place(), situation.particulars(), Working.off());
    }

    /** Goes to where it stood on a day; no day may be before the last one asked for. */
    public void goTo(LocalDate day) {
        while (at + 1 < stays.size() && !stays.get(at + 1).from().isAfter(day)) {
            at++;
            need = here();
        }
    }

    public Place place() {
        return stays.get(at).place();
    }

    public WaterNeed need() {
        return need;
    }
}
