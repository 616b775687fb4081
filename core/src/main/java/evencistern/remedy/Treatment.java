package evencistern.remedy;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.chemistry.Element;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
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
 * One nutrient for one plant, today.
 *
 * <p><b>Answers</b> how much of this, how often, and is there a reason not to?
 * <p><b>Formula</b> amount = g/L · litres of water or of mix; mg/L = g/L · % · 10; a wetting agent halves a spray
 * <p><b>Units</b> g; mg/L of the element; °C; days
 * <p><b>Valid for</b> 0.05–1 000 L; sprays up to 1:100 (10 g/L); refused are sprays above 27 °C or in sun, iron through
 * leathery leaves or below pH 5.2, a chelate above its pH, copper on ferns, bromeliads and mosses or in water below pH 6.5
 * <p><b>Source</b> [COMMON] extension practice; rates [TYPICAL], from memory
 * <p><b>Checked by</b> TreatmentTest
 *
 * @param lowGrams,highGrams for all the water, or all the mix of the pot; 0 where the product's label says
 * @param mgPerLLow,mgPerLHigh of the element in the water; 0 for what is worked in dry
 * @param daysLow,daysHigh before the next, of the weak and the strong one
 */
public record Treatment(
        Remedy remedy,
        double lowGrams,
        double highGrams,
        double mgPerLLow,
        double mgPerLHigh,
        int daysLow,
        int daysHigh,
        List<Note> notes) {
    /** Groups of what is eaten. */
    private static final Set<String> EATEN = Set.of("herb", "vegetable", "patio_fruit");

    private static final double HOTTEST = 27;
    private static final double IRON_POISONS_BELOW = 5.2;
    private static final double COPPER_WATER = 6.5;
    private static final double STRONG_MAGNESIUM = 300;
    private static final double SPRAY_MOST = 10;
    private static final double WETTED = 0.5;

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
        NOT_HARMLESS;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * The plant and the hour.
     *
     * @param mixPh in the root zone, where somebody has measured it
     * @param litres of water that is made, or of mix in the pot for what is worked in
     * @param wetting whether a wetting agent is in the spray
     * @param sun whether sun or a lamp is on the leaves
     */
    public record Plant(
            Species species,
            OptionalDouble mixPh,
            double waterPh,
            double litres,
            Leaf leaf,
            boolean wetting,
            double celsius,
            boolean sun) {
        public Plant {
            Faults faults = new Faults();
            mixPh.ifPresent(ph -> faults.within("remedy.mix_ph", ph, 3, 9, "pH"));
            faults.within("water.ph", waterPh, 3, 11, "pH");
            faults.within("remedy.litres", litres, 0.05, 1000, "L");
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
        boolean spray = remedy.method() == Remedy.Method.FOLIAR || remedy.method() == Remedy.Method.LABEL;
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
        faults.throwIfAny();
        double weaker = spray && plant.wetting() ? WETTED : 1;
        double low = remedy.low() * weaker;
        double high = remedy.high() * weaker;
        boolean dry = remedy.method() == Remedy.Method.DRY;
        double mgLow = dry ? 0 : low * remedy.percent() * 10;
        double mgHigh = dry ? 0 : high * remedy.percent() * 10;
        working.step(
                "remedy.amount",
                "amount = rate·litres",
                high * plant.litres(),
                Unit.GRAM,
                "TYPICAL",
                table("rate", high, Unit.GRAM_PER_LITRE, "remedy:" + remedy.key()),
                typed("litres", plant.litres(), Unit.LITRE, "remedy.litres"));
        working.step(
                "remedy.element",
                "element = rate·%·10",
                mgHigh,
                Unit.MILLIGRAM_PER_LITRE,
                "IUPAC",
                earlier("rate", high, Unit.GRAM_PER_LITRE, "remedy.amount"),
                table("%", remedy.percent(), Unit.PER_CENT, "remedy:" + remedy.key()));
        return new Treatment(
                remedy,
                low * plant.litres(),
                high * plant.litres(),
                mgLow,
                mgHigh,
                remedy.daysLow(),
                remedy.daysHigh(),
                notes(remedy, plant, spray, mgHigh));
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
        OptionalDouble ph = plant.mixPh();
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

    private static List<Note> notes(Remedy remedy, Plant plant, boolean spray, double mgHigh) {
        List<Note> notes = new ArrayList<>();
        switch (remedy.element()) {
            case MAGNESIUM -> {
                notes.add(Note.MG_ONLY_WHERE_SHORT);
                if (!spray && mgHigh > STRONG_MAGNESIUM * 0.75) {
                    notes.add(Note.MG_STRONG);
                }
            }
            case CALCIUM -> notes.add(Note.CA_HARDLY_MOVES);
            case IRON -> {
                if (spray) {
                    notes.add(Note.IRON_RINSE);
                }
                if (plant.mixPh().isEmpty()) {
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

    /** The iron chelates that hold at this pH, weakest first. */
    public static List<Remedy> chelatesFor(double mixPh) {
        return Remedy.all().stream()
                .filter(r -> r.chelateTo() >= mixPh)
                .sorted((a, b) -> Double.compare(a.chelateTo(), b.chelateTo()))
                .toList();
    }
}
