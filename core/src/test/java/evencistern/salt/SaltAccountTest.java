package evencistern.salt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.climate.Place;
import evencistern.feed.CoatedRelease;
import evencistern.media.PotWater;
import evencistern.media.Recipes;
import evencistern.need.Learned;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.need.Whereabouts;
import evencistern.plant.Size;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.salt.SaltAccount.Event;
import evencistern.salt.SaltAccount.Given;
import evencistern.salt.SaltAccount.Poured;
import evencistern.salt.SaltAccount.Read;
import evencistern.salt.SaltAccount.Refreshed;
import evencistern.salt.SaltAccount.Story;
import evencistern.salt.SaltAccount.Strewn;
import evencistern.units.Uncertain;
import evencistern.watering.Watering;
import evencistern.watering.Way;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SaltAccountTest {
    private static final LocalDate START = LocalDate.of(2026, 1, 10);
    private static final Pot POT = Pot.filled(new RoundTaper(0.12, 0.09, 0.11));
    private static final Uncertain NO_SALT = Uncertain.exact(0);
    private static final Given TAP = new Given(0.4, List.of());
    private static final double LIMIT = 2.6;
    private static final OptionalDouble NOT_CAUGHT = OptionalDouble.empty();

    private static Place room() {
        return new Place(
                52.4,
                Place.Kind.INDOORS,
                Collections.nCopies(12, 21.0),
                Collections.nCopies(12, 21.0),
                50,
                0.25,
                0.6,
                Optional.empty(),
                Optional.empty());
    }

    private static Situation pot(boolean drains) {
        return new Situation(
                SpeciesGuide.require("streptocarpus"),
                POT,
                Recipes.require("peat_perlite"),
                room(),
                Optional.empty(),
                START,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new Particulars(Size.Told.NOTHING, Learned.NOTHING, drains, Map.of(), Optional.empty()));
    }

    private static PotWater water(Situation s) {
        return new PotWater(s.mix(), s.pot());
    }

    private static double held() {
        return water(pot(true)).capacityLitres();
    }

    private static WaterNeed need(Situation s) {
        return new WaterNeed(water(s), s.pot(), s.species(), s.place(), s.particulars(), Working.off());
    }

    private static SaltAccount account(Situation s, Uncertain fresh, List<Event> events, Given given, int days) {
        return SaltAccount.of(
                s,
                new Story(START, fresh, events, List.of(new Whereabouts.Stay(START, s.place()))),
                given,
                LIMIT,
                START.plusDays(days),
                Working.off());
    }

    private static Poured poured(int day, double litres, double water, double feed, OptionalDouble through) {
        return new Poured(START.plusDays(day), litres, water, feed, through);
    }

    private static Read read(int day, double msCm) {
        return new Read(START.plusDays(day), Uncertain.exact(msCm));
    }

    /** Watered every third day with such a share running through. */
    private static List<Event> waterings(Situation s, double leachingFraction, double msCm, int times) {
        List<Event> events = new ArrayList<>();
        for (int i = 1; i <= times; i++) {
            double missing = need(s).deficit(START.plusDays(3L * (i - 1)), START.plusDays(3L * i));
            double litres = missing / (1 - leachingFraction);
            events.add(poured(3 * i, litres, msCm, 0, OptionalDouble.of(litres - missing)));
        }
        return events;
    }

    /** FAO Irrigation and Drainage Paper 29, leaching fraction: the drainage water has ECw/LF in the long run. */
    @ParameterizedTest
    @ValueSource(doubles = {0.15, 0.2, 0.3})
    void inTheLongRunTheDrainageIsTheWaterOverTheLeachingFraction(double fraction) {
        Situation s = pot(true);
        SaltAccount before = account(s, NO_SALT, waterings(s, fraction, 0.5, 400), TAP, 1200);
        SaltAccount after = account(s, NO_SALT, waterings(s, fraction, 0.5, 401), TAP, 1203);
        double missing = need(s).deficit(START.plusDays(1200), START.plusDays(1203));
        double ran = missing / (1 - fraction) * fraction;
        double drained = (after.grams().drained() - before.grams().drained()) / 0.64 / ran;
        assertThat(drained).isCloseTo(0.5 / fraction, within(0.01 / fraction));
    }

    /** FAO Irrigation and Drainage Paper 29: e to the minus pools stays if all mixes, nothing if the old is pushed out. */
    @Test
    void aFlushOfTwicePotWaterLeavesWhatMixingLeaves() {
        SaltAccount account = account(
                pot(true),
                NO_SALT,
                List.of(read(0, 4), poured(0, 2 * held(), 0, 0, OptionalDouble.of(2 * held()))),
                TAP,
                0);
        assertThat(account.msCm().value()).isCloseTo(4 * Math.exp(-2), within(1e-9));
        assertThat(account.msCm().low()).isZero();
        assertThat(account.msCm().high()).isCloseTo(4 * Math.exp(-1), within(1e-9));
    }

    /** FAO Irrigation and Drainage Paper 29: 640 mg/L for 1 dS/m. */
    @Test
    void saltIsCountedInGrams() {
        SaltAccount account =
                account(pot(false), NO_SALT, List.of(read(0, 1), poured(1, 0.1, 0.5, 0, NOT_CAUGHT)), TAP, 1);
        assertThat(account.grams().began()).isCloseTo(0.64 * held(), within(1e-9));
        assertThat(account.grams().water()).isCloseTo(0.64 * 0.05, within(1e-9));
        assertThat(account.msCm().value()).isCloseTo(1 + 0.05 / held(), within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void nothingIsLostOrWonOnTheWay(int seed) {
        Random random = new Random(seed);
        List<Event> events = new ArrayList<>();
        for (int day = 1; day < 200; day += 1 + random.nextInt(5)) {
            events.add(poured(day, random.nextDouble(), 0.4, random.nextInt(2) * 1.2, NOT_CAUGHT));
            if (random.nextInt(20) == 0) {
                events.add(new Refreshed(START.plusDays(day), 0.3));
            }
        }
        events.add(0, new Strewn(START, 4, Optional.of(new CoatedRelease(4, 21))));
        SaltAccount account = account(pot(random.nextBoolean()), new Uncertain(0.8, 0.2), events, TAP, 200);
        SaltAccount.Grams g = account.grams();
        assertThat(g.began() + g.water() + g.feed() - g.plant() - g.drained()).isCloseTo(g.now(), within(1e-9));
        assertThat(account.msCm().value()).isCloseTo(g.now() / 0.64 / held(), within(1e-9));
        assertThat(account.msCm().low()).isBetween(0.0, account.msCm().value());
        assertThat(account.msCm().high()).isGreaterThan(account.msCm().value());
        assertThat(account.nowMsCm()).isGreaterThanOrEqualTo(account.msCm().value());
    }

    @Test
    void whereNothingDrainsNothingLeaves() {
        SaltAccount account = account(pot(false), NO_SALT, waterings(pot(false), 0.2, 0.5, 60), TAP, 180);
        assertThat(account.grams().drained()).isZero();
        assertThat(account.grams().now()).isCloseTo(account.grams().water(), within(1e-9));
        assertThat(account.above()).isPresent();
        Situation reservoir = pot(true);
        reservoir = reservoir.with(reservoir.particulars().with(Watering.of(Way.RESERVOIR)));
        assertThat(account(reservoir, NO_SALT, waterings(pot(true), 0.2, 0.5, 20), TAP, 60)
                        .grams()
                        .drained())
                .isZero();
    }

    /** A grade rated at 21 °C, kept at 21 °C, has given 80 % by the end of its life. */
    @Test
    void coatedFeedGivesItselfAwayOverItsLife() {
        List<Event> strewn = List.of(new Strewn(START, 5, Optional.of(new CoatedRelease(3, 21))));
        int life = (int) Math.round(3 * 30.4);
        assertThat(account(pot(true), NO_SALT, strewn, TAP, life).grams().feed())
                .isCloseTo(0.64 * 4, within(0.02));
        assertThat(account(pot(true), NO_SALT, strewn, TAP, life / 3).grams().feed())
                .isLessThan(
                        account(pot(true), NO_SALT, strewn, TAP, life).grams().feed());
    }

    @Test
    void aReadingBeginsTheAccountAnewAndSaysHowFarOffItWas() {
        List<Event> events = new ArrayList<>(waterings(pot(true), 0.15, 0.5, 20));
        events.add(read(60, 1.9));
        SaltAccount account = account(pot(true), Uncertain.exact(1), events, TAP, 60);
        SaltAccount before = account(pot(true), Uncertain.exact(1), events.subList(0, 20), TAP, 60);
        assertThat(account.since()).isEqualTo(START.plusDays(60));
        assertThat(account.msCm().value()).isCloseTo(1.9, within(1e-9));
        assertThat(account.checks()).hasSize(1);
        assertThat(account.checks().get(0).said()).isEqualTo(before.msCm());
        assertThat(account.checks().get(0).readMsCm()).isEqualTo(1.9);
        assertThat(before.msCm().high() - before.msCm().low())
                .isGreaterThan(account.msCm().high() - account.msCm().low());
    }

    @Test
    void hardWaterIsSoonerTooMuchThanSoftAndRainNever() {
        LocalDate hard = account(pot(true), NO_SALT, List.of(), new Given(0.9, List.of()), 0)
                .above()
                .orElseThrow();
        LocalDate middling = account(pot(true), NO_SALT, List.of(), new Given(0.6, List.of()), 0)
                .above()
                .orElseThrow();
        assertThat(hard).isBefore(middling);
        assertThat(account(pot(true), NO_SALT, List.of(), new Given(0.02, List.of()), 0)
                        .above())
                .isEmpty();
    }

    @Test
    void whatIsTooMuchAlreadyIsAskedForFromTheDayItWas() {
        SaltAccount account = account(pot(true), NO_SALT, List.of(read(5, 3)), TAP, 30);
        assertThat(account.above()).contains(START.plusDays(5));
    }

    @Test
    void halfTheMixRenewedIsHalfTheSalt() {
        SaltAccount account =
                account(pot(true), NO_SALT, List.of(read(0, 3), new Refreshed(START.plusDays(1), 0.5)), TAP, 1);
        assertThat(account.msCm().value()).isCloseTo(1.5, within(1e-9));
    }

    /** Arithmetic: what came less what left, over 0.64 g/L and what the pot holds, is the EC that is told. */
    @Test
    void theWorkingComesToTheFigure() {
        Working.Recorder working = new Working.Recorder();
        SaltAccount account = SaltAccount.of(
                pot(true),
                new Story(
                        START,
                        Uncertain.exact(0.8),
                        waterings(pot(true), 0.2, 0.5, 10),
                        List.of(new Whereabouts.Stay(START, room()))),
                TAP,
                LIMIT,
                START.plusDays(40),
                working);
        Map<String, Double> results = working.steps().stream()
                .collect(
                        Collectors.toMap(Working.Step::id, step -> step.result().value()));
        assertThat((results.get("salt.in") - results.get("salt.out")) / 0.64 / held())
                .isCloseTo(results.get("salt.now"), within(1e-9))
                .isCloseTo(account.msCm().value(), within(1e-9));
    }
}
