package evencistern.meter;

import evencistern.fault.Faults;
import evencistern.table.DataFile;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;

/**
 * The liquids that a pen is held against.
 *
 * <p><b>Answers</b> what should the pen show in this bottle at this warmth?
 * <p><b>Formula</b> the bottle's table over temperature, linear between its rows
 * <p><b>Units</b> pH; mS/cm at the bottle's own warmth for potassium chloride; °C
 * <p><b>Valid for</b> 5–35 °C; fresh liquid, poured off and not poured back
 * <p><b>Source</b> [BUFFERS] and, for potassium chloride 0.01 mol/L, [OIMLR56]
 * <p><b>Checked by</b> CalibrationTest
 */
public enum Standard {
    PH_4,
    PH_7,
    PH_10,
    EC_1413;

    private static final double COLDEST = 5;
    private static final double WARMEST = 35;
    private static final Map<Standard, List<double[]>> TABLES = read();

    /** What it is at so many °C, 5–35. */
    public double at(double celsius) {
        Faults.require("calibration.celsius", celsius, COLDEST, WARMEST, "°C");
        List<double[]> rows = Objects.requireNonNull(TABLES.get(this));
        int i = 1;
        while (rows.get(i)[0] < celsius) {
            i++;
        }
        double[] below = rows.get(i - 1);
        double[] above = rows.get(i);
        return below[1] + (above[1] - below[1]) * (celsius - below[0]) / (above[0] - below[0]);
    }

    private static Map<Standard, List<double[]>> read() {
        Map<Standard, List<double[]>> tables = new EnumMap<>(Standard.class);
        List<DataFile.Row> rows = DataFile.read(Standard.class, "standards.csv");
        for (Standard standard : values()) {
            String column = standard.name().toLowerCase(Locale.ROOT);
            tables.put(
                    standard,
                    rows.stream()
                            .map(r -> new double[] {r.number("celsius"), r.number(column)})
                            .toList());
        }
        return tables;
    }
}
