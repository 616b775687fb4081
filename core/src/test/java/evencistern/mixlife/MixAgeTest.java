package evencistern.mixlife;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.climate.Place;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.media.Recipes;
import evencistern.mixlife.Renewal.Sign;
import evencistern.mixlife.Renewal.Step;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.need.Whereabouts;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.hipparchus.analysis.integration.RombergIntegrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MixAgeTest {
    private static final LocalDate POTTED = LocalDate.of(2025, 3, 1);
    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);
    private static final Pot POT = Pot.filled(new RoundTaper(0.12, 0.09, 0.11));

    private static Place room(double celsius) {
        return new Place(
                52.4,
                Place.Kind.INDOORS,
                Collections.nCopies(12, celsius),
                Collections.nCopies(12, celsius),
                50,
                0.25,
                0.4,
                Optional.empty(),
                Optional.empty());
    }

    private static Situation in(String mix, Place place) {
        return new Situation(
                SpeciesGuide.require("streptocarpus"),
                POT,
                Recipes.require(mix),
                place,
                Optional.empty(),
                POTTED,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    private static List<MixAge.Given> every(int days, double litres, int times) {
        return IntStream.range(0, times)
                .mapToObj(i -> new MixAge.Given(POTTED.plusDays((long) i * days), litres))
                .toList();
    }

    private static MixAge age(Situation s, List<MixAge.Given> given, LocalDate today, MixAge.Refresh... refreshes) {
        return MixAge.of(
                s,
                new MixAge.Story(POTTED, given, List.of(new Whereabouts.Stay(POTTED, s.place())), List.of(refreshes)),
                today,
                Working.off());
    }

    /** Long-fibre sphagnum kept wet lasts about six months; common practice, no source. */
    @Test
    void sphagnumKeptWetAtTwentyDegreesIsUsedUpInSixMonths() {
        MixAge age = age(in("sphagnum_pure", room(20)), every(1, 1, 183), POTTED.plusDays(183));
        assertThat(age.spent()).isCloseTo(1, within(0.1));
        assertThat(age.wetMonths()).isCloseTo(6, within(0.6));
        assertThat(age.assumedUntil()).isEmpty();
        assertThat(age.spentLow()).isLessThan(age.spent());
        assertThat(age.spentHigh()).isGreaterThan(age.spent());
    }

    /** Dried out evenly between waterings it lasts as long as its other figure says. */
    @ParameterizedTest
    @CsvSource({"0.5, 1.5", "2.5, 3.5", "3, 5", "20, 20"})
    void theMeanOverAnEvenDryingIsTheRatioOfTheTwoLives(double wet, double cycled) {
        assertThat(MixAge.meanPower(1, 0, cycled / wet - 1) / wet).isCloseTo(1 / cycled, within(1e-12));
    }

    @Test
    void decayDoublesForEveryTenDegrees() {
        assertThat(MixAge.warmth(30) / MixAge.warmth(20)).isEqualTo(2);
        assertThat(MixAge.warmth(10)).isEqualTo(0.5);
    }

    /** The integral of a year and a half against the Romberg integrator of Hipparchus, to 0.1 %. */
    @ParameterizedTest
    @CsvSource({"peat_perlite, 4", "bark_sphagnum, 5", "sphagnum_pure, 2"})
    void theIntegralAgreesWithAReferenceLibrary(String mix, int gap) {
        Situation s = in(mix, room(23));
        int times = 540 / gap;
        MixAge age = age(s, every(gap, 1, times), POTTED.plusDays((long) gap * times));
        PotWater water = new PotWater(s.mix(), POT);
        WaterNeed need = new WaterNeed(water, POT, s.species(), s.place(), s.particulars(), Working.off());
        Mix m = s.mix();
        double k = m.cycledYears() / m.wetYears() - 1;
        double days = 0;
        for (int i = 0; i < times; i++) {
            double left = 1;
            for (int d = 0; d < gap; d++) {
                double use = need.useOn(POTTED.plusDays((long) i * gap + d)) / water.availableLitres();
                double from = left;
                double end = Math.min(1, from / use);
                if (end > 0) {
                    days += new RombergIntegrator(1e-9, 1e-9, 3, 20)
                            .integrate(100_000, t -> Math.pow(Math.max(0, from - use * t), k), 0, end);
                }
                left = Math.max(0, left - use);
            }
        }
        double expected = days * Math.pow(2, 0.3) / 365.25 / m.wetYears();
        assertThat(age.spent()).isCloseTo(expected, within(1e-3 * expected));
    }

    @Test
    void oneBatchInTwoPotsHasTwoAges() {
        Situation warm = in("bark_sphagnum", room(24));
        Situation cool = in("bark_sphagnum", room(12));
        MixAge wet = age(warm, every(2, 1, 200), POTTED.plusDays(400));
        MixAge dry = age(cool, every(20, 0.2, 20), POTTED.plusDays(400));
        assertThat(wet.spent()).isGreaterThan(2 * dry.spent());
        assertThat(wet.lasts().likely().orElseThrow())
                .isBefore(dry.lasts().likely().orElse(LocalDate.MAX));
    }

    @Test
    void aMoveCountsFromItsDay() {
        Situation s = in("peat_perlite", room(25));
        List<MixAge.Given> given = every(3, 1, 100);
        MixAge moved = MixAge.of(
                s,
                new MixAge.Story(
                        POTTED,
                        given,
                        List.of(
                                new Whereabouts.Stay(POTTED, room(10)),
                                new Whereabouts.Stay(POTTED.plusDays(150), room(25))),
                        List.of()),
                POTTED.plusDays(300),
                Working.off());
        assertThat(moved.spent())
                .isBetween(
                        age(in("peat_perlite", room(10)), given, POTTED.plusDays(300))
                                .spent(),
                        age(s, given, POTTED.plusDays(300)).spent());
    }

    @Test
    void freshMixInPartOfThePotTakesThatShareOfItsAgeAway() {
        Situation s = in("peat_perlite", room(20));
        LocalDate today = POTTED.plusDays(300);
        double whole = age(s, every(4, 1, 75), today).spent();
        MixAge part = age(s, every(4, 1, 75), today, new MixAge.Refresh(today.minusDays(1), 0.4));
        assertThat(part.spent()).isCloseTo(0.6 * whole, within(0.01 * whole));
    }

    @Test
    void whatIsNotRecordedIsTakenFromThePlanAndSaidSo() {
        MixAge unknown = age(in("peat_perlite", room(20)), List.of(), MAY);
        assertThat(unknown.assumedUntil()).contains(MAY);
        assertThat(unknown.spent()).isPositive();
        List<MixAge.Given> late = List.of(new MixAge.Given(MAY.minusDays(30), 1));
        assertThat(age(in("peat_perlite", room(20)), late, MAY).assumedUntil()).contains(MAY.minusDays(30));
    }

    // --- what to do ---

    private static MixAge spent(double share) {
        return new MixAge(
                POTTED,
                12,
                share,
                share / 1.6,
                share * 1.6,
                Optional.empty(),
                new MixAge.Lasts(Optional.empty(), Optional.empty(), Optional.empty()));
    }

    private static List<Renewal> advised(double share, Place place, LocalDate today, Sign... seen) {
        Set<Sign> signs = EnumSet.noneOf(Sign.class);
        Collections.addAll(signs, seen);
        return Renewal.of(spent(share), signs, in("peat_perlite", place), today);
    }

    @Test
    void nothingToDoIsToLookAgainLater() {
        assertThat(advised(0.2, room(20), MAY)).singleElement().satisfies(r -> {
            assertThat(r.step()).isEqualTo(Step.LOOK_AGAIN);
            assertThat(r.on()).isAfter(MAY);
            assertThat(r.because()).isEmpty();
        });
    }

    @Test
    void whatIsUsedUpIsRepottedWhileRootsGrowAndRefreshedUntilThen() {
        assertThat(advised(1.1, room(20), MAY)).extracting(Renewal::step).containsExactly(Step.REPOT);
        LocalDate winter = LocalDate.of(2026, 12, 10);
        List<Renewal> waits = advised(1.1, room(20), winter);
        assertThat(waits).extracting(Renewal::step).containsExactly(Step.PARTIAL, Step.REPOT);
        assertThat(waits.get(0).on()).isEqualTo(winter);
        assertThat(waits.get(1).on()).isBetween(LocalDate.of(2027, 1, 1), LocalDate.of(2027, 5, 1));
    }

    @Test
    void whatRotsDoesNotWaitForTheSeason() {
        LocalDate winter = LocalDate.of(2026, 12, 10);
        assertThat(advised(0.3, room(20), winter, Sign.SOUR_SMELL))
                .extracting(Renewal::step)
                .containsExactly(Step.EMERGENCY);
        assertThat(advised(0.6, room(20), winter, Sign.WATER_STANDS))
                .extracting(Renewal::step)
                .containsExactly(Step.EMERGENCY);
        assertThat(advised(0.3, room(20), winter, Sign.ALGAE))
                .extracting(Renewal::step)
                .containsExactly(Step.PLAN);
    }

    @Test
    void everyReasonIsTold() {
        assertThat(advised(0.8, room(20), MAY, Sign.PH_BELOW_BAND, Sign.ALGAE))
                .singleElement()
                .extracting(Renewal::because)
                .isEqualTo(List.of(Sign.GROWING_OLD, Sign.PH_BELOW_BAND, Sign.ALGAE));
    }
}
