package evencistern.caution;

import evencistern.label.HowGiven;
import evencistern.label.ProductForm;
import evencistern.media.Amendment;
import evencistern.media.Mix;
import evencistern.plant.Poison;
import evencistern.plant.Species;
import evencistern.pot.Lifting;
import evencistern.water.PhProduct;
import evencistern.watering.Way;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is said at the point of use. The product's own label comes first, always. */
public enum Caution {
    LABEL_FIRST,
    KEEP_FROM_CHILDREN,
    GLOVES_AND_EYES,
    DUST,
    GRANULES_AND_PETS,
    FEEDS_IN_THE_SACK,
    RUNOFF_OUT_OF_DRAINS,
    PLANT_MAY_KILL,
    PLANT_MAY_KILL_PETS,
    PLANT_MAY_KILL_CATS,
    PLANT_HARMFUL,
    PLANT_HARMFUL_PETS,
    PLANT_IRRITANT,
    PLANT_IRRITANT_PETS,
    PLANT_POISON_UNKNOWN,
    POTTING_MIX,
    SPHAGNUM,
    OLD_VERMICULITE,
    LIME,
    ACID_INTO_WATER,
    ACID_PHOSPHORUS,
    ORGANIC_ACID_FADES,
    VINEGAR_HARMS_ROOTS,
    GOGGLES_AND_GLOVES,
    NOTHING_ELSE_IN_IT,
    BLEACH_NEVER,
    LOCKED_AND_NAMED,
    LAW_ON_STRONG,
    HYDROXIDE_AND_AMMONIUM,
    STOCK_FAR_TOO_STRONG,
    NEVER_MIX_CONCENTRATES,
    BACKFLOW,
    STANDING_WATER,
    FRESH_MIST,
    ELECTRIC_NEAR_WATER,
    NITRATES_AND_FUELS,
    REGULATED_SALTS,
    ASK_LOCALLY,
    CLEAN_BLADE,
    CAP_CANES,
    PESTICIDE_LABEL,
    NOT_IN_FLOWER,
    NOT_ON_FOOD,
    SPRAY_DRIFT,
    HEAVY_FROM_FLOOR,
    TOO_HEAVY_FOR_ONE;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** For handling a feed that is given so. */
    public static List<Caution> forFeed(ProductForm form, HowGiven how) {
        List<Caution> cautions = new ArrayList<>(List.of(LABEL_FIRST, KEEP_FROM_CHILDREN));
        if (how == HowGiven.STREWN) {
            cautions.add(GRANULES_AND_PETS);
        }
        if (how == HowGiven.SPRAYED) {
            cautions.add(SPRAY_DRIFT);
        }
        cautions.add(form == ProductForm.LIQUID ? GLOVES_AND_EYES : DUST);
        cautions.add(RUNOFF_OUT_OF_DRAINS);
        return cautions;
    }

    /** For a single nutrient, worked in dry or in water. */
    public static List<Caution> forRemedy(boolean dry, boolean caustic) {
        return List.of(
                LABEL_FIRST,
                KEEP_FROM_CHILDREN,
                caustic ? GOGGLES_AND_GLOVES : dry ? DUST : GLOVES_AND_EYES,
                ASK_LOCALLY,
                RUNOFF_OUT_OF_DRAINS);
    }

    /** For a stock tank and its injector. */
    public static List<Caution> forStock() {
        return List.of(
                STOCK_FAR_TOO_STRONG,
                LABEL_FIRST,
                NEVER_MIX_CONCENTRATES,
                GOGGLES_AND_GLOVES,
                LOCKED_AND_NAMED,
                BACKFLOW,
                ELECTRIC_NEAR_WATER,
                NITRATES_AND_FUELS,
                REGULATED_SALTS,
                RUNOFF_OUT_OF_DRAINS);
    }

    /** For an acid or a base. */
    public static List<Caution> forPhProduct(PhProduct product) {
        List<Caution> cautions = new ArrayList<>(List.of(LABEL_FIRST, GOGGLES_AND_GLOVES));
        if (product.acid()) {
            cautions.addAll(List.of(ACID_INTO_WATER, BLEACH_NEVER));
        }
        if (product.organic()) {
            cautions.add(ORGANIC_ACID_FADES);
        }
        if (product.key().equals("vinegar")) {
            cautions.add(VINEGAR_HARMS_ROOTS);
        }
        cautions.add(NOTHING_ELSE_IN_IT);
        if (product.trade()) {
            cautions.add(LAW_ON_STRONG);
        }
        if (product.key().endsWith("hydroxide")) {
            cautions.add(HYDROXIDE_AND_AMMONIUM);
        }
        cautions.add(LOCKED_AND_NAMED);
        return cautions;
    }

    /** For water that stands open, comes as a mist, or through a line. */
    public static List<Caution> forWatering(Way way) {
        return switch (way) {
            case STANDING, RESERVOIR, CLAY_BALLS, FROM_BELOW, DUNKED -> List.of(STANDING_WATER);
            case MISTED -> List.of(FRESH_MIST);
            case OVERHEAD -> List.of(FRESH_MIST, BACKFLOW);
            case DRIP -> List.of(BACKFLOW);
            case TOP -> List.of();
        };
    }

    /**
     * For mixing a medium.
     *
     * @param liming whether lime or sulfur is stirred in
     * @param stirredIn products that are stirred in besides
     */
    public static List<Caution> forMixing(Mix mix, boolean liming, List<Amendment> stirredIn) {
        List<Caution> cautions = new ArrayList<>(List.of(POTTING_MIX));
        if (holds(mix, "sphagnum")) {
            cautions.add(SPHAGNUM);
        }
        if (holds(mix, "vermiculite")) {
            cautions.add(OLD_VERMICULITE);
        }
        if (liming) {
            cautions.add(LIME);
        }
        if (!stirredIn.isEmpty()) {
            cautions.addAll(List.of(LABEL_FIRST, GRANULES_AND_PETS, RUNOFF_OUT_OF_DRAINS));
        }
        if (stirredIn.stream().anyMatch(a -> a.kind() == Amendment.Kind.FEED || a.kind() == Amendment.Kind.MEAL)) {
            cautions.add(FEEDS_IN_THE_SACK);
        }
        return cautions;
    }

    private static boolean holds(Mix mix, String word) {
        return mix.parts().stream()
                .anyMatch(p -> p.parts() > 0 && p.component().key().contains(word));
    }

    /** For handling a planted pot of this weight. */
    public static List<Caution> forPot(double wetKg, Species plant) {
        List<Caution> cautions = forLifting(wetKg);
        cautions.addAll(forPoison(plant));
        return cautions;
    }

    /** What a plant does to who eats it: to people, and to pets where it is worse for them. */
    public static List<Caution> forPoison(Species plant) {
        Poison people = plant.poison(Poison.Eater.PEOPLE);
        Poison dogs = plant.poison(Poison.Eater.DOGS);
        Poison cats = plant.poison(Poison.Eater.CATS);
        Poison pets = cats.worseThan(dogs) ? cats : dogs;
        List<Caution> cautions = new ArrayList<>();
        switch (people) {
            case MAY_KILL -> cautions.add(PLANT_MAY_KILL);
            case HARMFUL -> cautions.add(PLANT_HARMFUL);
            case IRRITANT -> cautions.add(PLANT_IRRITANT);
            case UNKNOWN -> cautions.add(PLANT_POISON_UNKNOWN);
            case NONE_KNOWN -> {}
        }
        if (pets.worseThan(people)) {
            switch (pets) {
                case MAY_KILL -> cautions.add(dogs == Poison.MAY_KILL ? PLANT_MAY_KILL_PETS : PLANT_MAY_KILL_CATS);
                case HARMFUL -> cautions.add(PLANT_HARMFUL_PETS);
                case IRRITANT -> cautions.add(PLANT_IRRITANT_PETS);
                default -> cautions.add(PLANT_POISON_UNKNOWN);
            }
        }
        return cautions;
    }

    /** For lifting a pot of this weight. */
    public static List<Caution> forLifting(double wetKg) {
        List<Caution> cautions = new ArrayList<>();
        if (wetKg > Lifting.BEST_CASE_KG) {
            cautions.add(TOO_HEAVY_FOR_ONE);
        } else if (wetKg > Lifting.FROM_FLOOR_KG) {
            cautions.add(HEAVY_FROM_FLOOR);
        }
        return cautions;
    }
}
