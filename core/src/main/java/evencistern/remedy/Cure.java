package evencistern.remedy;

import evencistern.caution.Caution;
import evencistern.chemistry.Element;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.reading.Verdict;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What is done against something that ails a plant.
 *
 * <p><b>Answers</b> when does it show whether it worked, and how soon may it be done again?
 * <p><b>Formula</b> look again = day it is done + days until it shows; again no sooner than its days apart
 * <p><b>Units</b> days
 * <p><b>Valid for</b> one treatment at a time; the product's own label comes first, and may ask for longer
 * <p><b>Source</b> [COMMON] a spray shows in a few days, a drench in one to two weeks, fresh mix in three to six, sulfur in six
 * to twelve; all from memory
 * <p><b>Checked by</b> CureTest
 */
public enum Cure {
    SPRAY(4, 7),
    DRENCH(10, 14),
    FLUSH(7, 7),
    IRON(10, 28),
    COPPER(10, 28),
    GYPSUM(21, 60),
    ACIDIFY(56, 42),
    RAISE_PH(7, 14),
    LIME(60, 300),
    FRESH_MIX(28, 60),
    MOVED(21, 14),
    DRIED_OUT(7, 14),
    CUT_BACK(28, 28),
    PEST_PRODUCT(7, 7),
    OTHER(14, 1);

    private final int showsDays;
    private final int apartDays;

    Cure(int showsDays, int apartDays) {
        this.showsDays = showsDays;
        this.apartDays = apartDays;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The one of this id; any other word is refused. */
    public static Cure require(String id) {
        return Arrays.stream(values())
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "treatment.cure", id)));
    }

    /** What an advice after a reading is carried out as; empty for what is no treatment. */
    public static Optional<Cure> answering(Verdict.Action action) {
        return switch (action) {
            case FLUSH_WITH_PURER_WATER -> Optional.of(FLUSH);
            case RAISE_PH -> Optional.of(RAISE_PH);
            case IRON_IF_YELLOW, IRON_SULFATE -> Optional.of(IRON);
            case REFRESH_PARTLY, REPOT, PLAN_REPOT -> Optional.of(FRESH_MIX);
            default -> Optional.empty();
        };
    }

    /** Days until it shows. */
    public int showsDays() {
        return showsDays;
    }

    /** Days between two, at least. */
    public int apartDays() {
        return apartDays;
    }

    /** The day to look again, where it is done on a day. */
    public LocalDate lookOn(LocalDate done) {
        return done.plusDays(showsDays);
    }

    /** What it may be done with that is worked out here; none of what goes by its own label, or needs nothing. */
    public List<Remedy> means() {
        return Remedy.all().stream().filter(this::with).toList();
    }

    private boolean with(Remedy remedy) {
        boolean feeds = remedy.effect() == Remedy.Effect.NONE;
        return switch (this) {
            case SPRAY -> remedy.method() == Remedy.Method.FOLIAR;
            case DRENCH -> feeds && remedy.method() == Remedy.Method.DRENCH && remedy.element() != Element.IRON;
            case IRON -> remedy.element() == Element.IRON;
            case GYPSUM -> feeds && remedy.dry();
            case ACIDIFY -> remedy.effect() == Remedy.Effect.LOWER;
            case RAISE_PH -> remedy.effect() == Remedy.Effect.RAISE && !remedy.dry();
            case LIME -> remedy.effect() == Remedy.Effect.RAISE && remedy.dry();
            case COPPER, FLUSH, FRESH_MIX, MOVED, DRIED_OUT, CUT_BACK, PEST_PRODUCT, OTHER -> false;
        };
    }

    /** What is said where it is planned and done. */
    public List<Caution> cautions() {
        return switch (this) {
            case SPRAY -> List.of(Caution.LABEL_FIRST, Caution.SPRAY_DRIFT);
            case PEST_PRODUCT ->
                List.of(Caution.PESTICIDE_LABEL, Caution.NOT_IN_FLOWER, Caution.NOT_ON_FOOD, Caution.SPRAY_DRIFT);
            case COPPER -> List.of(Caution.LABEL_FIRST, Caution.RUNOFF_OUT_OF_DRAINS, Caution.ASK_LOCALLY);
            case ACIDIFY, RAISE_PH, LIME -> List.of(Caution.LABEL_FIRST, Caution.GOGGLES_AND_GLOVES);
            case CUT_BACK -> List.of(Caution.CLEAN_BLADE);
            case FRESH_MIX -> List.of(Caution.POTTING_MIX);
            case DRENCH, IRON, GYPSUM -> List.of(Caution.LABEL_FIRST, Caution.ASK_LOCALLY);
            case FLUSH, MOVED, DRIED_OUT, OTHER -> List.of();
        };
    }
}
