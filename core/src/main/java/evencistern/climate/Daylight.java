package evencistern.climate;

import evencistern.fault.Faults;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.Optional;
import org.shredzone.commons.suncalc.SunTimes;

/** From sunrise to sunset, as the eye sees them: the upper edge of the sun at the horizon, refraction counted. */
public final class Daylight {
    private static final int HOURS = 24;

    private Daylight() {}

    /** Sunrise and sunset of a day. */
    public record Sun(ZonedDateTime rises, ZonedDateTime sets) {}

    /** Hours of daylight, 0–24; latitude −75 to 75. */
    public static double hours(double latitude, LocalDate date) {
        return sun(latitude, 0, date, ZoneOffset.UTC)
                .map(s -> Duration.between(s.rises(), s.sets()).toSeconds() / 3600.0)
                .orElse(SolarDay.of(latitude, date).daylengthHours() > HOURS / 2.0 ? (double) HOURS : 0.0);
    }

    /** When the sun rises and sets; empty where it does not on that day. */
    public static Optional<Sun> sun(double latitude, double longitude, LocalDate date, ZoneId zone) {
        Faults.require("latitude", latitude, -SolarDay.FARTHEST, SolarDay.FARTHEST, "°");
        SunTimes times = SunTimes.compute()
                .on(date)
                .timezone(zone)
                .at(latitude, longitude)
                .oneDay()
                .execute();
        ZonedDateTime rises = times.getRise();
        ZonedDateTime sets = times.getSet();
        return rises == null || sets == null || sets.isBefore(rises)
                ? Optional.empty()
                : Optional.of(new Sun(rises, sets));
    }
}
