package evencistern.server.care;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.feed.HandMeasure;
import evencistern.plan.Care;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.lot.Ground;
import evencistern.server.lot.Standing;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** The care of a lot as it stands, so that the list of the day and the journal say the same. */
public final class LotCare {
    private LotCare() {}

    /**
     * What one pot gets on a day.
     *
     * @param feed the lot's feed, or null to water plain
     */
    public static Care on(Ground ground, Standing lot, @Nullable FeedWire feed, LocalDate day, double canLitres) {
        GardenWire g = ground.garden();
        return Care.on(
                day,
                ground.situation(lot, feed),
                new Care.Tools(
                        canLitres,
                        HandMeasure.valueOf(g.hand().name().toUpperCase(Locale.ROOT)),
                        Set.copyOf(g.spoons()),
                        water(g, lot.lot().waterId()).toWater(),
                        OptionalDouble.empty()),
                Working.off());
    }

    /** The source a lot is watered from. */
    public static GardenWire.WaterWire water(GardenWire g, UUID id) {
        return g.waters().stream()
                .filter(w -> w.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "water", id.toString())));
    }

    /** Litres of the vessel asked for, or of the usual one where none was. */
    public static double can(GardenWire g, @Nullable UUID vessel) {
        return g.vessels().stream()
                .filter(v -> v.id().equals(vessel == null ? g.usualVesselId() : vessel) && v.carries())
                .findFirst()
                .map(GardenWire.VesselWire::litres)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "vessel", String.valueOf(vessel))));
    }
}
