package evencistern.reading;

import evencistern.media.Component.Family;
import evencistern.plant.Species;
import evencistern.plant.Trait;
import java.util.Locale;

/**
 * Which roots stand in what, as far as bands differ by it.
 *
 * <p>Greenhouse peat, nursery bark, orchid bark, mineral grains, ferns and carnivores are each judged by their own: a
 * bark pot that is right would be called hungry by the bands of peat.
 */
public enum RootZone {
    PEAT,
    BARK,
    /** Bark fed by coated granules alone, which keep little dissolved at any time. */
    BARK_COATED,
    ORCHID_BARK,
    MINERAL,
    FERN,
    CARNIVORE;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * Whose band holds for a kind in a mix.
     *
     * @param coatedAlone whether all its feed is coated granules
     */
    public static RootZone of(Species species, Family kind, boolean coatedAlone) {
        if (species.traits().is(Trait.CARNIVORE, "yes")) {
            return CARNIVORE;
        }
        if (species.group().equals("fern")) {
            return FERN;
        }
        // orchids on bark, moss or both keep the same salt at their roots
        if (species.group().equals("epiphyte") && species.velamen() && kind != Family.MINERAL) {
            return ORCHID_BARK;
        }
        return switch (kind) {
            case PEAT -> PEAT;
            case MINERAL -> MINERAL;
            case BARK -> species.velamen() ? ORCHID_BARK : coatedAlone ? BARK_COATED : BARK;
        };
    }
}
