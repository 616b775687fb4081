package evencistern.lot;

import evencistern.chore.Chore;
import evencistern.food.Supply;
import evencistern.media.PotWater;
import evencistern.meter.Meter;
import evencistern.need.AfterReading;
import evencistern.need.Course;
import evencistern.need.Flushing;
import evencistern.need.Learned;
import evencistern.need.Learning;
import evencistern.need.Situation;
import evencistern.plan.LotPlan;
import evencistern.reading.Band;
import evencistern.reading.FlushVolume;
import evencistern.reading.Judgement;
import evencistern.reading.Method;
import evencistern.reading.Soak;
import evencistern.salt.SaltAccount;
import evencistern.units.Uncertain;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Where a lot stands.
 *
 * <p><b>Answers</b> from what was set down of this lot and what its journal says: what is its situation, its plan, and what
 * falls due?
 * <p><b>Formula</b> learned from its waterings; its last readings held against its bands; after one of too much salt, the flush
 * that brings a pot back; the salt account where a flush goes by it; then its plan. Due: the next watering, or a feed
 * beside it that comes sooner
 * <p><b>Units</b> days; L; mS/cm
 * <p><b>Valid for</b> a journal as it stands, without what was taken back
 * <p><b>Source</b> [COMMON] the rules it brings together name their own
 * <p><b>Checked by</b> LotNowTest
 *
 * @param situation the one that every answer about this lot is worked out from
 * @param ph,ec the last readings, judged
 * @param perDay product one pot takes in a day on average of each course of its programme, in that label's measure
 */
public record LotNow(
        Situation situation, LotPlan plan, Optional<Judgement> ph, Optional<Judgement> ec, List<Double> perDay) {
    /** What a pen says of its pH has no bearing on an EC. */
    private static final double ANY_PH = 0.1;

    /**
     * What was set down of a lot.
     *
     * @param situation with nothing of its journal in it
     * @param waterMsCm of the water it is given
     * @param alkalinity of the water it is given, mg/L CaCO3, where it is known
     * @param coatedAlone whether all its feed is coated
     * @param wateredBefore,fedBefore before it had a journal, where that was told
     * @param lasts how long its pots last from a watering, where that was told
     * @param account the story of its salt, where its flush goes by that
     */
    public record Told(
            Situation situation,
            double waterMsCm,
            OptionalDouble alkalinity,
            boolean coatedAlone,
            Optional<LocalDate> wateredBefore,
            Optional<LocalDate> fedBefore,
            Optional<Learning.Lasts> lasts,
            Optional<SaltAccount.Story> account) {
        /** What a soak's water shows hides some of the acid that the roots stand in. */
        private Optional<Judgement> judgePh(LotRecord.Read read) {
            Uncertain shown = Uncertain.plusMinus95(read.value(), read.plusMinus());
            return band(read.method())
                    .judgePh(read.method() == Method.SOAK ? Soak.standing(shown, situation.mix(), alkalinity) : shown);
        }

        private Band band(Method method) {
            return Band.of(method, situation.species(), situation.mix(), coatedAlone);
        }
    }

    /** Works out where a lot stands on a day. */
    public static LotNow of(Told told, LotRecord record, LocalDate today) {
        Situation planned = told.situation()
                .past(later(record.watered(), told.wateredBefore()), fed(record.fed(), told), record.flushed());
        planned = planned.with(
                planned.particulars().onCalendar(record.calendarDays()).lifting(record.lifted()));
        Learned learned = Learning.from(record.waterings(), told.lasts(), planned);
        Optional<Judgement> ph = record.ph().flatMap(r -> told.judgePh(r));
        Optional<Judgement> ec = record.ec()
                .flatMap(r -> told.band(r.method()).judgeEc(new Meter(null, ANY_PH, r.plusMinus()).ec(r.value())));
        Situation bare = planned;
        Optional<AfterReading.Salty> salty =
                ec.filter(j -> j.finding().high()).flatMap(j -> record.ec().map(r -> salty(j, r, told, bare)));
        Optional<LocalDate> inOrder =
                ec.filter(j -> !j.finding().high()).flatMap(j -> record.ec().map(LotRecord.Read::on));
        Situation s = planned.with(planned.particulars().with(learned).with(record.after(salty, inOrder)));
        if (told.account().isPresent()) {
            s = s.with(s.particulars().with(byAccount(told, told.account().get(), s, today)));
        }
        LotPlan plan = LotPlan.of(s, today, Working.off());
        return new LotNow(s, plan, ph, ec, perDay(s, plan));
    }

    /** When each kind of other care falls due, after what the journal says of it. */
    public Map<Chore, LocalDate> chores(LotRecord record) {
        return Chore.next(situation, record.tended());
    }

    /** The day on which it gets a feed that is not given in water, where such a one comes next. */
    public Optional<LocalDate> besideOn() {
        return plan.nextFeed()
                .filter(f -> !f.course().inWater() && !f.binding().holds())
                .map(LotPlan.FeedDate::date);
    }

    /** The day on which something is to be done for it: feed in water goes with that, another may be due before. */
    public LocalDate dueOn() {
        return besideOn().filter(f -> f.isBefore(plan.nextWater())).orElse(plan.nextWater());
    }

    private static AfterReading.Salty salty(Judgement j, LotRecord.Read read, Told told, Situation s) {
        OptionalDouble litres = FlushVolume.of(
                        j, told.waterMsCm(), new PotWater(s.mix(), s.pot()).capacityLitres(), Working.off())
                .map(f -> OptionalDouble.of(f.mostLitres()))
                .orElse(OptionalDouble.empty());
        return new AfterReading.Salty(read.on(), litres);
    }

    private static Flushing byAccount(Told told, SaltAccount.Story story, Situation s, LocalDate today) {
        Band band = told.band(Method.POUR_THROUGH);
        SaltAccount account = SaltAccount.of(
                s, story, SaltAccount.Given.planned(s, told.waterMsCm()), band.ecHigh(), today, Working.off());
        return new Flushing(
                true,
                account.above(),
                FlushVolume.of(
                                Math.max(band.ecHigh(), account.msCm().value()),
                                band,
                                told.waterMsCm(),
                                new PotWater(s.mix(), s.pot()).capacityLitres(),
                                Working.off())
                        .map(f -> OptionalDouble.of(f.mostLitres()))
                        .orElse(OptionalDouble.empty()));
    }

    private static List<Double> perDay(Situation s, LotPlan plan) {
        return s.courses().stream()
                .map(c -> Supply.perDay(s.of(c), plan.need(), plan.nextWater(), plan.givenAmid(c)))
                .toList();
    }

    /** What was told of the time before the journal counts for feeds in water of which the journal says nothing. */
    private static Situation.Fed fed(Situation.Fed recorded, Told told) {
        Map<String, LocalDate> with = new HashMap<>(recorded.with());
        told.fedBefore()
                .ifPresent(before -> told.situation().courses().stream()
                        .filter(Course::inWater)
                        .forEach(c -> with.putIfAbsent(c.key(), before)));
        return new Situation.Fed(later(recorded.any(), told.fedBefore()), with);
    }

    private static Optional<LocalDate> later(Optional<LocalDate> recorded, Optional<LocalDate> before) {
        return before.isEmpty() || recorded.filter(r -> r.isAfter(before.get())).isPresent() ? recorded : before;
    }
}
