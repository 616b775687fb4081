package evencistern.pot;

/**
 * A round pot, wider at the top.
 *
 * <p><b>Answers</b> how many litres does a round pot hold up to a height?
 * <p><b>Formula</b> V = π·h/3·(R² + R·r + r²)
 * <p><b>Units</b> inside diameters and height in m; volume in L
 * <p><b>Valid for</b> 0.01–2 m, base not wider than top
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
}
