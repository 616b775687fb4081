package evencistern.server.garden;

import evencistern.climate.Climate;
import evencistern.climate.Place;
import evencistern.climate.UsualPlace;
import evencistern.server.garden.GardenWire.PlaceWire;
import java.time.MonthDay;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;

/** What a new place is like, to start from: its id is the key of the usual place. */
public enum PlacePreset {
    north_window,
    south_window,
    lamp_shelf,
    glasshouse,
    tunnel,
    cold_glasshouse,
    lean_to,
    open_bench,
    shade_net,
    balcony;

    PlaceWire at(UUID id, String name, double latitude, Climate outside) {
        UsualPlace usual = UsualPlace.in(outside, latitude, name());
        return new PlaceWire(
                id,
                name,
                PlaceWire.Kind.valueOf(usual.kind().name().toLowerCase(Locale.ROOT)),
                latitude,
                usual.lows(),
                usual.highs(),
                usual.humidityPercent(),
                usual.lightShare(),
                Climate.mean(usual.sunshine()),
                usual.sunshine(),
                usual.lamps().map(Place.Lamps::hours).orElse(null),
                usual.lamps().map(Place.Lamps::ppfd).orElse(null),
                usual.frosts().map(f -> text(f.first())).orElse(null),
                usual.frosts().map(f -> text(f.last())).orElse(null),
                usual.air().orElse(null),
                usual.rainShare().isPresent() ? usual.rainShare().getAsDouble() : null,
                usual.aspect().orElse(null),
                null,
                Map.of(),
                1,
                false);
    }

    private static String text(MonthDay day) {
        return day.toString().substring("--".length());
    }
}
