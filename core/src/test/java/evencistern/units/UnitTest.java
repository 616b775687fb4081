package evencistern.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import java.util.Arrays;
import java.util.stream.Stream;
import javax.measure.quantity.Area;
import javax.measure.quantity.Length;
import javax.measure.quantity.Mass;
import javax.measure.quantity.Volume;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import systems.uom.common.Imperial;
import systems.uom.common.USCustomary;
import tech.units.indriya.unit.Units;

class UnitTest {

    /** Reference: the JSR-385 units library and its US and imperial systems. */
    static Stream<Arguments> againstTheUnitsLibrary() {
        javax.measure.Unit<Volume> litre = Units.LITRE;
        javax.measure.Unit<Length> metre = Units.METRE;
        javax.measure.Unit<Mass> gram = Units.GRAM;
        javax.measure.Unit<Area> squareMetre = Units.SQUARE_METRE;
        return Stream.of(
                Arguments.of(Unit.INCH, USCustomary.INCH.getConverterTo(metre).convert(1.0)),
                Arguments.of(Unit.FOOT, USCustomary.FOOT.getConverterTo(metre).convert(1.0)),
                Arguments.of(
                        Unit.SQUARE_FOOT,
                        USCustomary.SQUARE_FOOT.getConverterTo(squareMetre).convert(1.0)),
                Arguments.of(
                        Unit.US_GALLON,
                        USCustomary.GALLON_LIQUID.getConverterTo(litre).convert(1.0)),
                Arguments.of(
                        Unit.US_FLUID_OUNCE,
                        USCustomary.FLUID_OUNCE.getConverterTo(litre).convert(1.0)),
                Arguments.of(
                        Unit.US_PINT, USCustomary.PINT.getConverterTo(litre).convert(1.0)),
                Arguments.of(Unit.US_CUP, USCustomary.CUP.getConverterTo(litre).convert(1.0)),
                Arguments.of(
                        Unit.US_TABLESPOON,
                        USCustomary.TABLESPOON.getConverterTo(litre).convert(1.0)),
                Arguments.of(
                        Unit.US_TEASPOON,
                        USCustomary.TEASPOON.getConverterTo(litre).convert(1.0)),
                Arguments.of(
                        Unit.CUBIC_FOOT,
                        USCustomary.CUBIC_FOOT.getConverterTo(litre).convert(1.0)),
                Arguments.of(
                        Unit.IMPERIAL_GALLON,
                        Imperial.GALLON_UK.getConverterTo(litre).convert(1.0)),
                Arguments.of(
                        Unit.IMPERIAL_PINT,
                        Imperial.GALLON_UK.getConverterTo(litre).convert(1.0) / 8),
                Arguments.of(
                        Unit.IMPERIAL_FLUID_OUNCE,
                        Imperial.GALLON_UK.getConverterTo(litre).convert(1.0) / 160),
                Arguments.of(Unit.POUND, USCustomary.POUND.getConverterTo(gram).convert(1.0)),
                Arguments.of(Unit.OUNCE, USCustomary.OUNCE.getConverterTo(gram).convert(1.0)));
    }

    @ParameterizedTest
    @MethodSource("againstTheUnitsLibrary")
    void aFactorAgreesWithTheUnitsLibrary(Unit unit, double library) {
        assertThat(unit.factor()).isCloseTo(library, within(library * 1e-8));
    }

    /** NIST SP 811 appendix B, six figures as printed. */
    @Test
    void factorsAgreeWithThePublishedTable() {
        assertThat(Unit.US_TEASPOON.factor() * 1000).isCloseTo(4.92892, within(5e-6));
        assertThat(Unit.US_TABLESPOON.factor() * 1000).isCloseTo(14.7868, within(5e-5));
        assertThat(Unit.US_FLUID_OUNCE.factor() * 1000).isCloseTo(29.5735, within(5e-5));
        assertThat(Unit.US_QUART.factor() * 1000).isCloseTo(946.353, within(5e-4));
        assertThat(Unit.IMPERIAL_FLUID_OUNCE.factor() * 1000).isCloseTo(28.4131, within(5e-5));
        assertThat(Unit.OUNCE.factor()).isCloseTo(28.3495, within(5e-5));
    }

    @ParameterizedTest
    @EnumSource(Unit.class)
    void aValueSurvivesTheWayThereAndBack(Unit unit) {
        assertThat(unit.fromCanonical(unit.toCanonical(12.5))).isCloseTo(12.5, within(1e-9));
    }

    @Test
    void freezingWaterIsThirtyTwoFahrenheit() {
        assertThat(Quantity.of(32, Unit.FAHRENHEIT).in(Unit.CELSIUS).value()).isCloseTo(0, within(1e-9));
        assertThat(Quantity.of(212, Unit.FAHRENHEIT).in(Unit.CELSIUS).value()).isCloseTo(100, within(1e-9));
    }

    @Test
    void everySymbolNamesOneUnit() {
        assertThat(Arrays.stream(Unit.values()).map(Unit::symbol)).doesNotHaveDuplicates();
    }

    @Test
    void aLengthIsNotAVolume() {
        assertThatThrownBy(() -> Quantity.of(1, Unit.INCH).in(Unit.LITRE)).isInstanceOf(FaultException.class);
    }
}
