package evencistern.plan;

import evencistern.climate.Place;
import evencistern.plant.Species;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * Why a plant is not fed for now.
 *
 * <p><b>Answers</b> is this a day to feed, and if not, what holds it back and until when?
 * <p><b>Formula</b> cold: warmth below 0.1; dark: light below 0.15 of enough; frost: from 7 weeks before the first frost
 * until 4 weeks before the last; repotted: for the species' days after repotting
 * <p><b>Units</b> days
 * <p><b>Valid for</b> any latitude: seasons come from the place's own temperatures, light and frost dates
 * <p><b>Source</b> [COMMON] last feed 6–8 weeks before frost, none below about 10–12 °C, 3–6 weeks after repotting
 * <p><b>Checked by</b> CareTest
 */
public enum Hold {
    COLD,
    DARK,
    FROST_NEAR,
    REPOTTED;

    private static final double WARMTH_NEEDED = 0.1;
    private static final double LIGHT_NEEDED = 0.15;
    private static final int DAYS_BEFORE_FIRST_FROST = 49;
    private static final int DAYS_BEFORE_LAST_FROST = 28;

    static Set<Hold> on(LocalDate date, Species species, Place place, Optional<LocalDate> repotted) {
        Set<Hold> holds = EnumSet.noneOf(Hold.class);
        Growth growth = Growth.on(date, species, place);
        if (growth.warmth() < WARMTH_NEEDED) {
            holds.add(COLD);
        }
        if (growth.light() < LIGHT_NEEDED) {
            holds.add(DARK);
        }
        if (place.frosts().isPresent() && nearFrost(date, place.frosts().get())) {
            holds.add(FROST_NEAR);
        }
        if (repotted.isPresent()
                && !date.isBefore(repotted.get())
                && date.isBefore(repotted.get().plusDays(species.repotHoldDays()))) {
            holds.add(REPOTTED);
        }
        return holds;
    }

    private static boolean nearFrost(LocalDate date, Place.Frosts frosts) {
        LocalDate first = onOrAfter(frosts.first(), date);
        LocalDate last = onOrAfter(frosts.last(), date);
        // inside the frost season the last frost comes before the next first one
        boolean inSeason = last.isBefore(first);
        if (inSeason) {
            return date.isBefore(last.minusDays(DAYS_BEFORE_LAST_FROST));
        }
        return !date.isBefore(first.minusDays(DAYS_BEFORE_FIRST_FROST));
    }

    private static LocalDate onOrAfter(MonthDay day, LocalDate date) {
        LocalDate thisYear = day.atYear(date.getYear());
        return thisYear.isBefore(date) ? day.atYear(date.getYear() + 1) : thisYear;
    }
}
