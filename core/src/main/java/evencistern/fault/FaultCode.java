package evencistern.fault;

/** Every way an input or an act can be refused. The wording of each lives in the text of the interface. */
public enum FaultCode {
    MISSING,
    NOT_A_NUMBER,
    COMMA_AMBIGUOUS,
    UNIT_UNKNOWN,
    UNIT_OF_OTHER_KIND,
    TOO_SMALL,
    TOO_LARGE,
    TOO_LONG,
    CHOICE_UNKNOWN,
    NOT_FOUND,
    BASE_WIDER_THAN_TOP,
    ANALYSIS_ABOVE_100,
    LABEL_NO_RATE,
    LABEL_NO_RHYTHM,
    LABEL_ZERO,
    LABEL_RANGE_REVERSED,
    LABEL_TOO_STRONG,
    LABEL_RHYTHM_ODD,
    LABEL_QUESTION_OPEN,
    LABEL_WORDS_OPEN,
    ABOVE_LABEL_RATE,
    NO_ROOT_FEED,
    READING_EMPTY,
    PH_DOT_MISPLACED,
    TDS_WITHOUT_SCALE,
    TIME_IN_FUTURE,
    STALE,
    ALREADY_DONE,
    NOT_DUE,
    ALREADY_UNDONE,
    LAST_ONE,
    RETIRED,
    IN_USE,
    DATES_REVERSED,
    FILE_INVALID,
    FILE_OF_OTHER_VERSION,
    ALREADY_HERE,
    PARTS_NOTHING,
    COMPONENT_UNKNOWN,
    AIR_AND_WATER,
    PORES_TOO_MANY,
    JAR_NO_RISE,
    LIME_HATED,
    PH_HOPELESS,
    LIMITS_REVERSED,
    PHOSPHORUS_HATED,
    LABEL_BY_HEIGHT;

    /** The stable id used on the wire and as the key of the wording, for example {@code too_small}. */
    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
