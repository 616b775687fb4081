package evencistern.climate;

import evencistern.table.DataFile;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a place is like of which nobody has told anything yet.
 *
 * <p><b>Answers</b> what is an average year like at a window, under lamps, under glass or in the open?
 * <p><b>Formula</b> rooms as they are all year; else the year outside, warmer by day and night as the house has it, never below
 * what it is heated to; frost by its own nights: in months whose mean night
 * is below 5.5 °C in the open, 4 °C under glass
 * <p><b>Units</b> °C; % of daylight; hours; % relative humidity
 * <p><b>Valid for</b> a start, until the person tells what the place is like
 * <p><b>Source</b> [TYPICAL] all values from memory, in usual-places.csv; the year outside by Climate
 * <p><b>Checked by</b> UsualPlaceTest
 *
 * @param aspect the way its window looks, empty without one
 * @param rainShare of the rain that falls into the pots, none under a roof
 * @param air how it moves, where that is not as is usual in the open or under a roof
 * @param lightShare of the daylight outside over the year, 0–1
 * @param sunshine share of the possible sun that the sky lets through in each month
 */
public record UsualPlace(
        Place.Kind kind,
        Optional<Aspect> aspect,
        OptionalDouble rainShare,
        Optional<Air> air,
        double lightShare,
        double humidityPercent,
        List<Double> sunshine,
        Optional<Place.Lamps> lamps,
        List<Double> lows,
        List<Double> highs,
        Optional<Place.Frosts> frosts) {
    /** By so much a heated house is warmer by day than what it is heated to, however cold it is outside; from memory. */
    private static final double DAY_OVER_NIGHT_C = 3;
    /** Under glass or film nights differ less from each other than below a clear sky: months whose mean night is colder see frost. */
    private static final double FROST_UNDER_GLASS_C = 4;

    private static final List<DataFile.Row> PLACES = DataFile.read(UsualPlace.class, "usual-places.csv");

    /** The keys of all places that are known. */
    public static List<String> keys() {
        return PLACES.stream().map(p -> p.text("key")).toList();
    }

    /** Such a place at a latitude where the year outside is like this; the key is one of {@link #keys}. */
    public static UsualPlace in(Climate outside, double latitude, String key) {
        DataFile.Row row = PLACES.stream()
                .filter(p -> p.text("key").equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no usual place " + key));
        Place.Kind kind = Place.Kind.valueOf(row.text("kind"));
        boolean open = kind == Place.Kind.OUTDOORS;
        double hours = row.number("lamp_hours");
        List<Double> lows = months(row, kind, "low", outside.lows());
        return new UsualPlace(
                kind,
                aspect(row.choice("aspect", "shady", "sunny", "-"), latitude),
                row.text("rain").equals("-") ? OptionalDouble.empty() : OptionalDouble.of(row.number("rain")),
                air(row, kind, outside),
                row.number("light_share"),
                open ? Math.rint(Climate.mean(outside.humidity())) : row.number("humidity"),
                outside.sunshine(),
                hours > 0 ? Optional.of(new Place.Lamps(hours, row.number("ppfd"))) : Optional.empty(),
                lows,
                months(row, kind, "high", outside.highs()),
                Climate.frosts(lows, open ? Climate.FROST_C : FROST_UNDER_GLASS_C));
    }

    /** As the house has it; in the open the air nearest to the wind of the year. */
    private static Optional<Air> air(DataFile.Row row, Place.Kind kind, Climate outside) {
        if (!row.text("air").equals("-")) {
            return Optional.of(Air.valueOf(row.text("air").toUpperCase(Locale.ROOT)));
        }
        return kind == Place.Kind.OUTDOORS
                ? Optional.of(Air.nearest(Climate.mean(outside.windMs())))
                : Optional.empty();
    }

    /** South of the equator the sun stands in the north. */
    private static Optional<Aspect> aspect(String side, double latitude) {
        return side.equals("-")
                ? Optional.empty()
                : Optional.of(side.equals("sunny") == latitude < 0 ? Aspect.NORTH : Aspect.SOUTH);
    }

    private static List<Double> months(DataFile.Row place, Place.Kind kind, String extreme, List<Double> outside) {
        boolean night = extreme.equals("low");
        double warmer = place.number(night ? "warmer_night" : "warmer_day");
        double least = place.number("lowest") + (night ? 0 : DAY_OVER_NIGHT_C);
        return outside.stream()
                .map(c -> kind == Place.Kind.INDOORS
                        ? place.number("room_" + extreme)
                        : Math.max(least, Math.rint(2 * (c + warmer)) / 2))
                .toList();
    }
}
