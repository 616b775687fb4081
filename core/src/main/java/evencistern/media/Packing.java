package evencistern.media;

import java.util.List;

/**
 * How much of the parts' volume is lost when they are mixed.
 *
 * <p><b>Answers</b> how many litres of mix come out of these parts?
 * <p><b>Formula</b> 1 − shrinkage = β/γ = maxᵢ Σⱼ rᵢⱼ·yⱼ, where i is the size that carries and rᵢⱼ the room that j takes
 * up then: 1 for its own size, a for a finer one, β + (1 − β)·b for a coarser one; loosening of coarse by fine a = √(1 − (1
 * − d(fine)/d(coarse))^1.02), wall effect of coarse on fine b = 1 − (1 − d(fine)/d(coarse))^1.5; all grains packed to β =
 * 0.45 when alone
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
        double volume = 0;
        for (Mix.Part carrying : parts) {
            if (carrying.parts() > 0) {
                double carried = 0;
                for (Mix.Part other : parts) {
                    carried += room(carrying.component(), other.component()) * other.parts();
                }
                volume = Math.max(volume, carried);
            }
        }
        return 1 - volume / total;
    }

    /** Litres that a loose litre of {@code other} takes up in a mix that {@code carrying} holds apart, 0–1. */
    public static double room(Component carrying, Component other) {
        double size = carrying.grain().middleMm();
        double d = other.grain().middleMm();
        if (d < size) {
            return Math.sqrt(1 - Math.pow(1 - d / size, 1.02));
        }
        return d > size ? HEAP + (1 - HEAP) * (1 - Math.pow(1 - size / d, 1.5)) : 1;
    }
}
