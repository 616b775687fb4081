package evencistern.server.weather;

import evencistern.climate.Place;
import evencistern.server.GardenId;
import evencistern.server.history.OwnedTable;
import java.sql.Date;
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
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of the weather as it was told. */
@Repository
class WeatherStore {
    private final JdbcClient db;
    private final OwnedTable<WeatherSheetWire> sheets;

    WeatherStore(JdbcClient db, JdbcTemplate batch) {
        this.db = db;
        this.sheets = OwnedTable.named("weather_sheet", WeatherSheetWire.class, WeatherStore::sheet)
                .fixed("name", WeatherSheetWire::name)
                .fixed("brought_at", s -> offset(s.broughtAt()))
                .fixed("days", s -> OwnedTable.array(s.days(), Date::valueOf, Date[]::new))
                .fixed("low_c", s -> numbers(s.lowC()))
                .fixed("high_c", s -> numbers(s.highC()))
                .fixed("humidity", s -> numbers(s.humidity()))
                .fixed("sun_mj", s -> numbers(s.sunMj()))
                .fixed("rain_mm", s -> numbers(s.rainMm()))
                .fixed("wind_ms", s -> numbers(s.windMs()))
                .in(db, batch);
    }

    OwnedTable<WeatherSheetWire> sheets() {
        return sheets;
    }

    private static Double[] numbers(List<Double> values) {
        return values.toArray(Double[]::new);
    }

    private static WeatherSheetWire sheet(ResultSet r, int row) throws SQLException {
        Date[] days = (Date[]) r.getArray("days").getArray();
        return new WeatherSheetWire(
                r.getObject("id", UUID.class),
                r.getString("name"),
                r.getObject("brought_at", OffsetDateTime.class).toInstant(),
                Arrays.stream(days).map(Date::toLocalDate).toList(),
                numbers(r, "low_c"),
                numbers(r, "high_c"),
                numbers(r, "humidity"),
                numbers(r, "sun_mj"),
                numbers(r, "rain_mm"),
                numbers(r, "wind_ms"),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    private static List<Double> numbers(ResultSet r, String column) throws SQLException {
        return List.of((Double[]) r.getArray(column).getArray());
    }

    /** The sheets that count, the newest first. */
    List<Weathers.WeatherSheetOf> listSheets(GardenId garden) {
        return db.sql("""
                        select id, name, (select min(d) from unnest(days) d) as first, (select max(d) from unnest(days) d) as last,
                               cardinality(days) as count, brought_at, version
                        from weather_sheet where garden_id = ? and not retired order by brought_at desc, id limit 100
                        """)
                .param(garden.value())
                .query((r, n) -> new Weathers.WeatherSheetOf(
                        r.getObject("id", UUID.class),
                        r.getString("name"),
                        r.getObject("first", LocalDate.class),
                        r.getObject("last", LocalDate.class),
                        r.getInt("count"),
                        r.getObject("brought_at", OffsetDateTime.class).toInstant(),
                        r.getInt("version")))
                .list();
    }

    /** The days of the sheets from one on; where two tell of a day, the newer sheet's. */
    List<WeatherService.Told> listNoted(GardenId garden, LocalDate from) {
        return db.sql("""
                        select distinct on (d.day) d.day, d.low_c, d.high_c, d.humidity, d.sun_mj, d.rain_mm, d.wind_ms,
                               false as forecast
                        from weather_sheet s,
                             unnest(s.days, s.low_c, s.high_c, s.humidity, s.sun_mj, s.rain_mm, s.wind_ms)
                               as d(day, low_c, high_c, humidity, sun_mj, rain_mm, wind_ms)
                        where s.garden_id = ? and not s.retired and d.day >= ?
                        order by d.day, s.brought_at desc, s.id limit 1000
                        """)
                .params(garden.value(), from)
                .query(WeatherStore::told)
                .list();
    }

    private static WeatherService.Told told(ResultSet r, int row) throws SQLException {
        return new WeatherService.Told(
                r.getObject("day", LocalDate.class),
                new Place.Weather(
                        r.getDouble("low_c"),
                        r.getDouble("high_c"),
                        r.getDouble("humidity"),
                        r.getDouble("sun_mj"),
                        r.getDouble("rain_mm"),
                        r.getDouble("wind_ms")),
                r.getBoolean("forecast"));
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
                .query(WeatherStore::told)
                .list();
    }
}
