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
    private static final double PLUG_L = 0.1;
    private static final double SMALL_L = 0.5;
    private static final double MIDDLE_L = 1.5;
    private static final double LIME_HATERS_GOOD = 40;
    private static final double LIME_HATERS_MOST = 60;
    private static final double SOFTENED_GOOD = 62.5;
    private static final double SOFTENED_MOST = 125;
    /** Rain, distilled and reverse-osmosis water have less; society practice, from memory. */
    public static final double PURE_MS_CM = 0.1;

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
        return plant.limeHarms() ? LIME_HATERS_MOST : alkalinityGood(mixLitres) + (mixLitres < MIDDLE_L ? 40 : 60);
    }

    private static double alkalinityGood(double mixLitres) {
        return mixLitres < PLUG_L ? 60 : mixLitres < SMALL_L ? 80 : mixLitres < MIDDLE_L ? 100 : 120;
    }

    /** All that is known of the water, judged for a pot of so many litres of mix and a plant. */
    public static List<Finding> judge(SourceWater water, double mixLitres, Drinker plant) {
        Faults.require("pot.litres", mixLitres, 0.01, 1000, "L");
        List<Finding> findings = new ArrayList<>();
        double good = plant.limeHarms() ? LIME_HATERS_GOOD : alkalinityGood(mixLitres);
        water.alkalinity()
                .ifPresent(a -> findings.add(
                        new Finding(What.ALKALINITY, a, good, alkalinityLimit(mixLitres, plant), "mg/L CaCO₃")));
        if (water.alkalinity().isPresent() && water.hardness().isPresent()) {
            double bare = water.alkalinity().getAsDouble() - water.hardness().getAsDouble();
            if (bare > SOFTENED_GOOD) {
                findings.add(new Finding(What.SOFTENED, bare, SOFTENED_GOOD, SOFTENED_MOST, "mg/L CaCO₃"));
            }
        }
        double ec = plant.pureOnly() ? PURE_MS_CM : mixLitres < PLUG_L ? 0.75 : 1.5;
        findings.add(new Finding(What.EC, water.ecMsCm(), ec, ec, "mS/cm"));
        told(water, Dissolved.NA, What.SODIUM, 70, findings);
        told(water, Dissolved.CL, What.CHLORIDE, 140, findings);
        told(water, Dissolved.B, What.BORON, 0.5, findings);
        told(water, Dissolved.F, What.FLUORIDE, plant.fluorideHarms() ? 0.25 : 1, findings);
        return findings;
    }

    private static void told(SourceWater water, Dissolved element, What what, double most, List<Finding> findings) {
        if (water.mgPerL().containsKey(element)) {
            findings.add(new Finding(what, water.of(element), most, most, "mg/L"));
        }
    }
}
