package evencistern.server.meter;

import evencistern.meter.Calibration;
import evencistern.server.history.Owned;
import evencistern.server.typed.Typed;
import java.time.LocalDate;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What a pen showed in its standards, with what was typed of it. EC in mS/cm. */
public record CalibrationWire(
        UUID id,
        UUID meterId,
        LocalDate on,
        double celsius,
        @Nullable Double ph4,
        @Nullable Double ph7,
        @Nullable Double ph10,
        @Nullable Double ec,
        boolean compensated,
        boolean adjusted,
        @Nullable Map<String, Typed> typed,
        int version,
        boolean retired)
        implements Owned {
    /** It as the rules know it; refused where no pen shows that. */
    public Calibration toCalibration() {
        return new Calibration(
                on, celsius, optional(ph4), optional(ph7), optional(ph10), optional(ec), compensated, adjusted);
    }

    private static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
