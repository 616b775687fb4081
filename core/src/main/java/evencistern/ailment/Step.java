package evencistern.ailment;

import evencistern.remedy.Cure;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Something that is done first against an ailment.
 *
 * <p><b>Answers</b> what is this carried out and looked at again as?
 * <p><b>Formula</b> each step is one kind of treatment, which knows when it shows; none where nothing is done to the plant
 * <p><b>Units</b> none
 * <p><b>Valid for</b> one change at a time, so that it can be told what helped
 * <p><b>Source</b> [COMMON]
 * <p><b>Checked by</b> DiagnosisTest
 */
public enum Step {
    ISOLATE(null),
    WAIT(null),
    LET_DRY(Cure.DRIED_OUT),
    EMPTY_SAUCER(Cure.DRIED_OUT),
    WATER_THROUGH(Cure.OTHER),
    WATER_EVEN(Cure.OTHER),
    WATER_EARLY(Cure.OTHER),
    WATER_BELOW(Cure.OTHER),
    SOAK(Cure.OTHER),
    WASH_OFF(Cure.OTHER),
    WASH_ROOTS(Cure.FRESH_MIX),
    PICK_OFF(Cure.OTHER),
    SCRAPE_OFF(Cure.OTHER),
    STICKY_CARDS(Cure.OTHER),
    BARRIERS(Cure.OTHER),
    AIR(Cure.MOVED),
    AIR_ROOM(Cure.OTHER),
    SHELTER(Cure.MOVED),
    MOVE_LIGHTER(Cure.MOVED),
    MOVE_DARKER(Cure.MOVED),
    MOVE_WARMER(Cure.MOVED),
    MOVE_COOLER(Cure.MOVED),
    MOISTER_AIR(Cure.OTHER),
    PURER_WATER(Cure.OTHER),
    LEAVE_FEED(Cure.OTHER),
    FEED(Cure.OTHER),
    SULFUR_FEED(Cure.DRENCH),
    TRACE_FEED(Cure.OTHER),
    MAGNESIUM(Cure.SPRAY),
    CALCIUM(Cure.SPRAY),
    IRON(Cure.IRON),
    FLUSH(Cure.FLUSH),
    LOWER_PH(Cure.ACIDIFY),
    RAISE_PH(Cure.RAISE_PH),
    CHECK_ROOTS(null),
    READ_ROOTS(null),
    CUT_OUT(Cure.CUT_BACK),
    CUT_ROOTS(Cure.FRESH_MIX),
    FRESH_MIX(Cure.FRESH_MIX),
    BIGGER_POT(Cure.FRESH_MIX),
    PEST_PRODUCT(Cure.PEST_PRODUCT),
    ASK_CLINIC(null),
    THROW_AWAY(null);

    private final Optional<Cure> cure;

    Step(@Nullable Cure cure) {
        this.cure = Optional.ofNullable(cure);
    }

    /** What it is planned as; empty where it is no treatment. */
    public Optional<Cure> cure() {
        return cure;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
