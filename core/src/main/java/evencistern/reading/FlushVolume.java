package evencistern.reading;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.fault.Faults;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.Optional;

/**
 * How much plain water brings a pot's salts down.
 *
 * <p><b>Answers</b> how many litres do I flush this pot with?
 * <p><b>Formula</b> r = (EC − EC(water))/(goal − EC(water)); at least Vw·(1 − 1/r), as if each drop pushed one out; at
 * most Vw·ln r, as if all mixed at once
 * <p><b>Units</b> mS/cm; Vw, the water the pot holds when drained, in L
 * <p><b>Valid for</b> goal above the water's own EC; a drained, evenly wet pot
 * <p><b>Source</b> [FAO29] leaching with complete and with no mixing
 * <p><b>Checked by</b> VerdictTest
 */
public record FlushVolume(double leastLitres, double mostLitres, double goalMsCm) {

    /** For a pot read at so much against its band; empty where this water is itself too salty for its middle. */
    public static Optional<FlushVolume> of(Judgement salty, double waterMsCm, double heldLitres, Working working) {
        return of(salty.value().value(), (salty.low() + salty.high()) / 2, waterMsCm, heldLitres, working);
    }

    /** For a pot that holds so much, down to the middle of its band; empty where this water is itself too salty for that. */
    public static Optional<FlushVolume> of(
            double ecMsCm, Band band, double waterMsCm, double heldLitres, Working working) {
        return of(ecMsCm, band.middle(), waterMsCm, heldLitres, working);
    }

    /** Empty where this water is itself too salty to reach the goal. */
    private static Optional<FlushVolume> of(
            double ecMsCm, double goalMsCm, double waterMsCm, double heldLitres, Working working) {
        Faults.require("held", heldLitres, 0, 1500, "L");
        if (!(goalMsCm > waterMsCm) || !(ecMsCm > goalMsCm)) {
            return Optional.empty();
        }
        double ratio = (ecMsCm - waterMsCm) / (goalMsCm - waterMsCm);
        double most = working.step(
                "reading.flush",
                "V = Vw·ln((EC − EC(water))/(goal − EC(water)))",
                heldLitres * Math.log(ratio),
                Unit.LITRE,
                "FAO29",
                earlier("Vw", heldLitres, Unit.LITRE, "media.capacity"),
                typed("EC", ecMsCm, Unit.MILLISIEMENS_PER_CM, "reading.ec"),
                table("goal", goalMsCm, Unit.MILLISIEMENS_PER_CM, "bands:middle"),
                typed("EC(water)", waterMsCm, Unit.MILLISIEMENS_PER_CM, "water.ec"));
        return Optional.of(new FlushVolume(heldLitres * (1 - 1 / ratio), most, goalMsCm));
    }
}
