package evencistern.water;

import evencistern.fault.Faults;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What a source water may hold.
 *
 * <p><b>Answers</b> is this water fit for pots of this size, and what is too much in it?
 * <p><b>Formula</b> alkalinity, mg/L CaCO3, by the mix in a pot: plugs under 0.1 L 60–100, under 0.5 L 80–120, under 1.5 L
 * 100–140, larger 120–180; EC 0.75 mS/cm for plugs, else 1.5; Na 70, Cl 140, B 0.5, F 1 mg/L
 * <p><b>Units</b> mg/L; mS/cm; litres of mix
 * <p><b>Valid for</b> pots of 0.01–1 000 L; between the two alkalinities it depends on feed and plant
 * <p><b>Source</b> [TYPICAL] extension guides to irrigation water, from memory
 * <p><b>Checked by</b> CarbonateTest
 */
public final class WaterLimits {
    private static final double PLUG_L = 0.1;
    private static final double SMALL_L = 0.5;
    private static final double MIDDLE_L = 1.5;

    /** What is judged. */
    public enum What {
        ALKALINITY,
        EC,
        SODIUM,
        CHLORIDE,
        BORON,
        FLUORIDE;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** How it stands. */
    public enum Standing {
        FIT,
        WATCH,
        TOO_MUCH;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * One value against its limits.
     *
     * @param good up to here it is fit
     * @param most above here it is too much
     */
    public record Finding(What what, double value, double good, double most, String unit) {
        public Standing standing() {
            return value > most ? Standing.TOO_MUCH : value > good ? Standing.WATCH : Standing.FIT;
        }
    }

    private WaterLimits() {}

    /** The alkalinity to stay below, mg/L CaCO3: the upper end for pots of so many litres. */
    public static double alkalinityLimit(double mixLitres) {
        return alkalinityGood(mixLitres) + (mixLitres < MIDDLE_L ? 40 : 60);
    }

    private static double alkalinityGood(double mixLitres) {
        return mixLitres < PLUG_L ? 60 : mixLitres < SMALL_L ? 80 : mixLitres < MIDDLE_L ? 100 : 120;
    }

    /** All that is known of the water, judged for a pot of so many litres of mix. */
    public static List<Finding> judge(SourceWater water, double mixLitres) {
        Faults.require("pot.litres", mixLitres, 0.01, 1000, "L");
        List<Finding> findings = new ArrayList<>();
        water.alkalinity()
                .ifPresent(a -> findings.add(new Finding(
                        What.ALKALINITY, a, alkalinityGood(mixLitres), alkalinityLimit(mixLitres), "mg/L CaCO₃")));
        double ec = mixLitres < PLUG_L ? 0.75 : 1.5;
        findings.add(new Finding(What.EC, water.ecMsCm(), ec, ec, "mS/cm"));
        told(water, Dissolved.NA, What.SODIUM, 70, findings);
        told(water, Dissolved.CL, What.CHLORIDE, 140, findings);
        told(water, Dissolved.B, What.BORON, 0.5, findings);
        told(water, Dissolved.F, What.FLUORIDE, 1, findings);
        return findings;
    }

    private static void told(SourceWater water, Dissolved element, What what, double most, List<Finding> findings) {
        if (water.mgPerL().containsKey(element)) {
            findings.add(new Finding(what, water.of(element), most, most, "mg/L"));
        }
    }
}
