package evencistern.reading;

import evencistern.media.Mix;
import evencistern.plant.Species;
import evencistern.plant.Trait;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;

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

    /** Up to this share of mineral grains a mix is judged as what else is in it, from the second on as mineral alone. */
    private static final double MINERAL_FROM = 0.5;

    private static final double MINERAL_ALONE = 0.9;

    /**
     * Whose bands hold for a kind in a mix, and how much each counts: the shares add up to 1, and change with what is in the
     * mix without a jump.
     *
     * @param coatedAlone whether all its feed is coated granules
     */
    static Map<RootZone, Double> of(Species species, Mix mix, boolean coatedAlone) {
        if (species.traits().is(Trait.CARNIVORE, "yes")) {
            return Map.of(CARNIVORE, 1.0);
        }
        if (species.group().equals("fern")) {
            return Map.of(FERN, 1.0);
        }
        double organic = mix.organicShare();
        double mineral = Math.min(1, Math.max(0, (1 - organic - MINERAL_FROM) / (MINERAL_ALONE - MINERAL_FROM)));
        double bark = organic > 0 ? mix.barkShare() / organic : 0;
        Map<RootZone, Double> weights = new EnumMap<>(RootZone.class);
        weights.put(MINERAL, mineral);
        // orchids on bark, moss or both keep the same salt at their roots
        boolean orchid = species.group().equals("epiphyte") && species.velamen();
        RootZone ofBark = species.velamen() ? ORCHID_BARK : coatedAlone ? BARK_COATED : BARK;
        weights.merge(ofBark, (1 - mineral) * (orchid ? 1 : bark), Double::sum);
        weights.merge(PEAT, (1 - mineral) * (orchid ? 0 : 1 - bark), Double::sum);
        return weights;
    }
}
