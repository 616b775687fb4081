package evencistern.server.meter;

import evencistern.meter.Calibration;
import evencistern.meter.MeterLog;
import evencistern.meter.MeterLog.Standing;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A pen as it stands today.
 *
 * @param phPlusMinus its ± today, pH
 * @param ecPlusMinus its ± today, %
 * @param phOffset how much too high it showed at pH 7 when last held into buffers
 * @param phSlope its slope then, %
 * @param ecFactor what its EC was to be multiplied by then
 * @param phDriftAMonth how far its pH may have walked after a month, 95 %
 * @param findings what is to be said of it
 * @param calibrations newest first
 */
public record MeterLogWire(
        UUID meterId,
        double phPlusMinus,
        double ecPlusMinus,
        @Nullable LocalDate phOn,
        @Nullable Double phOffset,
        @Nullable Double phSlope,
        @Nullable LocalDate ecOn,
        @Nullable Double ecFactor,
        double phDriftAMonth,
        double ecDriftAMonth,
        LocalDate phDueOn,
        LocalDate ecDueOn,
        List<String> findings,
        List<CalibrationWire> calibrations) {
    static MeterLogWire of(UUID meter, Standing s, List<CalibrationWire> calibrations) {
        return new MeterLogWire(
                meter,
                s.believed().phPlusMinus(),
                s.believed().ecPlusMinusPercent(),
                s.phBy().map(Calibration::on).orElse(null),
                s.phBy().map(Calibration::offset).orElse(null),
                s.phBy()
                        .flatMap(c -> c.slopePercent().stream().boxed().findFirst())
                        .orElse(null),
                s.ecBy().map(Calibration::on).orElse(null),
                s.ecBy().map(Calibration::ecFactorFound).orElse(null),
                s.phDriftAMonth(),
                s.ecDriftAMonth(),
                s.phDueOn(),
                s.ecDueOn(),
                s.findings().stream().map(MeterLog.Finding::id).toList(),
                calibrations);
    }
}
