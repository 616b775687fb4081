package evencistern.pot;

import evencistern.working.Working;
import java.util.List;

/**
 * A slab that hangs upright, with a pad of moss on its face.
 *
 * <p><b>Answers</b> how many litres of moss lie on a mount, and how much of it is open to the air?
 * <p><b>Formula</b> V = width·pad·h; open = width·height and the edges of the pad
 * <p><b>Units</b> m; volume in L
 * <p><b>Valid for</b> 0.005–2 m, hung upright: water drains down its whole height
 * <p><b>Source</b> [GEOMETRY] volume of a prism
 * <p><b>Checked by</b> PotTest
 *
 * @param lengthM how wide it is
 * @param acrossM how thick the pad lies
 */
public record Mount(double lengthM, double acrossM, double heightM) implements Slab {
    public Mount {
        Taper.checkUpright(lengthM, acrossM, heightM);
    }

    @Override
    public double openM2(double filledM) {
        return lengthM * heightM + 2 * acrossM * (lengthM + heightM);
    }

    @Override
    public double labelWidthM() {
        return Math.sqrt(lengthM * heightM);
    }

    @Override
    public String formula() {
        return "V = width·pad·h";
    }

    @Override
    public List<Working.Input> measures() {
        return List.of(
                PotShape.length("width", lengthM, "top"),
                PotShape.length("pad", acrossM, "across"),
                PotShape.length("h", heightM, "height"));
    }
}
