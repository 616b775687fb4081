package evencistern.plan;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.feed.Feed;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.PotWater;
import evencistern.plant.Appetite;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;

/**
 * When a lot is next watered and fed, and which rule says so.
 *
 * <p><b>Answers</b> when is the next watering, when the next feed, and why then?
 * <p><b>Formula</b> water: last watering + days of the water need. Feed: of the watering days between last feed + the
 * label's shortest and longest gap, the one nearest to longest − growth · (longest − shortest); a hold moves it to the
 * first free day
 * <p><b>Units</b> days
 * <p><b>Valid for</b> any last dates; missed work stays due once, it is never doubled
 * <p><b>Source</b> [COMMON] feed on a watering day, inside the label's window, as growth asks
 * <p><b>Checked by</b> CareTest
 *
 * @param nextFeed empty where the lot has no feed, or takes none at the roots
 */
public record LotPlan(
        PotWater potWater, WaterNeed need, WaterNeed.Days days, LocalDate nextWater, Optional<FeedDate> nextFeed) {
    private static final int LOOK_AHEAD_DAYS = 400;

    /** The rule that set a feed's date. */
    public enum Binding {
        EVERY_WATERING,
        FIRST_FEED,
        WATERING_IN_WINDOW,
        RHYTHM_LATEST,
        HOLD_COLD,
        HOLD_DARK,
        HOLD_FROST_NEAR,
        HOLD_REPOTTED;

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }

        static Binding of(Hold hold) {
            return valueOf("HOLD_" + hold.name());
        }
    }

    /**
     * A feed's date with its window.
     *
     * @param earliest,latest the label's window, before any hold
     */
    public record FeedDate(LocalDate date, Binding binding, LocalDate earliest, LocalDate latest) {}

    /** Works the plan out; the same situation always gives the same plan, whatever the day it is asked. */
    public static LotPlan of(Situation s, Working working) {
        PotWater potWater = new PotWater(s.mix(), s.pot());
        WaterNeed need = new WaterNeed(potWater, s.pot(), s.species(), s.place(), s.particulars(), working);
        LocalDate from = s.lastWatered().orElse(s.startedOn());
        need.useOn(from.plusDays(1), working);
        WaterNeed.Days days = need.daysAfter(from, working);
        LocalDate nextWater = s.lastWatered().isPresent() ? from.plusDays(days.likely()) : s.startedOn();
        working.step(
                "plan.next_water",
                "next = last watering + days",
                s.lastWatered().isPresent() ? days.likely() : 0,
                Unit.DAY,
                "COMMON",
                earlier("days", days.likely(), Unit.DAY, "water.days"));
        Optional<FeedDate> nextFeed = s.feed()
                .filter(f -> s.species().appetite() != Appetite.NONE)
                .map(f -> feedDate(f, s, nextWater, days.likely(), working));
        return new LotPlan(potWater, need, days, nextWater, nextFeed);
    }

    private static FeedDate feedDate(Feed feed, Situation s, LocalDate nextWater, int gap, Working working) {
        FeedDate free = byRhythm(feed, s, nextWater, gap, working);
        Set<Hold> holds = Hold.on(free.date(), s.species(), s.place(), s.repottedOn());
        if (holds.isEmpty()) {
            return free;
        }
        LocalDate date = free.date();
        LocalDate end = date.plusDays(LOOK_AHEAD_DAYS);
        Hold last = holds.iterator().next();
        while (!holds.isEmpty() && date.isBefore(end)) {
            last = holds.iterator().next();
            date = date.plusDays(1);
            holds = Hold.on(date, s.species(), s.place(), s.repottedOn());
        }
        return new FeedDate(date, Binding.of(last), free.earliest(), free.latest());
    }

    private static FeedDate byRhythm(Feed feed, Situation s, LocalDate nextWater, int gap, Working working) {
        if (feed.rhythm() instanceof Rhythm.EveryDays window && s.lastFed().isPresent()) {
            LocalDate fed = s.lastFed().get();
            LocalDate earliest = fed.plusDays(window.min());
            LocalDate latest = fed.plusDays(window.max());
            double growth = Growth.on(fed, s.species(), s.place()).factor();
            LocalDate target = latest.minusDays(Math.round(growth * (window.max() - window.min())));
            working.step(
                    "plan.feed_gap",
                    "gap = longest − growth·(longest − shortest)",
                    (double) (target.toEpochDay() - fed.toEpochDay()),
                    Unit.DAY,
                    "COMMON",
                    typed("shortest", window.min(), Unit.DAY, "feed.label"),
                    typed("longest", window.max(), Unit.DAY, "feed.label"),
                    table("growth", growth * 100, Unit.PER_CENT, "species:growth"));
            return inWindow(earliest, target, latest, nextWater, gap);
        }
        Binding binding = feed.rhythm() instanceof Rhythm.EveryWatering ? Binding.EVERY_WATERING : Binding.FIRST_FEED;
        return new FeedDate(nextWater, binding, nextWater, nextWater);
    }

    private static FeedDate inWindow(
            LocalDate earliest, LocalDate target, LocalDate latest, LocalDate nextWater, int gap) {
        LocalDate best = null;
        for (LocalDate d = nextWater; !d.isAfter(latest); d = d.plusDays(gap)) {
            boolean nearer = best == null || distance(d, target) < distance(best, target);
            if (!d.isBefore(earliest) && nearer) {
                best = d;
            }
        }
        return best == null
                ? new FeedDate(latest, Binding.RHYTHM_LATEST, earliest, latest)
                : new FeedDate(best, Binding.WATERING_IN_WINDOW, earliest, latest);
    }

    private static long distance(LocalDate a, LocalDate b) {
        return Math.abs(a.toEpochDay() - b.toEpochDay());
    }

    /** Whether this feed is strewn on the mix rather than watered on. */
    public static boolean strewn(Feed feed) {
        return !(feed.rate() instanceof Rate.PerWater);
    }
}
