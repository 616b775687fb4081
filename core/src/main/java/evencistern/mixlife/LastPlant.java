package evencistern.mixlife;

import java.util.Locale;

/** How the plant was that stood in a mix, and so what the mix may be used for: pests and diseases stay in it. */
public enum LastPlant {
    WELL(Use.FREELY),
    /** It died, and nobody knows of what. */
    UNKNOWN(Use.HEATED),
    ROOT_DISEASE(Use.HEATED),
    ROOT_MEALYBUG(Use.HEATED),
    VINE_WEEVIL(Use.HEATED),
    WILT(Use.NEVER),
    VIRUS(Use.NEVER);

    private final Use use;

    LastPlant(Use use) {
        this.use = use;
    }

    /** What may become of the mix. */
    public enum Use {
        FREELY,
        /** Kept at 60 °C for half an hour all through; then not for seedlings, as it frees ammonium. */
        HEATED,
        /** Away with the household's waste: neither into a pot nor onto the compost. */
        NEVER;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public Use use() {
        return use;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
