package evencistern.tank;

import evencistern.fault.Faults;

/**
 * Whether the tap gives an injector what it needs.
 *
 * <p><b>Answers</b> does this device work at my tap?
 * <p><b>Formula</b> flow = litres/(seconds/60)
 * <p><b>Units</b> L, s; L/min
 * <p><b>Valid for</b> a bucket of 0.5–200 L filled in 1–3 600 s
 * <p><b>Source</b> [COMMON] the bucket and the watch; the least flow is the device's own figure
 * <p><b>Checked by</b> TankTest
 *
 * @param litresPerMinute that the tap gives
 * @param least that the device needs
 */
public record FlowTest(double litresPerMinute, double least) {

    public static FlowTest of(double bucketLitres, double seconds, double leastLitresPerMinute) {
        Faults faults = new Faults();
        faults.within("flow.bucket", bucketLitres, 0.5, 200, "L");
        faults.within("flow.seconds", seconds, 1, 3600, "s");
        faults.within("flow.least", leastLitresPerMinute, 0.1, 500, "L/min");
        faults.throwIfAny();
        return new FlowTest(bucketLitres / (seconds / 60), leastLitresPerMinute);
    }

    public boolean enough() {
        return litresPerMinute >= least;
    }
}
