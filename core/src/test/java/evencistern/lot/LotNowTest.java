package evencistern.lot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.need.AfterReading;
import evencistern.need.Lifted;
import evencistern.need.Situation;
import evencistern.need.Situations;
import evencistern.plan.LotPlan;
import evencistern.reading.Judgement;
import evencistern.reading.Method;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class LotNowTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);
    private static final Situation FED = Situations.fed();

    private static LotNow now(Optional<LocalDate> before, LotRecord record) {
        return LotNow.of(
                new LotNow.Told(
                        FED,
                        0.4,
                        OptionalDouble.empty(),
                        false,
                        before,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()),
                record,
                MAY);
    }

    private static LotRecord record(
            Optional<LocalDate> watered, Optional<LotRecord.Read> ec, List<LotRecord.Eased> eased) {
        return new LotRecord(
                watered,
                Situation.Fed.NEVER,
                Optional.empty(),
                List.of(),
                Optional.empty(),
                ec,
                eased,
                List.of(),
                Map.of(),
                Lifted.NOTHING);
    }

    /** The later of what the journal says and what was told when the lot was added. */
    @Test
    void theLaterWateringCounts() {
        LocalDate told = MAY.minusDays(5);
        assertThat(now(Optional.of(told), record(Optional.empty(), Optional.empty(), List.of()))
                        .situation()
                        .lastWatered())
                .contains(told);
        assertThat(now(Optional.of(told), record(Optional.of(MAY), Optional.empty(), List.of()))
                        .situation()
                        .lastWatered())
                .contains(MAY);
        assertThat(now(Optional.of(told), record(Optional.of(MAY.minusDays(9)), Optional.empty(), List.of()))
                        .situation()
                        .lastWatered())
                .contains(told);
    }

    /** 6 mS/cm is above any band of a pour-through: a flush is asked for from the day of the reading. */
    @Test
    void tooMuchSaltAsksForAFlush() {
        LotNow salty = now(
                Optional.empty(),
                record(
                        Optional.of(MAY.minusDays(1)),
                        Optional.of(new LotRecord.Read(MAY.minusDays(1), Method.POUR_THROUGH, 6, 5)),
                        List.of()));
        assertThat(salty.ec().map(Judgement::finding)).contains(Judgement.Finding.ABOVE);
        assertThat(salty.plan().flush().orElseThrow().on()).isEqualTo(MAY.minusDays(1));
        assertThat(salty.plan().flush().orElseThrow().asker()).isEqualTo(LotPlan.Flush.Asker.READING);
    }

    /** Left out until the latest day, weakened to the least share. */
    @Test
    void whatWasEasedAfterReadingsIsTakenTogether() {
        LotNow eased = now(
                Optional.empty(),
                record(
                        Optional.of(MAY.minusDays(1)),
                        Optional.empty(),
                        List.of(
                                new LotRecord.Eased(OptionalDouble.empty(), MAY.plusDays(9)),
                                new LotRecord.Eased(OptionalDouble.empty(), MAY.plusDays(30)),
                                new LotRecord.Eased(OptionalDouble.of(0.5), MAY.plusDays(60)),
                                new LotRecord.Eased(OptionalDouble.of(0.25), MAY.plusDays(40)))));
        AfterReading after = eased.situation().particulars().reading();
        assertThat(after.noFeedUntil()).contains(MAY.plusDays(30));
        assertThat(after.share()).isCloseTo(0.25, within(1e-12));
        assertThat(after.shareUntil()).contains(MAY.plusDays(60));
        assertThat(eased.plan().nextFeed().orElseThrow().date()).isAfterOrEqualTo(MAY.plusDays(30));
    }

    /** Every answer about a lot rests on the situation that it tells. */
    @Test
    void itsPlanIsThePlanOfItsSituation() {
        LotNow now = now(Optional.empty(), record(Optional.of(MAY.minusDays(2)), Optional.empty(), List.of()));
        LotPlan plan = LotPlan.of(now.situation(), MAY, Working.off());
        assertThat(now.dueOn()).isEqualTo(plan.nextWater());
        assertThat(now.plan().nextFeed()).isEqualTo(plan.nextFeed());
    }
}
