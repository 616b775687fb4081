package evencistern.server.journal;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import evencistern.server.typed.Typed;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What happened, as a line of a lot's journal tells it; amounts are those of one pot. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Event.Watering.class, name = "watering"),
    @JsonSubTypes.Type(value = Event.Feeding.class, name = "feeding"),
    @JsonSubTypes.Type(value = Event.Skipping.class, name = "skipping"),
    @JsonSubTypes.Type(value = Event.Reading.class, name = "reading"),
    @JsonSubTypes.Type(value = Event.Note.class, name = "note"),
    @JsonSubTypes.Type(value = Event.Moving.class, name = "moving"),
    @JsonSubTypes.Type(value = Event.Potting.class, name = "potting"),
    @JsonSubTypes.Type(value = Event.Loss.class, name = "loss"),
    @JsonSubTypes.Type(value = Event.Splitting.class, name = "splitting"),
    @JsonSubTypes.Type(value = Event.Retiring.class, name = "retiring"),
    @JsonSubTypes.Type(value = Event.Tending.class, name = "tending"),
    @JsonSubTypes.Type(value = Event.Lifting.class, name = "lifting"),
    @JsonSubTypes.Type(value = Event.Correction.class, name = "correction")
})
public sealed interface Event {

    /**
     * Water without feed.
     *
     * @param flush whether it was watered in plenty, to carry off salt
     * @param way in which it was given
     * @param ofPots how many pots of the lot got it, where others did not
     */
    @Schema(name = "WateringEvent")
    record Watering(
            double litresEach,
            boolean flush,
            String way,
            @Nullable Integer ofPots,
            @Nullable Sight seen) implements Event {}

    /**
     * Water with feed.
     *
     * @param productEach of the feed, in its label's measure
     * @param nMgPerL nitrogen of what was poured
     */
    @Schema(name = "FeedingEvent")
    record Feeding(
            String feedName,
            double litresEach,
            double productEach,
            String measure,
            @Nullable Double nMgPerL,
            String way,
            @Nullable Integer ofPots,
            @Nullable Sight seen)
            implements Event {}

    /** Work that was left, and until when. */
    @Schema(name = "SkippingEvent")
    record Skipping(
            String reason, LocalDate untilOn, @Nullable String note) implements Event {}

    /** pH and EC (mS/cm at 25 °C) as they stand for, and what was typed. */
    @Schema(name = "ReadingEvent")
    record Reading(
            String method,
            UUID meterId,
            @Nullable Double ph,
            @Nullable Double ec,
            Map<String, Typed> typed) implements Event {}

    /** Something written down. */
    @Schema(name = "NoteEvent")
    record Note(String text) implements Event {}

    /** From one place to another. */
    @Schema(name = "MovingEvent")
    record Moving(String fromPlace, String toPlace) implements Event {}

    /**
     * Potting on or again.
     *
     * @param fresh,rootsCut per cent of the mix that is fresh, and of the roots that were cut away
     */
    @Schema(name = "PottingEvent")
    record Potting(
            double litresBefore, double litresAfter, String mixBefore, String mixAfter, double fresh, double rootsCut)
            implements Event {}

    /** Pots that died. */
    @Schema(name = "LossEvent")
    record Loss(int potsBefore, int potsAfter, @Nullable String why) implements Event {}

    /** Pots that went into a lot of their own, or came from one. */
    @Schema(name = "SplittingEvent")
    record Splitting(
            int potsBefore,
            int potsAfter,
            @Nullable String otherLot,
            @Nullable String why) implements Event {}

    /** A lot that left the bench. */
    @Schema(name = "RetiringEvent")
    record Retiring(int potsBefore, int potsAfter, @Nullable String why) implements Event {}

    /** Care beside water and feed: which, what pests were found, what was used. */
    @Schema(name = "TendingEvent")
    record Tending(
            String chore,
            @Nullable String found,
            @Nullable String product,
            @Nullable Sight seen) implements Event {}

    /** A hold that a person lifted, up to a day, with the reason. */
    @Schema(name = "LiftingEvent")
    record Lifting(String hold, LocalDate untilOn, String reason) implements Event {}

    /**
     * A row taken back, or amended.
     *
     * @param row the one that counts no more
     */
    @Schema(name = "CorrectionEvent")
    record Correction(long row) implements Event {}

    /** What was seen of one pot while it was cared for. */
    record Sight(
            @Nullable String dryness,
            @Nullable Double beforeKg,
            @Nullable Double afterKg,
            @Nullable Double runoffLitres,
            @Nullable String note) {}
}
