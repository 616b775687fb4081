package evencistern.server.garden;

import evencistern.server.garden.GardenWire.PlaceWire;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What a new place is like, to start from: an average year there. All values typical, from memory. */
public enum PlacePreset {
    north_window(PlaceWire.Kind.indoors, 0.18, 50, null),
    south_window(PlaceWire.Kind.indoors, 0.40, 50, null),
    lamp_shelf(PlaceWire.Kind.indoors, 0.05, 55, 120.0),
    glasshouse(PlaceWire.Kind.under_glass, 0.60, 70, null),
    tunnel(PlaceWire.Kind.under_glass, 0.65, 80, null),
    open_bench(PlaceWire.Kind.outdoors, 1.0, 78, null);

    private static final List<Double> OUTDOOR_LOWS =
            List.of(1.5, 1.5, 3.0, 4.5, 7.5, 10.5, 12.5, 12.5, 10.0, 7.0, 4.0, 2.0);
    private static final List<Double> OUTDOOR_HIGHS =
            List.of(7.0, 7.5, 10.5, 13.5, 17.0, 20.0, 22.5, 22.0, 19.0, 14.5, 10.0, 7.5);
    private static final double TROPIC = 23.5;
    private static final double LAMP_HOURS = 13;
    /** A closed house is warmer by day; heated, it never falls below this by night. */
    private static final double GLASS_WARMER = 6;

    private static final double GLASSHOUSE_LOWEST = 7;

    private final PlaceWire.Kind kind;
    private final double lightShare;
    private final double humidity;
    private final @Nullable Double ppfd;

    PlacePreset(PlaceWire.Kind kind, double lightShare, double humidity, @Nullable Double ppfd) {
        this.kind = kind;
        this.lightShare = lightShare;
        this.humidity = humidity;
        this.ppfd = ppfd;
    }

    /** The place at a latitude: seasons turned round south of the equator, warm and without frost in the tropics. */
    PlaceWire at(UUID id, String name, double latitude) {
        boolean tropics = Math.abs(latitude) < TROPIC;
        boolean frosts = !tropics && this == open_bench;
        boolean south = latitude < 0;
        return new PlaceWire(
                id,
                name,
                kind,
                latitude,
                months(true, tropics, south),
                months(false, tropics, south),
                humidity,
                lightShare,
                0.38,
                ppfd == null ? null : LAMP_HOURS,
                ppfd,
                frosts ? (south ? "05-15" : "10-25") : null,
                frosts ? (south ? "10-05" : "04-28") : null,
                null,
                this == open_bench ? 1.0 : null,
                null,
                null,
                Map.of(),
                1,
                false);
    }

    private List<Double> months(boolean low, boolean tropics, boolean south) {
        if (kind == PlaceWire.Kind.indoors) {
            return Collections.nCopies(12, low ? 16.5 : 21.5);
        }
        List<Double> months = new ArrayList<>();
        for (int m = 0; m < 12; m++) {
            int month = south ? (m + 6) % 12 : m;
            double outside = tropics ? (low ? 22.5 : 31.0) : (low ? OUTDOOR_LOWS : OUTDOOR_HIGHS).get(month);
            months.add(inside(outside, low));
        }
        return months;
    }

    private double inside(double outside, boolean low) {
        return switch (this) {
            case glasshouse -> low ? Math.max(GLASSHOUSE_LOWEST, outside + 1) : outside + GLASS_WARMER;
            case tunnel -> low ? outside + 1 : outside + GLASS_WARMER;
            default -> outside;
        };
    }
}
