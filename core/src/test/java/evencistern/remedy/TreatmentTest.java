package evencistern.remedy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.plant.SpeciesGuide;
import evencistern.remedy.Treatment.Leaf;
import evencistern.remedy.Treatment.Note;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TreatmentTest {
    private static Treatment.Plant plant(String species, double mixPh, Leaf leaf, boolean wetting, double celsius) {
        return new Treatment.Plant(
                SpeciesGuide.require(species), OptionalDouble.of(mixPh), 7, 2, leaf, wetting, celsius, false);
    }

    private static Treatment.Plant calm(String species) {
        return plant(species, 6, Leaf.THIN, false, 18);
    }

    private static Treatment treat(String remedy, Treatment.Plant plant) {
        return Treatment.of(Remedy.require(remedy), plant, Working.off());
    }

    private static void refused(FaultCode code, String remedy, Treatment.Plant plant) {
        assertThatThrownBy(() -> treat(remedy, plant))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .anySatisfy(f -> assertThat(f.code()).isEqualTo(code)));
    }

    /** Extension, from memory: 1.2–2.4 g/L of Epsom salt is 118–236 mg/L Mg; 9.86 % by stoichiometry. */
    @Test
    void epsomAsADrench() {
        Treatment t = treat("epsom_drench", calm("fuchsia"));
        assertThat(t.mgPerLLow()).isCloseTo(118, within(0.5));
        assertThat(t.mgPerLHigh()).isCloseTo(236.6, within(0.5));
        assertThat(t.highGrams()).isCloseTo(4.8, within(1e-9));
        assertThat(t.notes()).contains(Note.MG_ONLY_WHERE_SHORT, Note.MG_STRONG);
    }

    /** A level tablespoon of 14–15 g in a US gallon is near 380 mg/L Mg; from memory, and by arithmetic. */
    @Test
    void aTablespoonToTheGallonIsStrongerThanTheDrench() {
        double mg = 14.5
                / Unit.US_GALLON.toCanonical(1)
                * Remedy.require("epsom_drench").percent()
                * 10;
        assertThat(mg).isCloseTo(380, within(15.0));
        assertThat(mg).isGreaterThan(treat("epsom_drench", calm("fuchsia")).mgPerLHigh());
    }

    /** Extension, from memory: EDTA holds to about 6.3, DTPA to 7, EDDHA above. */
    @ParameterizedTest
    @CsvSource({"5.8, iron_edta", "6.8, iron_dtpa", "7.5, iron_eddha"})
    void theChelateGoesByThePh(double ph, String weakest) {
        assertThat(Treatment.chelatesFor(ph).get(0).key()).isEqualTo(weakest);
        treat(weakest, plant("fuchsia", ph, Leaf.THIN, false, 18));
    }

    @Test
    void ironIsRefusedWhereItFailsOrPoisons() {
        refused(FaultCode.CHELATE_LETS_GO, "iron_edta", plant("fuchsia", 6.9, Leaf.THIN, false, 18));
        refused(FaultCode.IRON_AT_LOW_PH, "iron_edta", plant("fuchsia", 4.9, Leaf.THIN, false, 18));
        refused(FaultCode.IRON_LEATHERY, "iron_spray", plant("hoya", 6.5, Leaf.THICK, false, 18));
    }

    @Test
    void copperIsRefusedForFernsAndInAcidWater() {
        refused(FaultCode.COPPER_KILLS, "copper_spray", calm("maidenhair"));
        Treatment.Plant acid = new Treatment.Plant(
                SpeciesGuide.require("olive"), OptionalDouble.empty(), 6.0, 2, Leaf.THIN, false, 18, false);
        refused(FaultCode.COPPER_ACID_WATER, "copper_spray", acid);
        assertThat(treat("copper_spray", calm("rock_dendrobium")).notes())
                .contains(Note.COPPER_CAREFUL_ORCHID, Note.COPPER_WATER_LIFE);
        assertThat(treat("copper_spray", calm("olive")).highGrams()).isZero();
    }

    @Test
    void nothingIsSprayedInHeatAndAWettingAgentHalvesIt() {
        refused(FaultCode.SPRAY_IN_HEAT, "epsom_spray", plant("fuchsia", 6, Leaf.THIN, false, 30));
        double plain = treat("epsom_spray", calm("fuchsia")).highGrams();
        Treatment wetted = treat("epsom_spray", plant("fuchsia", 6, Leaf.HAIRY, true, 18));
        assertThat(wetted.highGrams()).isCloseTo(plain / 2, within(1e-9));
        assertThat(wetted.notes()).contains(Note.SPRAY_WETTED, Note.SPRAY_HAIRY_SPOTS, Note.SPRAY_TEST_LEAF);
    }

    /** 1:100 or weaker is 10 g/L at most; common practice, no source. */
    @Test
    void noSprayThatShipsIsStrongerThanOneToAHundred() {
        assertThat(Remedy.all())
                .filteredOn(r -> r.method() == Remedy.Method.FOLIAR)
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.high()).isLessThanOrEqualTo(10));
    }

    @Test
    void carnivoresGetNothingAtTheRoots() {
        refused(FaultCode.NO_ROOT_FEED, "epsom_drench", calm("pitcher_plant"));
    }

    /** Dry Epsom salt is capped at 0.5 g per litre of mix; common practice, no source. */
    @Test
    void whatIsWorkedInGoesByTheMix() {
        Treatment t = treat("epsom_dry", calm("olive"));
        assertThat(t.highGrams()).isCloseTo(2 * 0.5, within(1e-9));
        assertThat(t.mgPerLHigh()).isZero();
    }

    @Test
    void brewsAreThinnedAndManureStaysOffFood() {
        assertThat(Brew.all()).allSatisfy(b -> assertThat(b.fold()).isGreaterThanOrEqualTo(5));
        assertThat(Brew.all()).filteredOn(b -> !b.food()).extracting(Brew::key).contains("manure_steep");
    }
}
