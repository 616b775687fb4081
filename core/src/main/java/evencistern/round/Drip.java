package evencistern.round;

import evencistern.fault.Faults;
import evencistern.units.Unit;
import evencistern.working.Working;

/**
 * How long a drip line runs.
 *
 * <p><b>Answers</b> how many minutes must the line run for each pot to get its water, and what does the line draw?
 * <p><b>Formula</b> minutes = 60·pour/(emitters · rate); draw = pots · emitters · rate
 * <p><b>Units</b> L, L/h, min
 * <p><b>Valid for</b> emitters of 0.2–50 L/h, pots of one need on a line; one line serves some 25 to 30 pots
 * <p><b>Source</b> [COMMON] arithmetic; emitters of about 3.8 L/h
 * <p><b>Checked by</b> DripTest
 *
 * @param minutes to run
 * @param drawLitresPerHour of the whole line
 * @param overlong whether there are more pots on it than a line usually serves
 */
public record Drip(double minutes, double drawLitresPerHour, boolean overlong) {
    private static final double MINUTES = 60;
    private static final int POTS_A_LINE = 30;

    public static Drip of(double pourLitres, double emitterLitresPerHour, int emittersEach, int pots, Working working) {
        Faults faults = new Faults();
        faults.within("drip.rate", emitterLitresPerHour, 0.2, 50, "L/h");
        faults.within("drip.emitters", emittersEach, 1, 20, "");
        faults.throwIfAny();
        double each = emitterLitresPerHour * emittersEach;
        double minutes = working.step(
                "water.drip",
                "time = pour/(emitters·rate)",
                pourLitres / each * MINUTES,
                Unit.MINUTE,
                "COMMON",
                Working.Input.earlier("pour", pourLitres, Unit.LITRE, "water.full_pour"),
                Working.Input.typed("rate", each, Unit.LITRE, "drip.rate"));
        return new Drip(minutes, each * pots, pots > POTS_A_LINE);
    }
}
