package evencistern.media;

import java.util.List;

/**
 * How much of the parts' volume is lost when they are mixed.
 *
 * <p><b>Answers</b> how many litres of mix come out of these parts?
 * <p><b>Formula</b> shrinkage = 1 − β/γ; γ = minᵢ β/(1 − Σⱼ(finer) (1 − β + bᵢⱼ·β·(1 − 1/β))·yⱼ − Σⱼ(coarser) (1 −
 * aᵢⱼ)·yⱼ), where i is the size that carries; loosening of coarse by fine a = √(1 − (1 − d(fine)/d(coarse))^1.02), wall
 * effect of coarse on fine b = 1 − (1 − d(fine)/d(coarse))^1.5; all grains packed to β = 0.45 when alone
 * <p><b>Units</b> y: share of the parts by volume; d: middle of the size class, mm; shrinkage as a fraction
 * <p><b>Valid for</b> loose grains and fibres tipped together, neither pressed nor shaken; a measured yield is better
 * <p><b>Source</b> [DELARRARD1999] virtual packing density of the compressible packing model; the same β for all media is
 * a simplification [COMMON]
 * <p><b>Checked by</b> PackingTest
 */
public final class Packing {
    /** Volume of a heap that its grains fill, their inner pores included. */
    static final double HEAP = 0.45;

    private Packing() {}

    /** The share of the parts' summed volume that is lost, 0 for one part alone. */
    public static double shrinkage(List<Mix.Part> parts) {
        double total = parts.stream().mapToDouble(Mix.Part::parts).sum();
        double densest = Double.MAX_VALUE;
        for (Mix.Part carrying : parts) {
            if (carrying.parts() > 0) {
                densest = Math.min(densest, carriedBy(carrying, parts, total));
            }
        }
        return 1 - HEAP / densest;
    }

    private static double carriedBy(Mix.Part carrying, List<Mix.Part> parts, double total) {
        double size = carrying.component().grain().middleMm();
        double filled = 0;
        for (Mix.Part other : parts) {
            double d = other.component().grain().middleMm();
            if (d > size) {
                double wall = 1 - Math.pow(1 - size / d, 1.5);
                filled += (1 - HEAP + wall * HEAP * (1 - 1 / HEAP)) * other.parts() / total;
            } else if (d < size) {
                double loosening = Math.sqrt(1 - Math.pow(1 - d / size, 1.02));
                filled += (1 - loosening) * other.parts() / total;
            }
        }
        return HEAP / (1 - filled);
    }
}
