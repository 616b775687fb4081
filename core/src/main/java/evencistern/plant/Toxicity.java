package evencistern.plant;

/** Whether the plant harms children or pets that chew it; unknown is treated as toxic. */
public enum Toxicity {
    HARMLESS,
    TOXIC,
    UNKNOWN;

    public boolean warn() {
        return this != HARMLESS;
    }
}
