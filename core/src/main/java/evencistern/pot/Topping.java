package evencistern.pot;

import java.util.Locale;

/**
 * What lies on the mix.
 *
 * <p><b>Answers</b> how much less does the surface of this pot dry?
 * <p><b>Formula</b> loss from the mix = loss of the bare surface · share that passes
 * <p><b>Units</b> share, 0–1
 * <p><b>Valid for</b> a layer of 1–3 cm all over; thinner or torn layers keep less
 * <p><b>Source</b> [FAO56] chapter 10: organic mulch takes 5 % off the evaporation for each 10 % of the surface it covers; grit and
 * moss [TYPICAL], from memory
 * <p><b>Checked by</b> LossTest
 */
public enum Topping {
    NONE(1),
    GRIT(0.4),
    BARK(0.5),
    /** Living moss drinks too: it keeps little. */
    MOSS(0.85);

    private final double passes;

    Topping(double passes) {
        this.passes = passes;
    }

    /** Share of a bare surface's loss that passes. */
    public double passes() {
        return passes;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
