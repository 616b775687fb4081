package evencistern.chemistry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class AtomicWeightsTest {
    /** IUPAC standard atomic weights; the trade prints 0.4364 and 0.8301. */
    @Test
    void elementsFollowFromOxidesByAtomicWeights() {
        assertThat(AtomicWeights.P_PER_P2O5).isCloseTo(0.4364, within(5e-5));
        assertThat(AtomicWeights.K_PER_K2O).isCloseTo(0.8301, within(1e-4));
    }

    /** Molar weights as tables of chemicals print them, to their rounding. */
    @Test
    void limestonesWeighWhatTablesOfChemicalsSay() {
        assertThat(AtomicWeights.CACO3).isCloseTo(100.09, within(0.005));
        assertThat(AtomicWeights.MGCO3).isCloseTo(84.31, within(0.005));
        assertThat(AtomicWeights.CAOH2).isCloseTo(74.09, within(0.005));
    }
}
