package evencistern.climate;

import evencistern.fault.Faults;

/**
 * Reference evapotranspiration from temperature, humidity, sun and wind.
 *
 * <p><b>Answers</b> how much water does a day outdoors take, when sun, humidity and wind are known?
 * <p><b>Formula</b> ET0 = (0.408·Δ·(Rn − G) + γ·900/(T + 273)·u2·(es − ea))/(Δ + γ·(1 + 0.34·u2)); Rn = 0.77·Rs − σ·(Tmax⁴ +
 * Tmin⁴)/2·(0.34 − 0.14·√ea)·(1.35·Rs/Rso − 0.35), Rso = (0.75 + 2·10⁻⁵·z)·Ra
 * <p><b>Units</b> °C; MJ m⁻² d⁻¹; kPa; m/s at 2 m; m above the sea; mm/d
 * <p><b>Valid for</b> outdoors, days; −430 to 5000 m, winds of 0 to 40 m/s; the air's vapour from mean humidity where no more is known
 * <p><b>Source</b> [FAO56] equations 6 to 8, 11 to 13, 37 to 40
 * <p><b>Checked by</b> ClimateTest
 */
public final class PenmanMonteith implements ReferenceWaterUse {
    private static final double STEFAN_BOLTZMANN = 4.903e-9;
    private static final double KELVIN = 273.16;

    private final double altitudeM;
    private final double windMs;

    /**
     * For a place.
     *
     * @param altitudeM above the sea
     * @param windMs where a day does not tell its own, m/s at 2 m
     */
    public PenmanMonteith(double altitudeM, double windMs) {
        this.altitudeM = Faults.require("place.altitude", altitudeM, -430, 5000, "m");
        this.windMs = Faults.require("climate.wind", windMs, 0, 40, "m/s");
    }

    @Override
    public double mmPerDay(Place.Day day) {
        double es = (saturation(day.highC()) + saturation(day.lowC())) / 2;
        double ea = es * day.humidityPercent() / 100;
        double net = netRadiation(day.highC(), day.lowC(), ea, day.globalMj(), day.extraterrestrialMj(), altitudeM);
        return mmPerDay(day.meanC(), es, ea, net, day.windMs().orElse(windMs), altitudeM);
    }

    /** The equation itself, from net radiation less what the soil takes. */
    static double mmPerDay(double meanC, double es, double ea, double netMj, double u2, double altitudeM) {
        double slope = 4098 * saturation(meanC) / ((meanC + 237.3) * (meanC + 237.3));
        double gamma = 0.665e-3 * 101.3 * Math.pow((293 - 0.0065 * altitudeM) / 293, 5.26);
        double et = (0.408 * slope * netMj + gamma * 900 / (meanC + 273) * u2 * (es - ea))
                / (slope + gamma * (1 + 0.34 * u2));
        return Math.max(0, et);
    }

    /** Net radiation over a green surface, MJ m⁻² d⁻¹. */
    static double netRadiation(
            double highC, double lowC, double ea, double globalMj, double extraterrestrialMj, double altitudeM) {
        double clear = (0.75 + 2e-5 * altitudeM) * extraterrestrialMj;
        double clearness = clear > 0 ? Math.max(0.3, Math.min(1, globalMj / clear)) : 1;
        double longwave = STEFAN_BOLTZMANN
                * (Math.pow(highC + KELVIN, 4) + Math.pow(lowC + KELVIN, 4))
                / 2
                * (0.34 - 0.14 * Math.sqrt(ea))
                * (1.35 * clearness - 0.35);
        return 0.77 * globalMj - longwave;
    }

    /** Saturation vapour pressure, kPa. */
    static double saturation(double celsius) {
        return 0.6108 * Math.exp(17.27 * celsius / (celsius + 237.3));
    }

    @Override
    public String source() {
        return "FAO56 eq. 6";
    }
}
