package evencistern.server.weather;

import evencistern.server.history.Owned;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** A sheet of daily weather that was brought in: its days and, in their order, what each was like. */
record WeatherSheetWire(
        UUID id,
        String name,
        Instant broughtAt,
        List<LocalDate> days,
        List<Double> lowC,
        List<Double> highC,
        List<Double> humidity,
        List<Double> sunMj,
        List<Double> rainMm,
        List<Double> windMs,
        int version,
        boolean retired)
        implements Owned {}
