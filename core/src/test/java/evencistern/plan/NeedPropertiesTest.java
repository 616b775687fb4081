package evencistern.plan;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.climate.Place;
import evencistern.media.PotWater;
import evencistern.media.Recipes;
import evencistern.need.Growth;
import evencistern.need.Hold;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.plant.Trait;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of food and water whatever the plant, the pot, the season and the latitude; seeded. */
class NeedPropertiesTest {
    private static final LocalDate SPRING = LocalDate.of(2026, 4, 1);
    private static final List<String> MIXES =
            List.of("peat_perlite", "gritty_succulent", "compost_bark_patio", "bark_sphagnum", "clay_pumice_lava");

    /** A place by what it is made of, so that one thing can be changed a little. */
    private record Made(double latitude, boolean indoors, double light, double mean, double swing, double humidity) {
        /** The same half a year later on the other half of the earth. */
        Place place(boolean other) {
            List<Double> lows = new ArrayList<>();
            List<Double> highs = new ArrayList<>();
            for (int m = 0; m < 12; m++) {
                double summer = -Math.cos((m - 0.5 + (other ? 6 : 0)) * Math.PI / 6);
                lows.add(mean + swing * summer - 4);
                highs.add(mean + swing * summer + 4);
            }
            return new Place(
                    other ? -latitude : latitude,
                    indoors ? Place.Kind.INDOORS : Place.Kind.OUTDOORS,
                    lows,
                    highs,
                    humidity,
                    light,
                    0.4,
                    Optional.empty(),
                    Optional.empty());
        }
    }

    private record Case(Species species, double top, String mix, Made made, LocalDate day) {
        Situation situation(Place place, LocalDate from) {
            return new Situation(
                    species,
                    Pot.filled(new RoundTaper(top, top * 0.75, top * 0.9)),
                    Recipes.require(mix),
                    place,
                    Optional.of(GoldenPlans.even()),
                    from.minusDays(60),
                    Optional.empty(),
                    Optional.of(from),
                    Optional.of(from));
        }

        Case in(Made other) {
            return new Case(species, top, mix, other, day);
        }

        double use() {
            Situation s = situation(made.place(false), day);
            return need(s).useOn(day);
        }

        /** Nitrogen wanted on the day, by growth and water. */
        double food() {
            Situation s = situation(made.place(false), day);
            return need(s).useOn(day) * Growth.on(day, species, s.place()).factor();
        }

        private static WaterNeed need(Situation s) {
            return new WaterNeed(
                    new PotWater(s.mix(), s.pot()), s.pot(), s.species(), s.place(), s.particulars(), Working.off());
        }

        /** Between its cold rest and its heat stress, and not at a rest by the length of days. */
        boolean comfortable() {
            double mean = made.place(false).on(day).meanC();
            return mean > species.growthBaseC()
                    && mean < Math.min(species.restsAboveC() - 6, species.growthFullC() + 4)
                    && !Hold.rests(day, made.place(false).on(day), species, Particulars.NONE)
                    && !(species.restsBy("cold") && mean < species.traits().number(Trait.DORMANT_BELOW) + 1);
        }
    }

    static Stream<Case> cases() {
        Random r = new Random(1801);
        List<Species> all = SpeciesGuide.all();
        return IntStream.range(0, 300).mapToObj(i -> {
            boolean indoors = r.nextBoolean();
            return new Case(
                    all.get(r.nextInt(all.size())),
                    0.07 + 0.3 * r.nextDouble(),
                    MIXES.get(r.nextInt(MIXES.size())),
                    new Made(
                            5 + 55 * r.nextDouble(),
                            indoors,
                            indoors ? 0.03 + 0.4 * r.nextDouble() : 0.3 + 0.7 * r.nextDouble(),
                            indoors ? 17 + 6 * r.nextDouble() : 8 + 16 * r.nextDouble(),
                            indoors ? 2 : 6 * r.nextDouble(),
                            40 + 40 * r.nextDouble()),
                    SPRING.plusDays(r.nextInt(365)));
        });
    }

    /** Between its cold rest and its heat stress, more light never means less water or less food. */
    @ParameterizedTest
    @MethodSource("cases")
    void moreLightNeverMeansLess(Case c) {
        if (!c.comfortable()) {
            return;
        }
        Made m = c.made();
        Case brighter = c.in(
                new Made(m.latitude(), m.indoors(), Math.min(1, m.light() * 1.05), m.mean(), m.swing(), m.humidity()));
        assertThat(brighter.use()).isGreaterThanOrEqualTo(c.use() * (1 - 1e-9));
        assertThat(brighter.food()).isGreaterThanOrEqualTo(c.food() * (1 - 1e-9));
    }

    /** Nor does more warmth. */
    @ParameterizedTest
    @MethodSource("cases")
    void moreWarmthNeverMeansLess(Case c) {
        Made m = c.made();
        Case warmer = c.in(new Made(m.latitude(), m.indoors(), m.light(), m.mean() + 0.5, m.swing(), m.humidity()));
        if (!c.comfortable() || !warmer.comfortable()) {
            return;
        }
        assertThat(warmer.use()).isGreaterThanOrEqualTo(c.use() * (1 - 1e-9));
        assertThat(warmer.food()).isGreaterThanOrEqualTo(c.food() * (1 - 1e-9));
    }

    /** Between two waterings no more is gone than may go, unless even four a day are too few. */
    @ParameterizedTest
    @MethodSource("cases")
    void aThirstyPotIsWateredMoreThanOnceADay(Case c) {
        WaterNeed need = Case.need(c.situation(c.made().place(false), c.day()));
        int times = need.timesOn(c.day());
        double each = need.useOn(c.day()) / times;
        assertThat(times).isBetween(1, 4);
        assertThat(times == 4 || each <= need.usableLitres() * (1 + 1e-6)).isTrue();
        assertThat(times == 1 || need.useOn(c.day()) / (times - 1) > need.usableLitres())
                .as("no more often than it must")
                .isTrue();
    }

    /** A step of 1 % of an input moves what is wanted by at most 10 %: of light, of the pot's size, of the air's moisture. */
    @ParameterizedTest
    @MethodSource("cases")
    void noQuantityJumps(Case c) {
        Made m = c.made();
        double use = c.use();
        List<Case> near = List.of(
                c.in(new Made(
                        m.latitude(), m.indoors(), Math.min(1, m.light() * 1.01), m.mean(), m.swing(), m.humidity())),
                c.in(new Made(m.latitude() * 1.01, m.indoors(), m.light(), m.mean(), m.swing(), m.humidity())),
                c.in(new Made(m.latitude(), m.indoors(), m.light(), m.mean(), m.swing(), m.humidity() * 1.01)),
                new Case(c.species(), c.top() * 1.01, c.mix(), m, c.day()));
        for (Case other : near) {
            boolean rests = Hold.rests(c.day(), m.place(false).on(c.day()), c.species(), Particulars.NONE);
            boolean otherRests =
                    Hold.rests(c.day(), other.made().place(false).on(c.day()), c.species(), Particulars.NONE);
            if (rests == otherRests) {
                assertThat(other.use()).isBetween(use * 0.9, use * 1.1);
            }
        }
    }

    /** Six months later it is the same on the other half of the earth: what is used and wanted in a year, and the next day. */
    @ParameterizedTest
    @MethodSource("cases")
    void halfAYearLaterIsTheOtherHalfOfTheEarth(Case c) {
        LocalDate autumn = LocalDate.of(2026, 10, 1);
        Situation here = c.situation(c.made().place(false), SPRING);
        Situation there = c.situation(c.made().place(true), autumn);
        double[] used = yearOf(here, SPRING);
        double[] usedThere = yearOf(there, autumn);
        assertThat(usedThere[0]).isBetween(used[0] * 0.9, used[0] * 1.1);
        assertThat(usedThere[1]).isBetween(used[1] * 0.9, used[1] * 1.1);
        long first = Case.need(here).dryDown(SPRING).days();
        long other = Case.need(there).dryDown(autumn).days();
        assertThat(Math.abs(first - other)).isLessThanOrEqualTo(7);
    }

    /** Litres used in a year, and the part of them that goes with growth. */
    private static double[] yearOf(Situation s, LocalDate from) {
        WaterNeed need = Case.need(s);
        double use = 0;
        double food = 0;
        for (LocalDate day = from; day.isBefore(from.plusDays(LotYear.DAYS)); day = day.plusDays(1)) {
            double used = need.useOn(day);
            use += used;
            food += used * Growth.on(day, s.species(), s.place()).factor();
        }
        return new double[] {use, food};
    }
}
