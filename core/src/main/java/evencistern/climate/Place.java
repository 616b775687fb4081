package evencistern.climate;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Where plants stand: its average year, and on days of which the weather is known, that. */
public final class Place {
    private static final int LONGEST_YEAR = 366;
    private static final int MONTHS = 12;

    private final double latitude;
    private final Kind kind;
    private final List<Double> lows;
    private final List<Double> highs;
    private final double humidityPercent;
    private final double lightShare;
    private final List<Double> sunshine;
    private final Optional<Lamps> lamps;
    private final Optional<Frosts> frosts;
    private final Exposure exposure;
    private final PenmanMonteith reference;
    private final Map<LocalDate, Weather> weather;
    /**
     * Average days by the day of the year, common and leap, worked out when first asked for. Threads may both work one out;
     * days never change, so that does no harm.
     */
    private final Averages averages;

    private static final class Averages {
        private final @Nullable Day[] common = new Day[LONGEST_YEAR + 1];
        private final @Nullable Day[] leap = new Day[LONGEST_YEAR + 1];
    }

    /** In a room or a glasshouse its own air counts, and of the weather only the sun. */
    public enum Kind {
        INDOORS,
        UNDER_GLASS,
        OUTDOORS
    }

    /** Lamps: hours a day, 0–24, and photosynthetic light at the leaves in µmol m⁻² s⁻¹, 0–2 000. */
    public record Lamps(double hours, double ppfd) {
        public Lamps {
            Faults faults = new Faults();
            faults.within("place.lamp_hours", hours, 0, 24, "h");
            faults.within("place.lamp_light", ppfd, 0, 2000, "µmol/m²/s");
            faults.throwIfAny();
        }

        /** Light of a day, mol/m². */
        double molPerDay() {
            return ppfd * hours * 3600 / 1e6;
        }
    }

    /** The first frost of autumn and the last of spring. */
    public record Frosts(MonthDay first, MonthDay last) {}

    /**
     * What of wind, rain and sky reaches a place.
     *
     * @param air empty where nobody has said
     * @param rainShare of the rain that falls into the pots, 0–1
     * @param aspect the way its window looks, empty without one
     * @param altitudeM above the sea, −430 to 5 000
     */
    public record Exposure(Optional<Air> air, double rainShare, Optional<Aspect> aspect, double altitudeM) {
        public static final Exposure UNTOLD = new Exposure(Optional.empty(), 0, Optional.empty(), 0);

        public Exposure {
            Faults faults = new Faults();
            faults.within("place.rain", rainShare, 0, 1, "");
            faults.within("place.altitude", altitudeM, -430, 5000, "m");
            faults.throwIfAny();
        }
    }

    /**
     * What a weather service says of a day outdoors.
     *
     * @param globalMj sun on level ground, MJ/m²
     * @param windMs at 2 m
     */
    public record Weather(
            double lowC, double highC, double humidityPercent, double globalMj, double rainMm, double windMs) {
        /** Whether what falls lies as snow: on a day whose mean is below freezing; no pot is watered by it. */
        public boolean freezing() {
            return lowC + highC < 0;
        }
    }

    /** A place of whose air, rain and windows nobody has said anything. */
    public Place(
            double latitude,
            Kind kind,
            List<Double> lows,
            List<Double> highs,
            double humidityPercent,
            double lightShare,
            double sunshine,
            Optional<Lamps> lamps,
            Optional<Frosts> frosts) {
        this(
                latitude,
                kind,
                lows,
                highs,
                humidityPercent,
                lightShare,
                Collections.nCopies(MONTHS, sunshine),
                lamps,
                frosts,
                Exposure.UNTOLD);
    }

    /**
     * A place; refused with every fault.
     *
     * @param latitude −75 to 75, north positive
     * @param lows,highs mean daily minimum and maximum of each month, January first, °C, −40 to 60
     * @param humidityPercent mean relative humidity, 5–100
     * @param lightShare share of the light outdoors that reaches the plants over the year, 0.01–1
     * @param sunshine share of the possible sun that the sky lets through in each month, January first, 0–1
     * @param lamps electric light on top of what comes in from outdoors, empty where there is none
     * @param frosts first and last frost of the cold season, empty where none comes
     */
    public Place(
            double latitude,
            Kind kind,
            List<Double> lows,
            List<Double> highs,
            double humidityPercent,
            double lightShare,
            List<Double> sunshine,
            Optional<Lamps> lamps,
            Optional<Frosts> frosts,
            Exposure exposure) {
        this.latitude = latitude;
        this.kind = kind;
        this.lows = List.copyOf(lows);
        this.highs = List.copyOf(highs);
        this.humidityPercent = humidityPercent;
        this.lightShare = lightShare;
        this.sunshine = List.copyOf(sunshine);
        this.lamps = lamps;
        this.frosts = frosts;
        this.exposure = exposure;
        this.reference = PenmanMonteith.of(kind, air(), exposure.altitudeM());
        this.weather = Map.of();
        this.averages = new Averages();
        Faults faults = new Faults();
        faults.within("place.latitude", latitude, -SolarDay.FARTHEST, SolarDay.FARTHEST, "°");
        faults.within("place.humidity", humidityPercent, 5, 100, "%");
        faults.within("place.light", lightShare, 0.01, 1, "");
        sunshine.forEach(s -> faults.within("place.sunshine", s, 0, 1, ""));
        if (this.lows.size() != MONTHS || this.highs.size() != MONTHS || this.sunshine.size() != MONTHS) {
            faults.add(new Fault(FaultCode.MISSING, "place.months", Integer.toString(lows.size()), "12", ""));
        } else {
            for (int m = 0; m < MONTHS; m++) {
                faults.within("place.low", lows.get(m), -40, 60, "°C");
                faults.within("place.high", highs.get(m), lows.get(m), 60, "°C");
            }
        }
        faults.throwIfAny();
    }

    /** The same place, with what its average days are known to be, on other days' weather. */
    private Place(Place same, Map<LocalDate, Weather> weather) {
        this.latitude = same.latitude;
        this.kind = same.kind;
        this.lows = same.lows;
        this.highs = same.highs;
        this.humidityPercent = same.humidityPercent;
        this.lightShare = same.lightShare;
        this.sunshine = same.sunshine;
        this.lamps = same.lamps;
        this.frosts = same.frosts;
        this.exposure = same.exposure;
        this.reference = same.reference;
        this.weather = Map.copyOf(weather);
        this.averages = same.averages;
    }

    /** The same place on days of which the weather is known; under a roof only its sun counts. */
    public Place knowing(Map<LocalDate, Weather> days) {
        return new Place(this, days);
    }

    public double latitude() {
        return latitude;
    }

    public Kind kind() {
        return kind;
    }

    public List<Double> lows() {
        return lows;
    }

    public List<Double> highs() {
        return highs;
    }

    public double humidityPercent() {
        return humidityPercent;
    }

    public Optional<Frosts> frosts() {
        return frosts;
    }

    public Exposure exposure() {
        return exposure;
    }

    /** How its air moves: as told, or as is usual, a light wind in the open and still air under a roof. */
    public Air air() {
        return exposure.air().orElse(kind == Kind.OUTDOORS ? Air.MOVING : Air.STILL);
    }

    /** Whether plants lean here: daylight of a room, without lamps above. */
    public boolean lightFromOneSide() {
        return kind == Kind.INDOORS && lamps.isEmpty();
    }

    /** A day here: as its weather was told, or else an average one. */
    public Day on(LocalDate date) {
        Weather told = weather.isEmpty() ? null : weather.get(date);
        return told == null ? average(date) : as(told, average(date), date);
    }

    private Day as(Weather told, Day average, LocalDate date) {
        double sun = told.globalMj() * shareOn(date) + lampMj();
        boolean open = kind == Kind.OUTDOORS;
        return new Day(
                        open ? told.lowC() : average.lowC(),
                        open ? told.highC() : average.highC(),
                        open ? told.humidityPercent() : average.humidityPercent(),
                        average.extraterrestrialMj(),
                        sun,
                        told.globalMj(),
                        average.daylengthHours(),
                        open ? OptionalDouble.of(told.windMs()) : OptionalDouble.empty(),
                        told.freezing() ? 0 : told.rainMm() * exposure.rainShare())
                .drying(reference);
    }

    /** An average day here; temperatures run straight from the middle of one month to the middle of the next. */
    private Day average(LocalDate date) {
        @Nullable Day[] days = date.isLeapYear() ? averages.leap : averages.common;
        Day known = days[date.getDayOfYear()];
        if (known == null) {
            known = reckon(date);
            days[date.getDayOfYear()] = known;
        }
        return known;
    }

    private Day reckon(LocalDate date) {
        SolarDay sun = SolarDay.of(latitude, date);
        double open = SolarDay.through(between(sunshine, date)) * sun.extraterrestrialMj();
        return new Day(
                        between(lows, date),
                        between(highs, date),
                        humidityPercent,
                        sun.extraterrestrialMj(),
                        open * shareOn(date) + lampMj(),
                        open,
                        Daylight.hours(latitude, date),
                        OptionalDouble.empty(),
                        0)
                .drying(reference);
    }

    /** A window's share of the light changes with the sun's height. */
    private double shareOn(LocalDate date) {
        return exposure.aspect()
                .map(a -> Math.min(1, lightShare * a.against(latitude, date)))
                .orElse(lightShare);
    }

    private double lampMj() {
        return lamps.map(Lamps::molPerDay).orElse(0.0) / Day.MOL_PER_MJ;
    }

    private static double between(List<Double> months, LocalDate date) {
        double middle = date.lengthOfMonth() / 2.0;
        double offset = (date.getDayOfMonth() - 0.5 - middle) / date.lengthOfMonth();
        int month = date.getMonthValue() - 1;
        int neighbour = Math.floorMod(month + (offset < 0 ? -1 : 1), 12);
        double weight = Math.abs(offset);
        return months.get(month) * (1 - weight) + months.get(neighbour) * weight;
    }

    /** The wind at 2 m on a day, m/s: as the weather tells, or as the air of this place usually moves. */
    public double windMs(Day day) {
        return reference.windMs(day);
    }

    /**
     * The weather of a day.
     *
     * @param extraterrestrialMj radiation above the air, MJ/m²/d
     * @param globalMj radiation that reaches the plants, MJ/m²/d
     * @param skyMj the same in the open, which tells how clear the sky is
     * @param windMs at 2 m, where it is known
     * @param rainMm that falls into the pots
     * @param byDayMm what a wet green surface loses that breathes by day, and {@code byNightMm} one that breathes by night
     */
    public record Day(
            double lowC,
            double highC,
            double humidityPercent,
            double extraterrestrialMj,
            double globalMj,
            double skyMj,
            double daylengthHours,
            OptionalDouble windMs,
            double rainMm,
            double byDayMm,
            double byNightMm) {
        /** mol of photosynthetic light per MJ of sunlight: 0.45 of the energy at 4.57 µmol/J [THIMIJAN1983]. */
        private static final double MOL_PER_MJ = 0.45 * 4.57;

        /** A day of which it is not yet reckoned how much water it takes. */
        public Day(
                double lowC,
                double highC,
                double humidityPercent,
                double extraterrestrialMj,
                double globalMj,
                double skyMj,
                double daylengthHours,
                OptionalDouble windMs,
                double rainMm) {
            this(
                    lowC,
                    highC,
                    humidityPercent,
                    extraterrestrialMj,
                    globalMj,
                    skyMj,
                    daylengthHours,
                    windMs,
                    rainMm,
                    0,
                    0);
        }

        /** The same, with what it takes by this reference. */
        Day drying(PenmanMonteith reference) {
            return new Day(
                    lowC,
                    highC,
                    humidityPercent,
                    extraterrestrialMj,
                    globalMj,
                    skyMj,
                    daylengthHours,
                    windMs,
                    rainMm,
                    reference.mmPerDay(this),
                    reference.mmPerNight(this));
        }

        /** A dry day in the open without word of the wind. */
        public Day(
                double lowC,
                double highC,
                double humidityPercent,
                double extraterrestrialMj,
                double globalMj,
                double daylengthHours) {
            this(
                    lowC,
                    highC,
                    humidityPercent,
                    extraterrestrialMj,
                    globalMj,
                    globalMj,
                    daylengthHours,
                    OptionalDouble.empty(),
                    0);
        }

        public double meanC() {
            return (lowC + highC) / 2;
        }

        /** Daily light integral at the plants, mol/m²/d. */
        public double lightMol() {
            return globalMj * MOL_PER_MJ;
        }
    }
}
