package evencistern.mixlife;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.table.DataFile;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a crop stands of salt that was left over in its mix.
 *
 * <p><b>Answers</b> what would this crop yield in this mix, and from what salt on does it lose?
 * <p><b>Formula</b> yield = 100 − slope·(ECe − threshold), between 0 and 100
 * <p><b>Units</b> ECe mS/cm of the saturated extract; slope % for each mS/cm; yield % of that without salt
 * <p><b>Valid for</b> salt left over or from the water; never for the feed in a pot that is being fed, whose EC is judged by its
 * band
 * <p><b>Source</b> [MH1977] thresholds and slopes, also in [FAO29]; from memory
 * <p><b>Checked by</b> NextCropTest
 */
public record NextCrop(String key, double threshold, double slope) {
    private static final Map<String, NextCrop> ALL = read();

    public static List<NextCrop> all() {
        return List.copyOf(ALL.values());
    }

    /** The one of this key; an unknown key is refused. */
    public static NextCrop require(String key) {
        @Nullable NextCrop found = ALL.get(key);
        if (found == null) {
            throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "used.next", key));
        }
        return found;
    }

    /** Of what it gives without salt, per cent, at this ECe, 0–50. */
    public double yieldAt(double pasteMsCm) {
        Faults.require("reading.ec", pasteMsCm, 0, 50, "mS/cm");
        return Math.max(0, Math.min(100, 100 - slope * (pasteMsCm - threshold)));
    }

    private static Map<String, NextCrop> read() {
        Map<String, NextCrop> all = new LinkedHashMap<>();
        for (DataFile.Row row : DataFile.read(NextCrop.class, "crops.csv")) {
            all.put(row.text("key"), new NextCrop(row.text("key"), row.number("threshold"), row.number("slope")));
        }
        return all;
    }
}
