package evencistern.plant;

import evencistern.feed.DoseLimit;
import evencistern.feed.StrengthCap;
import evencistern.water.WaterLimits;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * One entry of the species guide.
 *
 * @param also other names it goes by, in other countries and in older books
 * @param group key of the group whose traits it has where it has none of its own
 */
public record Species(String key, String common, String scientific, List<String> also, String group, Traits traits) {
    public Species {
        also = List.copyOf(also);
    }

    /** The bands of heaths and their kin end here or below; those of camellias and gardenias above. */
    private static final double HEATHS_BAND = 5.5;

    private static final double MIDDLE = 0.5;
    private static final double LIME_LIKERS_UP = 0.75;
    private static final double SOILLESS_MOST = 6.3;
    private static final double LOAM_MOST = 7.2;
    private static final double INSIDE = 0.1;
    private static final double HEATHS_LIMED_TO = 5;
    private static final double LIME_HATERS_LIMED_TO = 5.5;

    /** The same kind with what is told of it in other words. */
    public Species with(Traits told) {
        return new Species(key, common, scientific, also, group, told);
    }

    public Appetite appetite() {
        return Appetite.valueOf(traits.text(Trait.APPETITE).toUpperCase(Locale.ROOT));
    }

    /** Share of the available water that may go before the next watering, 0.1–0.8. */
    public double depletion() {
        return traits.number(Trait.DEPLETION);
    }

    /** Water use against the reference, 0.1–1.5. */
    public double cropFactor() {
        return traits.number(Trait.CROP);
    }

    /** How wide it usually stands, against the width of its pot. */
    public double spreadRatio() {
        return traits.number(Trait.SPREAD);
    }

    public Shape shape() {
        return Shape.valueOf(traits.text(Trait.SHAPE).toUpperCase(Locale.ROOT));
    }

    /** Leaf area over the ground below its crown. */
    public double leafAreaIndex() {
        return traits.number(Trait.COVER);
    }

    /** Whether its stomata open by night only. */
    public boolean breathesByNight() {
        return traits.is(Trait.STOMATA, "night");
    }

    /** The strongest feed it stands. */
    public StrengthCap cap() {
        return new StrengthCap(traits.number(Trait.CAP_EC), traits.number(Trait.CAP_N))
                .of(stands(), hates(Trait.PHOSPHORUS));
    }

    /** How much feed it stands at a time: as much as it is hungry, and little where it stands little salt. */
    public DoseLimit.Stands stands() {
        if (traits.is(Trait.SALT, "low")) {
            return DoseLimit.Stands.LOW;
        }
        return switch (appetite()) {
            case NONE, LIGHT -> DoseLimit.Stands.LOW;
            case MEDIUM -> DoseLimit.Stands.MEDIUM;
            case HEAVY -> DoseLimit.Stands.HIGH;
        };
    }

    /** The band in the root zone begins. */
    public double phLow() {
        return traits.number(Trait.PH_LOW);
    }

    /** The band in the root zone ends. */
    public double phHigh() {
        return traits.number(Trait.PH_HIGH);
    }

    /** No growth at or below this daily mean, °C. */
    public double growthBaseC() {
        return traits.number(Trait.BASE);
    }

    /** Full growth at and above this daily mean, °C. */
    public double growthFullC() {
        return traits.number(Trait.FULL);
    }

    /** Daily light at which light no longer holds growth back, mol/m²/d. */
    public double fullLightMol() {
        return traits.number(Trait.LIGHT);
    }

    /** At and above this daily mean it rests, °C; 60 for one that never does. */
    public double restsAboveC() {
        return traits.number(Trait.REST_ABOVE);
    }

    /** Whether it is put to rest by what this word of {@link Trait#DORMANCY} says. */
    public boolean restsBy(String cause) {
        return traits.is(Trait.DORMANCY, cause);
    }

    /** Whether its roots are aerial ones with a sponge coat. */
    public boolean velamen() {
        return traits.is(Trait.ROOTS, "velamen");
    }

    /** Days between flushes; 0 where it wants none. */
    public int flushDays() {
        return (int) Math.round(traits.number(Trait.FLUSH_WEEKS) * 7);
    }

    /** Days without feed after repotting. */
    public int repotHoldDays() {
        return (int) traits.number(Trait.REPOT_HOLD);
    }

    /**
     * The pH to which lime may bring its mix: empty where it stands lime, 5.0 for heaths and their kin, 5.5 for the others that
     * hate it, 0 for carnivores, which get none; typical, from memory.
     */
    public OptionalDouble limeTo() {
        if (!hates(Trait.LIME)) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(
                traits.is(Trait.CARNIVORE, "yes")
                        ? 0
                        : phHigh() <= HEATHS_BAND ? HEATHS_LIMED_TO : LIME_HATERS_LIMED_TO);
    }

    /**
     * The pH to aim at for its mix: the middle of its band, higher in it, to 7.2, for one that likes lime; in mixes without loam at most
     * 6.3, since iron, manganese and phosphorus run short above that sooner than in loam; typical, from memory.
     *
     * @param loam whether a good part of the mix is loam
     */
    public double phAim(boolean loam) {
        double up = traits.is(Trait.LIME, "likes") ? LIME_LIKERS_UP : MIDDLE;
        double wanted = phLow() + up * (phHigh() - phLow());
        return loam ? Math.min(wanted, LOAM_MOST) : Math.min(wanted, Math.max(phLow() + INSIDE, SOILLESS_MOST));
    }

    /** What its water must be like. */
    public WaterLimits.Drinker drinks() {
        return new WaterLimits.Drinker(
                hates(Trait.LIME), hates(Trait.FLUORIDE), hates(Trait.PHOSPHORUS), traits.is(Trait.CARNIVORE, "yes"));
    }

    /** How badly it harms who eats or chews it. */
    public Poison poison(Poison.Eater eater) {
        return Poison.of(traits, eater);
    }

    /** Least air its roots want in the drained pot, % of the mix. */
    public double airPercent() {
        return traits.number(Trait.AIR);
    }

    /** Whether its roots rot where it stays wet. */
    public boolean rots() {
        return traits.is(Trait.ROTS, "yes");
    }

    /** Whether it is harmed by lime, copper, fluoride or ordinary rates of phosphorus. */
    public boolean hates(Trait what) {
        return traits.is(what, "hates");
    }

    /** Whether one of its names holds a text, whatever its case; never for an empty text. */
    public boolean named(String part) {
        String wanted = part.strip().toLowerCase(Locale.ROOT);
        return !wanted.isEmpty()
                && Stream.concat(Stream.of(common, scientific), also.stream())
                        .anyMatch(name -> name.toLowerCase(Locale.ROOT).contains(wanted));
    }
}
