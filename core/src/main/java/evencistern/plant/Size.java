package evencistern.plant;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import java.util.OptionalDouble;

/**
 * How big a plant is, and how sure that is.
 *
 * <p><b>Answers</b> how much crown has this plant to lose water from, and by how much may that be off?
 * <p><b>Formula</b> crown = π/4·spread²·(1 + 0.3·min(2, height/spread)); leaves take 1 − exp(−LAI/2) of what falls on it; where
 * not told: spread = the kind's, against its pot's width, 1.2 times it at most in cells up to 5 cm, freely from 8 cm on; height by its shape; LAI the kind's
 * <p><b>Units</b> m; m²; LAI in m² of leaves per m² of ground below the crown
 * <p><b>Valid for</b> single crowns of 1 cm to 8 m; a spread told is good to ± 25 % of leaves, one not told by its shape
 * <p><b>Source</b> [COMMON] a lone crown is lit and blown at from its side too; light taken by leaves as of crops, extinction
 * 0.5; all values from memory, held against what growers water
 * <p><b>Checked by</b> SizeTest
 *
 * @param leafAreaIndex leaf area over the area below the crown
 * @param sd of the logarithm of what it uses, for all that is not known of its size and leaves
 */
public record Size(double spreadM, double heightM, double leafAreaIndex, double sd) {
    private static final double EXTINCTION = 0.5;
    private static final double OF_THE_SIDE = 0.3;
    private static final double MOST_SIDE = 2;
    /** Four of five lie within this many standard deviations. */
    private static final double FOUR_IN_FIVE = 1.2816;

    /** In cells up to this width plants stand side by side and spread no farther than so much of it; typical, from memory. */
    private static final double CELL_M = 0.05;

    private static final double BESIDE_OTHERS = 1.2;
    /** From this width on a pot stands by itself. */
    private static final double FREE_M = 0.08;

    /** Of a plant whose spread is told. */
    private static final double TOLD = 0.24;
    /** A crown this much wider than its pot is a slip of the pen. */
    private static final double WIDEST = 30;

    /**
     * What is told of a plant's size.
     *
     * @param blur standard deviation of the logarithm of its use that has come since it was measured
     */
    public record Told(OptionalDouble spreadM, OptionalDouble heightM, double blur) {
        public static final Told NOTHING = new Told(OptionalDouble.empty(), OptionalDouble.empty(), 0);

        public Told {
            Faults faults = new Faults();
            spreadM.ifPresent(s -> faults.within("lot.spread", s, 0.01, 8, "m"));
            heightM.ifPresent(h -> faults.within("lot.tall", h, 0.01, 20, "m"));
            faults.throwIfAny();
        }

        /** Only a height. */
        public static Told tall(OptionalDouble metres) {
            return new Told(OptionalDouble.empty(), metres, 0);
        }

        /** A spread and a height. */
        public static Told of(double spreadM, double heightM) {
            return new Told(OptionalDouble.of(spreadM), OptionalDouble.of(heightM), 0);
        }

        /** Notes a spread that no plant in a pot of this width has. */
        public void check(double potAcrossM, Faults faults) {
            spreadM.ifPresent(s -> {
                if (s > WIDEST * potAcrossM) {
                    faults.add(new Fault(
                            FaultCode.TOO_LARGE,
                            "lot.spread",
                            Faults.plain(Math.rint(s * 100)),
                            Faults.plain(Math.rint(WIDEST * potAcrossM * 100)),
                            "cm"));
                }
            });
        }
    }

    /** The size of a plant of a kind in a pot so wide, by what is told of it. */
    public static Size of(Told told, Species species, double potAcrossM) {
        Shape shape = species.shape();
        double untold = Math.log(shape.off()) / FOUR_IN_FIVE;
        double spread = told.spreadM().orElseGet(() -> usualSpread(told, species, shape, potAcrossM));
        return new Size(
                spread,
                told.heightM().orElse(spread * shape.tall()),
                species.leafAreaIndex(),
                told.spreadM().isPresent() ? Math.max(TOLD, Math.min(untold, Math.hypot(TOLD, told.blur()))) : untold);
    }

    /** By its height where that is told; otherwise by its pot. */
    private static double usualSpread(Told told, Species species, Shape shape, double potAcrossM) {
        double free = Math.max(0, Math.min(1, (potAcrossM - CELL_M) / (FREE_M - CELL_M)));
        double ratio = species.spreadRatio();
        double byPot = potAcrossM * Math.min(ratio, BESIDE_OTHERS + (ratio - BESIDE_OTHERS) * free);
        return told.heightM().isPresent() ? Math.sqrt(byPot * told.heightM().getAsDouble() / shape.tall()) : byPot;
    }

    /** Ground below the crown, m². */
    public double belowM2() {
        return Math.PI / 4 * spreadM * spreadM;
    }

    /** Area of all its leaves, one side counted, m². */
    public double leafM2() {
        return leafAreaIndex * belowM2();
    }

    /** Area that light and moving air take hold of, its side counted in part, m². */
    public double crownM2() {
        return belowM2() * (1 + OF_THE_SIDE * Math.min(MOST_SIDE, heightM / spreadM));
    }

    /** Share of what falls on the crown that its leaves take, 0–1. */
    public double leafShare() {
        return 1 - Math.exp(-EXTINCTION * leafAreaIndex);
    }

    /** Share of a surface of so many m² below it that its leaves shade, 0–1. */
    public double shades(double surfaceM2) {
        return Math.min(1, belowM2() / surfaceM2) * leafShare();
    }
}
