package evencistern.tank;

import evencistern.fault.Faults;

/**
 * An injector's setting, as litres of finished feed from one litre of stock.
 *
 * <p><b>Answers</b> how many times over is the stock diluted, and what does a timed run say it really is?
 * <p><b>Formula</b> 1 in N: DF = N; 1 and N of water: DF = N + 1; p %: DF = 100/p; measured: DF = feed made/stock drawn, or
 * DF = DF(set) · EC(forecast)/EC(read over the water)
 * <p><b>Units</b> none
 * <p><b>Valid for</b> DF 1–2 000
 * <p><b>Source</b> [COMMON] both conventions are in use: 1 % apart at 100, 6 % at 16
 * <p><b>Checked by</b> TankTest
 */
public record Injector(double dilutionFactor) {
    private static final double MOST = 2000;

    public Injector {
        Faults.require("dilution_factor", dilutionFactor, 1, MOST, "");
    }

    /** 1:N meant as one part in N parts of finished feed. */
    public static Injector oneIn(double n) {
        return new Injector(n);
    }

    /** 1:N meant as one part to N parts of water. */
    public static Injector oneAnd(double n) {
        return new Injector(n + 1);
    }

    public static Injector percent(double percent) {
        return new Injector(100 / Faults.require("percent", percent, 0.05, 100, "%"));
    }

    /** What it is by a timed run: litres of feed that came out, litres of stock that went. */
    public static Injector byVolume(double feedLitres, double stockLitres) {
        Faults faults = new Faults();
        faults.within("run.feed", feedLitres, 0.1, 1e6, "L");
        faults.within("run.stock", stockLitres, 0.001, feedLitres, "L");
        faults.throwIfAny();
        return new Injector(feedLitres / stockLitres);
    }

    /** What it is by the pen: what the feed should add to the water, and what it does. */
    public Injector byConductivity(double forecastMsCm, double readOverWaterMsCm) {
        Faults faults = new Faults();
        faults.within("run.forecast", forecastMsCm, 0.02, 20, "mS/cm");
        faults.within("run.ec", readOverWaterMsCm, 0.02, 20, "mS/cm");
        faults.throwIfAny();
        return new Injector(Math.max(1, dilutionFactor * forecastMsCm / readOverWaterMsCm));
    }
}
