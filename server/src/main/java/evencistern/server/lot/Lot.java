package evencistern.server.lot;

import evencistern.need.Condition;
import evencistern.server.history.Owned;
import evencistern.server.pot.PotInput;
import evencistern.server.typed.Typed;
import evencistern.watering.Watering;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A plant, or many alike: what it is, in what it stands, and where.
 *
 * @param pots how many; of a retired lot, how many there were last
 * @param wateredBefore,fedBefore when that was last done before its journal begins, if known
 * @param spreadM how wide it stands, and {@code spread} as typed
 * @param tallM how tall it stands, and {@code tall} as typed
 * @param sizedOn when the one or the other was told
 * @param mixC how warm its mix was measured where it stands, °C, and {@code mixWarmth} as typed
 * @param lastsDays how long its pots last where they stand, told on {@code lastsOn}, and {@code lasts} as typed
 * @param traits what is told of this lot over what its kind has
 * @param conditions what it is going through, each since a day
 * @param courses the feeds of its programme, in their order; none for plain water
 * @param flushBy "account" where a flush goes by its salt account and not by the weeks of its kind
 * @param watering how its pots get their water; null for one that is brought back from before there were ways
 * @param undrained whether what runs through stays below it, as in a cachepot
 * @param assumed what nobody has told of it
 * @param moves places it is to go to, soonest first
 * @param splitFrom the lot it was taken from
 * @param retired whether it has left the bench; its history stays
 */
public record Lot(
        UUID id,
        String name,
        int pots,
        String species,
        PotInput pot,
        String mix,
        UUID placeId,
        UUID waterId,
        List<LotCourse> courses,
        LocalDate startedOn,
        @Nullable LocalDate repottedOn,
        @Nullable LocalDate wateredBefore,
        @Nullable LocalDate fedBefore,
        @Nullable Double spreadM,
        @Nullable Typed spread,
        @Nullable Double tallM,
        @Nullable Typed tall,
        @Nullable LocalDate sizedOn,
        @Nullable Double mixC,
        @Nullable Typed mixWarmth,
        @Nullable Double lastsDays,
        @Nullable Typed lasts,
        @Nullable LocalDate lastsOn,
        @Nullable Map<String, String> traits,
        @Nullable Map<Condition, LocalDate> conditions,
        @Nullable WateringInput watering,
        @Nullable Boolean undrained,
        @Nullable String flushBy,
        Set<Assumed> assumed,
        List<Move> moves,
        @Nullable UUID splitFrom,
        boolean retired,
        @Nullable LocalDate retiredOn,
        @Nullable String retiredWhy,
        int version)
        implements Owned {

    /** What a lot has without anybody telling. */
    public enum Assumed {
        mix,
        water,
        feed,
        material
    }

    /** A place to go to on a day. */
    public record Move(LocalDate on, UUID placeId) {}

    /** How its pots get their water. */
    Watering watered() {
        return (watering == null ? WateringInput.POURED : watering).toWatering(Boolean.TRUE.equals(undrained));
    }

    /** Conditions as they were kept. */
    static Map<Condition, LocalDate> since(Map<String, String> told) {
        Map<Condition, LocalDate> since = new TreeMap<>();
        told.forEach((id, day) -> since.put(Condition.valueOf(id.toUpperCase(Locale.ROOT)), LocalDate.parse(day)));
        return since;
    }

    /** What it goes through with these as well, since a day where they are new. */
    public Map<Condition, LocalDate> withConditions(Set<Condition> more, LocalDate since) {
        Map<Condition, LocalDate> all = new TreeMap<>(conditions == null ? Map.of() : conditions);
        more.forEach(c -> all.putIfAbsent(c, since));
        return all;
    }

    /** The same lot with some of it changed. */
    public Lot with(Consumer<Draft> change) {
        Draft draft = new Draft(this);
        change.accept(draft);
        return draft.lot();
    }

    /** A lot while it is being changed. */
    public static final class Draft {
        private final Lot from;
        public UUID id;
        public String name;
        public int pots;
        public PotInput pot;
        public String mix;
        public UUID placeId;
        public LocalDate startedOn;
        public @Nullable LocalDate repottedOn;
        public @Nullable LocalDate wateredBefore;
        public @Nullable LocalDate fedBefore;
        public @Nullable Map<Condition, LocalDate> conditions;
        public List<LotCourse> courses;
        private Set<Assumed> assumed;
        public List<Move> moves;
        public @Nullable UUID splitFrom;
        public boolean retired;
        public @Nullable LocalDate retiredOn;
        public @Nullable String retiredWhy;
        public int version;

        private Draft(Lot l) {
            from = l;
            id = l.id;
            name = l.name;
            pots = l.pots;
            pot = l.pot;
            mix = l.mix;
            placeId = l.placeId;
            startedOn = l.startedOn;
            repottedOn = l.repottedOn;
            wateredBefore = l.wateredBefore;
            fedBefore = l.fedBefore;
            conditions = l.conditions;
            courses = l.courses;
            assumed = l.assumed;
            moves = l.moves;
            splitFrom = l.splitFrom;
            retired = l.retired;
            retiredOn = l.retiredOn;
            retiredWhy = l.retiredWhy;
            version = l.version;
        }

        /** Notes that somebody told what was taken for granted so far. */
        public void told(Assumed one) {
            assumed = assumed.stream().filter(a -> a != one).collect(Collectors.toUnmodifiableSet());
        }

        private boolean stays() {
            return placeId.equals(from.placeId);
        }

        /** Whether it stands where it stood, in what it stood in. */
        private boolean asItWas() {
            return stays() && pot.equals(from.pot) && mix.equals(from.mix);
        }

        private Lot lot() {
            return new Lot(
                    id,
                    name,
                    pots,
                    from.species,
                    pot,
                    mix,
                    placeId,
                    from.waterId,
                    courses,
                    startedOn,
                    repottedOn,
                    wateredBefore,
                    fedBefore,
                    from.spreadM,
                    from.spread,
                    from.tallM,
                    from.tall,
                    from.sizedOn,
                    stays() ? from.mixC : null,
                    stays() ? from.mixWarmth : null,
                    asItWas() ? from.lastsDays : null,
                    asItWas() ? from.lasts : null,
                    asItWas() ? from.lastsOn : null,
                    from.traits,
                    conditions,
                    from.watering,
                    from.undrained,
                    from.flushBy,
                    assumed,
                    moves,
                    splitFrom,
                    retired,
                    retiredOn,
                    retiredWhy,
                    version);
        }
    }
}
