package evencistern.media;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import java.util.Locale;
import java.util.Optional;

/**
 * One ingredient of a mix. Fractions are of its own loose volume.
 *
 * @param densityKgPerL dry bulk density
 */
public record Component(
        String key,
        Family family,
        Grain grain,
        Hold hold,
        double densityKgPerL,
        Chemistry chemistry,
        Wear wear,
        Pack pack) {
    /** The column height the tables are given for. */
    public static final double TABLE_COLUMN_CM = 15;

    /** By how much a pore space may be above what the densities leave: they are round numbers. */
    private static final double ROUNDING = 0.01;

    public Component {
        Faults.require("component.density", densityKgPerL, 0.01, 2.6, "kg/L");
    }

    /** The same, refused where its pore space is more than its densities leave room for. */
    public Component possible() {
        double most = 1 - densityKgPerL / grain.solidKgPerL();
        if (!(hold.porosity() <= most + ROUNDING)) {
            throw new FaultException(new Fault(
                    FaultCode.PORES_FOR_WEIGHT,
                    "component.porosity",
                    Faults.plain(Math.rint(hold.porosity() * 100)),
                    Faults.plain(Math.rint(Math.max(0, most) * 100)),
                    "%"));
        }
        return this;
    }

    /** Share of the gaps between its grains that hold water when it holds so much, 0–1: pores inside grains fill first. */
    public double gapsFilled(double water) {
        double voids = Math.min(grain.voids(), hold.porosity());
        return Math.min(1, Math.max(0, (water - hold.porosity() + voids) / voids));
    }

    /** What a component counts as when a mix is judged. */
    public enum Family {
        PEAT(0.42, 0.7, 2.1),
        BARK(0.5, 0.6, 1.6),
        MINERAL(0.44, 0.9, 3);

        private final double voids;
        private final double flow;
        private final double heaviestKgPerL;

        Family(double voids, double flow, double heaviestKgPerL) {
            this.voids = voids;
            this.flow = flow;
            this.heaviestKgPerL = heaviestKgPerL;
        }

        public boolean organic() {
            return this != MINERAL;
        }

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * Its grains.
     *
     * @param fromMm,toMm particle size class
     * @param voids gaps between grains tipped loose, as a fraction of the volume
     * @param flow how far they run into the gaps of coarser ones: 1 hard and round, 0 long fibres
     * @param solidKgPerL density of the solid itself
     */
    public record Grain(double fromMm, double toMm, double voids, double flow, double solidKgPerL) {
        public Grain {
            Faults faults = new Faults();
            faults.within("component.grain_from", fromMm, 0.001, 200, "mm");
            faults.within("component.grain_to", toMm, Math.max(fromMm, 0.001), 200, "mm");
            faults.within("component.voids", voids * 100, 1, 90, "%");
            faults.within("component.flow", flow, 0, 1, "");
            faults.within("component.solid", solidKgPerL, 0.9, 5, "kg/L");
            faults.throwIfAny();
        }

        /** Grains of which only the size is known: gaps and shape as usual, the heaviest solid of the family. */
        public static Grain usual(Family family, double fromMm, double toMm) {
            return new Grain(fromMm, toMm, family.voids, family.flow, family.heaviestKgPerL);
        }

        /** The same stuff in another size class. */
        public Grain sized(double from, double to) {
            return new Grain(from, to, voids, flow, solidKgPerL);
        }

        /** The size that stands for the class: the geometric mean of its ends. */
        public double middleMm() {
            return Math.sqrt(fromMm * toMm);
        }
    }

    /**
     * How it holds water.
     *
     * @param capacity water held by a drained column of {@code columnCm}
     * @param unavailable water that roots cannot take (held at 1.5 MPa)
     * @param plusMinus by how much the capacity may be off, as a 95 % interval
     * @param curve whose mean over that column is the capacity
     */
    public record Hold(
            double porosity,
            double capacity,
            double columnCm,
            double unavailable,
            double plusMinus,
            RetentionCurve curve) {
        /** From bag to bag of one material where nothing else is known; from memory. */
        public static final double USUAL_PLUS_MINUS = 0.05;

        /** The curve of a shape, fitted to what one column holds. */
        public static Hold fitted(
                double porosity,
                double capacity,
                double columnCm,
                double unavailable,
                double plusMinus,
                double residual,
                double n) {
            Faults faults = new Faults();
            faults.within("component.porosity", porosity * 100, 5, 99, "%");
            faults.within("component.column", columnCm, 2, 60, "cm");
            faults.within("component.n", n, 1.05, 10, "");
            faults.within("component.residual", residual * 100, 0, 60, "%");
            faults.throwIfAny();
            faults.within("component.capacity", capacity * 100, residual * 100 + 0.1, porosity * 100 - 0.1, "%");
            faults.throwIfAny();
            faults.within("component.unavailable", unavailable * 100, 0, capacity * 100, "%");
            faults.throwIfAny();
            return new Hold(
                    porosity,
                    capacity,
                    columnCm,
                    unavailable,
                    plusMinus,
                    RetentionCurve.fit(porosity, residual, n, capacity, columnCm));
        }

        /** The same as measured: its curve's α lies between these, 1/cm. */
        public Hold between(double alphaLow, double alphaHigh) {
            double most =
                    new RetentionCurve(curve.saturated(), curve.residual(), alphaLow, curve.n()).columnMean(columnCm);
            double least =
                    new RetentionCurve(curve.saturated(), curve.residual(), alphaHigh, curve.n()).columnMean(columnCm);
            return new Hold(porosity, capacity, columnCm, unavailable, (most - least) / 2, curve);
        }
    }

    /**
     * What it does to the water in it.
     *
     * @param buffer lime, as g CaCO3 per litre, that raises its pH by one
     * @param cec cations it can hold, meq/100 cm³
     * @param ec of its saturated extract, mS/cm
     */
    public record Chemistry(double ph, double buffer, double cec, double ec) {
        public Chemistry {
            Faults faults = new Faults();
            faults.within("component.ph", ph, 3, 10, "pH");
            faults.within("component.buffer", buffer, 0.01, 10, "g/L");
            faults.within("component.cec", cec, 0, 200, "meq/100 cm³");
            faults.within("component.ec", ec, 0, 20, "mS/cm");
            faults.throwIfAny();
        }
    }

    /**
     * Years it keeps its structure, kept wet and wetted and dried in turn.
     *
     * @param spent the share of its life that it has behind it already; above 1 it goes on decaying
     */
    public record Wear(double wetYears, double cycledYears, double spent) {
        public Wear {
            Faults faults = new Faults();
            faults.within("component.wet_years", wetYears, 0.1, 99, "");
            faults.within("component.cycled_years", cycledYears, wetYears, 99, "");
            faults.within("component.spent", spent * 100, 0, 500, "%");
            faults.throwIfAny();
        }

        /** Of something new. */
        public Wear(double wetYears, double cycledYears) {
            this(wetYears, cycledYears, 0);
        }
    }

    /** How it is bought. */
    public enum PackKind {
        /** By its loose litres. */
        BAG,
        /** Pressed: litres on the bale, more when loosened. */
        BALE,
        /** Dry, by weight, swelling in water. */
        BRICK
    }

    /**
     * One pack.
     *
     * @param printed what is printed on it: litres, or grams of a brick
     * @param looseLitres that come out of it
     * @param cost of one, in the garden's money
     */
    public record Pack(PackKind kind, double printed, double looseLitres, Optional<Double> cost) {
        public Pack {
            Faults faults = new Faults();
            faults.within("component.pack", printed, 0.1, 100_000, kind == PackKind.BRICK ? "g" : "L");
            faults.within("component.loose", looseLitres, 0.1, 10_000, "L");
            cost.ifPresent(c -> faults.within("component.cost", c, 0, 1e6, ""));
            faults.throwIfAny();
        }

        public Optional<Double> costPerLitre() {
            return cost.map(c -> c / looseLitres);
        }
    }

    /** The same with what a measurement says of how it holds water. */
    public Component holding(Hold measured) {
        return new Component(key, family, grain, measured, densityKgPerL, chemistry, wear, pack);
    }
}
