package evencistern.pot;

import evencistern.working.Working;
import java.util.List;

/**
 * A square pot, wider at the top.
 *
 * <p><b>Answers</b> how many litres does a square pot hold up to a height?
 * <p><b>Formula</b> V = h/3·(S² + S·s + s²)
 * <p><b>Units</b> inside sides and height in m; volume in L
 * <p><b>Valid for</b> 0.005–2 m, base not wider than top
 * <p><b>Source</b> [GEOMETRY] volume of a pyramidal frustum
 * <p><b>Checked by</b> PotTest
 */
public record SquareTaper(double topSideM, double baseSideM, double heightM) implements PotShape {
    public SquareTaper {
        Taper.check(topSideM, baseSideM, heightM);
    }

    @Override
    public double widthM(double aboveFloorM) {
        return Taper.widthAt(topSideM, baseSideM, heightM, aboveFloorM);
    }

    @Override
    public double areaM2(double aboveFloorM) {
        double s = widthM(aboveFloorM);
        return s * s;
    }

    @Override
    public double litresTo(double aboveFloorM) {
        return Taper.frustumLitres(areaM2(aboveFloorM), areaM2(0), aboveFloorM);
    }

    @Override
    public double perimeterM(double aboveFloorM) {
        return 4 * widthM(aboveFloorM);
    }

    @Override
    public String formula() {
        return "V = h/3·(S² + S·s + s²)";
    }

    @Override
    public List<Working.Input> measures() {
        return Taper.measures(topSideM, baseSideM, heightM);
    }
}
