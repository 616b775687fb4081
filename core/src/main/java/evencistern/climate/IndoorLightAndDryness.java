package evencistern.climate;

/**
 * Water use indoors from the light that comes in and the dryness of the air.
 *
 * <p><b>Answers</b> how much water does a day on a windowsill take?
 * <p><b>Formula</b> E = 0.5·0.408·Rs + 0.7·air·VPD, VPD = e°(Tmean)·(1 − RH/100), e°(T) = 0.6108·exp(17.27·T/(T + 237.3))
 * <p><b>Units</b> Rs at the plant in MJ m⁻² d⁻¹; kPa; mm/d
 * <p><b>Valid for</b> still air indoors (air = 1), a fan (1.3) or a draught (1.7), 5–35 °C; the two weights are good to about ± 30 %
 * <p><b>Source</b> e° by [FAO56] equation 11; the two weights are stated assumptions [TYPICAL], to be learned from waterings
 * <p><b>Checked by</b> ClimateTest
 */
public final class IndoorLightAndDryness implements ReferenceWaterUse {
    private static final double MM_PER_MJ = 0.408;
    private static final double LIGHT_WEIGHT = 0.5;
    private static final double DRYNESS_MM_PER_KPA = 0.7;

    private final double air;

    /**
     * For a place.
     *
     * @param air how much faster its air dries than still air
     */
    public IndoorLightAndDryness(double air) {
        this.air = air;
    }

    @Override
    public double mmPerDay(Place.Day day) {
        double deficit = PenmanMonteith.saturation(day.meanC()) * (1 - day.humidityPercent() / 100);
        return LIGHT_WEIGHT * MM_PER_MJ * day.globalMj() + DRYNESS_MM_PER_KPA * air * deficit;
    }

    @Override
    public String source() {
        return "TYPICAL";
    }
}
