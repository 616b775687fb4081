package evencistern.server.lot;

import evencistern.lot.LotNow;
import evencistern.need.AfterReading;
import evencistern.need.Course;
import evencistern.need.Flushing;
import evencistern.need.Learned;
import evencistern.need.Lifted;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.plan.LotPlan;
import evencistern.reading.Judgement;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Where a lot stands: kept in step with its journal, and rebuilt from it by the same function.
 *
 * @param waterItem,feedItem names of the work that is next due; ticking it once makes it a thing of the past
 * @param waterDueOn the day on which it is watered, with feed or without, after what was left for later
 * @param besideDueOn the day on which it gets a feed that is not given in water, likewise; absent where none comes next
 * @param phFinding,ecFinding what the last reading says of the root zone
 * @param courses each feed of its programme, in its order
 * @param learned what its pots drink against the plan, between low and high in four lots of five, from so many waterings
 * @param saltyOn,saltyLitres the day of the last reading, where that was of more salt than its band, and the plain water that
 *     brings a pot back
 * @param noFeedUntil,feedShare,feedShareUntil what was decided after a reading: no feed before a day, a weaker one until a day
 * @param accountFlushOn,accountFlushLitres the day on which its salt account passes the band, where a flush goes by that, and
 *     the plain water that brings a pot back
 * @param calendarDays on which the garden's calendar has it fed
 * @param lifted holds lifted and notes set aside by a person, by their id, each up to a day
 * @param saltInOrderOn the day of the last reading, where that was of no more salt than the band
 * @param feedBinding the rule that set the feed's date
 */
public record LotState(
        @Nullable LocalDate lastWateredOn,
        @Nullable LocalDate lastFedOn,
        String waterItem,
        String feedItem,
        LocalDate nextWaterOn,
        int waterGapDays,
        @Nullable LocalDate nextFeedOn,
        @Nullable String feedBinding,
        List<Given> courses,
        @Nullable LocalDate feedEarliest,
        @Nullable LocalDate feedLatest,
        LocalDate dueOn,
        LocalDate waterDueOn,
        @Nullable LocalDate besideDueOn,
        @Nullable String phFinding,
        @Nullable String ecFinding,
        double learned,
        double learnedLow,
        double learnedHigh,
        int learnedFrom,
        @Nullable LocalDate lastFlushedOn,
        @Nullable LocalDate nextFlushOn,
        @Nullable LocalDate saltyOn,
        @Nullable Double saltyLitres,
        @Nullable LocalDate noFeedUntil,
        double feedShare,
        @Nullable LocalDate feedShareUntil,
        @Nullable LocalDate accountFlushOn,
        @Nullable Double accountFlushLitres,
        List<LocalDate> calendarDays,
        Map<String, String> lifted,
        @Nullable LocalDate saltInOrderOn) {

    /**
     * A feed of its programme.
     *
     * @param lastFedOn when that was last given
     * @param perDay product one pot takes of it in a day on average, in the label's measure
     */
    public record Given(UUID feedId, @Nullable LocalDate lastFedOn, double perDay) {}

    /** When it was last fed, with whatever feed and with each of its programme. */
    Situation.Fed fed() {
        return new Situation.Fed(
                Optional.ofNullable(lastFedOn),
                courses.stream()
                        .filter(c -> c.lastFedOn() != null)
                        .collect(Collectors.toMap(
                                c -> c.feedId().toString(), c -> Objects.requireNonNull(c.lastFedOn()))));
    }

    /** Product one pot takes in a day on average of all its feeds together, each in its label's measure. */
    double feedPerDay() {
        return courses.stream().mapToDouble(Given::perDay).sum();
    }

    /** Whether the last pH lies off the band. */
    boolean phOff() {
        return phFinding != null && Judgement.Finding.of(phFinding).offPh();
    }

    /** Whether more salt was read than the band allows. */
    boolean saltsOff() {
        return ecFinding != null && Judgement.Finding.of(ecFinding).high();
    }

    /** A lot as its journal and its plan have it. */
    static LotState of(LotNow now, RecordStore.Facts facts) {
        Situation s = now.situation();
        LotPlan plan = now.plan();
        Optional<LotPlan.FeedDate> next = plan.nextFeed();
        Particulars told = s.particulars();
        Learned learned = told.learned();
        Optional<AfterReading.Salty> salty = told.reading().salty();
        boolean beside = now.besideOn().isPresent();
        LocalDate waterDue = Stream.of(facts.waterItem(), beside ? facts.waterItem() : facts.feedItem())
                .map(item -> facts.later(item, plan.nextWater()))
                .max(LocalDate::compareTo)
                .orElseThrow();
        Optional<LocalDate> besideDue = now.besideOn().map(on -> facts.later(facts.feedItem(), on));
        return new LotState(
                s.lastWatered().orElse(null),
                s.lastFed().orElse(null),
                facts.waterItem(),
                facts.feedItem(),
                plan.nextWater(),
                plan.days().likely(),
                next.map(LotPlan.FeedDate::date).orElse(null),
                next.map(f -> f.binding().id()).orElse(null),
                given(now),
                next.map(LotPlan.FeedDate::earliest).orElse(null),
                next.map(LotPlan.FeedDate::latest).orElse(null),
                besideDue.filter(waterDue::isAfter).orElse(waterDue),
                waterDue,
                besideDue.orElse(null),
                now.ph().map(j -> j.finding().id()).orElse(null),
                now.ec().map(j -> j.finding().id()).orElse(null),
                learned.factor(),
                learned.low(),
                learned.high(),
                learned.from(),
                told.lastFlushed().orElse(null),
                plan.flush().map(LotPlan.Flush::on).orElse(null),
                salty.map(AfterReading.Salty::on).orElse(null),
                salty.filter(x -> x.litres().isPresent())
                        .map(x -> x.litres().getAsDouble())
                        .orElse(null),
                told.reading().noFeedUntil().orElse(null),
                told.reading().share(),
                told.reading().shareUntil().orElse(null),
                told.flushing().on().orElse(null),
                told.flushing().litres().isPresent() ? told.flushing().litres().getAsDouble() : null,
                told.calendarDays(),
                told.lifted().byId().entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, e -> e.getValue().toString())),
                told.reading().inOrderOn().orElse(null));
    }

    private static List<Given> given(LotNow now) {
        List<Given> given = new ArrayList<>();
        for (Course c : now.situation().courses()) {
            given.add(new Given(
                    UUID.fromString(c.key()),
                    c.lastFed().orElse(null),
                    now.perDay().get(given.size())));
        }
        return given;
    }

    AfterReading afterReading() {
        return new AfterReading(
                Optional.ofNullable(saltyOn)
                        .map(on -> new AfterReading.Salty(
                                on, saltyLitres == null ? OptionalDouble.empty() : OptionalDouble.of(saltyLitres))),
                Optional.ofNullable(noFeedUntil),
                feedShare,
                Optional.ofNullable(feedShareUntil),
                Optional.ofNullable(saltInOrderOn));
    }

    /** What a person has decided in spite of the plan. */
    Lifted inSpite() {
        return Lifted.of(lifted.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> LocalDate.parse(e.getValue()))));
    }

    Flushing flushing() {
        return new Flushing(
                true,
                Optional.ofNullable(accountFlushOn),
                accountFlushLitres == null ? OptionalDouble.empty() : OptionalDouble.of(accountFlushLitres));
    }

    Learned toLearned() {
        return new Learned(learned, learnedLow, learnedHigh, learnedFrom);
    }
}
