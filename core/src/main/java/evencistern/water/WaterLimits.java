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
 * 100–140, larger 120–180, for plants that lime harms 40–60; alkalinity without hardness, which is sodium's, 62.5–125; EC
 * 0.75 mS/cm for plugs, else 1.5, carnivores 0.1; Na 70, Cl 140, B 0.5, F 1 mg/L, 0.25 for plants that fluoride harms
 * <p><b>Units</b> mg/L; mS/cm; litres of mix
 * <p><b>Valid for</b> pots of 0.01–1 000 L; between the two alkalinities it depends on feed and plant
 * <p><b>Source</b> [TYPICAL] extension guides to irrigation water, from memory; alkalinity beyond hardness as the residual
 * sodium carbonate of [USDA60], 1.25 and 2.5 meq/L
 * <p><b>Checked by</b> CarbonateTest
 */
public final class WaterLimits {
    /** What a plant asks of its water. */
    public record Drinker(boolean limeHarms, boolean fluorideHarms, boolean phosphorusHarms, boolean pureOnly) {
        /** One of which nothing is known. */
        public static final Drinker ANY = new Drinker(false, false, false, false);
    }

    /** What is judged. */
    public enum What {
        ALKALINITY,
        /** Alkalinity that no calcium or magnesium stands against: softened water. */
        SOFTENED,
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

    /**
     * The alkalinity to stay below, mg/L CaCO3: the upper end for pots of so many litres.
     *
     * @param plant it is for
     */
    public static double alkalinityLimit(double mixLitres, Drinker plant) {
        return WaterLimit.alkalinity(mixLitres, plant.limeHarms()).most();
    }

    /** All that is known of the water, judged for a pot of so many litres of mix and a plant. */
    public static List<Finding> judge(SourceWater water, double mixLitres, Drinker plant) {
        Faults.require("pot.litres", mixLitres, 0.01, 1000, "L");
        List<Finding> findings = new ArrayList<>();
        WaterLimit alkalinity = WaterLimit.alkalinity(mixLitres, plant.limeHarms());
        water.alkalinity()
                .ifPresent(a -> findings.add(
                        new Finding(What.ALKALINITY, a, alkalinity.good(), alkalinity.most(), "mg/L CaCO₃")));
        if (water.alkalinity().isPresent() && water.hardness().isPresent()) {
            double bare = water.alkalinity().getAsDouble() - water.hardness().getAsDouble();
            WaterLimit softened = WaterLimit.SOFTENED;
            if (bare > softened.good()) {
                findings.add(new Finding(What.SOFTENED, bare, softened.good(), softened.most(), "mg/L CaCO₃"));
            }
        }
        WaterLimit ec = WaterLimit.ec(mixLitres, plant.pureOnly());
        findings.add(new Finding(What.EC, water.ecMsCm(), ec.good(), ec.most(), "mS/cm"));
        told(water, Dissolved.NA, What.SODIUM, WaterLimit.SODIUM, findings);
        told(water, Dissolved.CL, What.CHLORIDE, WaterLimit.CHLORIDE, findings);
        told(water, Dissolved.B, What.BORON, WaterLimit.BORON, findings);
        told(
                water,
                Dissolved.F,
                What.FLUORIDE,
                plant.fluorideHarms() ? WaterLimit.FLUORIDE_SENSITIVE : WaterLimit.FLUORIDE,
                findings);
        return findings;
    }

    private static void told(
            SourceWater water, Dissolved element, What what, WaterLimit limit, List<Finding> findings) {
        if (water.mgPerL().containsKey(element)) {
            findings.add(new Finding(what, water.of(element), limit.good(), limit.most(), "mg/L"));
        }
    }
}
