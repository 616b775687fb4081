package evencistern.climate;

/**
 * Reference evapotranspiration from temperatures alone.
 *
 * <p><b>Answers</b> how much water does a day outdoors take, when only temperatures are known?
 * <p><b>Formula</b> ET0 = 0.0023·(Tmean + 17.8)·√(Tmax − Tmin)·Ra, Ra as water: 0.408·MJ
 * <p><b>Units</b> °C; MJ m⁻² d⁻¹; mm/d
 * <p><b>Valid for</b> outdoors, means of five days or more; 0 below −17.8 °C
 * <p><b>Source</b> [FAO56] equation 52, after [HS1985]
 * <p><b>Checked by</b> ClimateTest
 */
public final class Hargreaves1985 implements ReferenceWaterUse {
    private static final double MM_PER_MJ = 0.408;

    @Override
    public double mmPerDay(Place.Day day) {
        double ra = day.extraterrestrialMj() * MM_PER_MJ;
        return Math.max(0, 0.0023 * (day.meanC() + 17.8) * Math.sqrt(day.highC() - day.lowC()) * ra);
    }

    @Override
    public String source() {
        return "FAO56 eq. 52";
    }
}
