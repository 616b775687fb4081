package evencistern.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import evencistern.reading.Procedure.Step;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ProcedureTest {

    private static Step step(Procedure p, String id) {
        return p.steps().stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    /** Cavins et al. 2000, from memory: pots of 10–15 cm take 75–100 mL, 1 US gallon 150, 3 gallons 350, 5 gallons 550. */
    @ParameterizedTest
    @CsvSource({"0.5, 0.075", "1.5, 0.100", "3.785, 0.150", "11.36, 0.350", "18.93, 0.550", "1.0, 0.0875"})
    void aPourThroughTakesWhatItsTableSays(double potLitres, double pour) {
        assertThat(Procedure.pour(potLitres)).isCloseTo(pour, within(0.0005));
    }

    /** Cavins et al. 2000, from memory: an hour after watering, 50 mL caught. */
    @Test
    void aPourThroughWaitsAnHourAndCatchesFiftyMillilitres() {
        Procedure p = Procedure.of(Method.POUR_THROUGH, 2, 0.8);
        assertThat(step(p, "let_it_drain").minutes()).isEqualTo(60);
        assertThat(step(p, "catch").litres()).isEqualTo(0.050);
        assertThat(step(p, "water_to_capacity").litres()).isEqualTo(0.8);
    }

    @Test
    void aThimbleIsNotAskedForMoreThanItHolds() {
        Procedure p = Procedure.of(Method.POUR_THROUGH, 0.1, 0.05);
        assertThat(step(p, "catch").litres()).isCloseTo(0.010, within(1e-9));
        assertThat(step(p, "pour_distilled").litres()).isCloseTo(0.015, within(1e-9));
    }

    /** Four to five hours; common practice, no source. */
    @Test
    void aSoakStandsForHours() {
        assertThat(step(Procedure.of(Method.SOAK, 2, 0.8), "stand_the_pot").minutes())
                .isBetween(240, 300);
    }

    @ParameterizedTest
    @EnumSource(Method.class)
    void everyMethodEndsAtThePen(Method method) {
        Procedure p = Procedure.of(method, 2, 0.8);
        assertThat(p.steps().get(p.steps().size() - 1).id()).isEqualTo("rinse_and_measure");
    }

    @Test
    void aPotOfNothingIsRefused() {
        assertThatThrownBy(() -> Procedure.of(Method.POUR_THROUGH, 0, 0)).isInstanceOf(FaultException.class);
    }
}
