package evencistern.need;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import evencistern.media.PotWater;
import evencistern.need.Learning.Dryness;
import evencistern.need.Learning.Watering;
import evencistern.plan.LotPlan;
import evencistern.plant.Size;
import evencistern.watering.Way;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Pots are simulated whose truth is known: learning must find it through forgotten and doubled entries. */
class LearningTest {
    private static final int SEEDS = 200;
    private static final int WATERINGS = 8;
    private static final LocalDate START = LocalDate.of(2026, 5, 1);
    /** A plant 18 cm wide, watered about once a week. */
    private static final Size.Told TOLD = new Size.Told(OptionalDouble.of(0.18), OptionalDouble.empty(), 0);

    private static final Situation PLAIN = Situations.fed(Optional.empty()).with(Particulars.sized(TOLD));
    private static final PotWater WATER = new PotWater(PLAIN.mix(), PLAIN.pot());
    private static final WaterNeed NEED =
            new WaterNeed(WATER, PLAIN.pot(), PLAIN.species(), PLAIN.place(), PLAIN.particulars(), Working.off());

    /** What the simulated grower tells beside the day. */
    enum Tells {
        THE_HOUR,
        A_TOUCH,
        A_WEIGHT,
        ALL
    }

    private record Run(double truth, Learned learned) {
        boolean within15() {
            return Math.abs(learned.factor() / truth - 1) <= 0.15;
        }

        boolean covered() {
            return truth >= learned.low() && truth <= learned.high();
        }
    }

    /** One pot: drinks truth times the plan with noise day by day, is watered about when due; 15 % of entries are wrong. */
    private static Run run(int seed, double truth, Tells tells) {
        Random random = new Random(seed);
        List<Watering> log = new ArrayList<>();
        LocalDate day = START;
        double missing = 0;
        log.add(new Watering(day, true, Optional.empty(), OptionalDouble.empty(), OptionalDouble.of(WATER.wetKg())));
        double patience = 1 + 0.15 * random.nextGaussian();
        while (log.size() <= WATERINGS) {
            day = day.plusDays(1);
            missing += truth * NEED.plannedOn(day) * Math.exp(0.1 * random.nextGaussian());
            if (missing >= NEED.usableLitres() * patience) {
                double chance = random.nextDouble();
                if (chance > 0.075) {
                    log.add(watering(day, missing, tells, random));
                }
                if (chance > 0.925) {
                    log.add(watering(day.plusDays(random.nextInt(3)), missing, tells, random));
                }
                missing = 0;
                patience = 1 + 0.15 * random.nextGaussian();
            }
        }
        log.sort(Comparator.comparing(Watering::on));
        return new Run(truth, Learning.from(log, Optional.empty(), NEED, WATER.wetKg()));
    }

    private static Watering watering(LocalDate day, double missing, Tells tells, Random random) {
        boolean touch = tells == Tells.A_TOUCH || (tells == Tells.ALL && random.nextBoolean());
        boolean weight = tells == Tells.A_WEIGHT || (tells == Tells.ALL && random.nextBoolean());
        double felt = missing / NEED.usableLitres() * Math.exp(0.15 * random.nextGaussian());
        Dryness nearest = Arrays.stream(Dryness.values())
                .min(Comparator.comparingDouble(d -> Math.abs(Math.log(d.share() / felt))))
                .orElseThrow();
        double kg = WATER.wetKg() - missing;
        return new Watering(
                day,
                true,
                touch ? Optional.of(nearest) : Optional.empty(),
                weight ? OptionalDouble.of(kg * (1 + 0.005 * random.nextGaussian())) : OptionalDouble.empty(),
                OptionalDouble.empty());
    }

    private static double truth(int seed) {
        return Math.exp(0.24 * new Random(1000 + seed).nextGaussian());
    }

    @ParameterizedTest
    @EnumSource(Tells.class)
    void eightWateringsComeWithin15PerCentInNineOfTenPots(Tells tells) {
        long near = 0;
        for (int seed = 0; seed < SEEDS; seed++) {
            near += run(seed, truth(seed), tells).within15() ? 1 : 0;
        }
        assertThat(near / (double) SEEDS).isGreaterThanOrEqualTo(0.9);
    }

    /** The interval is said to hold in four lots of five; the span allowed is four standard errors of 200 draws. */
    @ParameterizedTest
    @EnumSource(Tells.class)
    void theIntervalCoversAtLeastAtItsStatedRate(Tells tells) {
        long covered = 0;
        for (int seed = 0; seed < SEEDS; seed++) {
            covered += run(seed, truth(seed), tells).covered() ? 1 : 0;
        }
        assertThat(covered / (double) SEEDS).isBetween(0.8 - 4 * Math.sqrt(0.8 * 0.2 / SEEDS), 1.0);
    }

    @Test
    void aThirstyAndAThriftyPotAreToldApart() {
        assertThat(run(1, 1.6, Tells.ALL).learned().low()).isGreaterThan(1.1);
        assertThat(run(1, 0.6, Tells.ALL).learned().high()).isLessThan(0.9);
    }

    /** A tree of which nobody told the size, and that drinks three times or a third of the plan: four waterings by weight. */
    @ParameterizedTest
    @ValueSource(doubles = {1.0 / 3, 0.5, 2, 3})
    void fourWateringsCloseAFactorOfThree(double truth) {
        Situation tree =
                Situations.at("weeping_fig", Situations.pot(0.2, 0.18), "peat_perlite", Situations.SILL, START);
        PotWater water = new PotWater(tree.mix(), tree.pot());
        WaterNeed need =
                new WaterNeed(water, tree.pot(), tree.species(), tree.place(), tree.particulars(), Working.off());
        List<Watering> log = new ArrayList<>();
        LocalDate day = START;
        log.add(new Watering(day, true, Optional.empty(), OptionalDouble.empty(), OptionalDouble.of(water.wetKg())));
        while (log.size() <= 4) {
            double missing = 0;
            while (missing < need.usableLitres()) {
                day = day.plusDays(1);
                missing = Math.min(water.availableLitres(), missing + truth * need.plannedOn(day));
            }
            log.add(new Watering(
                    day, true, Optional.empty(), OptionalDouble.of(water.wetKg() - missing), OptionalDouble.empty()));
        }
        Learned learned = Learning.from(log, Optional.empty(), need, water.wetKg());
        assertThat(learned.factor() / truth).isBetween(0.75, 1.33);
        assertThat(learned.high() / learned.low()).isLessThan(1.6);
    }

    /** What somebody knows of a pot counts at once: told that it lasts a third or three times as long, the plan follows. */
    @ParameterizedTest
    @ValueSource(doubles = {1.0 / 3, 0.5, 2, 3})
    void oneDryDownInDaysNarrowsItAtOnce(double longer) {
        Situation tree =
                Situations.at("weeping_fig", Situations.pot(0.2, 0.18), "peat_perlite", Situations.SILL, START);
        WaterNeed need = new WaterNeed(
                new PotWater(tree.mix(), tree.pot()),
                tree.pot(),
                tree.species(),
                tree.place(),
                tree.particulars(),
                Working.off());
        double days = longer * need.usableLitres() / need.useOn(START);
        Learned learned = Learning.from(List.of(), Optional.of(new Learning.Lasts(START, days)), tree);
        assertThat(learned.factor() * longer).isBetween(0.7, 1.4);
        assertThat(learned.high() / learned.low())
                .isLessThan(0.6 * need.learned().high() / need.learned().low());
        assertThat(Learning.from(List.of(), Optional.empty(), tree)).isEqualTo(Learned.NOTHING);
    }

    /** A tree good to a factor of three either way, weighed once to ± 10 %: arithmetic of two normals. */
    @Test
    void whatOneWeighingWouldBringIsReckoned() {
        double sd = Math.log(3) / 1.2816;
        Learned weighed = Learned.unlearned(sd).weighed();
        double then = 1 / Math.sqrt(1 / (sd * sd) + 100);
        assertThat(weighed.spread()).isCloseTo(Math.exp(2 * 1.2816 * then), within(1e-9));
        assertThat(weighed.spread()).isLessThan(1.35);
        assertThat(weighed.weighed().spread()).isLessThan(weighed.spread());
    }

    /** What stood in the reservoir is lifted with the pot; a moist mix above it says nothing of how much is left. */
    @Test
    void aReservoirIsWeighedAndNotFelt() {
        Situation over = PLAIN.with(PLAIN.particulars().with(evencistern.watering.Watering.of(Way.RESERVOIR)));
        WaterNeed need =
                new WaterNeed(WATER, over.pot(), over.species(), over.place(), over.particulars(), Working.off());
        LocalDate dry = need.dryDown(START).on();
        double full = WATER.wetKg() + need.besideLitres();
        Watering weighed = new Watering(
                dry, false, Optional.empty(), OptionalDouble.of(full - need.usableLitres()), OptionalDouble.empty());
        assertThat(Learning.from(List.of(first(), weighed), Optional.empty(), over)
                        .factor())
                .isBetween(0.9, 1.3);
        Watering felt =
                new Watering(dry, false, Optional.of(Dryness.MOIST), OptionalDouble.empty(), OptionalDouble.empty());
        assertThat(Learning.from(List.of(first(), felt), Optional.empty(), over))
                .isEqualTo(Learned.NOTHING);
    }

    private static Watering first() {
        return new Watering(START, false, Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty());
    }

    @Test
    void daysThatNoPotLastsAreRefused() {
        assertThatThrownBy(() -> new Learning.Lasts(START, 0)).isInstanceOf(FaultException.class);
    }

    @Test
    void whatFollowedTheListSaysNothingByItsHour() {
        List<Watering> ticked = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            ticked.add(new Watering(
                    START.plusDays(3L * i), false, Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty()));
        }
        assertThat(Learning.from(ticked, Optional.empty(), NEED, WATER.wetKg())).isEqualTo(Learned.NOTHING);
    }

    /** Arithmetic: a pot that lost by weight exactly what was planned, time after time, is as planned. */
    @Test
    void aPotThatLosesWhatWasPlannedIsAsPlanned() {
        List<Watering> log = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            LocalDate on = START.plusDays(4L * i);
            double lost = 0;
            for (LocalDate d = on.minusDays(3); !d.isAfter(on); d = d.plusDays(1)) {
                lost += NEED.plannedOn(d);
            }
            log.add(new Watering(
                    on,
                    false,
                    Optional.empty(),
                    OptionalDouble.of(WATER.wetKg() - lost),
                    OptionalDouble.of(WATER.wetKg())));
        }
        Learned learned = Learning.from(log, Optional.empty(), NEED, WATER.wetKg());
        assertThat(learned.factor()).isCloseTo(1, within(0.01));
        assertThat(learned.from()).isEqualTo(7);
        assertThat(learned.high() / learned.low()).isLessThan(1.3);
    }

    @Test
    void learningChangesTheDaysAndNarrowsThem() {
        Situation thirsty = new Situation(
                PLAIN.species(),
                PLAIN.pot(),
                PLAIN.mix(),
                PLAIN.place(),
                PLAIN.feed(),
                PLAIN.startedOn(),
                PLAIN.repottedOn(),
                PLAIN.lastWatered(),
                PLAIN.lastFed(),
                PLAIN.particulars().with(new Learned(1.5, 1.4, 1.6, 8)));
        LotPlan learned = LotPlan.of(thirsty, Working.off());
        LotPlan planned = LotPlan.of(PLAIN, Working.off());
        assertThat(learned.days().likely()).isLessThan(planned.days().likely());
        assertThat(learned.days().longest() - learned.days().shortest())
                .isLessThan(planned.days().longest() - planned.days().shortest());
    }

    /** A cachepot holds back what runs through: nothing is poured to run away. */
    @Test
    void whereNothingDrainsNothingIsPouredToRunThrough() {
        Particulars kept =
                new Particulars(Size.Told.NOTHING, Learned.NOTHING, false, java.util.Map.of(), Optional.empty());
        WaterNeed need = new WaterNeed(WATER, PLAIN.pot(), PLAIN.species(), PLAIN.place(), kept, Working.off());
        assertThat(need.fullPour(Working.off())).isEqualTo(need.usableLitres());
        assertThat(NEED.fullPour(Working.off())).isCloseTo(NEED.usableLitres() / 0.85, within(1e-9));
    }
}
