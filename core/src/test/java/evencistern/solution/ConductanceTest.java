package evencistern.solution;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ConductanceTest {

    /** OIML R 56, from memory: potassium chloride at 0.001, 0.01 and 0.1 mol/L and 25 °C; held to 2 %. */
    @ParameterizedTest
    @CsvSource({"1, 0.147", "10, 1.413", "100, 12.88"})
    void potassiumChlorideAsTheStandardsHaveIt(double mmol, double msCm) {
        Ions ions = new Ions(Map.of(Ion.POTASSIUM, mmol, Ion.CHLORIDE, mmol));
        assertThat(Conductance.at25(ions)).isCloseTo(msCm, within(msCm * 0.02));
    }

    /** Typical values at 1 g/L and 25 °C, from memory, ± 10 %; Epsom salt's own span of 0.75–0.9 with the same ± . */
    @ParameterizedTest
    @CsvSource({
        "POTASSIUM, 1, CHLORIDE, 1, 74.55, 1.88, 1.88",
        "SODIUM, 1, CHLORIDE, 1, 58.44, 1.99, 1.99",
        "POTASSIUM, 1, NITRATE, 1, 101.10, 1.35, 1.35",
        "AMMONIUM, 1, NITRATE, 1, 80.04, 1.70, 1.70",
        "AMMONIUM, 2, SULFATE, 1, 132.13, 2.03, 2.03",
        "POTASSIUM, 2, SULFATE, 1, 174.25, 1.55, 1.55",
        "CALCIUM, 1, NITRATE, 2, 236.15, 1.00, 1.00",
        "MAGNESIUM, 1, SULFATE, 1, 246.47, 0.75, 0.9",
        "POTASSIUM, 1, DIHYDROGEN_PHOSPHATE, 1, 136.08, 0.74, 0.74"
    })
    void singleSaltsAtAGramPerLitre(Ion plus, double p, Ion minus, double m, double grams, double low, double high) {
        double mmol = 1000 / grams;
        double msCm = Conductance.at25(new Ions(Map.of(plus, p * mmol, minus, m * mmol)));
        assertThat(msCm).isBetween(low * 0.9, high * 1.1);
    }

    /** At infinite dilution λ° alone counts: 0.001 mmol/L of KCl is (73.48 + 76.31) · 1e-6 mS/cm, less at most 0.5 %. */
    @Test
    void nearInfiniteDilutionOnlyTheLimitingConductivitiesCount() {
        double c = 0.001;
        double ideal = (73.48 + 76.31) * c / 1000;
        assertThat(Conductance.at25(new Ions(Map.of(Ion.POTASSIUM, c, Ion.CHLORIDE, c))))
                .isBetween(ideal * 0.995, ideal);
    }

    @Test
    void moreSaltConductsMoreButEachAddsLess() {
        double last = 0;
        double lastStep = Double.MAX_VALUE;
        for (int mmol = 1; mmol <= 40; mmol++) {
            Map<Ion, Double> c = new EnumMap<>(Ion.class);
            c.put(Ion.MAGNESIUM, (double) mmol);
            c.put(Ion.SULFATE, mmol / 2.0);
            c.put(Ion.NITRATE, (double) mmol);
            double now = Conductance.at25(new Ions(c));
            assertThat(now - last).isPositive().isLessThan(lastStep);
            lastStep = now - last;
            last = now;
        }
    }

    @Test
    void inSaltyWaterTheSameSaltAddsLess() {
        Ions salt = new Ions(Map.of(Ion.POTASSIUM, 5.0, Ion.NITRATE, 5.0));
        assertThat(Conductance.over(salt, 1.5)).isLessThan(Conductance.over(salt, 0.1));
    }

    @Test
    void chargesAreCountedAndNonsenseIsRefused() {
        Ions half = new Ions(Map.of(Ion.CALCIUM, 2.0, Ion.CHLORIDE, 1.0));
        assertThat(half.chargeLeft()).isCloseTo(3, within(1e-12));
        assertThat(half.plus(Ion.SULFATE, 1.5).chargeLeft()).isCloseTo(0, within(1e-12));
        assertThatThrownBy(() -> new Ions(Map.of(Ion.CALCIUM, -1.0))).isInstanceOf(FaultException.class);
    }
}
