package evencistern.plan;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.feed.Feed;
import evencistern.feed.Nutrient;
import evencistern.feed.Nutrients;
import evencistern.need.FeedRhythm;
import evencistern.plant.Appetite;
import evencistern.plant.Species;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** A programme as growers of a kind of plant are used to; common practice, no source. */
public enum Pattern {
    /** One soluble feed in the season, as its label has it. */
    PLAIN,
    /** One soluble feed, weak, with every watering. */
    WEAK_AND_OFTEN,
    /** Coated feed in the mix for the season, and what is missing from the can. */
    BEADS_AND_CAN,
    /** Organic feed alone, which gives slowly and as warmth has it. */
    ORGANIC;

    /** A kind of feed, by what it does in a pot. */
    public enum Type {
        SOLUBLE,
        COATED,
        ORGANIC;

        /** Of its nitrogen, the share that must be slow or organic for it to count as that. */
        private static final double MOSTLY = 0.5;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** Whether a feed is of this kind; what brings no nitrogen is of none. */
        public boolean fits(Feed feed) {
            Nutrients contents = feed.contentsPer(feed.rate().measure());
            if (contents.n() <= 0) {
                return false;
            }
            boolean organic = feed.coated().isEmpty() && contents.of(Nutrient.SLOW_N) >= MOSTLY * contents.n();
            return switch (this) {
                case COATED -> feed.coated().isPresent();
                case ORGANIC -> organic;
                case SOLUBLE -> feed.watered() && !organic;
            };
        }
    }

    /** A feed of the programme: of what kind, and in what rhythm. */
    public record Slot(Type type, FeedRhythm rhythm) {}

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The pattern of this id; an unknown one is refused. */
    public static Pattern require(String id) {
        return Arrays.stream(values())
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "programme", id)));
    }

    public List<Slot> slots() {
        return switch (this) {
            case PLAIN -> List.of(new Slot(Type.SOLUBLE, FeedRhythm.LABEL));
            case WEAK_AND_OFTEN -> List.of(new Slot(Type.SOLUBLE, FeedRhythm.EVERY_WATERING));
            case BEADS_AND_CAN ->
                List.of(new Slot(Type.COATED, FeedRhythm.LABEL), new Slot(Type.SOLUBLE, FeedRhythm.LABEL));
            case ORGANIC -> List.of(new Slot(Type.ORGANIC, FeedRhythm.LABEL));
        };
    }

    /** All of them, that which suits a kind of plant first; none for plants that take no feed at their roots. */
    public static List<Pattern> of(Species species) {
        if (species.appetite() == Appetite.NONE) {
            return List.of();
        }
        Pattern first = usual(species);
        return Arrays.stream(values())
                .sorted((a, b) -> Boolean.compare(b == first, a == first))
                .toList();
    }

    /** What growers of a kind of plant usually do. */
    public static Pattern usual(Species species) {
        return switch (species.group()) {
            case "epiphyte", "ground_orchid", "bromeliad" -> WEAK_AND_OFTEN;
            case "bonsai", "conifer_bonsai" -> ORGANIC;
            case "bedding", "vegetable", "nursery_shrub", "patio_fruit", "patio_shrub" -> BEADS_AND_CAN;
            default -> PLAIN;
        };
    }
}
