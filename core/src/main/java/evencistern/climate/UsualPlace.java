package evencistern.climate;

import evencistern.table.DataFile;
import java.time.MonthDay;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * What a place is like of which nobody has told anything yet.
 *
 * <p><b>Answers</b> what is an average year like at a window, under lamps, under glass or in the open?
 * <p><b>Formula</b> rooms as they are all year; else the year outside, warmer by day and night as the house has it, never below
 * what it is heated to; south of the equator six months later, in the tropics the same all year and without frost
 * <p><b>Units</b> °C; % of daylight; hours
 * <p><b>Valid for</b> a start, until the person tells what the place is like; one mild climate for all of the temperate world
 * <p><b>Source</b> [TYPICAL] all values from memory, in usual-places.csv and usual-year.csv
 * <p><b>Checked by</b> UsualPlaceTest
 *
 * @param lightShare of the daylight outside, 0–1
 */
public record UsualPlace(
        Place.Kind kind,
        double lightShare,
        double humidityPercent,
        Optional<Place.Lamps> lamps,
        List<Double> lows,
        List<Double> highs,
        Optional<Place.Frosts> frosts) {
    /** Share of the possible sun that the sky lets through in an average day of the temperate world. */
    public static final double SUNSHINE = 0.38;

    private static final double TROPIC = 23.5;
    private static final int MONTHS = 12;
    private static final int HALF_YEAR = 6;

    private static final List<DataFile.Row> YEAR = DataFile.read(UsualPlace.class, "usual-year.csv");
    private static final List<DataFile.Row> PLACES = DataFile.read(UsualPlace.class, "usual-places.csv");
    private static final Place.Frosts NORTH = new Place.Frosts(MonthDay.of(10, 25), MonthDay.of(4, 28));
    private static final Place.Frosts SOUTH = new Place.Frosts(MonthDay.of(5, 15), MonthDay.of(10, 5));

    /** The keys of all places that are known. */
    public static List<String> keys() {
        return PLACES.stream().map(p -> p.text("key")).toList();
    }

    /** Such a place at a latitude, −90 to 90; the key is one of {@link #keys}. */
    public static UsualPlace at(String key, double latitude) {
        DataFile.Row row = PLACES.stream()
                .filter(p -> p.text("key").equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no usual place " + key));
        Place.Kind kind = Place.Kind.valueOf(row.text("kind"));
        boolean tropics = Math.abs(latitude) < TROPIC;
        boolean frosts = !tropics && kind == Place.Kind.OUTDOORS;
        double hours = row.number("lamp_hours");
        return new UsualPlace(
                kind,
                row.number("light_share"),
                row.number("humidity"),
                hours > 0 ? Optional.of(new Place.Lamps(hours, row.number("ppfd"))) : Optional.empty(),
                months(row, kind, "low", latitude),
                months(row, kind, "high", latitude),
                frosts ? Optional.of(latitude < 0 ? SOUTH : NORTH) : Optional.empty());
    }

    private static List<Double> months(DataFile.Row place, Place.Kind kind, String extreme, double latitude) {
        String column = Math.abs(latitude) < TROPIC ? "tropic_" + extreme : extreme;
        double warmer = place.number(extreme.equals("low") ? "warmer_night" : "warmer_day");
        int shift = latitude < 0 ? HALF_YEAR : 0;
        return IntStream.range(0, MONTHS)
                .mapToObj(m -> kind == Place.Kind.INDOORS
                        ? place.number("room_" + extreme)
                        : Math.max(
                                place.number("lowest"),
                                YEAR.get((m + shift) % MONTHS).number(column) + warmer))
                .collect(Collectors.toUnmodifiableList());
    }
}
