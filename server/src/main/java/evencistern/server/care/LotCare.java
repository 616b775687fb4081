package evencistern.server.care;

import evencistern.feed.HandMeasure;
import evencistern.plan.Care;
import evencistern.round.Carrying;
import evencistern.server.garden.GardenWire;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Standing;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

/** The care of a lot as it stands, so that the list of the day and the journal say the same. */
public final class LotCare {
    private LotCare() {}

    /**
     * What one pot gets on a day, of a lot as its journal has it or as it is being changed.
     *
     * @param share of the label's top rate that the person chose, if any
     */
    public static Care on(
            GardenContext context,
            Standing lot,
            LocalDate day,
            double canLitres,
            OptionalDouble share,
            Working working) {
        GardenWire g = context.garden();
        return Care.on(
                day,
                context.situation(lot),
                new Care.Tools(
                        canLitres,
                        HandMeasure.valueOf(g.hand().name().toUpperCase(Locale.ROOT)),
                        Set.copyOf(g.spoons()),
                        g.water(lot.lot().waterId()).toWater(),
                        share),
                working);
    }

    /** The same with the can that its next water fits, as the list of the day takes it. */
    public static Care inItsCan(
            GardenContext context, Standing lot, LocalDate day, OptionalDouble share, Working working) {
        GardenWire g = context.garden();
        Care usual = on(context, lot, day, g.can(null).litres(), share, Working.off());
        double litres = (usual.feeding().isPresent() ? usual.feedPourLitres() : usual.nextPourLitres())
                * lot.lot().pots();
        return on(context, lot, day, vessel(g, litres).litres(), share, working);
    }

    /** What so much water is carried in: the smallest can that takes it all, or else the usual one. */
    public static GardenWire.VesselWire vessel(GardenWire g, double litres) {
        GardenWire.VesselWire usual = g.can(null);
        List<GardenWire.VesselWire> cans =
                g.vessels().stream().filter(GardenWire.VesselWire::carries).toList();
        OptionalInt fits = Carrying.fitting(
                cans.stream().map(GardenWire.VesselWire::litres).toList(), usual.litres(), litres);
        return fits.isPresent() ? cans.get(fits.getAsInt()) : usual;
    }

    /** The same as it is planned, without its working. */
    public static Care on(GardenContext context, Standing lot, LocalDate day, double canLitres) {
        return on(context, lot, day, canLitres, OptionalDouble.empty(), Working.off());
    }
}
