package evencistern.units;

/** What kind of thing a quantity measures, with the symbol of the unit it is stored in. */
public enum Dimension {
    LENGTH("m"),
    AREA("m²"),
    VOLUME("L"),
    MASS("g"),
    MASS_CONCENTRATION("mg/L"),
    VOLUME_CONCENTRATION("mL/L"),
    /** Of what a product feeds with, whatever carries it. */
    NUTRIENT_CONCENTRATION("ppm"),
    /** Counted in what the product itself is measured with. */
    OWN_MEASURE("cap"),
    CONDUCTIVITY("mS/cm"),
    DENSITY("kg/L"),
    TEMPERATURE("°C"),
    TIME("d"),
    ALKALINITY("mg/L CaCO₃"),
    EXCHANGE("meq/100 cm³"),
    PH("pH"),
    FRACTION("%"),
    WATER_DEPTH_RATE("mm/d"),
    RADIATION("MJ/m²/d"),
    DAILY_LIGHT("mol/m²/d"),
    VAPOUR_PRESSURE("kPa"),
    LATITUDE("°"),
    NUMBER("");

    private final String canonicalSymbol;

    Dimension(String canonicalSymbol) {
        this.canonicalSymbol = canonicalSymbol;
    }

    public String canonicalSymbol() {
        return canonicalSymbol;
    }
}
