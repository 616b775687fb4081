package evencistern.round;

import evencistern.fault.Faults;
import evencistern.need.WaterNeed;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What becomes of the pots while nobody is there.
 *
 * <p><b>Answers</b> which lots last until I am back, and how long does a tank on a drip line keep the others?
 * <p><b>Formula</b> lasts: days until the watering point, at the latest likely, against the days away; tank days = tank/Σ pots ·
 * daily use of the lots that do not last
 * <p><b>Units</b> days, L
 * <p><b>Valid for</b> all watered on the day of leaving; 1–90 days
 * <p><b>Source</b> [COMMON] arithmetic
 * <p><b>Checked by</b> AwayTest
 *
 * @param dry keys of lots that will be dry before the return
 * @param doubtful keys of those that may be
 * @param dailyLitres that the dry and the doubtful drink together in a day
 * @param neededLitres that they drink while nobody is there
 * @param tankDays that the tank keeps them; empty without a tank
 */
public record Away(
        List<String> dry, List<String> doubtful, double dailyLitres, double neededLitres, OptionalDouble tankDays) {

    /**
     * A lot that is left.
     *
     * @param dailyLitres of one pot
     */
    public record Left(String key, int pots, double dailyLitres, WaterNeed.Days lasts) {}

    /** For so many days, with a tank of so many litres or none. */
    public static Away of(List<Left> lots, int days, OptionalDouble tankLitres) {
        Faults faults = new Faults();
        faults.within("away.days", days, 1, 90, "d");
        tankLitres.ifPresent(l -> faults.within("away.tank", l, 0.1, 100_000, "L"));
        faults.throwIfAny();
        List<Left> not = lots.stream().filter(l -> l.lasts().likely() < days).toList();
        List<Left> maybe = lots.stream()
                .filter(l -> l.lasts().likely() >= days && l.lasts().shortest() < days)
                .toList();
        double daily = java.util.stream.Stream.concat(not.stream(), maybe.stream())
                .mapToDouble(l -> l.pots() * l.dailyLitres())
                .sum();
        return new Away(
                not.stream().map(Left::key).toList(),
                maybe.stream().map(Left::key).toList(),
                daily,
                daily * days,
                tankLitres.isPresent() && daily > 0
                        ? OptionalDouble.of(tankLitres.getAsDouble() / daily)
                        : OptionalDouble.empty());
    }
}
