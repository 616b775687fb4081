package evencistern.server.garden;

import evencistern.climate.Air;
import evencistern.climate.Aspect;
import evencistern.climate.Place;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.feed.HandMeasure;
import evencistern.media.Batch;
import evencistern.meter.Calibration;
import evencistern.meter.Meter;
import evencistern.meter.MeterLog;
import evencistern.meter.TdsScale;
import evencistern.server.history.Owned;
import evencistern.server.typed.Typed;
import evencistern.server.words.Language;
import evencistern.water.Dissolved;
import evencistern.water.SourceWater;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A garden with what belongs to it, as it goes over the wire.
 *
 * @param today the garden's own date
 * @param places in the order of the walk
 * @param spoons those that are owned
 * @param trade whether it declares itself a trade grower's
 * @param usualVesselId the can that is carried when nobody says otherwise
 */
public record GardenWire(
        UUID id,
        String name,
        String timeZone,
        double latitude,
        Typed latitudeTyped,
        Language language,
        UnitHabit unitHabit,
        Hand hand,
        List<HandMeasure.Spoon> spoons,
        boolean trade,
        boolean demo,
        int version,
        LocalDate today,
        List<PlaceWire> places,
        List<WaterWire> waters,
        List<MeterWire> meters,
        List<VesselWire> vessels,
        UUID usualVesselId,
        @Nullable UUID usualWaterId,
        UsualMeasures usualMeasures) {

    /** Litres that a shovel, a handful and a tub take where nobody has measured their own. */
    public record UsualMeasures(double shovel, double handful, double tub) {
        static final UsualMeasures ALL = new UsualMeasures(
                Batch.Measures.USUAL.shovelLitres(),
                Batch.Measures.USUAL.handfulLitres(),
                Batch.Measures.USUAL.tubLitres());
    }

    /** The place of this id, put away or not; refused where there is none. */
    public PlaceWire place(UUID id) {
        return require(places, "place", id);
    }

    /** The water of this id, put away or not; refused where there is none. */
    public WaterWire water(UUID id) {
        return require(waters, "water", id);
    }

    /** What carries water of this id, or the usual can where none is named; refused where there is none such. */
    public VesselWire can(@Nullable UUID id) {
        return id == null
                ? require(vessels, "vessel", usualVesselId)
                : require(vessels.stream().filter(VesselWire::carries).toList(), "vessel", id);
    }

    private static <T extends Owned> T require(List<T> things, String kind, UUID id) {
        return things.stream()
                .filter(t -> t.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, kind, id.toString())));
    }

    /** Which units a person thinks in; every number of the page follows. */
    public enum UnitHabit {
        metric,
        us
    }

    /** What product is measured with. */
    public enum Hand {
        spoons,
        scale
    }

    private static final int MONTHS = 12;

    /**
     * Where plants stand; latitude and frosts ({@code MM-DD}) included, so that a live answer needs nothing else.
     *
     * @param sunshine share of the possible over the year, 0–1; {@code sunshineMonths} of each month, where it is known
     */
    public record PlaceWire(
            UUID id,
            String name,
            Kind kind,
            double latitude,
            List<Double> lows,
            List<Double> highs,
            double humidity,
            double lightShare,
            double sunshine,
            @Nullable List<Double> sunshineMonths,
            @Nullable Double lampHours,
            @Nullable Double lampPpfd,
            @Nullable String firstFrost,
            @Nullable String lastFrost,
            @Nullable Air air,
            @Nullable Double rainShare,
            @Nullable Aspect aspect,
            @Nullable Double altitudeM,
            @Nullable Map<String, Typed> typed,
            int version,
            boolean retired)
            implements Owned {

        /** In a room, under glass or film, or in the open. */
        public enum Kind {
            indoors,
            under_glass,
            outdoors
        }

        public Place toPlace() {
            Optional<Place.Frosts> frosts = firstFrost == null || lastFrost == null
                    ? Optional.empty()
                    : Optional.of(
                            new Place.Frosts(MonthDay.parse("--" + firstFrost), MonthDay.parse("--" + lastFrost)));
            return new Place(
                    latitude,
                    Place.Kind.valueOf(kind.name().toUpperCase(Locale.ROOT)),
                    lows,
                    highs,
                    humidity,
                    lightShare,
                    sunshineMonths == null ? Collections.nCopies(MONTHS, sunshine) : sunshineMonths,
                    lampHours == null || lampPpfd == null
                            ? Optional.empty()
                            : Optional.of(new Place.Lamps(lampHours, lampPpfd)),
                    frosts,
                    new Place.Exposure(
                            Optional.ofNullable(air),
                            rainShare == null ? 0 : rainShare,
                            Optional.ofNullable(aspect),
                            altitudeM == null ? 0 : altitudeM));
        }
    }

    /** The order in which the places are walked by; those not named come last. */
    public record WalkWire(UUID id, List<UUID> places, int version, boolean retired) implements Owned {}

    /** What a garden says of itself. */
    public record SettingsWire(
            UUID id,
            String name,
            String timeZone,
            double latitude,
            Typed latitudeTyped,
            Language language,
            UnitHabit unitHabit,
            Hand hand,
            List<HandMeasure.Spoon> spoons,
            @Nullable Boolean trade,
            int version,
            boolean retired)
            implements Owned {}

    /**
     * A source of water; its values as stored, and as typed.
     *
     * @param ec mS/cm
     * @param alkalinity mg/L CaCO3, where somebody has measured it
     * @param contents mg/L of what its report tells
     */
    public record WaterWire(
            UUID id,
            String name,
            @Nullable Origin kind,
            double ec,
            double ph,
            @Nullable Double alkalinity,
            @Nullable Map<Dissolved, Double> contents,
            @Nullable Map<String, Typed> typed,
            int version,
            boolean retired)
            implements Owned {

        /** Where it comes from; tap where nothing is said. Softened is there to be refused. */
        public enum Origin {
            tap,
            rain,
            filtered,
            well,
            softened
        }

        public SourceWater toWater() {
            return new SourceWater(
                    ec,
                    ph,
                    alkalinity == null ? OptionalDouble.empty() : OptionalDouble.of(alkalinity),
                    contents == null ? Map.of() : contents,
                    SourceWater.Kind.valueOf(
                            (kind == null ? Origin.tap : kind).name().toUpperCase(Locale.ROOT)));
        }
    }

    /**
     * A pen meter; its scale is absent until somebody has said which it prints.
     *
     * @param compensates whether it brings EC to 25 °C by itself
     * @param probeSince when its glass was new
     * @param everyDays how often its keeper wants to be told to calibrate it
     * @param port of this machine on which it is heard, if it is connected
     */
    public record MeterWire(
            UUID id,
            String name,
            @Nullable String scale,
            double phPlusMinus,
            double ecPlusMinus,
            boolean compensates,
            @Nullable LocalDate probeSince,
            @Nullable Integer everyDays,
            @Nullable Integer port,
            @Nullable Map<String, Typed> typed,
            int version,
            boolean retired)
            implements Owned {
        public Meter toMeter() {
            return new Meter(scale == null ? null : TdsScale.require(scale, "meter.scale"), phPlusMinus, ecPlusMinus);
        }

        /** It with what it was found to show. */
        public MeterLog toLog(List<Calibration> calibrations) {
            return new MeterLog(
                    toMeter(),
                    compensates,
                    probeSince,
                    everyDays == null ? OptionalInt.empty() : OptionalInt.of(everyDays),
                    calibrations);
        }
    }

    /** A can, bucket or barrel, or what mix is measured with; with what was typed of it. */
    public record VesselWire(
            UUID id, String name, Use use, double litres, Typed litresTyped, int version, boolean retired)
            implements Owned {
        /** What it is for: a can carries water, the others measure mix. */
        public enum Use {
            can,
            tub,
            shovel,
            handful,
            /** A drip line: what one emitter gives in an hour. */
            drip
        }

        /** Whether water is carried in it, now. */
        public boolean carries() {
            return use == Use.can && !retired;
        }
    }
}
