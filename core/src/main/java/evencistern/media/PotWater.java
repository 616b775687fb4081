package evencistern.media;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;

import evencistern.fault.Faults;
import evencistern.pot.Material;
import evencistern.pot.Pot;
import evencistern.pot.SquareTaper;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * Water and air of a mix in a particular pot.
 *
 * <p><b>Answers</b> how much water and air are in this pot once it has drained, how much of the water can roots use, and
 * how is what is left spread over the height?
 * <p><b>Formula</b> CC = ∫θ(z)·A(z)dz / ∫A(z)dz from the floor to the mix surface; air = porosity − CC; available = CC −
 * unavailable; a drier pot is the same curve with a suction s added at the floor, s solved for the water left
 * <p><b>Units</b> heights in cm; water in L; fractions of the mix volume
 * <p><b>Valid for</b> a pot with a free-draining hole at its floor, water in equilibrium over the height
 * <p><b>Source</b> [BF1987] averaging over the container's height and shape; curve [VG1980]
 * <p><b>Checked by</b> MediaTest
 */
public final class PotWater {
    /** The column that tables of media are given for, as a pot. */
    public static final Pot TABLE_COLUMN = column(Component.TABLE_COLUMN_CM);

    private static final double DRIEST_SUCTION_CM = 15_000;

    private final Mix mix;
    private final Pot pot;
    private final double heightCm;
    private final List<Height> heights;
    private final double capacity;

    public PotWater(Mix mix, Pot pot) {
        this.mix = mix;
        this.pot = pot;
        this.heightCm = pot.mixHeightM() * 100;
        this.heights = heights(pot);
        this.capacity = meanAt(0);
    }

    /**
     * One of the heights that a mean over the pot is taken at.
     *
     * @param share of the mix that this height stands for; the shares of a pot sum to 1
     */
    public record Height(double aboveFloorCm, double share) {}

    /** The heights that a mean over this pot is taken at, floor first: by its shape, as far as it is filled. */
    public static List<Height> heights(Pot pot) {
        double filled = pot.mixHeightM();
        double whole = Upright.mean(u -> pot.shape().areaM2(u * filled));
        List<Height> heights = new ArrayList<>();
        for (Upright.Point at : Upright.heights()) {
            heights.add(new Height(
                    at.height() * filled * 100, at.weight() * pot.shape().areaM2(at.height() * filled) / whole));
        }
        return heights;
    }

    /** An upright column of so many centimetres, as a pot. */
    public static Pot column(double cm) {
        return new Pot(new SquareTaper(0.1, 0.1, cm / 100), 0, OptionalDouble.empty(), Material.PLASTIC);
    }

    private double meanAt(double extraSuctionCm) {
        double sum = 0;
        for (Height height : heights) {
            sum += height.share() * mix.at(height.aboveFloorCm() + extraSuctionCm);
        }
        return sum;
    }

    /** Container capacity, as a fraction of the mix volume. */
    public double capacity() {
        return capacity;
    }

    /** Air at container capacity, as a fraction of the mix volume. */
    public double air() {
        return mix.porosity() - capacity;
    }

    /** By how much water and air may be off, as a 95 % interval of the fraction. */
    public double plusMinus() {
        return mix.waterPlusMinus();
    }

    public Pot pot() {
        return pot;
    }

    /** Litres of mix in the pot. */
    public double mixLitres() {
        return mix.none() ? 0 : pot.mixLitres();
    }

    /** Litres held when drained. */
    public double capacityLitres() {
        return capacity * mixLitres();
    }

    /** Litres that roots can take, from drained down to wilting. */
    public double availableLitres() {
        return availableLitres(Working.off());
    }

    /** The same, with its working. */
    public double availableLitres(Working working) {
        double litres = pot.mixLitres(working);
        working.step(
                "media.capacity",
                "CC = ∫θ(z)·A(z)dz / ∫A(z)dz",
                capacity * 100,
                Unit.PER_CENT,
                "BF1987",
                table("mix height", heightCm, Unit.CENTIMETRE, "pot:height"),
                table("porosity", mix.porosity() * 100, Unit.PER_CENT, "mix:" + mix.key()));
        working.step(
                "media.weight",
                "weight = ρ(dry)·V + CC·V + pot",
                wetKg() * 1000,
                Unit.GRAM,
                "COMMON",
                table("ρ(dry)", mix.densityKgPerL(), Unit.KILOGRAM_PER_LITRE, "mix:" + mix.key()),
                earlier("CC", capacity * 100, Unit.PER_CENT, "media.capacity"),
                earlier("V", litres, Unit.LITRE, "pot.volume"),
                table("pot", pot.emptyKg() * 1000, Unit.GRAM, "pot:material"));
        double available = Math.max(0, capacity - mix.unavailable());
        return working.step(
                "media.available",
                "AW = (CC − unavailable)·V",
                available * litres,
                Unit.LITRE,
                "FAO56 eq. 82",
                earlier("CC", capacity * 100, Unit.PER_CENT, "media.capacity"),
                table("unavailable", mix.unavailable() * 100, Unit.PER_CENT, "mix:" + mix.key()),
                earlier("V", litres, Unit.LITRE, "pot.volume"));
    }

    /** What is lifted, kg: dry mix, the water it holds when drained, and the pot. */
    public double wetKg() {
        return mix.densityKgPerL() * mixLitres() + capacityLitres() + pot.emptyKg();
    }

    /** Water content at one height above the floor, cm; width in cm. */
    public record Layer(double aboveFloorCm, double widthCm, double water, double porosity) {}

    /**
     * Water content by height, floor first, when {@code litresMissing} have been lost since the pot drained.
     *
     * @param layers how many heights, 2–200
     */
    public List<Layer> profile(int layers, double litresMissing) {
        Faults.require("layers", layers, 2, 200, "");
        double suction = suctionWhen(litresMissing);
        List<Layer> profile = new ArrayList<>();
        for (int i = 0; i < layers; i++) {
            double u = (i + 0.5) / layers;
            profile.add(new Layer(
                    u * heightCm,
                    pot.shape().widthM(u * pot.mixHeightM()) * 100,
                    mix.at(u * heightCm + suction),
                    mix.porosity()));
        }
        return profile;
    }

    private double suctionWhen(double litresMissing) {
        Faults.require("litres_missing", litresMissing, 0, Double.MAX_VALUE, "L");
        double wanted = capacity - litresMissing / pot.mixLitres();
        if (mix.none() || !(wanted < capacity)) {
            return 0;
        }
        if (wanted <= meanAt(DRIEST_SUCTION_CM)) {
            return DRIEST_SUCTION_CM;
        }
        return new BrentSolver(1e-6).solve(200, s -> meanAt(s) - wanted, 0, DRIEST_SUCTION_CM);
    }
}
