package evencistern.watering;

import evencistern.fault.Faults;
import evencistern.pot.Pot;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.OptionalDouble;

/**
 * How long a line runs.
 *
 * <p><b>Answers</b> how many minutes must emitters or sprinklers run for each pot to get its water, how much of it reaches the
 * pots, and what does the line draw?
 * <p><b>Formula</b> drip: minutes = 60·pour/emitter; draw = pots · emitter. Overhead: mm = pour/catch, catch = mouth of the pot
 * · (1 − half of what leaves shade); minutes = 60·mm/rate; reaches = catch/spacing²; draw = pots · spacing² · rate
 * <p><b>Units</b> L, L/h, mm, mm/h, m, min
 * <p><b>Valid for</b> emitters of 0.1–200 L/h a pot, pots of one need on a line; one drip line serves some 25 to 30 pots; pots in
 * a square pattern below sprinklers that wet evenly
 * <p><b>Source</b> [COMMON] arithmetic
 * <p><b>Checked by</b> WateringTest
 *
 * @param minutes to run
 * @param mm that falls on the bench meanwhile; empty for drip
 * @param reaches share of the water drawn that comes into the pots, 0–1
 * @param drawLitresPerHour of the whole line
 * @param overlong whether there are more pots on it than a line usually serves
 */
public record Line(double minutes, OptionalDouble mm, double reaches, double drawLitresPerHour, boolean overlong) {
    private static final double MINUTES = 60;
    private static final int POTS_A_LINE = 30;

    /**
     * With an emitter in each pot.
     *
     * @param emitterLitresPerHour all that one pot gets, 0.1–200
     */
    public static Line drip(double pourLitres, double emitterLitresPerHour, int pots, Working working) {
        Faults.require("lot.emitter", emitterLitresPerHour, 0.1, 200, "L");
        double minutes = working.step(
                "water.drip",
                "time = pour/emitter",
                pourLitres / emitterLitresPerHour * MINUTES,
                Unit.MINUTE,
                "COMMON",
                Working.Input.earlier("pour", pourLitres, Unit.LITRE, "water.full_pour"),
                Working.Input.typed("emitter", emitterLitresPerHour, Unit.LITRE, "lot.emitter"));
        return new Line(minutes, OptionalDouble.empty(), 1, emitterLitresPerHour * pots, pots > POTS_A_LINE);
    }

    /**
     * From above.
     *
     * @param catchM2 what of one pot's mouth the leaves leave open
     */
    public static Line overhead(
            double pourLitres, double catchM2, Watering watering, Pot pot, int pots, Working working) {
        double mm = pourLitres / catchM2;
        double rate = watering.rate();
        double each = Math.pow(watering.spacing(pot), 2);
        double minutes = working.step(
                "water.overhead",
                "time = pour/(catch·rate)",
                mm / rate * MINUTES,
                Unit.MINUTE,
                "COMMON",
                Working.Input.earlier("pour", pourLitres, Unit.LITRE, "water.full_pour"),
                Working.Input.table("catch", catchM2 * 10_000, Unit.SQUARE_CENTIMETRE, "pot:surface"),
                Working.Input.typed("rate", rate, Unit.MILLIMETRE, "lot.rate"));
        return new Line(minutes, OptionalDouble.of(mm), Math.min(1, catchM2 / each), each * rate * pots, false);
    }
}
