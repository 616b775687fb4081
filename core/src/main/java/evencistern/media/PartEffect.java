package evencistern.media;

import evencistern.pot.Pot;
import java.util.List;
import java.util.Optional;

/**
 * What a part of a mix does in a pot.
 *
 * <p><b>Answers</b> by how much does this component raise or lower the air and the water here?
 * <p><b>Formula</b> of the mix, less of the same mix without it, both as their parts let expect
 * <p><b>Units</b> fractions of the mix; below zero where it lowers them
 * <p><b>Valid for</b> a part that is not all there is
 * <p><b>Source</b> [COMMON] difference of two mixes
 * <p><b>Checked by</b> PartEffectTest
 */
public record PartEffect(double air, double water) {
    /** Of each part, in their order; empty where it is none of the mix, or all of it. */
    public static List<Optional<PartEffect>> of(Mix mix, Pot pot) {
        PotWater whole = new PotWater(mix.unmeasured(), pot);
        return mix.parts().stream()
                .map(part -> Optional.of(part)
                        .filter(p -> p.parts() > 0)
                        .flatMap(mix::without)
                        .map(m -> new PotWater(m, pot))
                        .map(w -> new PartEffect(whole.air() - w.air(), whole.capacity() - w.capacity())))
                .toList();
    }
}
