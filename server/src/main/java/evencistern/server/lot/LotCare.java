package evencistern.server.lot;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.feed.HandMeasure;
import evencistern.food.Spray;
import evencistern.need.Course;
import evencistern.need.Situation;
import evencistern.plan.Care;
import evencistern.round.Carrying;
import evencistern.server.garden.GardenWire;
import evencistern.watering.Line;
import evencistern.watering.Watering;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.function.DoubleUnaryOperator;
import org.jspecify.annotations.Nullable;

/** The care of a lot as it stands, so that the list of the day and the journal say the same. */
public final class LotCare {
    private LotCare() {}

    /** What one pot gets on a day, as its journal has it, with this can. */
    public static Care on(GardenContext context, LotWithState lot, LocalDate day, double canLitres) {
        return context.care(
                new GardenContext.CareAsked(lot, day, canLitres), () -> on(context, lot, With.NEXT, day, canLitres));
    }

    /** With which feed a lot is fed. */
    public record With(Optional<Course> course) {
        /** With the course that comes next. */
        public static final With NEXT = new With(Optional.empty());

        /** With a feed of its programme, or with another as its label has it; refused where that cannot be planned. */
        public static With of(GardenContext context, LotWithState lot, @Nullable UUID feedId) {
            if (feedId == null) {
                return NEXT;
            }
            Situation s = context.situation(lot);
            String key = feedId.toString();
            return new With(Optional.of(s.courses().stream()
                    .filter(c -> c.key().equals(key))
                    .findFirst()
                    .or(() -> context.feed(feedId)
                            .map(f -> LotCourse.alone(feedId).course(f).given(s.lastFed())))
                    .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "lot.feed", key)))));
        }

        private Situation in(Situation s) {
            return course.map(s::of).orElse(s);
        }
    }

    /** The same with a feed that a person has chosen. */
    public static Care on(GardenContext context, LotWithState lot, With with, LocalDate day, double canLitres) {
        return Care.on(
                day,
                with.in(context.situation(lot)),
                tools(context.garden(), lot, pour -> canLitres, sprayer(lot), OptionalDouble.empty()),
                Working.off());
    }

    /** The same with a spray of which so many litres are mixed. */
    public static Care inSprayer(GardenContext context, LotWithState lot, LocalDate day, double litres) {
        return Care.on(
                day,
                context.situation(lot),
                tools(context.garden(), lot, pour -> litres, each -> litres, OptionalDouble.empty()),
                Working.off());
    }

    /** What is mixed for all pots of a lot. */
    private static DoubleUnaryOperator sprayer(LotWithState lot) {
        return each -> Spray.mixed(each * lot.lot().pots());
    }

    /**
     * The same of a lot as it is being changed, with the can that its feed fits, as the list of the day takes it.
     *
     * @param share of the label's top rate that the person chose, if any
     */
    static Care inItsCan(
            GardenContext context, LotWithState lot, LocalDate day, OptionalDouble share, Working working) {
        GardenWire g = context.garden();
        return Care.on(
                day,
                context.situation(lot),
                tools(g, lot, pour -> vessel(g, pour * lot.lot().pots()).litres(), sprayer(lot), share),
                working);
    }

    /** How long the line runs that brings a lot so much for each pot; empty where none does. */
    public static Optional<Line> line(GardenWire g, LotWithState lot, Care care, double litresEach, Working working) {
        Watering watering = care.plan().need().watering();
        int pots = lot.lot().pots();
        return switch (watering.way()) {
            case DRIP -> Optional.of(Line.drip(litresEach, watering.emitter(emitter(g)), pots, working));
            case OVERHEAD ->
                Optional.of(Line.overhead(
                        litresEach,
                        care.plan().need().catchM2(),
                        watering,
                        care.plan().potWater().pot(),
                        pots,
                        working));
            default -> Optional.empty();
        };
    }

    /** What an emitter of the garden's drip line gives in an hour. */
    private static OptionalDouble emitter(GardenWire g) {
        return g.vessels().stream()
                .filter(v -> v.use() == GardenWire.VesselWire.Use.drip && !v.retired())
                .mapToDouble(GardenWire.VesselWire::litres)
                .findFirst();
    }

    private static Care.Tools tools(
            GardenWire g,
            LotWithState lot,
            DoubleUnaryOperator can,
            DoubleUnaryOperator sprayer,
            OptionalDouble share) {
        return new Care.Tools(
                can,
                sprayer,
                HandMeasure.valueOf(g.hand().name().toUpperCase(Locale.ROOT)),
                Set.copyOf(g.spoons()),
                g.water(lot.lot().waterId()).toWater(),
                share);
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
}
