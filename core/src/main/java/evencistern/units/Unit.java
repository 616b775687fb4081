package evencistern.units;

import static evencistern.units.Dimension.*;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The units a grower meets, each with its exact factor to the stored unit of its dimension.
 *
 * <p><b>Answers</b> how much is that in another unit?
 * <p><b>Formula</b> canonical = (value + offset) · factor; inch = 0.0254 m, US gallon = 231 in³, imperial gallon =
 * 4.54609 L, pound = 453.59237 g, the rest by their defining ratios; of alkalinity, 1 meq/L = half of CaCO3 (IUPAC weights) =
 * 50.04 mg/L, 1 °dKH = 10 mg/L CaO = 17.85 mg/L CaCO3
 * <p><b>Units</b> as named by each constant
 * <p><b>Valid for</b> any finite value
 * <p><b>Source</b> [NIST811] appendix B; the definitions are exact
 * <p><b>Checked by</b> UnitTest
 */
public enum Unit {
    METRE("m", LENGTH, 1),
    CENTIMETRE("cm", LENGTH, 0.01),
    MILLIMETRE("mm", LENGTH, 0.001),
    INCH("in", LENGTH, Factors.INCH_M),
    FOOT("ft", LENGTH, 12 * Factors.INCH_M),

    SQUARE_METRE("m²", AREA, 1),
    SQUARE_CENTIMETRE("cm²", AREA, 1e-4),
    SQUARE_FOOT("ft²", AREA, 144 * Factors.INCH_M * Factors.INCH_M),
    SQUARE_YARD("yd²", AREA, 9 * 144 * Factors.INCH_M * Factors.INCH_M),

    LITRE("L", VOLUME, 1),
    MILLILITRE("mL", VOLUME, 0.001),
    DROP("drop", VOLUME, 0.001 / 20),
    METRIC_TEASPOON("tsp", VOLUME, 0.005),
    METRIC_TABLESPOON("tbsp", VOLUME, 0.015),
    AU_TABLESPOON("AU tbsp", VOLUME, 0.020),
    METRIC_CUP("cup", VOLUME, 0.250),
    US_TEASPOON("US tsp", VOLUME, Factors.US_GALLON_L / 768),
    US_TABLESPOON("US tbsp", VOLUME, Factors.US_GALLON_L / 256),
    US_FLUID_OUNCE("US fl oz", VOLUME, Factors.US_GALLON_L / 128),
    US_CUP("US cup", VOLUME, Factors.US_GALLON_L / 16),
    US_PINT("US pt", VOLUME, Factors.US_GALLON_L / 8),
    US_QUART("US qt", VOLUME, Factors.US_GALLON_L / 4),
    US_GALLON("US gal", VOLUME, Factors.US_GALLON_L),
    IMPERIAL_FLUID_OUNCE("imp fl oz", VOLUME, Factors.IMPERIAL_GALLON_L / 160),
    IMPERIAL_PINT("imp pt", VOLUME, Factors.IMPERIAL_GALLON_L / 8),
    IMPERIAL_QUART("imp qt", VOLUME, Factors.IMPERIAL_GALLON_L / 4),
    IMPERIAL_GALLON("imp gal", VOLUME, Factors.IMPERIAL_GALLON_L),
    US_BUSHEL("US bu", VOLUME, 2150.42 * Factors.CUBIC_INCH_L),
    IMPERIAL_BUSHEL("imp bu", VOLUME, 8 * Factors.IMPERIAL_GALLON_L),
    CUBIC_FOOT("ft³", VOLUME, 1728 * Factors.CUBIC_INCH_L),
    CUBIC_METRE("m³", VOLUME, 1000),

    GRAM("g", MASS, 1),
    KILOGRAM("kg", MASS, 1000),
    MILLIGRAM("mg", MASS, 0.001),
    OUNCE("oz", MASS, Factors.POUND_G / 16),
    POUND("lb", MASS, Factors.POUND_G),

    MILLIGRAM_PER_LITRE("mg/L", MASS_CONCENTRATION, 1),
    GRAM_PER_LITRE("g/L", MASS_CONCENTRATION, 1000),
    OUNCE_PER_US_GALLON("oz/US gal", MASS_CONCENTRATION, 1000 * Factors.POUND_G / 16 / Factors.US_GALLON_L),
    MILLILITRE_PER_LITRE("mL/L", VOLUME_CONCENTRATION, 1),
    TEASPOON_PER_LITRE("tsp/L", VOLUME_CONCENTRATION, 5),
    US_FLUID_OUNCE_PER_US_GALLON("fl oz/US gal", VOLUME_CONCENTRATION, 1000.0 / 128),
    US_TEASPOON_PER_US_GALLON("tsp/US gal", VOLUME_CONCENTRATION, 1000.0 / 768),
    US_TABLESPOON_PER_US_GALLON("tbsp/US gal", VOLUME_CONCENTRATION, 1000.0 / 256),
    /** What a product brings to measure it with, and what a hand holds of it. */
    CAP("cap", OWN_MEASURE, 1),
    SCOOP("scoop", OWN_MEASURE, 1),
    HANDFUL("handful", OWN_MEASURE, 1),
    PPM("ppm", NUTRIENT_CONCENTRATION, 1),
    PPM_OF_NITROGEN("ppm N", NUTRIENT_CONCENTRATION, 1),

    MILLISIEMENS_PER_CM("mS/cm", CONDUCTIVITY, 1),
    MICROSIEMENS_PER_CM("µS/cm", CONDUCTIVITY, 0.001),
    CONDUCTIVITY_FACTOR("CF", CONDUCTIVITY, 0.1),

    KILOGRAM_PER_LITRE("kg/L", DENSITY, 1),
    GRAM_PER_TEASPOON("g/tsp", DENSITY, 0.2),

    CELSIUS("°C", TEMPERATURE, 1),
    FAHRENHEIT("°F", TEMPERATURE, 5.0 / 9.0, -32),

    DAY("d", TIME, 1),
    WEEK("wk", TIME, 7),
    YEAR("yr", TIME, 365.25),
    HOUR("h", TIME, 1.0 / 24),
    MINUTE("min", TIME, 1.0 / 1440),

    MILLIGRAM_CACO3_PER_LITRE("mg/L CaCO₃", ALKALINITY, 1),
    MEQ_PER_LITRE("meq/L", ALKALINITY, 50.0435),
    DEGREE_KH("°dKH", ALKALINITY, 17.848),

    MEQ_PER_100_CM3("meq/100 cm³", EXCHANGE, 1),
    PH_UNIT("pH", PH, 1),
    PER_CENT("%", FRACTION, 1),
    MILLIGRAM_PER_KILOGRAM("mg/kg", FRACTION, 1e-4),
    MILLIMETRE_PER_DAY("mm/d", WATER_DEPTH_RATE, 1),
    MEGAJOULE_PER_M2_DAY("MJ/m²/d", RADIATION, 1),
    MOL_PER_M2_DAY("mol/m²/d", DAILY_LIGHT, 1),
    KILOPASCAL("kPa", VAPOUR_PRESSURE, 1),
    DEGREE("°", LATITUDE, 1),
    ONE("", NUMBER, 1);

    private static final Map<String, Unit> BY_SYMBOL =
            Arrays.stream(values()).collect(Collectors.toUnmodifiableMap(Unit::symbol, Function.identity()));

    private final String symbol;
    private final Dimension dimension;
    private final double factor;
    private final double offset;

    Unit(String symbol, Dimension dimension, double factor) {
        this(symbol, dimension, factor, 0);
    }

    Unit(String symbol, Dimension dimension, double factor, double offset) {
        this.symbol = symbol;
        this.dimension = dimension;
        this.factor = factor;
        this.offset = offset;
    }

    /** The unit with this symbol, exactly as written in {@link #symbol()}. */
    public static Optional<Unit> ofSymbol(String symbol) {
        return Optional.ofNullable(BY_SYMBOL.get(symbol));
    }

    public String symbol() {
        return symbol;
    }

    public Dimension dimension() {
        return dimension;
    }

    /** Multiply (value + offset) by this to get the dimension's stored unit. */
    public double factor() {
        return factor;
    }

    /** Added before the factor; not 0 only for °F. */
    public double offset() {
        return offset;
    }

    public double toCanonical(double value) {
        return (value + offset) * factor;
    }

    public double fromCanonical(double canonical) {
        return canonical / factor - offset;
    }

    @Override
    public String toString() {
        return symbol.isEmpty() ? name().toLowerCase(Locale.ROOT) : symbol;
    }

    /** Exact defining constants; a nested holder because enum constants are built before static fields. */
    private static final class Factors {
        static final double INCH_M = 0.0254;
        static final double CUBIC_INCH_L = INCH_M * INCH_M * INCH_M * 1000;
        static final double US_GALLON_L = 231 * CUBIC_INCH_L;
        static final double IMPERIAL_GALLON_L = 4.54609;
        static final double POUND_G = 453.59237;
    }
}
