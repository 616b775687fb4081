package evencistern.server.weather;

import evencistern.climate.Place;
import evencistern.server.GardenId;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of the weather as it was told. */
@Repository
class WeatherStore {
    private final JdbcClient db;

    WeatherStore(JdbcClient db) {
        this.db = db;
    }

    /**
     * Whether the weather is used in the plan, when it was told last, and when the service last did not answer.
     */
    record State(
            boolean inUse,
            @Nullable Instant toldAt,
            @Nullable Instant failedAt) {}

    /** Gardens whose plan goes by the weather. */
    List<GardenId> listGardensInUse() {
        return db.sql("select garden_id from weather_state where in_use order by garden_id")
                .query((r, n) -> new GardenId(r.getObject("garden_id", UUID.class)))
                .list();
    }

    State findState(GardenId garden) {
        return db.sql("select in_use, told_at, failed_at from weather_state where garden_id = ?")
                .param(garden.value())
                .query((r, n) -> new State(r.getBoolean("in_use"), instant(r, "told_at"), instant(r, "failed_at")))
                .optional()
                .orElse(new State(false, null, null));
    }

    private static @Nullable Instant instant(ResultSet r, String column) throws SQLException {
        OffsetDateTime at = r.getObject(column, OffsetDateTime.class);
        return at == null ? null : at.toInstant();
    }

    /** Whether the plan goes by the weather; what was told stays as it is. */
    void saveUse(GardenId garden, boolean inUse) {
        db.sql("""
                        insert into weather_state (garden_id, in_use) values (?, ?)
                        on conflict (garden_id) do update set in_use = excluded.in_use
                        """).params(garden.value(), inUse).update();
    }

    /** When the service last answered, or last did not; whether the plan goes by it stays as it is. */
    void saveTold(GardenId garden, @Nullable Instant toldAt, @Nullable Instant failedAt) {
        db.sql("""
                        insert into weather_state (garden_id, in_use, told_at, failed_at) values (?, false, ?, ?)
                        on conflict (garden_id) do update
                        set told_at = excluded.told_at, failed_at = excluded.failed_at
                        """)
                .params(Arrays.asList(garden.value(), offset(toldAt), offset(failedAt)))
                .update();
    }

    private static @Nullable OffsetDateTime offset(@Nullable Instant at) {
        return at == null ? null : at.atOffset(ZoneOffset.UTC);
    }

    void saveDay(GardenId garden, WeatherService.Told t) {
        Place.Weather w = t.weather();
        db.sql("""
                        insert into weather_day (garden_id, day, low_c, high_c, humidity, sun_mj, rain_mm, wind_ms, forecast)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?)
                        on conflict (garden_id, day) do update
                        set low_c = excluded.low_c, high_c = excluded.high_c, humidity = excluded.humidity,
                            sun_mj = excluded.sun_mj, rain_mm = excluded.rain_mm, wind_ms = excluded.wind_ms,
                            forecast = excluded.forecast
                        """)
                .params(
                        garden.value(),
                        t.day(),
                        w.lowC(),
                        w.highC(),
                        w.humidityPercent(),
                        w.globalMj(),
                        w.rainMm(),
                        w.windMs(),
                        t.forecast())
                .update();
    }

    /** The days from one on, oldest first. */
    List<WeatherService.Told> listDays(GardenId garden, LocalDate from) {
        return db.sql("""
                        select day, low_c, high_c, humidity, sun_mj, rain_mm, wind_ms, forecast from weather_day
                        where garden_id = ? and day >= ? order by day limit 1000
                        """)
                .params(garden.value(), from)
                .query((r, n) -> new WeatherService.Told(
                        r.getObject("day", LocalDate.class),
                        new Place.Weather(
                                r.getDouble("low_c"),
                                r.getDouble("high_c"),
                                r.getDouble("humidity"),
                                r.getDouble("sun_mj"),
                                r.getDouble("rain_mm"),
                                r.getDouble("wind_ms")),
                        r.getBoolean("forecast")))
                .list();
    }
}
