package evencistern.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.working.Working;
import java.util.OptionalDouble;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;

/** The other way round: what is in a can that somebody has mixed, and how much makes a pen show a number. */
class MixedTest {
    /** 20 % of nitrogen; its label says that 1 g/L adds 1.2 mS/cm. */
    private static final Feed SALTS = feed(20, OptionalDouble.of(1.2));

    private static Feed feed(double n, OptionalDouble ecFactor) {
        return new Feed(
                Analysis.npk(n, 0, 0),
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                ecFactor,
                new Rate.PerWater(0.5, 1, Measure.GRAMS),
                new Rhythm.EveryDays(14, 14));
    }

    private static Dose mixed(double grams, double litres) {
        return Dose.mixed(
                SALTS, (Rate.PerWater) SALTS.rate(), new StrengthCap(2, 150), grams, litres, 0.4, Working.off());
    }

    private static Dose read(Feed feed, double msCm) {
        return Dose.choose(
                feed,
                (Rate.PerWater) feed.rate(),
                new StrengthCap(2, 300),
                new Target.OverWater(msCm),
                0.4,
                Working.off());
    }

    /** 10 g in 5 L is 2 g/L: 400 mg/L of nitrogen, where the plant stands 150 and the label 200. */
    @Test
    void whatWasMixedIsToldWhateverTheLabelSays() {
        Dose dose = mixed(10, 5);
        assertThat(dose.perLitre()).isCloseTo(2, within(1e-9));
        assertThat(dose.mgPerL().n()).isCloseTo(400, within(1e-9));
        assertThat(dose.ceiling()).isEqualTo(Ceiling.CLASS_N);
        assertThat(dose.ceilingPerLitre()).isCloseTo(0.75, within(1e-9));
    }

    /** 10 g are at most 0.75 g/L in 13.33 L: 8.33 L more than the 5. What is weak enough needs none. */
    @Test
    void waterIsAddedUntilItIsWithinTheLimits() {
        assertThat(mixed(10, 5).waterToAdd(5)).isCloseTo(8.333, within(0.001));
        assertThat(mixed(2, 5).waterToAdd(5)).isZero();
    }

    /** 0.6 mS/cm over the water at 1.2 for a gram is half a gram in a litre. */
    @Test
    void aPenNumberIsMixedTo() {
        assertThat(read(SALTS, 0.6).perLitre()).isCloseTo(0.5, within(1e-3));
        assertThatThrownBy(() -> read(SALTS, 1.5)).satisfies(e -> code(e, FaultCode.ABOVE_LABEL_RATE));
        assertThatThrownBy(() -> read(SALTS, 0)).satisfies(e -> code(e, FaultCode.TOO_SMALL));
        assertThatThrownBy(() -> read(feed(46, OptionalDouble.of(0)), 0.5)).satisfies(e -> code(e, FaultCode.NO_SALT));
    }

    private static void code(Throwable thrown, FaultCode expected) {
        assertThat(thrown)
                .asInstanceOf(InstanceOfAssertFactories.type(FaultException.class))
                .extracting(FaultException::faults, InstanceOfAssertFactories.list(Fault.class))
                .extracting(Fault::code)
                .contains(expected);
    }
}
