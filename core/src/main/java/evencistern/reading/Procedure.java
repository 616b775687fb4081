package evencistern.reading;

import evencistern.fault.Faults;
import java.util.ArrayList;
import java.util.List;

/**
 * How a reading is taken from this pot, step by step.
 *
 * <p><b>Answers</b> how much water, how long to wait, how much to catch?
 * <p><b>Formula</b> pour-through: water to capacity, wait, then so much distilled water that 50 mL run out, linear between
 * the pot sizes of the table, and at most a tenth of the mix is caught; soak: as much water as the pot holds mix, twice
 * <p><b>Units</b> L; minutes
 * <p><b>Valid for</b> pots of 0.02–1 000 L of mix that drain
 * <p><b>Source</b> pour-through [CAVINS2000]: 60 min; 75–100 mL for pots of 10–15 cm, 150 for 1 US gallon, 350 for 3, 550 for
 * 5; soak of 4–5 h and what is caught of runoff [COMMON]
 * <p><b>Checked by</b> ProcedureTest
 */
public record Procedure(Method method, List<Step> steps) {
    private static final double US_GALLON = 3.785411784;
    private static final double[] POT_LITRES = {0.5, 1.5, US_GALLON, 3 * US_GALLON, 5 * US_GALLON};
    private static final double[] POUR_LITRES = {0.075, 0.100, 0.150, 0.350, 0.550};
    private static final double CAUGHT = 0.050;
    private static final double CAUGHT_SHARE = 0.1;
    private static final int STAND_MINUTES = 60;
    private static final int STIRRED_MINUTES = 30;
    private static final int SOAK_MINUTES = 270;

    /**
     * One thing to do.
     *
     * @param id of its words
     * @param litres to pour or to catch, 0 where none
     * @param minutes to wait, 0 where none
     */
    public record Step(String id, double litres, int minutes) {}

    /**
     * The steps for a pot.
     *
     * @param mixLitres it holds, 0.02–1 500
     * @param fullPourLitres of a normal watering to capacity with what runs through
     */
    public static Procedure of(Method method, double mixLitres, double fullPourLitres) {
        Faults.require("pot.litres", mixLitres, 0.02, 1500, "L");
        double caught = Math.min(CAUGHT, CAUGHT_SHARE * mixLitres);
        List<Step> steps = new ArrayList<>();
        switch (method) {
            case CAN -> steps.add(new Step("stir", 0, 1));
            case RUNOFF -> {
                steps.add(new Step("water_as_usual", fullPourLitres, 0));
                steps.add(new Step("catch_the_last", caught, 0));
            }
            case POUR_THROUGH -> {
                steps.add(new Step("water_to_capacity", fullPourLitres, 0));
                steps.add(new Step("let_it_drain", 0, STAND_MINUTES));
                steps.add(new Step("saucer", 0, 0));
                steps.add(new Step("pour_distilled", pour(mixLitres), 0));
                steps.add(new Step("catch", caught, 0));
            }
            case EXTRACT -> {
                steps.add(new Step("take_mix", CAUGHT, 0));
                steps.add(new Step("add_distilled", 2 * CAUGHT, 0));
                steps.add(new Step("stir_and_wait", 0, STIRRED_MINUTES));
            }
            case PASTE -> {
                steps.add(new Step("take_mix", 10 * CAUGHT, 0));
                steps.add(new Step("paste", 0, STAND_MINUTES));
                steps.add(new Step("suck_off", CAUGHT, 0));
            }
            case SOAK -> {
                steps.add(new Step("fresh_water", 2 * mixLitres, 0));
                steps.add(new Step("measure_before", 0, 0));
                steps.add(new Step("stand_the_pot", 0, SOAK_MINUTES));
            }
        }
        steps.add(new Step("rinse_and_measure", 0, 0));
        return new Procedure(method, steps);
    }

    /** Distilled water to pour onto a pot of so much mix, L. */
    static double pour(double mixLitres) {
        int last = POT_LITRES.length - 1;
        if (mixLitres <= POT_LITRES[0]) {
            return POUR_LITRES[0] * Math.max(0.2, mixLitres / POT_LITRES[0]);
        }
        if (mixLitres >= POT_LITRES[last]) {
            return POUR_LITRES[last] * mixLitres / POT_LITRES[last];
        }
        int i = 1;
        while (mixLitres > POT_LITRES[i]) {
            i++;
        }
        return POUR_LITRES[i - 1]
                + (mixLitres - POT_LITRES[i - 1])
                        * (POUR_LITRES[i] - POUR_LITRES[i - 1])
                        / (POT_LITRES[i] - POT_LITRES[i - 1]);
    }
}
