package evencistern.remedy;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.chemistry.AtomicWeights;
import evencistern.chemistry.Element;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.feed.HandMeasure;
import evencistern.feed.Measured;
import evencistern.label.Measure;
import evencistern.plant.Appetite;
import evencistern.plant.Species;
import evencistern.plant.Trait;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * One nutrient for one plant, or what moves the pH of its pot, today.
 *
 * <p><b>Answers</b> how much of this, how often, and is there a reason not to?
 * <p><b>Formula</b> amount = rate · litres of water or of mix; mg/L = g/L · % · 10; a wetting agent halves a spray; sulfur =
 * S/CaCO₃ · min(pH − aim, 0.5) · β, at most 0.5 g/L
 * <p><b>Units</b> g or mL; mg/L of the element; °C; days; β g CaCO₃ per litre and pH
 * <p><b>Valid for</b> 0.02–1 500 L; sprays up to 1:100 (10 g/L); refused are sprays above 27 °C or in sun, iron through
 * leathery leaves or below pH 5.2, a chelate above its pH, copper on ferns, bromeliads and mosses or in water below pH 6.5;
 * what moves a pH that is not measured, or lies in the plant's band, but for the yearly lime of plants that like it; sulfur for crops and bedding, which are over before it
 * acts, and below 10 °C; limewater beside ammonium, urea, coated or organic feed
 * <p><b>Source</b> [COMMON] extension practice; rates [TYPICAL], from memory; sulfur by stoichiometry [IUPAC]
 * <p><b>Checked by</b> TreatmentTest
 *
 * @param low,high g or mL for all the water, or all the mix of the pot; 0 where the product's label says
 * @param mgPerLLow,mgPerLHigh of the element in the water; 0 for what is worked in dry
 * @param daysLow,daysHigh before the next, of the weak and the strong one
 */
public record Treatment(
        Remedy remedy,
        double low,
        double high,
        double mgPerLLow,
        double mgPerLHigh,
        int daysLow,
        int daysHigh,
        List<Note> notes) {
    /** Groups of what is eaten. */
    private static final Set<String> EATEN = Set.of("herb", "vegetable", "patio_fruit");

    /** Groups of what is over before sulfur has turned to acid, or fruits meanwhile. */
    private static final Set<String> SHORT = Set.of("herb", "vegetable", "patio_fruit", "bedding");

    /** What helps where sulfur is short, too. */
    private static final Set<String> GIVE_SULFUR = Set.of("epsom_drench", "epsom_dry", "gypsum_dry");

    private static final double HOTTEST = 27;
    private static final double IRON_POISONS_BELOW = 5.2;
    private static final double COPPER_WATER = 6.5;
    private static final double STRONG_MAGNESIUM = 300;
    private static final double SPRAY_MOST = 10;
    private static final double WETTED = 0.5;
    /** S → 2 H⁺, and CaCO₃ takes up 2 H⁺. */
    private static final double SULFUR_PER_CACO3 = AtomicWeights.S / AtomicWeights.CACO3;

    /** So far a pH is moved at a time, in a pot in which roots stand. */
    private static final double STEP_PH = 0.5;

    /** What turns sulfur to acid hardly works below this, °C. */
    private static final double SULFUR_SLEEPS = 10;

    /** Of bark, g CaCO₃ per litre and pH: less sulfur than most mixes would take, where the mix is not known. */
    private static final double SMALL_BUFFER = 0.8;

    /** What a leaf is like. */
    public enum Leaf {
        THIN,
        THICK,
        HAIRY;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What is said beside the amount. */
    public enum Note {
        MG_ONLY_WHERE_SHORT,
        MG_STRONG,
        CA_HARDLY_MOVES,
        IRON_RINSE,
        COPPER_WATER_LIFE,
        COPPER_BUILDS_UP,
        COPPER_CAREFUL_ORCHID,
        FOOD_INTERVAL,
        SPRAY_FINE,
        SPRAY_HOUR,
        SPRAY_TEST_LEAF,
        SPRAY_WETTED,
        SPRAY_THICK_HARDLY,
        SPRAY_HAIRY_SPOTS,
        SPRAY_NOT_NPK,
        PH_UNKNOWN,
        GIVES_SULFUR,
        SULFUR_WEEKS,
        SULFUR_FREE_LIME,
        SULFUR_OTHERWISE,
        BUFFER_ASSUMED,
        RAISE_RINSE_AND_FLUSH,
        RAISE_FINDS_WHY,
        BRINGS_POTASSIUM,
        LIMEWATER_TRADE,
        LIMEWATER_NEVER_WITH,
        TOP_LIME_SLOW,
        NOT_HARMLESS;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * What it stands in.
     *
     * @param ph in the root zone, where somebody has measured it
     * @param buffer g CaCO₃ that a litre of the mix takes for one pH, where it is known
     * @param ammonium whether its feed holds ammonium or urea, or is coated or organic
     */
    public record Roots(OptionalDouble ph, OptionalDouble buffer, boolean ammonium) {
        public Roots {
            ph.ifPresent(p -> Faults.require("remedy.mix_ph", p, 3, 9, "pH"));
        }

        /** Of which no more is known than what a person has measured. */
        public static Roots measured(OptionalDouble ph) {
            return new Roots(ph, OptionalDouble.empty(), false);
        }
    }

    /**
     * The plant and the hour.
     *
     * @param litres of water that is made, or of mix in the pot for what is worked in
     * @param wetting whether a wetting agent is in the spray
     * @param sun whether sun or a lamp is on the leaves
     */
    public record Plant(
            Species species,
            Roots roots,
            double waterPh,
            double litres,
            Leaf leaf,
            boolean wetting,
            double celsius,
            boolean sun) {
        public Plant {
            Faults faults = new Faults();
            faults.within("water.ph", waterPh, 3, 11, "pH");
            faults.within("remedy.litres", litres, 0.02, 1500, "L");
            faults.within("remedy.celsius", celsius, -10, 50, "°C");
            faults.throwIfAny();
        }
    }

    public Treatment {
        notes = List.copyOf(notes);
    }

    /** Works it out; refused with every reason there is. */
    public static Treatment of(Remedy remedy, Plant plant, Working working) {
        Faults faults = new Faults();
        boolean spray = remedy.sprayed();
        if (spray) {
            refuseSpray(remedy, plant, faults);
        } else if (plant.species().appetite() == Appetite.NONE) {
            faults.add(FaultCode.NO_ROOT_FEED, "remedy", plant.species().key());
        }
        if (remedy.element() == Element.IRON) {
            refuseIron(remedy, plant, faults);
        }
        if (remedy.element() == Element.COPPER) {
            refuseCopper(plant, faults);
        }
        if (remedy.effect() != Remedy.Effect.NONE) {
            refusePh(remedy, plant, faults);
        }
        faults.throwIfAny();
        double weaker = weaker(remedy, plant.wetting());
        boolean sulfur = remedy.effect() == Remedy.Effect.LOWER;
        double high = sulfur ? sulfur(remedy, plant, working) : remedy.high() * weaker;
        double low = sulfur ? high : remedy.low() * weaker;
        double mgLow = remedy.dry() ? 0 : low * remedy.percent() * 10;
        double mgHigh = remedy.dry() ? 0 : high * remedy.percent() * 10;
        working.step(
                "remedy.amount",
                "amount = rate·litres",
                high * plant.litres(),
                remedy.measure().unit(),
                "TYPICAL",
                sulfur
                        ? earlier("rate", high, remedy.measure().perLitre(), "remedy.sulfur")
                        : table("rate", high, remedy.measure().perLitre(), "remedy:" + remedy.key()),
                typed("litres", plant.litres(), Unit.LITRE, "remedy.litres"));
        working.step(
                "remedy.element",
                "element = rate·%·10",
                mgHigh,
                Unit.MILLIGRAM_PER_LITRE,
                "IUPAC",
                earlier("rate", high, remedy.measure().perLitre(), "remedy.amount"),
                table("%", remedy.percent(), Unit.PER_CENT, "remedy:" + remedy.key()));
        return new Treatment(
                remedy,
                low * plant.litres(),
                high * plant.litres(),
                mgLow,
                mgHigh,
                remedy.daysLow(),
                remedy.daysHigh(),
                notes(remedy, plant, mgHigh));
    }

    /** The share of the usual strength that is sprayed with a wetting agent in it. */
    public static double weaker(Remedy remedy, boolean wetting) {
        return remedy.sprayed() && wetting ? WETTED : 1;
    }

    /**
     * An amount as a hand can measure it, never above the strong one.
     *
     * @param fold how many times what this was worked out for it is measured for
     */
    public Measured measured(double amount, double fold, HandMeasure hand, Set<HandMeasure.Spoon> spoons) {
        return hand.nearest(
                amount,
                high * fold,
                remedy.measure(),
                remedy.density(),
                remedy.measure() == Measure.MILLILITRES,
                spoons,
                Working.off());
    }

    /** What brings the pH half a unit nearer, or all the way where that is less, g per litre of mix. */
    private static double sulfur(Remedy remedy, Plant plant, Working working) {
        double ph = plant.roots().ph().orElseThrow();
        double aim = plant.species().phAim(false);
        double buffer = plant.roots().buffer().orElse(SMALL_BUFFER);
        return working.step(
                "remedy.sulfur",
                "rate = min(0.320·min(pH − aim, at a time)·β, most)",
                Math.min(SULFUR_PER_CACO3 * Math.min(ph - aim, STEP_PH) * buffer, remedy.high()),
                Unit.GRAM_PER_LITRE,
                "IUPAC",
                typed("pH", ph, Unit.PH_UNIT, "remedy.mix_ph"),
                table("aim", aim, Unit.PH_UNIT, "species:ph"),
                table("at a time", STEP_PH, Unit.PH_UNIT, "remedy:step"),
                table("β", buffer, Unit.GRAM_PER_LITRE, "components:buffer"),
                table("most", remedy.high(), Unit.GRAM_PER_LITRE, "remedy:" + remedy.key()));
    }

    private static void refusePh(Remedy remedy, Plant plant, Faults faults) {
        Species species = plant.species();
        boolean lowers = remedy.effect() == Remedy.Effect.LOWER;
        OptionalDouble ph = plant.roots().ph();
        // a plant that likes lime gets its yearly lime while its mix is not yet where it is best
        boolean yearly = !lowers && remedy.dry() && species.traits().is(Trait.LIME, "likes");
        double enough = lowers ? species.phHigh() : yearly ? species.phAim(false) : species.phLow();
        if (ph.isEmpty() && !yearly) {
            faults.add(FaultCode.PH_UNMEASURED, "remedy.mix_ph", "");
        } else if (ph.isPresent() && (lowers ? ph.getAsDouble() <= enough : ph.getAsDouble() >= enough)) {
            faults.add(new Fault(
                    lowers ? FaultCode.ACID_ENOUGH : yearly ? FaultCode.LIMED_AS_LIKED : FaultCode.LIMED_ENOUGH,
                    "remedy.mix_ph",
                    Faults.plain(ph.getAsDouble()),
                    Faults.plain(enough),
                    "pH"));
        }
        if (lowers && SHORT.contains(species.group())) {
            faults.add(FaultCode.SULFUR_TOO_SLOW, "remedy", species.key());
        }
        if (lowers && plant.celsius() < SULFUR_SLEEPS) {
            faults.add(new Fault(
                    FaultCode.SULFUR_IN_COLD,
                    "remedy.celsius",
                    Faults.plain(plant.celsius()),
                    Faults.plain(SULFUR_SLEEPS),
                    "°C"));
        }
        if (remedy.key().equals(Remedy.LIMEWATER) && plant.roots().ammonium()) {
            faults.add(FaultCode.LIMEWATER_ON_AMMONIUM, "remedy", remedy.key());
        }
    }

    private static void refuseSpray(Remedy remedy, Plant plant, Faults faults) {
        if (plant.celsius() > HOTTEST || plant.sun()) {
            faults.add(new Fault(
                    FaultCode.SPRAY_IN_HEAT,
                    "remedy.celsius",
                    Faults.plain(plant.celsius()),
                    Faults.plain(HOTTEST),
                    "°C"));
        }
        if (remedy.high() > SPRAY_MOST) {
            faults.add(new Fault(
                    FaultCode.SPRAY_TOO_STRONG,
                    "remedy",
                    Faults.plain(remedy.high()),
                    Faults.plain(SPRAY_MOST),
                    "g/L"));
        }
    }

    private static void refuseIron(Remedy remedy, Plant plant, Faults faults) {
        OptionalDouble ph = plant.roots().ph();
        if (ph.isPresent() && ph.getAsDouble() < IRON_POISONS_BELOW) {
            faults.add(new Fault(
                    FaultCode.IRON_AT_LOW_PH,
                    "remedy.mix_ph",
                    Faults.plain(ph.getAsDouble()),
                    Faults.plain(IRON_POISONS_BELOW),
                    "pH"));
        }
        if (ph.isPresent() && remedy.chelateTo() > 0 && ph.getAsDouble() > remedy.chelateTo()) {
            faults.add(new Fault(
                    FaultCode.CHELATE_LETS_GO,
                    "remedy.mix_ph",
                    Faults.plain(ph.getAsDouble()),
                    Faults.plain(remedy.chelateTo()),
                    "pH"));
        }
        if (remedy.method() == Remedy.Method.FOLIAR && plant.leaf() == Leaf.THICK) {
            faults.add(FaultCode.IRON_LEATHERY, "remedy.leaf", plant.leaf().id());
        }
    }

    private static void refuseCopper(Plant plant, Faults faults) {
        if (plant.species().hates(Trait.COPPER)) {
            faults.add(FaultCode.COPPER_KILLS, "remedy", plant.species().key());
        }
        if (plant.waterPh() < COPPER_WATER) {
            faults.add(new Fault(
                    FaultCode.COPPER_ACID_WATER,
                    "water.ph",
                    Faults.plain(plant.waterPh()),
                    Faults.plain(COPPER_WATER),
                    "pH"));
        }
    }

    private static List<Note> notes(Remedy remedy, Plant plant, double mgHigh) {
        boolean spray = remedy.sprayed();
        List<Note> notes = new ArrayList<>(phNotes(remedy, plant));
        switch (remedy.element()) {
            case MAGNESIUM -> {
                notes.add(Note.MG_ONLY_WHERE_SHORT);
                if (!spray && mgHigh > STRONG_MAGNESIUM * 0.75) {
                    notes.add(Note.MG_STRONG);
                }
            }
            case CALCIUM -> {
                if (remedy.effect() == Remedy.Effect.NONE) {
                    notes.add(Note.CA_HARDLY_MOVES);
                }
            }
            case IRON -> {
                if (spray) {
                    notes.add(Note.IRON_RINSE);
                }
                if (plant.roots().ph().isEmpty()) {
                    notes.add(Note.PH_UNKNOWN);
                }
            }
            case COPPER -> {
                notes.addAll(List.of(Note.COPPER_WATER_LIFE, Note.COPPER_BUILDS_UP));
                if (EATEN.contains(plant.species().group())) {
                    notes.add(Note.FOOD_INTERVAL);
                }
                if (plant.species().scientific().startsWith("Dendrobium")) {
                    notes.add(Note.COPPER_CAREFUL_ORCHID);
                }
            }
            default -> {}
        }
        if (spray) {
            notes.addAll(List.of(Note.SPRAY_FINE, Note.SPRAY_HOUR, Note.SPRAY_TEST_LEAF));
            if (plant.wetting()) {
                notes.add(Note.SPRAY_WETTED);
            }
            if (plant.leaf() == Leaf.THICK) {
                notes.add(Note.SPRAY_THICK_HARDLY);
            }
            if (plant.leaf() == Leaf.HAIRY) {
                notes.add(Note.SPRAY_HAIRY_SPOTS);
            }
            notes.add(Note.SPRAY_NOT_NPK);
        }
        notes.add(Note.NOT_HARMLESS);
        return notes;
    }

    private static List<Note> phNotes(Remedy remedy, Plant plant) {
        List<Note> notes = new ArrayList<>();
        if (GIVE_SULFUR.contains(remedy.key())) {
            notes.add(Note.GIVES_SULFUR);
        }
        switch (remedy.effect()) {
            case NONE -> {}
            case LOWER -> {
                notes.addAll(List.of(Note.SULFUR_WEEKS, Note.SULFUR_FREE_LIME, Note.SULFUR_OTHERWISE));
                if (plant.roots().buffer().isEmpty()) {
                    notes.add(Note.BUFFER_ASSUMED);
                }
            }
            case RAISE -> {
                notes.add(remedy.dry() ? Note.TOP_LIME_SLOW : Note.RAISE_RINSE_AND_FLUSH);
                if (remedy.element() == Element.POTASSIUM) {
                    notes.add(Note.BRINGS_POTASSIUM);
                }
                if (remedy.key().equals(Remedy.LIMEWATER)) {
                    notes.addAll(List.of(Note.LIMEWATER_TRADE, Note.LIMEWATER_NEVER_WITH));
                }
                notes.add(Note.RAISE_FINDS_WHY);
            }
        }
        return notes;
    }

    /** The iron chelates that hold at this pH, weakest first. */
    public static List<Remedy> chelatesFor(double mixPh) {
        return Remedy.all().stream()
                .filter(r -> r.chelateTo() >= mixPh)
                .sorted((a, b) -> Double.compare(a.chelateTo(), b.chelateTo()))
                .toList();
    }
}
