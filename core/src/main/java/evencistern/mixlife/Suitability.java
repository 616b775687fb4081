package evencistern.mixlife;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;

import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.plant.Size;
import evencistern.plant.Species;
import evencistern.plant.Trait;
import evencistern.pot.Lifting;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * Whether a mix in a pot suits a plant; in a cell, a seedling of it.
 *
 * <p><b>Answers</b> what speaks for and against this mix, in this pot, for this plant?
 * <p><b>Formula</b> air at container capacity against the least its roots want; days from watering to watering = depletion ·
 * available/(E · (crop · leaves + 0.7 · (bare + 0.3 · shaded surface))); it stays wet until half of the available water is gone; E = 3 mm/d in the open, 1.2 mm/d for what stands no cold; pH as it is and, apart, as it is limed, against its band; EC of the mix against its cap; share
 * that rots within a year
 * <p><b>Units</b> per cent of the mix; days; pH; mS/cm; kg
 * <p><b>Valid for</b> a middling summer day, in the shade or in a bright room; a plant as wide as its kind usually is in such a pot
 * <p><b>Source</b> needs of plants [COMMON]; the daily use as in [FAO56], from memory
 * <p><b>Checked by</b> SuitabilityTest
 */
public record Suitability(School school, List<Reason> reasons) {
    private static final double OPEN_MM_PER_DAY = 3;
    private static final double ROOM_MM_PER_DAY = 1.2;
    /** What stands no night as cold as this spends its summer in a room; from memory. */
    private static final double ROOM_PLANT_C = 5;
    /** Points by which the air of a mix may miss a need and still be near it: the tables are no better. */
    private static final double NEAR_POINTS = 5;

    private static final double OFTEN_DAYS = 1.5;
    private static final double TOO_OFTEN_DAYS = 0.7;
    /** What plain peat has of its own, mS/cm of its saturated extract, and every plant stands; typical, from memory. */
    private static final double OWN_EC = 0.3;

    /** Up to this height and volume a pot is a cell for a seedling; typical, from memory. */
    private static final double CELL_HEIGHT_M = 0.065;

    private static final double CELL_LITRES = 0.2;
    /** A cell has so much air at best, and its seedlings are watered by the day; typical of plugs, from memory. */
    private static final double CELL_AIR = 4;

    private static final double CELL_OFTEN_DAYS = 1;
    private static final double CELL_TOO_OFTEN_DAYS = 0.3;
    /** Of a seed mix, mS/cm of its saturated extract; typical of extension tables, from memory. */
    private static final double SEEDLING_EC = 1.3;

    /** What the bare surface of a mix loses of the reference, from wet to dry; as the stages of FAO-56 give it over ten days, from memory. */
    private static final double SURFACE = 0.7;

    /** A surface in the shade of leaves loses so much of that; from memory. */
    private static final double SHADED = 0.3;

    private static final double HALF = 0.5;
    private static final double SELDOM_DAYS = 14;
    private static final double OPEN_AIR = 35;
    private static final double NO_ORGANIC = 10;
    private static final double SHORT_LIFE_YEARS = 1.2;
    private static final double NEAR_THE_CAP = 0.5;

    /** How growers go about it: each works, with its own watering. */
    public enum School {
        /** Much air, watered often. */
        OPEN(
                OptionalDouble.of(NO_ORGANIC),
                OptionalDouble.empty(),
                OptionalDouble.of(OPEN_AIR),
                OptionalDouble.empty()),
        /** Holds water, watered seldom. */
        HOLDING(
                OptionalDouble.of(NO_ORGANIC),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.of(OPEN_AIR)),
        /** No organic matter, fed little and often. */
        MINERAL(OptionalDouble.empty(), OptionalDouble.of(NO_ORGANIC), OptionalDouble.empty(), OptionalDouble.empty());

        private final OptionalDouble organicLow;
        private final OptionalDouble organicHigh;
        private final OptionalDouble airLow;
        private final OptionalDouble airHigh;

        School(OptionalDouble organicLow, OptionalDouble organicHigh, OptionalDouble airLow, OptionalDouble airHigh) {
            this.organicLow = organicLow;
            this.organicHigh = organicHigh;
            this.airLow = airLow;
            this.airHigh = airHigh;
        }

        static School of(Mix mix, double airPercent) {
            if (mix.organicShare() * 100 < NO_ORGANIC) {
                return MINERAL;
            }
            return airPercent >= OPEN_AIR ? OPEN : HOLDING;
        }

        /** Least organic matter, % of what is put in. */
        public OptionalDouble organicLow() {
            return organicLow;
        }

        public OptionalDouble organicHigh() {
            return organicHigh;
        }

        /** Least air in the drained pot, %. */
        public OptionalDouble airLow() {
            return airLow;
        }

        public OptionalDouble airHigh() {
            return airHigh;
        }

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What is looked at. */
    public enum Aspect {
        AIR,
        DRYING,
        STAYS_WET,
        PH,
        /** As it will be once limed or soured. */
        PH_CORRECTED,
        SALT,
        LIFE,
        WEIGHT
    }

    /** Which way it speaks. */
    public enum Voice {
        FOR,
        NEAR,
        AGAINST
    }

    /**
     * One reason.
     *
     * @param value of the mix, {@code wanted} by the plant or the person, in {@code unit}
     */
    public record Reason(Aspect aspect, Voice voice, double value, double wanted, Unit unit) {
        /** Whether it makes the mix unfit for the plant: what it weighs is for the person to decide. */
        boolean unfit() {
            return voice == Voice.AGAINST && aspect != Aspect.WEIGHT;
        }
    }

    /**
     * The reasons, those against first.
     *
     * @param limedTo the pH the mix is brought to, if it is
     */
    public static Suitability of(Species species, Mix mix, PotWater water, OptionalDouble limedTo, Working working) {
        List<Reason> reasons = new ArrayList<>();
        double air = water.air() * 100;
        boolean cell = cell(water);
        double wanted = cell ? Math.min(CELL_AIR, species.airPercent()) : species.airPercent();
        double near = cell ? wanted / 2 : wanted - NEAR_POINTS;
        reasons.add(new Reason(
                Aspect.AIR,
                air >= wanted ? Voice.FOR : air >= near ? Voice.NEAR : Voice.AGAINST,
                air,
                wanted,
                Unit.PER_CENT));
        double days = days(species, water, working);
        double often = cell ? CELL_OFTEN_DAYS : OFTEN_DAYS;
        if (days < often) {
            Voice voice = days < (cell ? CELL_TOO_OFTEN_DAYS : TOO_OFTEN_DAYS) ? Voice.AGAINST : Voice.NEAR;
            reasons.add(new Reason(Aspect.DRYING, voice, days, often, Unit.DAY));
        } else if (species.rots() && days * wetShare(species) > SELDOM_DAYS) {
            reasons.add(new Reason(Aspect.STAYS_WET, Voice.AGAINST, days * wetShare(species), SELDOM_DAYS, Unit.DAY));
        } else {
            reasons.add(new Reason(Aspect.DRYING, Voice.FOR, days, often, Unit.DAY));
        }
        reasons.add(ph(Aspect.PH, species, mix.ph(Working.off())));
        limedTo.ifPresent(ph -> reasons.add(ph(Aspect.PH_CORRECTED, species, Uncertain.exact(ph))));
        double cap = cell ? Math.min(SEEDLING_EC, mostEc(species)) : mostEc(species);
        reasons.add(new Reason(
                Aspect.SALT,
                mix.ec() > cap
                        ? Voice.AGAINST
                        : mix.ec() > Math.max(OWN_EC, cap * NEAR_THE_CAP) ? Voice.NEAR : Voice.FOR,
                mix.ec(),
                cap,
                Unit.MILLISIEMENS_PER_CM));
        if (mix.cycledYears() < SHORT_LIFE_YEARS) {
            reasons.add(new Reason(Aspect.LIFE, Voice.NEAR, mix.cycledYears(), SHORT_LIFE_YEARS, Unit.YEAR));
        }
        if (water.wetKg() > Lifting.FROM_FLOOR_KG) {
            reasons.add(new Reason(
                    Aspect.WEIGHT,
                    water.wetKg() > Lifting.BEST_CASE_KG ? Voice.AGAINST : Voice.NEAR,
                    water.wetKg(),
                    Lifting.FROM_FLOOR_KG,
                    Unit.KILOGRAM));
        }
        reasons.sort((a, b) -> b.voice().compareTo(a.voice()));
        return new Suitability(School.of(mix, air), List.copyOf(reasons));
    }

    /** Whether it is a cell or a seed pan, where seedlings stand and every mix is wet: judged as such. */
    private static boolean cell(PotWater water) {
        return water.pot().mixHeightM() <= CELL_HEIGHT_M && water.mixLitres() <= CELL_LITRES;
    }

    /** Most EC of a mix that a plant stands, mS/cm of its saturated extract. */
    public static double mostEc(Species species) {
        return OWN_EC + species.cap().ecMsCm();
    }

    /** Of the days between waterings, those on which more than half of the available water is left. */
    private static double wetShare(Species species) {
        return Math.min(1, HALF / species.depletion());
    }

    private static double days(Species species, PotWater water, Working working) {
        double usable = species.depletion() * water.availableLitres();
        Size size = Size.of(Size.Told.NOTHING, species, water.pot().acrossM());
        double millimetres = species.traits().number(Trait.COLDEST) >= ROOM_PLANT_C ? ROOM_MM_PER_DAY : OPEN_MM_PER_DAY;
        double leaves = size.crownM2() * size.leafShare();
        double surface = water.pot().shape().areaM2(water.pot().mixHeightM());
        double bare = Math.max(0, surface - leaves);
        double daily = millimetres * (species.cropFactor() * leaves + SURFACE * (bare + SHADED * (surface - bare)));
        return working.step(
                "plan.suits_days",
                "days = p·AW/(E·(crop·leaves + 0.7·(bare + 0.3·shaded)))",
                usable / daily,
                Unit.DAY,
                "FAO56",
                table("p", species.depletion() * 100, Unit.PER_CENT, "species:" + species.key()),
                earlier("AW", water.availableLitres(), Unit.LITRE, "media.available"),
                table("E", millimetres, Unit.MILLIMETRE_PER_DAY, "plan:middling_day"),
                table("crop", species.cropFactor(), Unit.ONE, "species:" + species.key()),
                table("leaves", leaves * 10_000, Unit.SQUARE_CENTIMETRE, "lot:size"),
                table("bare", bare * 10_000, Unit.SQUARE_CENTIMETRE, "pot:surface"));
    }

    private static Reason ph(Aspect aspect, Species species, Uncertain ph) {
        double value = ph.value();
        boolean inside = value >= species.phLow() && value <= species.phHigh();
        double edge = value < species.phLow() ? species.phLow() : species.phHigh();
        boolean near = Math.abs(value - edge) <= Math.max(ph.halfWidth95(), 0.2);
        return new Reason(aspect, inside ? Voice.FOR : near ? Voice.NEAR : Voice.AGAINST, value, edge, Unit.PH_UNIT);
    }

    /** Whether nothing speaks against it as it is. */
    public boolean suits() {
        return reasons.stream().noneMatch(Reason::unfit);
    }

    /** Whether only its pH speaks against it, and it is corrected to one that does not. */
    public boolean suitsCorrected() {
        boolean corrected =
                reasons.stream().anyMatch(r -> r.aspect() == Aspect.PH_CORRECTED && r.voice() != Voice.AGAINST);
        return corrected && reasons.stream().noneMatch(r -> r.unfit() && r.aspect() != Aspect.PH);
    }
}
