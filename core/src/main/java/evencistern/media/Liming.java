package evencistern.media;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.chemistry.AtomicWeights;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * Moving the pH of a mix.
 *
 * <p><b>Answers</b> how much lime or sulfur brings this mix to the pH wanted, and what does it add?
 * <p><b>Formula</b> as CaCO3: L = (target − pH)·β; of a material: L/(NV·fineness); sulfur = (pH − target)·β·S/CaCO3, since S
 * → 2 H⁺ and CaCO3 takes 2 H⁺; Ca, Mg = material·share
 * <p><b>Units</b> g per litre of mix; β g CaCO3 per litre and pH; Ca, Mg mg per litre of mix
 * <p><b>Valid for</b> targets 3.5–7.5; up to 10 g CaCO3, 8 g of material or 1 g sulfur per litre, beyond which the correction is refused
 * <p><b>Source</b> [IUPAC] stoichiometry; buffers [TYPICAL]
 * <p><b>Checked by</b> LimingTest
 */
public final class Liming {
    static final double SULFUR_PER_CACO3 = AtomicWeights.S / AtomicWeights.CACO3;
    private static final double NEAR_ENOUGH = 0.1;
    private static final double LOWEST_TARGET = 3.5;
    /** How far a table's buffer may be from this batch's, as a 95 % interval; from memory. */
    private static final double BUFFER_SHARE = 0.3;

    private Liming() {}

    /** What raises pH. Real materials are less pure than the formula: a printed neutralising value is better. */
    public enum Material {
        DOLOMITE(
                2 * AtomicWeights.CACO3 / (AtomicWeights.CACO3 + AtomicWeights.MGCO3),
                AtomicWeights.CA / (AtomicWeights.CACO3 + AtomicWeights.MGCO3),
                AtomicWeights.MG / (AtomicWeights.CACO3 + AtomicWeights.MGCO3),
                0),
        CALCITE(1, AtomicWeights.CA / AtomicWeights.CACO3, 0, 0),
        SHELL(0.95, 0.95 * AtomicWeights.CA / AtomicWeights.CACO3, 0, 0),
        EGGSHELL(0.95, 0.95 * AtomicWeights.CA / AtomicWeights.CACO3, 0, 0),
        /** Of hardwood, dry; from 30 to 60 % of CaCO3, with potash that is salt at once. */
        ASH(0.45, 0.22, 0.015, 0.05),
        HYDRATED(AtomicWeights.CACO3 / AtomicWeights.CAOH2, AtomicWeights.CA / AtomicWeights.CAOH2, 0, 0);

        private final double neutralising;
        private final double calcium;
        private final double magnesium;
        private final double potassium;

        Material(double neutralising, double calcium, double magnesium, double potassium) {
            this.neutralising = neutralising;
            this.calcium = calcium;
            this.magnesium = magnesium;
            this.potassium = potassium;
        }

        /** Against pure CaCO3, by weight. */
        public double neutralising() {
            return neutralising;
        }

        public double calcium() {
            return calcium;
        }

        public double magnesium() {
            return magnesium;
        }

        public double potassium() {
            return potassium;
        }

        /** Whether it is burnt, and acts within days whatever its size. */
        boolean burnt() {
            return this == HYDRATED || this == ASH;
        }

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** How much of it acts within a season: passing a 60-mesh sieve, 20 to 60, 8 to 20; extension ratings, from memory. */
    public enum Fineness {
        POWDER(1),
        GROUND(0.6),
        COARSE(0.2);

        private final double acting;

        Fineness(double acting) {
            this.acting = acting;
        }

        public double acting() {
            return acting;
        }
    }

    /** What is to be stirred in. */
    public enum Kind {
        NOTHING,
        LIME,
        SULFUR
    }

    /**
     * A correction.
     *
     * @param gramsPerLitre of the material, per litre of mix; 0 for nothing
     * @param calcium,magnesium,potassium added, mg per litre of mix
     * @param after the pH to expect, with how sure
     */
    public record Correction(
            Kind kind, double gramsPerLitre, double calcium, double magnesium, double potassium, Uncertain after) {}

    /**
     * The lime at hand.
     *
     * @param neutralising as printed on the bag, or the material's own; 0.3–1.8 of CaCO3
     */
    public record Lime(Material material, Fineness fineness, double neutralising) {
        public Lime {
            Faults.require("lime.neutralising", neutralising * 100, 30, 180, "%");
        }

        public static Lime of(Material material, Fineness fineness) {
            return new Lime(material, fineness, material.neutralising());
        }
    }

    /**
     * The mix as it is.
     *
     * @param buffer g CaCO3 per litre and pH, from the tables or from a jar
     */
    public record Start(Uncertain ph, Uncertain buffer) {
        public static Start of(Mix mix, Working working) {
            return new Start(mix.ph(working), Uncertain.plusMinus95(mix.buffer(), BUFFER_SHARE * mix.buffer()));
        }
    }

    /**
     * The buffer as a jar of the mix shows it: a pH before, and one after so much lime has reacted.
     *
     * @param grams CaCO3 per litre, 0.1–20, all of it reacted
     * @param plusMinus of the meter, 95 %
     */
    public static Uncertain bufferFromJar(double before, double after, double grams, double plusMinus) {
        Faults faults = new Faults();
        faults.within("jar.before", before, 3, 9, "pH");
        faults.within("jar.after", after, 3, 9, "pH");
        faults.within("jar.grams", grams, 0.1, 20, "g/L");
        faults.throwIfAny();
        double rise = after - before;
        double riseSd = Math.sqrt(2) * Uncertain.plusMinus95(0, plusMinus).sd();
        if (!(rise > 2 * riseSd)) {
            throw new FaultException(new Fault(
                    FaultCode.JAR_NO_RISE, "jar.after", Double.toString(after), Double.toString(before), "pH"));
        }
        return new Uncertain(grams / rise, grams / rise * riseSd / rise);
    }

    /** The pH to aim at within a band: its middle, where a mix that comes out a little off is still inside. */
    public static double aim(double phLow, double phHigh) {
        return (phLow + phHigh) / 2;
    }

    /**
     * Refuses lime beyond the pH that a plant stands which lime harms; calcium and magnesium come from gypsum and Epsom salt
     * instead.
     *
     * @param most to which lime may bring its mix; below any pH for none at all, empty for a plant that stands lime
     */
    public static void refuseBeyond(Correction correction, double target, OptionalDouble most) {
        if (correction.kind() == Kind.LIME && most.isPresent() && target > most.getAsDouble()) {
            throw new FaultException(new Fault(
                    most.getAsDouble() < LOWEST_TARGET ? FaultCode.LIME_NEVER : FaultCode.LIME_HATED,
                    "lime.target",
                    Faults.plain(target),
                    Faults.plain(most.getAsDouble()),
                    "pH"));
        }
    }

    /** What brings the mix to {@code target}; a hopeless correction is refused with its size. */
    public static Correction to(double target, Start start, Lime lime, Working working) {
        Faults.require("lime.target", target, LOWEST_TARGET, 7.5, "pH");
        double delta = target - start.ph().value();
        double expectedSd = Math.hypot(
                start.ph().sd(), delta * start.buffer().sd() / start.buffer().value());
        if (Math.abs(delta) <= NEAR_ENOUGH) {
            return new Correction(Kind.NOTHING, 0, 0, 0, 0, start.ph());
        }
        double asLime = Math.abs(delta) * start.buffer().value();
        Uncertain after = new Uncertain(target, expectedSd);
        if (delta < 0) {
            double sulfur = working.step(
                            "media.sulfur",
                            "sulfur = (pH − target)·β·0.320",
                            asLime * SULFUR_PER_CACO3 * 1000,
                            Unit.MILLIGRAM_PER_LITRE,
                            "IUPAC",
                            earlier("pH", start.ph().value(), Unit.PH_UNIT, "media.ph"),
                            typed("target", target, Unit.PH_UNIT, "lime.target"),
                            table("β", start.buffer().value(), Unit.GRAM_PER_LITRE, "components:buffer"))
                    / 1000;
            refuseHopeless(sulfur, LimeLimit.SULFUR.most());
            return new Correction(Kind.SULFUR, sulfur, 0, 0, 0, after);
        }
        refuseHopeless(asLime, LimeLimit.LIME_CACO3.most());
        double grams = working.step(
                "media.lime",
                "lime = (target − pH)·β/(NV·fineness)",
                asLime / (lime.neutralising() * lime.fineness().acting()),
                Unit.GRAM_PER_LITRE,
                "IUPAC",
                typed("target", target, Unit.PH_UNIT, "lime.target"),
                earlier("pH", start.ph().value(), Unit.PH_UNIT, "media.ph"),
                table("β", start.buffer().value(), Unit.GRAM_PER_LITRE, "components:buffer"),
                table(
                        "NV",
                        lime.neutralising() * 100,
                        Unit.PER_CENT,
                        "lime:" + lime.material().id()),
                table("fineness", lime.fineness().acting() * 100, Unit.PER_CENT, "lime:fineness"));
        refuseHopeless(grams, LimeLimit.LIME_MATERIAL.most());
        return new Correction(
                Kind.LIME,
                grams,
                grams * lime.material().calcium() * 1000,
                grams * lime.material().magnesium() * 1000,
                grams * lime.material().potassium() * 1000,
                after);
    }

    private static void refuseHopeless(double grams, double most) {
        if (!(grams <= most)) {
            throw new FaultException(new Fault(
                    FaultCode.PH_HOPELESS,
                    "lime.target",
                    Faults.plain(Math.rint(grams * 10) / 10),
                    Faults.plain(most),
                    "g/L"));
        }
    }
}
