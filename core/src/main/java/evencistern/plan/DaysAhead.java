package evencistern.plan;

import evencistern.label.Rhythm;
import evencistern.media.PotWater;
import evencistern.need.Hold;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * The waterings that lie before a lot, one after the other.
 *
 * <p><b>Answers</b> on which days is this lot watered from now on, what has a pot lost by then, and which of them carry feed or
 * are a flush?
 * <p><b>Formula</b> watering: the last day on which Σ use still is at most what may go, at least a day after the one before.
 * Feed: at the first watering, not before the label's shortest gap, at which Σ growth has come to that gap in days of full
 * growth, and the nitrogen needed since the last feed to half of what one feed gives; never while a hold lasts, nor at a watering
 * that must be plain. Where the label counts waterings, so many after the last feed; where it is given once, not again
 * before fresh mix; in months in which it feeds less often, no sooner than that. A day of the garden's calendar is taken instead where it differs by at most a quarter of the label's longest gap, the label's
 * shortest gap is kept and the pot is at least half dry. Of several feeds one goes with a watering, the rarest first; the others wait.
 * What is not given in water goes beside a watering, which is then plain
 * <p><b>Units</b> days; L missing in one pot; mg of nitrogen
 * <p><b>Valid for</b> days of known weather, and the average year after them; nothing done meanwhile but what is planned
 * <p><b>Source</b> [COMMON] the label's rhythm is the most often; feed follows growth and goes with water
 * <p><b>Checked by</b> DaysAheadTest
 */
final class DaysAhead {
    /** The share of what may go that must be gone for a watering to be brought forward. */
    static final double HALF_DRY = 0.5;
    /** By how much a calendar may move a feed, as a share of the time since the last. */
    static final double CALENDAR_LEEWAY = 0.25;

    /** Days by which a calendar may put off a feed that is ready, where the label's window is over. */
    static long leeway(Rhythm.EveryDays window) {
        return Math.round(CALENDAR_LEEWAY * window.max());
    }

    /** What a watering is. */
    enum Kind {
        PLAIN,
        FLUSH,
        FEED,
        /** No watering: a feed that is not given in water, on the day of one and before it. */
        BESIDE
    }

    /**
     * A watering to come, or a feed beside it.
     *
     * @param missingLitres from one pot by then
     * @param turn which course it carries; empty where it carries none
     * @param waits what kept each course out of it, or set its day if it carries that; empty for a course that is not given
     */
    record Watering(
            LocalDate on, double missingLitres, Kind kind, OptionalInt turn, List<Optional<LotPlan.Binding>> waits) {
        /** The rule that set the day of the course it carries. */
        LotPlan.Binding binding() {
            return waits.get(turn.orElseThrow()).orElseThrow();
        }
    }

    private final Situation s;
    private final LocalDate today;
    private final WaterNeed need;
    private final PotWater water;
    private final List<Turn> turns;
    private final Tally tally;
    private final List<LocalDate> calendar;
    private final boolean driedOut;

    private Optional<LocalDate> watered;
    private Optional<LocalDate> flushOn;
    private boolean first = true;
    /** The watering on whose day a feed was given beside it. */
    private Optional<WaterNeed.Dry> after = Optional.empty();

    /**
     * The days ahead of a lot as it stands.
     *
     * @param today what is late by then is done then
     * @param calendar days on which the garden's calendar has it fed; none for its own days
     */
    DaysAhead(Situation s, LocalDate today, PotWater water, WaterNeed need, List<LocalDate> calendar) {
        this.s = s;
        this.today = today;
        this.water = water;
        this.need = need;
        this.calendar = calendar;
        this.driedOut = LotPlan.driedOut(s);
        this.watered = s.lastWatered();
        WaterNeed.Dry dry = dryDown();
        this.turns = s.courses().stream().map(c -> new Turn(c, s, today, dry)).toList();
        this.tally = new Tally(
                s,
                need,
                turns.stream()
                        .filter(t -> t.open() && t.counts())
                        .map(Turn::since)
                        .min(LocalDate::compareTo)
                        .orElse(s.startedOn()));
        this.flushOn = LotPlan.flush(s, water, need, dry.on()).map(LotPlan.Flush::on);
    }

    /** The days ahead of a lot as it stands, on its garden's calendar. */
    static DaysAhead of(Situation s, LocalDate today) {
        return of(s, today, s.particulars().calendarDays());
    }

    /** The same on such a calendar. */
    static DaysAhead of(Situation s, LocalDate today, List<LocalDate> calendar) {
        PotWater water = new PotWater(s.mix(), s.pot());
        WaterNeed need = new WaterNeed(water, s.pot(), s.species(), s.place(), s.particulars(), Working.off());
        return new DaysAhead(s, today, water, need, calendar);
    }

    /** The courses of its programme, in their order. */
    List<Turn> turns() {
        return turns;
    }

    /** Whether any of them will carry feed. */
    boolean fed() {
        return turns.stream().anyMatch(Turn::open);
    }

    /** The next watering, or the next feed beside one; they never end. */
    Watering next() {
        if (after.isPresent()) {
            WaterNeed.Dry dry = after.get();
            return poured(at(dry));
        }
        if (first && watered.equals(Optional.of(today))) {
            // what belongs to a watering that is done already is given still
            Optional<Watering> late = beside(new WaterNeed.Dry(today, 0, 0), today);
            if (late.isPresent()) {
                first = false;
                return late.get();
            }
        }
        WaterNeed.Dry natural = dryDown();
        Optional<Chosen> chosen = chosen(natural);
        WaterNeed.Dry dry = chosen.map(Chosen::dry).orElse(natural);
        Optional<Watering> beside = chosen.isPresent()
                ? chosen.filter(c -> !turns.get(c.turn()).course().inWater())
                        .map(c -> given(dry, c.turn(), LotPlan.Binding.CALENDAR_DAY))
                : beside(dry, dry.on());
        if (beside.isPresent()) {
            after = Optional.of(dry);
            return beside.get();
        }
        return poured(
                chosen.isPresent() ? on(dry, Kind.FEED, chosen.get().turn(), LotPlan.Binding.CALENDAR_DAY) : at(dry));
    }

    /** A feed that is not given in water and is ready on a day. */
    private Optional<Watering> beside(WaterNeed.Dry dry, LocalDate on) {
        if (plainFirst(on).isPresent()) {
            return Optional.empty();
        }
        for (int i = 0; i < turns.size(); i++) {
            Turn turn = turns.get(i);
            if (turn.open()
                    && !turn.course().inWater()
                    && turn.against(dry, tally, need).isEmpty()
                    && !waitsForCalendar(turn, on)) {
                return Optional.of(given(dry, i, turn.setBy(on)));
            }
        }
        return Optional.empty();
    }

    private Watering given(WaterNeed.Dry dry, int turn, LotPlan.Binding why) {
        Watering given = on(dry, Kind.BESIDE, turn, why);
        turns.get(turn).given(dry.on());
        return given;
    }

    private Watering on(WaterNeed.Dry dry, Kind kind, int turn, LotPlan.Binding why) {
        List<Optional<LotPlan.Binding>> waits = new ArrayList<>(Collections.nCopies(turns.size(), Optional.empty()));
        waits.set(turn, Optional.of(why));
        return new Watering(dry.on(), dry.missingLitres(), kind, OptionalInt.of(turn), waits);
    }

    /** Goes on from a watering. */
    private Watering poured(Watering next) {
        after = Optional.empty();
        watered = Optional.of(next.on());
        first = false;
        if (next.kind() == Kind.FLUSH) {
            flushOn = s.particulars().flushing().byAccount()
                    ? Optional.empty()
                    : LotPlan.flushAfter(next.on(), s, water, need).map(due -> LotPlan.awake(due, s));
        }
        for (int i = 0; i < turns.size(); i++) {
            if (next.turn().equals(OptionalInt.of(i))) {
                turns.get(i).given(next.on());
            } else {
                turns.get(i).passed();
            }
        }
        return next;
    }

    /** The next watering on its own day; one that is late is done now. */
    private WaterNeed.Dry dryDown() {
        WaterNeed.Dry dry = watered.map(need::dryDown).orElseGet(() -> need.unwatered(s.startedOn()));
        return dry.on().isBefore(today)
                ? new WaterNeed.Dry(
                        today,
                        dry.days(),
                        watered.map(w -> need.deficit(w, today)).orElse(need.usableLitres()))
                : dry;
    }

    /** The watering that falls on its own day. */
    private Watering at(WaterNeed.Dry dry) {
        Optional<LotPlan.Binding> plain = plainFirst(dry.on());
        Kind without = flushes(dry.on()) ? Kind.FLUSH : Kind.PLAIN;
        List<Optional<LotPlan.Binding>> waits = new ArrayList<>(turns.size());
        OptionalInt given = OptionalInt.empty();
        for (int i = 0; i < turns.size(); i++) {
            Turn turn = turns.get(i);
            if (!turn.open()) {
                waits.add(Optional.empty());
                continue;
            }
            Optional<LotPlan.Binding> against = turn.against(dry, tally, need);
            if (against.isEmpty() && after.isPresent()) {
                waits.add(turn.waits(LotPlan.Binding.OTHER_FEED));
            } else if (plain.isPresent()) {
                // a feed that was not yet wanted is not kept waiting by plain water
                waits.add(turn.waits(against.orElse(plain.get())));
            } else if (against.isPresent()) {
                waits.add(turn.waits(against.get()));
            } else if (waitsForCalendar(turn, dry.on())) {
                waits.add(turn.waits(LotPlan.Binding.CALENDAR_DAY));
            } else if (!turn.course().inWater()) {
                waits.add(turn.waits(LotPlan.Binding.OTHER_FEED));
            } else {
                waits.add(Optional.empty());
                // one product at a time in the can: what comes most seldom goes first
                given = given.isEmpty()
                                || turn.every(dry.days())
                                        > turns.get(given.getAsInt()).every(dry.days())
                        ? OptionalInt.of(i)
                        : given;
            }
        }
        if (given.isEmpty()) {
            return new Watering(dry.on(), dry.missingLitres(), without, given, waits);
        }
        for (int i = 0; i < turns.size(); i++) {
            Turn turn = turns.get(i);
            if (i == given.getAsInt()) {
                waits.set(i, Optional.of(turn.setBy(dry.on())));
            } else if (turn.open() && waits.get(i).isEmpty()) {
                waits.set(i, turn.waits(LotPlan.Binding.OTHER_FEED));
            }
        }
        return new Watering(dry.on(), dry.missingLitres(), Kind.FEED, given, waits);
    }

    private boolean flushes(LocalDate on) {
        return flushOn.filter(f -> !f.isAfter(on)).isPresent();
    }

    private Optional<LotPlan.Binding> plainFirst(LocalDate on) {
        if (first && driedOut) {
            return Optional.of(LotPlan.Binding.AFTER_DRYING_OUT);
        }
        return flushes(on) ? Optional.of(LotPlan.Binding.AFTER_FLUSH) : Optional.empty();
    }

    /** Whether the calendar has a day for a feed that comes soon enough after the one on which it is ready. */
    private boolean waitsForCalendar(Turn turn, LocalDate ready) {
        return turn.latest(ready, today)
                .filter(latest -> calendar.stream()
                        .anyMatch(c -> c.isAfter(ready)
                                && !c.isAfter(latest)
                                && Hold.on(c, turn.situation()).isEmpty()))
                .isPresent();
    }

    /** A day of the calendar that comes no later than the watering that lies before the lot, and the feed that it suits. */
    private record Chosen(WaterNeed.Dry dry, int turn) {}

    private Optional<Chosen> chosen(WaterNeed.Dry natural) {
        if (calendar.isEmpty() || watered.isEmpty() || plainFirst(natural.on()).isPresent()) {
            return Optional.empty();
        }
        LocalDate since = watered.get();
        for (LocalDate day : calendar) {
            if (!day.isAfter(since) || day.isAfter(natural.on())) {
                continue;
            }
            WaterNeed.Dry dry =
                    new WaterNeed.Dry(day, (int) (day.toEpochDay() - since.toEpochDay()), need.deficit(since, day));
            if (!day.equals(natural.on()) && dry.missingLitres() < HALF_DRY * need.usableLitres()) {
                continue;
            }
            for (int i = 0; i < turns.size(); i++) {
                Turn turn = turns.get(i);
                if (turn.open()
                        && turn.rhythm() instanceof Rhythm.EveryDays
                        && turn.suits(dry, tally, need, 1 - CALENDAR_LEEWAY)) {
                    return Optional.of(new Chosen(dry, i));
                }
            }
        }
        return Optional.empty();
    }
}
