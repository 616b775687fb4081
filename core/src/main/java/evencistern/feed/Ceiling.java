package evencistern.feed;

/** What stops a dose from being larger. */
public enum Ceiling {
    LABEL_TOP,
    CLASS_EC,
    CLASS_N;

    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
