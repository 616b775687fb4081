package evencistern.remedy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import evencistern.caution.Caution;
import evencistern.fault.FaultException;
import evencistern.reading.Verdict;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When a treatment shows; common practice, no source. */
class CureTest {
    /** A spray in three or four days, a drench in one to two weeks, fresh mix in three to six, sulfur in six to twelve. */
    @ParameterizedTest
    @CsvSource({"SPRAY,3,4", "DRENCH,7,14", "IRON,7,14", "FRESH_MIX,21,42", "ACIDIFY,42,84", "RAISE_PH,1,14"})
    void itIsLookedAtWhenItShows(Cure cure, int least, int most) {
        assertThat(cure.showsDays()).isBetween(least, most);
        assertThat(cure.lookOn(LocalDate.of(2026, 5, 14)))
                .isEqualTo(LocalDate.of(2026, 5, 14).plusDays(cure.showsDays()));
    }

    /** Copper at most monthly, a pot's lime once a year, sulfur not before it was measured again. */
    @ParameterizedTest
    @CsvSource({"COPPER,28", "IRON,28", "LIME,300", "ACIDIFY,42"})
    void itIsNotRepeatedSooner(Cure cure, int days) {
        assertThat(cure.apartDays()).isEqualTo(days);
    }

    @ParameterizedTest
    @CsvSource({"SPRAY", "PEST_PRODUCT", "COPPER", "ACIDIFY", "RAISE_PH", "LIME", "DRENCH"})
    void whatCanHarmSaysSo(Cure cure) {
        assertThat(cure.cautions()).isNotEmpty();
    }

    @Test
    void aProductAgainstPestsIsRecordedAndItsLabelComesFirst() {
        assertThat(Cure.PEST_PRODUCT.cautions()).startsWith(Caution.PESTICIDE_LABEL);
        assertThat(Cure.require("pest_product")).isEqualTo(Cure.PEST_PRODUCT);
        assertThatThrownBy(() -> Cure.require("charm")).isInstanceOf(FaultException.class);
    }

    /** Advice that only waits or measures is no treatment. */
    @Test
    void anAdviceIsCarriedOutAsATreatment() {
        assertThat(Cure.answering(Verdict.Action.IRON_SULFATE)).contains(Cure.IRON);
        assertThat(Cure.answering(Verdict.Action.PLAN_REPOT)).contains(Cure.FRESH_MIX);
        assertThat(Cure.answering(Verdict.Action.FLUSH_WITH_PURER_WATER)).contains(Cure.FLUSH);
        assertThat(Cure.answering(Verdict.Action.RETEST)).isEmpty();
        assertThat(Cure.answering(Verdict.Action.CARRY_ON)).isEmpty();
    }

    @Test
    void whatItIsDoneWithIsAtHand() {
        assertThat(Cure.ACIDIFY.means()).extracting(Remedy::key).containsExactly("sulfur_dry");
        assertThat(Cure.RAISE_PH.means())
                .extracting(Remedy::key)
                .containsExactly("bicarbonate_drench", "lime_flowable", "limewater");
        assertThat(Cure.LIME.means()).extracting(Remedy::key).containsExactly("dolomite_top");
        assertThat(Cure.GYPSUM.means())
                .extracting(Remedy::key)
                .contains("gypsum_dry")
                .doesNotContain("sulfur_dry");
        assertThat(Cure.SPRAY.means()).isNotEmpty().allMatch(Remedy::sprayed);
        assertThat(Cure.PEST_PRODUCT.means()).isEmpty();
    }
}
