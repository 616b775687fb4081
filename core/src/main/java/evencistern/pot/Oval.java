package evencistern.pot;

import evencistern.working.Working;
import java.util.List;

/**
 * An oval tray with upright walls.
 *
 * <p><b>Answers</b> how many litres does an oval bonsai tray hold up to a height?
 * <p><b>Formula</b> V = π/4·length·width·h
 * <p><b>Units</b> inside length, width and height in m; volume in L
 * <p><b>Valid for</b> 0.005–2 m, upright walls
 * <p><b>Source</b> [GEOMETRY] volume of a prism
 * <p><b>Checked by</b> PotTest
 */
public record Oval(double lengthM, double acrossM, double heightM) implements PotShape {
    public Oval {
        Taper.checkUpright(lengthM, acrossM, heightM);
    }

    @Override
    public double areaM2(double aboveFloorM) {
        return Math.PI / 4 * lengthM * acrossM;
    }

    @Override
    public double widthM(double aboveFloorM) {
        return lengthM;
    }

    @Override
    public double perimeterM(double aboveFloorM) {
        return Math.PI / 2 * Math.sqrt(2 * (lengthM * lengthM + acrossM * acrossM));
    }

    @Override
    public double litresTo(double aboveFloorM) {
        return 1000 * areaM2(aboveFloorM) * aboveFloorM;
    }

    @Override
    public double labelWidthM() {
        return Math.sqrt(lengthM * acrossM);
    }

    @Override
    public String formula() {
        return "V = π/4·length·width·h";
    }

    @Override
    public List<Working.Input> measures() {
        return Taper.uprightMeasures(lengthM, acrossM, heightM);
    }
}
