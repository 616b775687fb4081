package evencistern.pot;

import evencistern.working.Working;
import java.util.List;

/**
 * A box or rectangular tray with upright walls.
 *
 * <p><b>Answers</b> how many litres does a box or a rectangular bonsai tray hold up to a height?
 * <p><b>Formula</b> V = length·width·h
 * <p><b>Units</b> inside length, width and height in m; volume in L
 * <p><b>Valid for</b> 0.005–2 m, upright walls
 * <p><b>Source</b> [GEOMETRY] volume of a prism
 * <p><b>Checked by</b> PotTest
 */
public record Box(double lengthM, double acrossM, double heightM) implements Slab {
    public Box {
        Taper.checkUpright(lengthM, acrossM, heightM);
    }

    @Override
    public double labelWidthM() {
        return Math.sqrt(lengthM * acrossM);
    }

    @Override
    public String formula() {
        return "V = length·width·h";
    }

    @Override
    public List<Working.Input> measures() {
        return Taper.uprightMeasures(lengthM, acrossM, heightM);
    }
}
