package evencistern.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.media.Component.Family;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.media.Recipes;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.reading.Judgement.Finding;
import evencistern.reading.Verdict.Action;
import evencistern.water.Meter;
import evencistern.water.SourceWater;
import evencistern.water.TdsScale;
import evencistern.working.Working;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class VerdictTest {
    private static final Meter GOOD = new Meter(TdsScale.PPM_500, 0.1, 5);
    private static final Meter THREE_TIMES_WORSE = new Meter(TdsScale.PPM_500, 0.3, 15);
    private static final Mix PEAT = Recipes.require("peat_perlite");
    private static final PotWater POT = new PotWater(PEAT, Pot.filled(new RoundTaper(0.12, 0.09, 0.11)));
    private static final SourceWater TAP = SourceWater.of(0.4, 7.2);

    private static Verdict verdict(double ph, double ec, Meter meter) {
        return verdict(OptionalDouble.of(ph), OptionalDouble.of(ec), meter, "streptocarpus", TAP);
    }

    private static Verdict verdict(
            OptionalDouble ph, OptionalDouble ec, Meter meter, String species, SourceWater water) {
        return Verdict.of(ph, ec, meter, SpeciesGuide.require(species), PEAT, POT, water, Working.off());
    }

    @Test
    void aReadingInTheMiddleOfTheBandIsInside() {
        Verdict v = verdict(5.9, 1.4, GOOD);
        assertThat(v.ph().orElseThrow().finding()).isEqualTo(Finding.INSIDE);
        assertThat(v.actions()).containsExactly(Action.CARRY_ON);
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

    @Test
    void onTheEdgeOfTheBandItSaysThatItCannotTell() {
        Verdict v = verdict(6.4, 1.4, GOOD);
        assertThat(v.ph().orElseThrow().finding()).isEqualTo(Finding.CANNOT_TELL);
        assertThat(v.actions()).containsExactly(Action.RETEST_CALIBRATED);
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
        assertThat(v.actions()).containsExactly(Action.FLUSH, Action.SKIP_NEXT_FEED);
        FlushVolume flush = v.flush().orElseThrow();
        assertThat(flush.goalMsCm()).isCloseTo(1.45, within(1e-9));
        assertThat(flush.mostLitres()).isCloseTo(POT.capacityLitres() * Math.log(2.85 / 1.05), within(1e-9));
        assertThat(flush.leastLitres()).isCloseTo(POT.capacityLitres() * (1 - 1.05 / 2.85), within(1e-9));
    }

    @Test
    void theWorkingOfAFlushShowsWhereEachOfItsInputsComesFrom() {
        Working.Recorder working = new Working.Recorder();
        Verdict.of(
                OptionalDouble.of(5.9),
                OptionalDouble.of(3.25),
                GOOD,
                SpeciesGuide.require("streptocarpus"),
                PEAT,
                POT,
                TAP,
                working);
        List<String> ids = working.steps().stream().map(Working.Step::id).toList();
        assertThat(ids).contains("reading.flush");
        working.steps()
                .forEach(step -> step.inputs().stream()
                        .filter(i -> i.origin() == Working.Origin.EARLIER)
                        .forEach(i -> assertThat(ids).contains(i.from())));
    }

    @Test
    void waterSaltierThanTheGoalCannotFlush() {
        Verdict v =
                verdict(OptionalDouble.empty(), OptionalDouble.of(3.25), GOOD, "streptocarpus", SourceWater.of(1.6, 7));
        assertThat(v.actions()).containsExactly(Action.FLUSH_WITH_PURER_WATER, Action.SKIP_NEXT_FEED);
        assertThat(v.flush()).isEmpty();
    }

    @Test
    void eachSideOfTheBandHasItsRemedy() {
        assertThat(verdict(7.2, 1.4, GOOD).actions()).containsExactly(Action.CHECK_WATER_ALKALINITY);
        assertThat(verdict(4.6, 1.4, GOOD).actions()).containsExactly(Action.LESS_AMMONIUM, Action.CHECK_MIX_AGE);
        assertThat(verdict(5.9, 0.3, GOOD).actions()).containsExactly(Action.FEED_AS_PLANNED);
        assertThat(verdict(OptionalDouble.of(4.4), OptionalDouble.of(0.05), GOOD, "pitcher_plant", TAP)
                        .actions())
                .containsExactly(Action.CARRY_ON);
    }

    @Test
    void everyPlantInEveryMixHasABand() {
        for (Species species : SpeciesGuide.all()) {
            for (Family kind : Family.values()) {
                RunoffBand band = RunoffBand.of(species, kind);
                assertThat(band.ecHigh()).isGreaterThan(band.ecLow());
            }
        }
        Species orchid = SpeciesGuide.require("slipper_orchid");
        assertThat(RunoffBand.of(orchid, Family.BARK).ecHigh())
                .isLessThan(RunoffBand.of(orchid, Family.PEAT).ecHigh());
    }

    @ParameterizedTest
    @CsvSource({"15, TOO_LARGE", "58, PH_DOT_MISPLACED", "0.6, TOO_SMALL", "-1, TOO_SMALL", "NaN, TOO_SMALL"})
    void aPhNoPotCanHaveIsRefused(double ph, FaultCode code) {
        assertThatThrownBy(() -> Verdict.check(OptionalDouble.of(ph), OptionalDouble.empty()))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults()).extracting(Fault::code).containsExactly(code));
    }

    @Test
    void aReadingOfNothingIsRefused() {
        assertThatThrownBy(() -> Verdict.check(OptionalDouble.empty(), OptionalDouble.empty()))
                .isInstanceOf(FaultException.class);
    }
}
