package evencistern.climate;

import evencistern.fault.Faults;

/**
 * Reference evapotranspiration from temperature, humidity, light and moving air, in the open and under a roof.
 *
 * <p><b>Answers</b> how much water does a day take from a well-watered green surface at this place?
 * <p><b>Formula</b> ET0 = (0.408·Δ·(Rn − G) + γ·900/(T + 273)·u2·(es − ea))/(Δ + γ·(1 + 0.34·u2)); Rn = 0.77·Rs − L; in the
 * open L = σ·(Tmax⁴ + Tmin⁴)/2·(0.34 − 0.14·√ea)·(1.35·Rs/Rso − 0.35), Rso = (0.75 + 2·10⁻⁵·z)·Ra, under a roof L = 0; for
 * plants that breathe by night 3 times the same with Rn = 0, T = Tmin and the night's es
 * <p><b>Units</b> °C; MJ m⁻² d⁻¹ at the plant; kPa; m/s at 2 m; m above the sea; mm/d
 * <p><b>Valid for</b> days; −430 to 5000 m, winds of 0 to 40 m/s, below 0.5 m/s as at 0.5: warm air rises by itself; the air's
 * vapour from mean humidity where no more is known; under a roof walls and leaves are about as warm as the air
 * <p><b>Source</b> [FAO56] equations 6 to 8, 11 to 13, 37 to 40, and its least wind; that it serves under a roof, and the
 * weight of the night, are [COMMON], held against what growers water
 * <p><b>Checked by</b> ClimateTest
 */
public final class PenmanMonteith {
    private static final double STEFAN_BOLTZMANN = 4.903e-9;
    private static final double KELVIN = 273.16;
    /** Of the light that falls on it a green surface keeps this; FAO-56 equation 38. */
    private static final double ABSORBED = 0.77;

    private static final double LEAST_WIND = 0.5;
    /** Stomata that open by night only are then about as wide open as a thrifty plant's all day long; from memory. */
    private static final double NIGHT = 3;
    /** Dew falls before the air of a night is fuller than this. */
    private static final double FULLEST = 0.97;

    private final double altitudeM;
    private final double windMs;
    private final boolean open;
    private final double gamma;

    /**
     * For a place.
     *
     * @param altitudeM above the sea
     * @param windMs where a day does not tell its own, m/s at 2 m
     * @param open whether it lies under the sky, which takes warmth away by night
     */
    public PenmanMonteith(double altitudeM, double windMs, boolean open) {
        this.altitudeM = Faults.require("place.altitude", altitudeM, -430, 5000, "m");
        this.windMs = Faults.require("climate.wind", windMs, 0, 40, "m/s");
        this.open = open;
        this.gamma = gamma(altitudeM);
    }

    /** For a place of a kind whose air moves so. */
    static PenmanMonteith of(Place.Kind kind, Air air, double altitudeM) {
        boolean open = kind == Place.Kind.OUTDOORS;
        return new PenmanMonteith(altitudeM, open ? air.metresPerSecond() : air.indoorMetresPerSecond(), open);
    }

    double windMs(Place.Day day) {
        return Math.max(LEAST_WIND, day.windMs().orElse(windMs));
    }

    /** What a day takes from a surface whose plants breathe by day. */
    public double mmPerDay(Place.Day day) {
        double es = (saturation(day.highC()) + saturation(day.lowC())) / 2;
        double ea = es * day.humidityPercent() / 100;
        double net = open ? netRadiation(day, ea, altitudeM) : ABSORBED * day.globalMj();
        return mmPerDay(day.meanC(), es, ea, net, windMs(day), gamma);
    }

    /** What a day takes from a surface whose plants breathe by night, with as much of it as their light lets them open. */
    public double mmPerNight(Place.Day day) {
        double es = (saturation(day.highC()) + saturation(day.lowC())) / 2;
        double night = saturation(day.lowC());
        double ea = Math.min(FULLEST * night, es * day.humidityPercent() / 100);
        return NIGHT * mmPerDay(day.lowC(), night, ea, 0, windMs(day), gamma);
    }

    /** Psychrometric constant at a height above the sea, kPa/°C; FAO-56 equations 7 and 8. */
    static double gamma(double altitudeM) {
        return 0.665e-3 * 101.3 * Math.pow((293 - 0.0065 * altitudeM) / 293, 5.26);
    }

    /** The equation itself, from net radiation less what the soil takes. */
    static double mmPerDay(double meanC, double es, double ea, double netMj, double u2, double gamma) {
        double slope = 4098 * saturation(meanC) / ((meanC + 237.3) * (meanC + 237.3));
        double et = (0.408 * slope * netMj + gamma * 900 / (meanC + 273) * u2 * (es - ea))
                / (slope + gamma * (1 + 0.34 * u2));
        return Math.max(0, et);
    }

    /** Net radiation over a green surface, MJ m⁻² d⁻¹. */
    static double netRadiation(Place.Day day, double ea, double altitudeM) {
        double clear = (0.75 + 2e-5 * altitudeM) * day.extraterrestrialMj();
        double clearness = clear > 0 ? Math.max(0.3, Math.min(1, day.skyMj() / clear)) : 1;
        double longwave = STEFAN_BOLTZMANN
                * (fourth(day.highC() + KELVIN) + fourth(day.lowC() + KELVIN))
                / 2
                * (0.34 - 0.14 * Math.sqrt(ea))
                * (1.35 * clearness - 0.35);
        return ABSORBED * day.globalMj() - longwave;
    }

    private static double fourth(double kelvin) {
        return kelvin * kelvin * kelvin * kelvin;
    }

    /** Saturation vapour pressure, kPa. */
    static double saturation(double celsius) {
        return 0.6108 * Math.exp(17.27 * celsius / (celsius + 237.3));
    }
}
