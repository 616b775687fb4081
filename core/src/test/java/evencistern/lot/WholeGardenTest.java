package evencistern.lot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.feed.HandMeasure;
import evencistern.food.Supply;
import evencistern.need.Course;
import evencistern.need.Lifted;
import evencistern.need.Situation;
import evencistern.plan.Care;
import evencistern.plan.FeedWindow;
import evencistern.plan.LotPlan;
import evencistern.plan.LotYear;
import evencistern.plan.SeededSituations;
import evencistern.reading.Method;
import evencistern.round.RoundCalendar;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Two hundred gardens of one to five lots each, through the one call that every answer about a lot comes from: with weather,
 * readings, what was eased after them, what was learned, holds and conditions; each second garden on a calendar for all its
 * lots together. Page, round, calendar and year ask different questions; they must get the same day, litres and product.
 */
class WholeGardenTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);
    private static final int HORIZON = 56;
    private static final double WATER_MS_CM = 0.4;
    private static final double CAN_LITRES = 5;
    private static final Care.Tools TOOLS = new Care.Tools(
            CAN_LITRES,
            HandMeasure.SPOONS,
            HandMeasure.FULL_SET,
            SourceWater.of(WATER_MS_CM, 7.2),
            OptionalDouble.empty());

    static IntStream gardens() {
        return IntStream.range(0, 200);
    }

    private static LotRecord record(Situation s, Random r, List<LocalDate> calendar) {
        Optional<LotRecord.Read> ec = r.nextInt(3) == 0
                ? Optional.of(new LotRecord.Read(
                        TODAY.minusDays(r.nextInt(20)), Method.POUR_THROUGH, 0.3 + 5 * r.nextDouble(), 5))
                : Optional.empty();
        List<LotRecord.Eased> eased = r.nextInt(6) == 0
                ? List.of(new LotRecord.Eased(
                        r.nextBoolean() ? OptionalDouble.empty() : OptionalDouble.of(0.5),
                        TODAY.plusDays(r.nextInt(30))))
                : List.of();
        return new LotRecord(
                s.lastWatered(),
                new Situation.Fed(
                        s.lastFed(),
                        s.courses().stream()
                                .filter(c -> c.lastFed().isPresent())
                                .collect(Collectors.toMap(
                                        Course::key, c -> c.lastFed().orElseThrow()))),
                s.particulars().lastFlushed(),
                List.of(),
                Optional.empty(),
                ec,
                eased,
                calendar,
                Map.of(),
                s.particulars().lifted());
    }

    private static LotNow now(Situation s, LotRecord record) {
        return LotNow.of(
                new LotNow.Told(
                        s,
                        WATER_MS_CM,
                        OptionalDouble.empty(),
                        s.feed().flatMap(f -> f.coated()).isPresent(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()),
                record,
                TODAY);
    }

    /** What the journal of a lot says: the same each time it is asked. */
    private static Random journal(int seed, int lot) {
        return new Random(seed * 31L + lot);
    }

    private static List<LotNow> garden(int seed) {
        Random r = new Random(seed * 104_729L + 11);
        List<Situation> told = IntStream.rangeClosed(0, r.nextInt(5))
                .mapToObj(i -> SeededSituations.of(1000L + seed * 7L + i))
                .toList();
        List<LotNow> each = IntStream.range(0, told.size())
                .mapToObj(i -> now(told.get(i), record(told.get(i), journal(seed, i), List.of())))
                .toList();
        if (seed % 2 == 0) {
            return each;
        }
        List<RoundCalendar.Lot> windows = new ArrayList<>();
        for (int i = 0; i < each.size(); i++) {
            FeedWindow.of(Integer.toString(i), each.get(i).situation(), TODAY, 1, HORIZON)
                    .ifPresent(windows::add);
        }
        Map<String, List<Integer>> chosen = RoundCalendar.of(windows, HORIZON).feeds();
        return IntStream.range(0, told.size())
                .mapToObj(i -> {
                    List<LocalDate> days = chosen.getOrDefault(Integer.toString(i), List.of()).stream()
                            .map(TODAY::plusDays)
                            .toList();
                    Situation s = told.get(i);
                    return now(s, record(s, journal(seed, i), days));
                })
                .toList();
    }

    @ParameterizedTest
    @MethodSource("gardens")
    void everyAnswerAboutALotIsTheSame(int seed) {
        for (LotNow now : garden(seed)) {
            Situation s = now.situation();
            LotPlan plan = now.plan();
            Care care = Care.on(TODAY, s, TOOLS, Working.off());
            // the page and the round
            assertThat(care.plan().nextWater()).isEqualTo(plan.nextWater());
            assertThat(care.plan().nextFeed()).isEqualTo(plan.nextFeed());
            assertThat(care.plan().flush()).isEqualTo(plan.flush());
            assertThat(care.nextPourLitres()).isCloseTo(plan.need().pour(plan.waterMissing()), within(1e-9));
            if (care.feeding().orElse(null) instanceof Care.Watered watered) {
                assertThat(watered.potAmount())
                        .isCloseTo(watered.can().hand().given() / CAN_LITRES * care.feedPourLitres(), within(1e-9));
            }
            assertThat(now.perDay())
                    .isEqualTo(s.courses().stream()
                            .map(c -> Supply.perDay(s.of(c), plan.need(), plan.nextWater(), plan.givenAmid(c)))
                            .toList());
            // the year and its calendar file
            LotYear year = LotYear.of(s, TODAY);
            LocalDate end = TODAY.plusDays(LotYear.DAYS);
            LocalDate water = plan.nextWater().isBefore(TODAY) ? TODAY : plan.nextWater();
            if (water.isBefore(end)) {
                assertThat(year.waterings()).first().isEqualTo(water);
            }
            assertThat(year.feeds().stream().findFirst())
                    .isEqualTo(plan.nextFeed().map(LotPlan.FeedDate::date).filter(end::isAfter));
            // the calendar of eight weeks
            LocalDate horizon = TODAY.plusDays(HORIZON);
            assertThat(LotYear.feeds(s, TODAY, HORIZON))
                    .isEqualTo(year.feeds().stream().filter(horizon::isAfter).toList());
        }
    }

    /** What is decided after a reading holds in every answer at once. */
    @ParameterizedTest
    @MethodSource("gardens")
    void aPotThatIsTooSaltyIsFedNowhere(int seed) {
        for (LotNow now : garden(seed)) {
            boolean salty = now.situation().particulars().reading().salty().isPresent()
                    && now.situation().particulars().reading().noFeedUntil().isEmpty()
                    && now.situation().repottedOn().isEmpty()
                    && now.situation().particulars().lifted().equals(Lifted.NOTHING);
            if (salty) {
                assertThat(LotYear.of(now.situation(), TODAY).feeds()).isEmpty();
                assertThat(now.perDay()).allMatch(each -> each == 0);
            }
        }
    }
}
