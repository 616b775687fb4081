package evencistern.need;

import evencistern.climate.Place;
import evencistern.feed.Feed;
import evencistern.plant.Species;
import evencistern.plant.Trait;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Why a plant is not fed for now.
 *
 * <p><b>Answers</b> is this a day to feed, and if not, what holds it back and until when?
 * <p><b>Formula</b> cold: warmth below 0.1; heat: within 0.3 °C of the kind's resting heat; dark: light below the kind's least; dormant: daily mean below the kind's resting
 * cold, days shorter than its resting length, or heat above its resting heat, whichever its kind goes by, or the kind's weeks from the day it was told to rest; frost, for woody and perennial
 * plants that harden: from 7 weeks before the first frost until 4 weeks before the last; repotted: for the kind's days after repotting, but for what goes in with fresh mix; flowering,
 * fruit set: while told, for kinds that take no feed then, but for coated feed, and for all where leaves are sprayed in flower; grafted: nothing strewn for the kind's days, or a year; sick: while told;
 * reading: until the day that was decided on after one; salty: after a reading above the band, until the next reading, fresh
 * mix, or a decision; off season: months in which its label does not feed; off programme: outside the days, months or state
 * in which the programme gives it; none of them up to the day to which a person has lifted it
 * <p><b>Units</b> days
 * <p><b>Valid for</b> any latitude: seasons come from the place's own temperatures, light and frost dates
 * <p><b>Source</b> [COMMON] last feed 6–8 weeks before frost, none below about 10–12 °C, 3–6 weeks after repotting, liquid
 * feed only in the first year after grafting
 * <p><b>Checked by</b> HoldTest
 */
public enum Hold {
    COLD,
    HEAT,
    DARK,
    DORMANT,
    FROST_NEAR,
    REPOTTED,
    FLOWERING,
    FRUIT_SET,
    GRAFTED,
    SICK,
    READING,
    SALTY,
    OFF_SEASON,
    OFF_PROGRAMME;

    private static final List<Hold> ALL = List.of(values());
    private static final List<Hold> STILL = ALL.stream().filter(Hold::rests).toList();

    private static final double WARMTH_NEEDED = 0.1;
    /** For kinds of which nothing else is told. */
    private static final int USUAL_GRAFT_DAYS = 365;

    private static final int DAYS_BEFORE_FIRST_FROST = 49;
    private static final int DAYS_BEFORE_LAST_FROST = 28;

    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }

    /** Whether nobody can say when it ends: it ends when the person says so. */
    public boolean open() {
        return this == FLOWERING || this == FRUIT_SET || this == SICK || this == SALTY;
    }

    /** Whether the plant stands still meanwhile. */
    public boolean rests() {
        return this == COLD || this == HEAT || this == DARK || this == DORMANT;
    }

    /** What holds feed back on a day. */
    public static Set<Hold> on(LocalDate date, Situation s) {
        return on(date, s, Growth.on(date, s.species(), s.place()));
    }

    /** The same, where the growth of the day is known already. */
    public static Set<Hold> on(LocalDate date, Situation s, Growth growth) {
        Set<Hold> holds = EnumSet.noneOf(Hold.class);
        for (Hold hold : ALL) {
            if (hold.holds(date, s, growth) && !s.particulars().lifted().on(hold, date)) {
                holds.add(hold);
            }
        }
        return holds;
    }

    /** Whether the plant stands still on a day, unless a person has lifted what keeps it so. */
    public static boolean standsStill(LocalDate date, Situation s) {
        Growth growth = Growth.on(date, s.species(), s.place());
        for (Hold hold : STILL) {
            if (hold.holds(date, s, growth) && !s.particulars().lifted().on(hold, date)) {
                return true;
            }
        }
        return false;
    }

    private boolean holds(LocalDate date, Situation s, Growth growth) {
        Species species = s.species();
        Particulars told = s.particulars();
        return switch (this) {
            case COLD -> growth.warmth() < WARMTH_NEEDED;
            case HEAT -> growth.coolness() < WARMTH_NEEDED;
            case DARK -> s.place().on(date).lightMol() < species.traits().number(Trait.LIGHT_LOW);
            case DORMANT -> rests(date, s.place().on(date), species, told);
            case FROST_NEAR ->
                species.traits().is(Trait.HARDENS, "yes")
                        && s.place().frosts().filter(f -> nearFrost(date, f)).isPresent();
            case REPOTTED ->
                s.feed().filter(Feed::mixedIn).isEmpty()
                        && s.repottedOn()
                                .filter(r -> within(date, r, species.repotHoldDays()))
                                .isPresent();
            case FLOWERING ->
                !coated(s)
                        && toldSince(date, told, Condition.FLOWERING)
                        && (species.traits().is(Trait.HOLDS, "flowering") || sprayed(s));
            case FRUIT_SET ->
                !coated(s)
                        && toldSince(date, told, Condition.FRUIT_SET)
                        && species.traits().is(Trait.HOLDS, "fruit_set");
            case GRAFTED ->
                s.feed().filter(Feed::strewn).isPresent()
                        && Optional.ofNullable(told.conditions().get(Condition.GRAFTED))
                                .filter(g -> within(date, g, graftDays(species)))
                                .isPresent();
            case SICK -> toldSince(date, told, Condition.SICK);
            case OFF_SEASON ->
                s.feed()
                        .filter(f -> !f.terms().feedsOn(date, s.place().latitude()))
                        .isPresent();
            case OFF_PROGRAMME ->
                s.course()
                        .filter(c -> !c.when().on(date, s.place().latitude(), told.conditions()))
                        .isPresent();
            case READING -> told.reading().holdsOn(date);
            case SALTY -> told.reading().tooSaltyToFeed(date, s.repottedOn());
        };
    }

    /** What releases for months is neither begun nor stopped by a flower or a fruit. */
    private static boolean coated(Situation s) {
        return s.feed().flatMap(Feed::coated).isPresent();
    }

    /** Open flowers spot where they are sprayed. */
    private static boolean sprayed(Situation s) {
        return s.feed().filter(Feed::sprayed).isPresent();
    }

    private static int graftDays(Species species) {
        int days = (int) species.traits().number(Trait.GRAFT_DAYS);
        return days > 0 ? days : USUAL_GRAFT_DAYS;
    }

    private static boolean toldSince(LocalDate date, Particulars told, Condition condition) {
        LocalDate since = told.conditions().get(condition);
        return since != null && !date.isBefore(since);
    }

    private static boolean within(LocalDate date, LocalDate from, int days) {
        return !date.isBefore(from) && date.isBefore(from.plusDays(days));
    }

    /** Whether it rests on a day: for its kind's weeks where it was told to, which stands for the year's rest by season. */
    public static boolean rests(LocalDate date, Place.Day day, Species species, Particulars told) {
        return told.restTold(date)
                ? told.restsOn(date, species) || (species.restsBy("cold") && dormant(species, day))
                : dormant(species, day);
    }

    /** Whether its kind rests in such weather. */
    private static boolean dormant(Species species, Place.Day day) {
        return (species.restsBy("cold") && day.meanC() < species.traits().number(Trait.DORMANT_BELOW))
                || (species.restsBy("short_days")
                        && day.daylengthHours() < species.traits().number(Trait.DORMANT_HOURS))
                || (species.restsBy("dry_heat") && day.meanC() > species.restsAboveC());
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
