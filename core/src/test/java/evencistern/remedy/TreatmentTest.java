package evencistern.remedy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.feed.HandMeasure;
import evencistern.feed.Measured;
import evencistern.label.Measure;
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
        return new Treatment.Plant(SpeciesGuide.require(species), measured(mixPh), 7, 2, leaf, wetting, celsius, false);
    }

    private static Treatment.Roots measured(double ph) {
        return Treatment.Roots.measured(OptionalDouble.of(ph));
    }

    private static Treatment.Plant standing(String species, Treatment.Roots roots, double litres) {
        return new Treatment.Plant(SpeciesGuide.require(species), roots, 7, litres, Leaf.THIN, false, 20, false);
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
        assertThat(t.high()).isCloseTo(4.8, within(1e-9));
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
                SpeciesGuide.require("olive"),
                Treatment.Roots.measured(OptionalDouble.empty()),
                6.0,
                2,
                Leaf.THIN,
                false,
                18,
                false);
        refused(FaultCode.COPPER_ACID_WATER, "copper_spray", acid);
        assertThat(treat("copper_spray", calm("rock_dendrobium")).notes())
                .contains(Note.COPPER_CAREFUL_ORCHID, Note.COPPER_WATER_LIFE);
        assertThat(treat("copper_spray", calm("olive")).high()).isZero();
    }

    @Test
    void nothingIsSprayedInHeatAndAWettingAgentHalvesIt() {
        refused(FaultCode.SPRAY_IN_HEAT, "epsom_spray", plant("fuchsia", 6, Leaf.THIN, false, 30));
        double plain = treat("epsom_spray", calm("fuchsia")).high();
        Treatment wetted = treat("epsom_spray", plant("fuchsia", 6, Leaf.HAIRY, true, 18));
        assertThat(wetted.high()).isCloseTo(plain / 2, within(1e-9));
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
        assertThat(t.high()).isCloseTo(2 * 0.5, within(1e-9));
        assertThat(t.mgPerLHigh()).isZero();
    }

    @Test
    void brewsAreThinnedAndManureStaysOffFood() {
        assertThat(Brew.all()).allSatisfy(b -> assertThat(b.fold()).isGreaterThanOrEqualTo(5));
        assertThat(Brew.all()).filteredOn(b -> !b.food()).extracting(Brew::key).contains("manure_steep");
    }

    // --- what moves the pH of a pot ---

    /**
     * By hand: half a pH of a mix that takes 1.5 g CaCO₃ a pH is 0.75 g CaCO₃ per litre, and 32.06/100.09 of that is sulfur: 0.240
     * g per litre, 0.48 g in a pot of 2 L. [IUPAC]
     */
    @Test
    void sulfurIsByTheBufferHalfAUnitAtATime() {
        Treatment t = treat(
                "sulfur_dry",
                standing("camellia", new Treatment.Roots(OptionalDouble.of(7), OptionalDouble.of(1.5), false), 2));
        assertThat(t.high()).isCloseTo(0.4805, within(5e-4));
        assertThat(t.low()).isEqualTo(t.high());
        assertThat(t.daysLow())
                .isGreaterThanOrEqualTo(42); // six weeks at least before it is measured again; from memory
        assertThat(t.notes()).contains(Note.SULFUR_WEEKS, Note.SULFUR_FREE_LIME).doesNotContain(Note.BUFFER_ASSUMED);
    }

    /** At most 0.5 g per litre at a time, whatever the mix takes; from memory, extension practice. */
    @Test
    void neverMoreSulfurThanHalfAGramPerLitre() {
        Treatment t = treat(
                "sulfur_dry",
                standing("camellia", new Treatment.Roots(OptionalDouble.of(7.5), OptionalDouble.of(5), false), 10));
        assertThat(t.high()).isCloseTo(5, within(1e-9));
    }

    @Test
    void aMixOfWhichNothingIsKnownGetsLittleSulfurAndIsTold() {
        Treatment t = treat("sulfur_dry", standing("camellia", measured(7), 2));
        assertThat(t.high()).isLessThan(0.3);
        assertThat(t.notes()).contains(Note.BUFFER_ASSUMED);
    }

    @Test
    void sulfurIsRefusedWhereItHarmsOrComesTooLate() {
        refused(FaultCode.SULFUR_TOO_SLOW, "sulfur_dry", standing("tomato", measured(7.8), 10));
        refused(FaultCode.ACID_ENOUGH, "sulfur_dry", standing("camellia", measured(5), 10));
        refused(
                FaultCode.PH_UNMEASURED,
                "sulfur_dry",
                standing("camellia", Treatment.Roots.measured(OptionalDouble.empty()), 10));
        refused(FaultCode.SULFUR_IN_COLD, "sulfur_dry", plant("camellia", 7, Leaf.THIN, false, 5));
    }

    /** 1.2–2.4 g/L of potassium bicarbonate, from memory; 39.05 % of it is potassium by stoichiometry: 469–937 mg/L. [IUPAC] */
    @Test
    void bicarbonateRaisesAndBringsPotassium() {
        Treatment t = treat("bicarbonate_drench", standing("pelargonium", measured(4.8), 2));
        assertThat(t.low()).isCloseTo(2.4, within(1e-9));
        assertThat(t.high()).isCloseTo(4.8, within(1e-9));
        assertThat(t.mgPerLHigh()).isCloseTo(937, within(1.0));
        assertThat(t.notes()).contains(Note.RAISE_RINSE_AND_FLUSH, Note.BRINGS_POTASSIUM);
        refused(FaultCode.LIMED_ENOUGH, "bicarbonate_drench", standing("pelargonium", measured(6.5), 2));
    }

    /** 2.5–5 mL of flowable lime to a litre; from memory, extension practice. */
    @Test
    void flowableLimeIsInMillilitres() {
        Treatment t = treat("lime_flowable", standing("pelargonium", measured(4.8), 2));
        assertThat(t.remedy().measure()).isEqualTo(Measure.MILLILITRES);
        assertThat(t.high()).isCloseTo(10, within(1e-9));
        assertThat(t.mgPerLHigh()).isZero();
    }

    /** Ammonium gives off ammonia beside burnt lime: never together; common practice, no source. */
    @Test
    void limewaterIsNeverBesideAmmonium() {
        Treatment.Roots fed = new Treatment.Roots(OptionalDouble.of(4.8), OptionalDouble.empty(), true);
        refused(FaultCode.LIMEWATER_ON_AMMONIUM, "limewater", standing("pelargonium", fed, 2));
        assertThat(treat("limewater", standing("pelargonium", measured(4.8), 2)).high() / 2)
                .isLessThanOrEqualTo(1.2);
    }

    /** Lime on the surface once a year for plants that like it, 1–2 g per litre of mix, until the mix is where they are best; from memory. */
    @Test
    void limeLikersGetTheirYearlyLime() {
        Treatment.Roots unmeasured = Treatment.Roots.measured(OptionalDouble.empty());
        assertThat(treat("dolomite_top", standing("lavender", unmeasured, 3)).high())
                .isCloseTo(6, within(1e-9));
        assertThat(treat("dolomite_top", standing("lavender", measured(6.1), 3)).high())
                .isCloseTo(6, within(1e-9));
        refused(FaultCode.LIMED_AS_LIKED, "dolomite_top", standing("lavender", measured(7.4), 3));
        refused(FaultCode.PH_UNMEASURED, "dolomite_top", standing("pelargonium", unmeasured, 3));
    }

    // --- a strength of one's own ---

    /** 1.2–2.4 g/L is usual; a spray with a wetting agent half as strong. */
    @ParameterizedTest
    @CsvSource({
        "epsom_drench, 1.0, 1, WEAKER",
        "epsom_drench, 2.0, 1, WITHIN",
        "epsom_drench, 3.9, 1, STRONGER",
        "epsom_spray, 3.0, 0.5, WITHIN",
        "epsom_spray, 7.0, 0.5, STRONGER"
    })
    void aStrengthOfOnesOwnIsHeldAgainstTheUsual(String remedy, double perLitre, double weaker, Remedy.Beside beside) {
        assertThat(Remedy.require(remedy).beside(perLitre, weaker)).isEqualTo(beside);
    }

    /** 4.8 g of a salt of 1 g/mL are 4.8 mL: a teaspoon holds 5, so seven eighths of one are the nearest below. */
    @Test
    void anAmountIsMeasuredByTheSpoonAndNeverAboveTheStrongOne() {
        Treatment t = treat("epsom_drench", calm("fuchsia"));
        Measured spoons = t.measured(t.high(), 1, HandMeasure.SPOONS, HandMeasure.FULL_SET);
        assertThat(spoons.practical()).isCloseTo(4.375, within(1e-9));
    }
}
