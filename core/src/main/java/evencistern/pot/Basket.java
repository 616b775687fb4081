package evencistern.pot;

import evencistern.fault.Faults;
import evencistern.working.Working;
import java.util.List;

/**
 * A hanging basket: a bowl cut from a sphere.
 *
 * <p><b>Answers</b> how many litres does a hanging basket hold up to a height?
 * <p><b>Formula</b> V = π·h²·(3R − h)/3, R = (D²/4 + H²)/(2H)
 * <p><b>Units</b> inside diameter at the rim D and depth H in m; volume in L
 * <p><b>Valid for</b> 0.005–2 m across, at most half as deep as wide
 * <p><b>Source</b> [GEOMETRY] volume of a spherical cap
 * <p><b>Checked by</b> PotTest
 */
public record Basket(double rimDiameterM, double heightM) implements PotShape {
    public Basket {
        Faults faults = new Faults();
        faults.within("pot.top", rimDiameterM, Taper.SMALLEST_M, Taper.LARGEST_M, "m");
        faults.within("pot.height", heightM, Taper.SMALLEST_M, rimDiameterM / 2, "m");
        faults.throwIfAny();
    }

    private double sphereRadiusM() {
        return (rimDiameterM * rimDiameterM / 4 + heightM * heightM) / (2 * heightM);
    }

    @Override
    public double areaM2(double aboveFloorM) {
        return Math.PI * aboveFloorM * (2 * sphereRadiusM() - aboveFloorM);
    }

    @Override
    public double widthM(double aboveFloorM) {
        return 2 * Math.sqrt(areaM2(aboveFloorM) / Math.PI);
    }

    @Override
    public double perimeterM(double aboveFloorM) {
        return Math.PI * widthM(aboveFloorM);
    }

    @Override
    public double litresTo(double aboveFloorM) {
        return 1000 * Math.PI * aboveFloorM * aboveFloorM * (3 * sphereRadiusM() - aboveFloorM) / 3;
    }

    @Override
    public String formula() {
        return "V = π·h²·(3R − h)/3";
    }

    @Override
    public List<Working.Input> measures() {
        return List.of(PotShape.length("rim", rimDiameterM, "top"), PotShape.length("height", heightM, "height"));
    }
}
