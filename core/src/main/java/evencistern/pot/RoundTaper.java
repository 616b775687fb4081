package evencistern.pot;

import evencistern.working.Working;
import java.util.List;

/**
 * A round pot, wider at the top.
 *
 * <p><b>Answers</b> how many litres does a round pot hold up to a height?
 * <p><b>Formula</b> V = π·h/3·(R² + R·r + r²)
 * <p><b>Units</b> inside diameters and height in m; volume in L
 * <p><b>Valid for</b> 0.005–2 m, base not wider than top
 * <p><b>Source</b> [GEOMETRY] volume of a conical frustum
 * <p><b>Checked by</b> PotTest
 */
public record RoundTaper(double topDiameterM, double baseDiameterM, double heightM) implements PotShape {
    public RoundTaper {
        Taper.check(topDiameterM, baseDiameterM, heightM);
    }

    @Override
    public double widthM(double aboveFloorM) {
        return Taper.widthAt(topDiameterM, baseDiameterM, heightM, aboveFloorM);
    }

    @Override
    public double areaM2(double aboveFloorM) {
        double d = widthM(aboveFloorM);
        return Math.PI / 4 * d * d;
    }

    @Override
    public double litresTo(double aboveFloorM) {
        return Taper.frustumLitres(areaM2(aboveFloorM), areaM2(0), aboveFloorM);
    }

    @Override
    public double perimeterM(double aboveFloorM) {
        return Math.PI * widthM(aboveFloorM);
    }

    @Override
    public String formula() {
        return "V = π·h/3·(R² + R·r + r²)";
    }

    @Override
    public List<Working.Input> measures() {
        return Taper.measures(topDiameterM, baseDiameterM, heightM);
    }
}
