package evencistern.media;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * What is lost of the parts' volume when they are mixed, and of which part's gaps.
 *
 * <p><b>Answers</b> how many litres of mix come out of these parts, and which gaps between grains are gone?
 * <p><b>Formula</b> 1 − shrinkage = maxᵢ Σⱼ rᵢⱼ·fⱼ, where i is the size that carries and rᵢⱼ = 1 − flow·(1 − tᵢⱼ) the room
 * that j takes up then; for hard round grains t is 1 for its own size, a for a finer one, β + (1 − β)·b for a coarser one;
 * loosening of coarse by fine a = √(1 − (1 − d(fine)/d(coarse))^1.02), wall effect of coarse on fine b = 1 − (1 −
 * d(fine)/d(coarse))^1.5; β = 1 − gaps of the coarser; flow is the finer one's. Gaps are lost of the coarser of each pair,
 * in proportion to fᵢ·fⱼ·(1 − r)
 * <p><b>Units</b> f: share of the parts by volume; d: middle of the size class, mm; shrinkage as a fraction
 * <p><b>Valid for</b> loose grains and fibres tipped together, neither pressed nor shaken; a measured yield is better
 * <p><b>Source</b> [DELARRARD1999] virtual packing density of the compressible packing model, for grains with their inner
 * pores; that crumbs and fibres run into gaps less than round grains do is [COMMON], the measure of it from memory
 * <p><b>Checked by</b> PackingTest
 *
 * @param lost of each part's gaps, as a share of the volume put in; they sum to the shrinkage
 */
public record Packing(double shrinkage, List<Double> lost) {
    public Packing {
        lost = List.copyOf(lost);
    }

    /** How these parts pack. */
    static Packing of(List<Mix.Part> parts) {
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
        double[] weights = new double[parts.size()];
        for (int i = 0; i < weights.length; i++) {
            for (int j = 0; j < weights.length; j++) {
                Component coarse = parts.get(i).component();
                weights[i] += parts.get(i).parts()
                        * parts.get(j).parts()
                        * taken(coarse, parts.get(j).component());
            }
        }
        return spread(1 - volume / total, weights, parts, total);
    }

    /** The same parts when so much is lost of what is put in: what was lost already goes first. */
    Packing losing(double shrinkage, List<Mix.Part> parts) {
        double total = parts.stream().mapToDouble(Mix.Part::parts).sum();
        double[] weights = lost.stream().mapToDouble(l -> l).toArray();
        return spread(shrinkage, weights, parts, total);
    }

    /** A loss spread over the gaps there are by these weights; what a part's gaps cannot give, the others give. */
    private static Packing spread(double shrinkage, double[] weights, List<Mix.Part> parts, double total) {
        double[] left = parts.stream()
                .mapToDouble(p -> p.parts() / total * p.component().grain().voids())
                .toArray();
        double[] lost = new double[weights.length];
        double[] by = Arrays.copyOf(weights, weights.length);
        double lacking = shrinkage;
        for (int round = 0; round <= weights.length && lacking > 1e-12; round++) {
            double sum = Arrays.stream(by).sum();
            if (!(sum > 0)) {
                by = Arrays.copyOf(left, left.length);
                sum = Arrays.stream(by).sum();
            }
            double wanted = lacking;
            for (int i = 0; i < lost.length && sum > 0; i++) {
                double take = Math.min(left[i], wanted * by[i] / sum);
                lost[i] += take;
                left[i] -= take;
                lacking -= take;
                if (left[i] <= 1e-15) {
                    by[i] = 0;
                }
            }
        }
        List<Double> each = new ArrayList<>();
        for (double l : lost) {
            each.add(l);
        }
        return new Packing(shrinkage, each);
    }

    /** How much of a finer component's volume goes into the gaps of a coarser one, 0–1; 0 if it is not finer. */
    public static double taken(Component coarse, Component fine) {
        return fine.grain().middleMm() < coarse.grain().middleMm() ? 1 - room(coarse, fine) : 0;
    }

    /** Litres that a loose litre of {@code other} takes up in a mix that {@code carrying} holds apart, 0–1. */
    public static double room(Component carrying, Component other) {
        double size = carrying.grain().middleMm();
        double d = other.grain().middleMm();
        if (d < size) {
            double asSpheres = Math.sqrt(1 - Math.pow(1 - d / size, 1.02));
            return 1 - other.grain().flow() * (1 - asSpheres);
        }
        if (d > size) {
            double heap = 1 - other.grain().voids();
            double asSpheres = heap + (1 - heap) * (1 - Math.pow(1 - size / d, 1.5));
            return 1 - carrying.grain().flow() * (1 - asSpheres);
        }
        return 1;
    }
}
