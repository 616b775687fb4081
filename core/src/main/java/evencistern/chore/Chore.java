package evencistern.chore;

import evencistern.caution.Caution;
import evencistern.media.PotWater;
import evencistern.need.Condition;
import evencistern.need.Growth;
import evencistern.need.Situation;
import evencistern.plant.Trait;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;

/**
 * Care beside water and feed.
 *
 * <p><b>Answers</b> what else does this plant want, on which day next, and is it still wanted today?
 * <p><b>Formula</b> a rhythm of the kind counts from the last time, or from the lot's start, and falls due on the first day
 * on which it is wanted: pinching at half growth or more and not in flower or fruit; deadheading while told in flower, from
 * that day; turning indoors without lamps and not in flower; looking at stakes, ties and wire while it grows; looking for
 * pests always, half as often while it hardly grows, twice as often when sick. Cold: what frost kills (it stands 3 °C or
 * less) goes by a cold night, the mean low − 6 °C in the open, − 3 °C under glass, and its pot is wrapped below what it
 * stands + 3 °C while nights cool down, or below what it stands, or brought in where winter goes more than 5 °C below what it stands; what is only chilled goes by the mean
 * low and is brought in below what it stands + 1 °C; unwrapped once cold nights are 4 °C above
 * <p><b>Units</b> days; °C
 * <p><b>Valid for</b> any latitude: seasons come from the place's own temperatures and light
 * <p><b>Source</b> [COMMON] the rhythms are the kind's own; pots freeze through before ground does; buds of some kinds drop
 * when they are turned
 * <p><b>Checked by</b> ChoreTest
 */
public enum Chore {
    PINCH(Trait.PINCH_DAYS),
    DEADHEAD(Trait.DEADHEAD_DAYS),
    TURN(Trait.TURN_DAYS),
    STAKE(Trait.STAKE_DAYS),
    LOOK_OVER(Trait.LOOK_DAYS),
    WRAP(Trait.COLDEST),
    BRING_IN(Trait.COLDEST),
    UNWRAP(Trait.COLDEST);

    private static final int AHEAD_DAYS = 400;
    private static final int ONE_WINTER_DAYS = 200;
    private static final int A_MONTH = 30;
    private static final double GROWS = 0.2;
    private static final double GROWS_WELL = 0.5;
    private static final double FROST_KILLS_C = 3;
    private static final double POT_FREEZES_SOONER_C = 3;
    private static final double CHILLED_SOONER_C = 1;
    private static final double WRAPPING_HELPS_C = 5;
    private static final double SAFE_C = 4;

    private final Trait trait;

    Chore(Trait trait) {
        this.trait = trait;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Days of its rhythm for a kind; empty for what goes by the cold. */
    public OptionalInt everyDays(Situation s) {
        return trait == Trait.COLDEST
                ? OptionalInt.empty()
                : OptionalInt.of((int) s.species().traits().number(trait));
    }

    /**
     * The day on which each falls due next; without those that do not within a year.
     *
     * @param done when each was last done
     */
    public static Map<Chore, LocalDate> next(Situation s, Map<Chore, LocalDate> done) {
        Map<Chore, LocalDate> next = new EnumMap<>(Chore.class);
        for (Chore chore : values()) {
            chore.next(s, done, chore.base(s, done)).ifPresent(day -> next.put(chore, day));
        }
        return next;
    }

    private LocalDate base(Situation s, Map<Chore, LocalDate> done) {
        // unwrapping follows on wrapping, however long ago the lot began
        LocalDate last =
                Optional.ofNullable(done.get(this == UNWRAP ? WRAP : this)).orElse(s.startedOn());
        LocalDate flowering = s.particulars().conditions().get(Condition.FLOWERING);
        return this == DEADHEAD && flowering != null && flowering.isAfter(last) ? flowering : last;
    }

    private Optional<LocalDate> next(Situation s, Map<Chore, LocalDate> done, LocalDate base) {
        Optional<LocalDate> open = opens(done, base);
        if (never(s) || open.isEmpty()) {
            return Optional.empty();
        }
        long soonest = Math.max(trait == Trait.COLDEST ? 0 : 1, ChronoUnit.DAYS.between(base, open.get()));
        for (long gone = soonest; gone <= AHEAD_DAYS; gone++) {
            LocalDate day = base.plusDays(gone);
            if (gone >= gap(s, day) && inSeason(s, day)) {
                return Optional.of(day);
            }
        }
        return Optional.empty();
    }

    private boolean never(Situation s) {
        return switch (this) {
            case WRAP -> comesIn(s);
            case BRING_IN -> !comesIn(s);
            default -> everyDays(s).isPresent() && everyDays(s).getAsInt() == 0;
        };
    }

    /** Days since the last time after which it is due on a day. */
    private double gap(Situation s, LocalDate day) {
        double every = everyDays(s).orElse(0);
        if (this != LOOK_OVER) {
            return every;
        }
        return s.particulars().conditions().containsKey(Condition.SICK)
                ? Math.ceil(every / 2)
                : grows(s, day) < GROWS ? 2 * every : every;
    }

    /** Whether it is wanted at all on a day: seasons pass over what was left undone. */
    public boolean inSeason(Situation s, LocalDate day) {
        if (never(s)) {
            return false;
        }
        Map<Condition, LocalDate> told = s.particulars().conditions();
        boolean flowers = told.containsKey(Condition.FLOWERING);
        double over = nightC(s, day) - s.species().traits().number(Trait.COLDEST);
        return switch (this) {
            case PINCH -> !flowers && !told.containsKey(Condition.FRUIT_SET) && grows(s, day) >= GROWS_WELL;
            case DEADHEAD -> flowers;
            case TURN -> !flowers && s.place().lightFromOneSide() && grows(s, day) >= GROWS;
            case STAKE -> grows(s, day) >= GROWS;
            case LOOK_OVER -> true;
            case WRAP -> over < POT_FREEZES_SOONER_C && (over < 0 || coolingDown(s, day));
            case BRING_IN -> over < (chilled(s) ? CHILLED_SOONER_C : POT_FREEZES_SOONER_C);
            case UNWRAP -> over >= SAFE_C;
        };
    }

    /** The first day after this one on which it is wanted again, if that comes within a year. */
    public Optional<LocalDate> nextSeason(Situation s, LocalDate after) {
        for (int gone = 1; gone <= AHEAD_DAYS; gone++) {
            if (inSeason(s, after.plusDays(gone))) {
                return Optional.of(after.plusDays(gone));
            }
        }
        return Optional.empty();
    }

    /** The first day, from a day on, on which nothing that was done stands against it; empty where something always does. */
    private Optional<LocalDate> opens(Map<Chore, LocalDate> done, LocalDate from) {
        LocalDate last = done.get(this);
        return switch (this) {
            case WRAP, BRING_IN -> Optional.of(last == null ? from : last.plusDays(ONE_WINTER_DAYS));
            case UNWRAP ->
                done.containsKey(WRAP) && !since(last, done.get(WRAP)) ? Optional.of(from) : Optional.empty();
            default -> Optional.of(from);
        };
    }

    /** What is to be minded. */
    public List<Caution> cautions(Situation s) {
        return switch (this) {
            case PINCH, DEADHEAD -> {
                List<Caution> cautions = new ArrayList<>(List.of(Caution.CLEAN_BLADE));
                cautions.addAll(Caution.forPoison(s.species()));
                yield cautions;
            }
            case STAKE -> List.of(Caution.CAP_CANES);
            case LOOK_OVER ->
                List.of(
                        Caution.PESTICIDE_LABEL,
                        Caution.NOT_IN_FLOWER,
                        Caution.NOT_ON_FOOD,
                        Caution.GLOVES_AND_EYES,
                        Caution.RUNOFF_OUT_OF_DRAINS);
            case TURN, WRAP, UNWRAP, BRING_IN -> Caution.forLifting(new PotWater(s.mix(), s.pot()).wetKg());
        };
    }

    /** Nights that warm up need no wrapping for a last cool one. */
    private static boolean coolingDown(Situation s, LocalDate day) {
        return nightC(s, day.plusDays(A_MONTH)) <= nightC(s, day);
    }

    private static double grows(Situation s, LocalDate day) {
        return Growth.on(day, s.species(), s.place()).factor();
    }

    private static boolean since(@Nullable LocalDate later, @Nullable LocalDate earlier) {
        return later != null && earlier != null && !later.isBefore(earlier);
    }

    /** Whether wrapping its pot would not be enough. */
    private static boolean comesIn(Situation s) {
        double coldest =
                s.place().lows().stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        double stands = s.species().traits().number(Trait.COLDEST);
        return chilled(s) || coldest - fall(s) < stands - WRAPPING_HELPS_C;
    }

    /** Whether cold that is no frost harms it, though no single night does. */
    private static boolean chilled(Situation s) {
        return s.species().traits().number(Trait.COLDEST) > FROST_KILLS_C;
    }

    /** The night a kind is to stand on a day of the year, °C. */
    public static double nightC(Situation s, LocalDate day) {
        return s.place().on(day).lowC() - fall(s);
    }

    /** How far a cold night falls below the mean of its month. */
    private static double fall(Situation s) {
        if (chilled(s)) {
            return 0;
        }
        return switch (s.place().kind()) {
            case OUTDOORS -> 6;
            case UNDER_GLASS -> 3;
            case INDOORS -> 0;
        };
    }
}
