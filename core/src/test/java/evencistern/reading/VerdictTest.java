package evencistern.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.media.Component;
import evencistern.media.Mix;
import evencistern.media.Recipes;
import evencistern.meter.Meter;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.reading.Judgement.Finding;
import evencistern.reading.Verdict.Action;
import evencistern.reading.Verdict.Advice;
import evencistern.reading.Verdict.Change;
import evencistern.reading.Verdict.Means;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class VerdictTest {
    private static final Meter GOOD = new Meter(null, 0.1, 5);
    private static final Meter THREE_TIMES_WORSE = new Meter(null, 0.3, 15);

    private static Verdict verdict(double ph, double ec, Meter meter) {
        return Verdict.of(Cases.sample(Method.RUNOFF, ph, ec, meter), Cases.PLAIN, Working.off());
    }

    private static Verdict verdict(double ph, double ec, Circumstances c) {
        return Verdict.of(Cases.sample(Method.RUNOFF, ph, ec, GOOD), c, Working.off());
    }

    private static List<Action> actions(Verdict v) {
        return v.advice().stream().map(Advice::action).toList();
    }

    private static Advice advice(Verdict v, Action action) {
        return v.advice().stream().filter(a -> a.action() == action).findFirst().orElseThrow();
    }

    private static List<Means> changes(Verdict v) {
        return v.changes().stream().map(Change::id).toList();
    }

    @Test
    void aReadingInTheMiddleOfTheBandIsInside() {
        Verdict v = verdict(5.9, 1.4, GOOD);
        assertThat(v.ph().orElseThrow().finding()).isEqualTo(Finding.INSIDE);
        assertThat(actions(v)).containsExactly(Action.CARRY_ON);
        assertThat(v.causes()).isEmpty();
        assertThat(v.changes()).isEmpty();
    }

    /** Normal table, from memory: with ± 0.1 (σ 0.051) 6.5 lies 1.96 σ above 6.4, 97.5 % outside; with ± 0.3, 74 %. */
    @Test
    void aMeterThreeTimesWorseChangesTheVerdict() {
        Judgement good = verdict(6.5, 1.4, GOOD).ph().orElseThrow();
        Judgement poor = verdict(6.5, 1.4, THREE_TIMES_WORSE).ph().orElseThrow();
        assertThat(good.above()).isCloseTo(0.975, within(0.001));
        assertThat(good.finding()).isEqualTo(Finding.ABOVE);
        assertThat(poor.above()).isCloseTo(0.743, within(0.002));
        assertThat(poor.finding()).isEqualTo(Finding.LIKELY_ABOVE);
    }

    /** Normal table, from memory: 90 % lie below 1.28 σ, so (1.28·0.153/0.1)² = 3.8 readings are needed. */
    @Test
    void whatWouldMakeItSureIsSaid() {
        Verdict v = verdict(6.5, 1.4, THREE_TIMES_WORSE);
        assertThat(v.changes())
                .contains(new Change(Means.MORE_READINGS, OptionalDouble.of(4)), Change.of(Means.POUR_THROUGH));
        assertThat(changes(v)).doesNotContain(Means.CALIBRATE);
        Sample uncalibrated = new Sample(
                Method.RUNOFF,
                Cases.sample(Method.RUNOFF, 6.5, 1.4, THREE_TIMES_WORSE).ph(),
                Optional.empty(),
                false,
                false);
        assertThat(changes(Verdict.of(uncalibrated, Cases.PLAIN, Working.off())))
                .contains(Means.CALIBRATE, Means.ALKALINITY);
    }

    @Test
    void onTheEdgeOfTheBandItSaysThatItCannotTell() {
        Verdict v = verdict(6.4, 1.4, GOOD);
        assertThat(v.ph().orElseThrow().finding()).isEqualTo(Finding.CANNOT_TELL);
        assertThat(actions(v)).containsExactly(Action.RETEST_CALIBRATED);
        assertThat(changes(v)).doesNotContain(Means.MORE_READINGS);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.3, 0.7, 1.4, 2.2, 2.3, 3, 12})
    void probabilitiesOfAnyReadingSumToOne(double ec) {
        Judgement j = verdict(5.9, ec, GOOD).ec().orElseThrow();
        assertThat(j.below() + j.inside() + j.above()).isCloseTo(1, within(1e-9));
    }

    /** Arithmetic: from 3.25 to 1.45 over water of 0.4: r = 2.714; Vw·ln r at most, Vw·(1 − 1/r) at least. */
    @Test
    void saltsBuildingUpAreFlushedWithAStatedVolume() {
        Verdict v = verdict(5.9, 3.25, GOOD);
        assertThat(actions(v)).containsExactly(Action.FLUSH, Action.SKIP_NEXT_FEED, Action.RETEST);
        FlushVolume flush = v.flush().orElseThrow();
        double held = Cases.POT.capacityLitres();
        assertThat(flush.goalMsCm()).isCloseTo(1.45, within(1e-9));
        assertThat(flush.mostLitres()).isCloseTo(held * Math.log(2.85 / 1.05), within(1e-9));
        assertThat(flush.leastLitres()).isCloseTo(held * (1 - 1.05 / 2.85), within(1e-9));
        assertThat(advice(v, Action.FLUSH))
                .isEqualTo(Advice.to(Action.FLUSH, flush.leastLitres(), flush.mostLitres(), Unit.LITRE));
        assertThat(advice(v, Action.RETEST).inDays()).isEqualTo(OptionalInt.of(10));
    }

    /** Arithmetic: (1.45 − 0.4)/(2.5 − 0.4) = a half; (1.45 − 0.4)/(9 − 0.4) = 0.12, not below a quarter. */
    @ParameterizedTest
    @CsvSource({"2.5, 0.5", "9, 0.25"})
    void aCanThatMadeItIsWeakenedByQuarters(double ec, double share) {
        Verdict v = verdict(5.9, ec, Cases.fedWith(1.6, 0, 0));
        assertThat(advice(v, Action.WEAKEN_FEED).least()).isEqualTo(OptionalDouble.of(share));
        assertThat(changes(v)).contains(Means.CAN);
    }

    @Test
    void theWorkingOfAFlushShowsWhereEachOfItsInputsComesFrom() {
        Working.Recorder working = new Working.Recorder();
        Verdict.of(Cases.sample(Method.RUNOFF, 5.9, 3.25, GOOD), Cases.fedWith(1.6, 0, 0), working);
        List<String> ids = working.steps().stream().map(Working.Step::id).toList();
        assertThat(ids).contains("reading.flush", "reading.weaken");
        working.steps()
                .forEach(step -> step.inputs().stream()
                        .filter(i -> i.origin() == Working.Origin.EARLIER)
                        .forEach(i -> assertThat(ids).contains(i.from())));
    }

    @Test
    void waterSaltierThanTheGoalCannotFlush() {
        Verdict v = verdict(5.9, 3.25, Cases.watered(SourceWater.of(1.6, 7)));
        assertThat(actions(v)).startsWith(Action.FLUSH_WITH_PURER_WATER, Action.SKIP_NEXT_FEED);
        assertThat(v.flush()).isEmpty();
    }

    /**
     * Arithmetic: the pot holds less than 1.5 L, so 140 mg/L is the most its water may have, and half of it the aim; 70 of 240
     * is what 29.2 % of this water have, the rest rain.
     */
    @Test
    void anAlkalineRootZoneIsTracedToTheWater() {
        assertThat(actions(verdict(7.2, 1.4, GOOD)))
                .containsExactly(Action.MEASURE_ALKALINITY, Action.IRON_IF_YELLOW, Action.RETEST);
        Verdict hard = verdict(7.2, 1.4, Cases.watered(Cases.water(240)));
        assertThat(advice(hard, Action.CORRECT_WATER))
                .isEqualTo(Advice.to(Action.CORRECT_WATER, 70, 240, Unit.MILLIGRAM_CACO3_PER_LITRE));
        assertThat(advice(hard, Action.RAIN_SHARE).most().orElseThrow()).isCloseTo(0.7083, within(1e-4));
        assertThat(actions(verdict(7.2, 1.4, Cases.watered(Cases.water(20)))))
                .containsExactly(Action.IRON_IF_YELLOW, Action.RETEST);
    }

    @Test
    void anAcidRootZoneIsTracedToFeedAndMix() {
        Verdict fed = verdict(4.6, 1.4, Cases.fedWith(1.2, 60, 40));
        assertThat(advice(fed, Action.LESS_AMMONIUM).least().orElseThrow()).isCloseTo(0.6, within(1e-9));
        assertThat(actions(verdict(4.6, 1.4, Cases.spent(0.7))))
                .containsExactly(Action.REFRESH_PARTLY, Action.RAISE_PH, Action.RETEST);
        Verdict done = verdict(4.6, 1.4, Cases.spent(1.1));
        assertThat(advice(done, Action.REPOT).inDays()).isEqualTo(OptionalInt.of(28));
        assertThat(changes(verdict(4.6, 1.4, GOOD))).contains(Means.MIX_AGE);
    }

    /** Change it, or refresh it partly if it cannot be repotted now: common practice, no source. */
    @Test
    void aSpentMixIsChangedOrRenewedInPart() {
        Verdict soak = Verdict.of(Cases.sample(Method.SOAK, 4.6, 0, GOOD), Cases.spent(0.2), Working.off());
        assertThat(actions(soak.ofSpentMix())).containsExactly(Action.REPOT, Action.REFRESH_PARTLY);
        assertThat(actions(soak)).doesNotContain(Action.REPOT);
    }

    @Test
    void aHungryPotIsFedUnlessItsFeedIsNotSeen() {
        assertThat(actions(verdict(5.9, 0.3, GOOD))).containsExactly(Action.FEED_AS_PLANNED);
        assertThat(actions(verdict(5.9, 0.3, Cases.fed(30, 14)))).containsExactly(Action.FEED_NOW);
        Circumstances urea = Cases.days(
                Optional.of(Cases.fed(1.2, 0, 30, 70)), Cases.fed(30, 14).days());
        assertThat(actions(verdict(5.9, 0.3, urea))).containsExactly(Action.FEED_AS_PLANNED);
        assertThat(actions(verdict(4.4, 0.05, Cases.carnivore()))).containsExactly(Action.CARRY_ON);
    }

    @Test
    void theCanIsHeldAgainstNoBandAndASoakAgainstThatOfPhAlone() {
        Verdict can = Verdict.of(Cases.sample(Method.CAN, 5.9, 9, GOOD), Cases.PLAIN, Working.off());
        assertThat(can.ph()).isEmpty();
        assertThat(can.ec()).isEmpty();
        Verdict soak = Verdict.of(Cases.sample(Method.SOAK, 5.9, 9, GOOD), Cases.PLAIN, Working.off());
        assertThat(soak.ph()).isPresent();
        assertThat(soak.ec()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Method.class)
    void everyPlantInEveryMixHasABandByEveryMethod(Method method) {
        for (Species species : SpeciesGuide.all()) {
            for (String mix : List.of("peat_perlite", "compost_bark_patio", "bark_charcoal", "clay_pumice_lava")) {
                for (boolean coated : new boolean[] {true, false}) {
                    Band band = Band.of(method, species, Recipes.require(mix), coated);
                    assertThat(band.ecHigh()).isGreaterThan(band.ecLow());
                }
            }
        }
    }

    /** Cavins et al. 2000 and the nursery BMP guide, both from memory: bark pots read lower than peat and are right so. */
    @Test
    void bandsGoByMixFeedPlantAndMethod() {
        Species shrub = SpeciesGuide.require("streptocarpus");
        Species orchid = SpeciesGuide.require("moth_orchid");
        Mix peat = Recipes.require("peat_perlite");
        Mix bark = Recipes.require("bark_charcoal");
        assertThat(Band.of(Method.POUR_THROUGH, shrub, bark, true).ecHigh()).isEqualTo(0.5);
        assertThat(Band.of(Method.RUNOFF, orchid, bark, false).zone()).isEqualTo(RootZone.ORCHID_BARK);
        assertThat(Band.of(Method.RUNOFF, orchid, Recipes.require("sphagnum_pure"), false)
                        .zone())
                .isEqualTo(RootZone.ORCHID_BARK);
        assertThat(Band.of(Method.RUNOFF, SpeciesGuide.require("pitcher_plant"), peat, false)
                        .zone())
                .isEqualTo(RootZone.CARNIVORE);
        Band byPour = Band.of(Method.POUR_THROUGH, shrub, peat, false);
        Band byExtract = Band.of(Method.EXTRACT, shrub, peat, false);
        assertThat(byExtract.ecLow())
                .isCloseTo(Equivalence.convert(byPour.ecLow(), Method.POUR_THROUGH, Method.EXTRACT), within(1e-9));
    }

    private static Component component(String key) {
        return Recipes.components().stream()
                .filter(c -> c.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static Band shrubIn(double bark) {
        Mix mix = Mix.of(
                "patio",
                List.of(new Mix.Part(component("compost"), 1), new Mix.Part(component("pine_bark_aged"), bark)));
        return Band.of(Method.POUR_THROUGH, SpeciesGuide.require("viburnum"), mix, false);
    }

    /** What is hardly another mix has hardly another band: a twentieth more bark moves an edge by a few per cent. */
    @Test
    void bandsHaveNoCliffs() {
        for (double bark = 0.1; bark < 5; bark *= 1.05) {
            Band here = shrubIn(bark);
            Band next = shrubIn(bark * 1.05);
            assertThat(next.ecHigh()).isBetween(here.ecHigh() * 0.95, here.ecHigh());
            assertThat(next.ecLow()).isBetween(here.ecLow() * 0.95, here.ecLow());
        }
    }

    /** A lemon eats much and stands little salt: its band ends below that of a tomato in the same mix. */
    @Test
    void whatStandsLittleSaltHasALowerBand() {
        Mix mix = Recipes.require("peat_perlite");
        Band lemon = Band.of(Method.POUR_THROUGH, SpeciesGuide.require("lemon"), mix, false);
        Band tomato = Band.of(Method.POUR_THROUGH, SpeciesGuide.require("tomato"), mix, false);
        assertThat(lemon.ecHigh()).isLessThan(tomato.ecHigh());
        assertThat(lemon.ecLow()).isLessThan(tomato.ecLow());
    }

    // --- acid roots, by the plant's own band ---

    /** Greenhouse extension guides, from memory: potassium bicarbonate at 1–2.6 g/L, looked at again in a week. */
    @Test
    void anAcidPotIsRaisedWithAmountAndDay() {
        Advice raise = advice(verdict(4.9, 1.4, GOOD), Action.RAISE_PH);
        assertThat(raise.least().orElseThrow()).isBetween(1.0, 2.6);
        assertThat(raise.most().orElseThrow()).isBetween(1.0, 2.6);
        assertThat(raise.inDays()).isEqualTo(OptionalInt.of(7));
    }

    /** Never by the number alone for plants that live there. */
    @ParameterizedTest
    @ValueSource(strings = {"heather", "flytrap", "blueberry"})
    void whatLivesInAcidIsNotRaised(String plant) {
        assertThat(actions(
                        Verdict.of(Cases.sample(Method.POUR_THROUGH, 3.6, 0.2, GOOD), Cases.of(plant), Working.off())))
                .doesNotContain(Action.RAISE_PH, Action.RAISE_WATER_PH);
    }

    /** Orchid society practice, from memory: sour old moss is repotted within a month, higher water pH buys that month. */
    @Test
    void sourOldMossIsRepotted() {
        Verdict old =
                Verdict.of(Cases.sample(Method.SOAK, 4.6, 0, GOOD), Cases.aged("moth_orchid", 180), Working.off());
        assertThat(advice(old, Action.REPOT).inDays().orElseThrow()).isLessThanOrEqualTo(31);
        assertThat(actions(old)).contains(Action.RAISE_WATER_PH).doesNotContain(Action.CARRY_ON);
        Verdict fresh =
                Verdict.of(Cases.sample(Method.SOAK, 4.6, 0, GOOD), Cases.aged("moth_orchid", 20), Working.off());
        assertThat(actions(fresh)).doesNotContain(Action.REPOT, Action.RAISE_PH);
    }

    /** The water of a soak reads higher than the roots stand: near the edge repotting is planned. */
    @Test
    void aSoakNearTheEdgeAsksToPlanRepotting() {
        Verdict near =
                Verdict.of(Cases.sample(Method.SOAK, 5.7, 0, GOOD), Cases.aged("moth_orchid", 100), Working.off());
        assertThat(actions(near)).contains(Action.PLAN_REPOT).doesNotContain(Action.CARRY_ON);
    }

    /** Greenhouse extension guides, from memory: one iron drench of 15–43 mg/L Fe; FeSO4 1–2.8 g/L for an azalea. */
    @Test
    void anAlkalinePotLeadsToIron() {
        Advice iron = advice(verdict(6.9, 1.4, GOOD), Action.IRON_IF_YELLOW);
        assertThat(iron.least().orElseThrow()).isBetween(15.0, 43.0);
        assertThat(iron.most().orElseThrow()).isBetween(15.0, 43.0);
        Verdict azalea =
                Verdict.of(Cases.sample(Method.POUR_THROUGH, 6.6, 0.6, GOOD), Cases.of("azalea_bonsai"), Working.off());
        assertThat(advice(azalea, Action.IRON_SULFATE).most().orElseThrow()).isBetween(1.0, 2.8);
    }

    @ParameterizedTest
    @CsvSource({"15, TOO_LARGE", "58, PH_DOT_MISPLACED", "0.6, PH_DOT_MISPLACED", "-1, TOO_SMALL", "NaN, TOO_SMALL"})
    void aPhNoPotCanHaveIsRefused(double ph, FaultCode code) {
        refused(OptionalDouble.of(ph), OptionalDouble.empty(), code);
    }

    @ParameterizedTest
    @CsvSource({"1250, EC_UNIT_MISTAKEN", "-0.1, TOO_SMALL", "90000, TOO_LARGE"})
    void anEcNoPotCanHaveIsRefused(double ec, FaultCode code) {
        refused(OptionalDouble.empty(), OptionalDouble.of(ec), code);
    }

    @Test
    void aReadingOfNothingIsRefused() {
        refused(OptionalDouble.empty(), OptionalDouble.empty(), FaultCode.READING_EMPTY);
    }

    private static void refused(OptionalDouble ph, OptionalDouble ec, FaultCode code) {
        assertThatThrownBy(() -> Sample.check(ph, ec))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults()).extracting(Fault::code).containsExactly(code));
    }

    /** A reading stands to the band of a pour-through as to its own; what was converted or merely drained is less sure. */
    @ParameterizedTest
    @CsvSource({"RUNOFF, 0.30", "EXTRACT, 0.15", "PASTE, 0.15", "POUR_THROUGH, 0"})
    void everyReadingOfTheRootsIsWorthAPourThrough(Method method, double doubt) {
        Band own = Cases.PLAIN.band(method);
        Band pour = Cases.PLAIN.band(Method.POUR_THROUGH);
        for (double share : List.of(0.5, 1.0, 1.7)) {
            Uncertain low = own.asPourThrough(Uncertain.plusMinus95(own.ecLow() * Math.min(1, share), 0.01), pour)
                    .orElseThrow();
            Uncertain high = own.asPourThrough(Uncertain.plusMinus95(own.ecHigh() * Math.max(1, share), 0.01), pour)
                    .orElseThrow();
            assertThat(low.value()).isCloseTo(pour.ecLow() * Math.min(1, share), within(1e-9));
            assertThat(high.value()).isCloseTo(pour.ecHigh() * Math.max(1, share), within(1e-9));
            assertThat(high.halfWidth95() / high.value())
                    .isCloseTo(Math.hypot(0.01 / own.ecHigh() / Math.max(1, share), doubt), within(1e-9));
        }
        assertThat(own.asPourThrough(Uncertain.exact((own.ecLow() + own.ecHigh()) / 2), pour)
                        .orElseThrow()
                        .value())
                .isCloseTo((pour.ecLow() + pour.ecHigh()) / 2, within(1e-9));
        assertThat(Cases.PLAIN.band(Method.SOAK).asPourThrough(Uncertain.exact(1), pour))
                .isEmpty();
    }
}
