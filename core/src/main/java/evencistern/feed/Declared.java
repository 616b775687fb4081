package evencistern.feed;

import evencistern.chemistry.AtomicWeights;
import java.util.Locale;

/** The lines of a label's analysis: what is named, which nutrient that is, and how much of it is the element. */
public enum Declared {
    N(Nutrient.UNTOLD_N, 1),
    NITRATE_N(Nutrient.NITRATE_N, 1),
    AMMONIUM_N(Nutrient.AMMONIUM_N, 1),
    UREA_N(Nutrient.UREA_N, 1),
    SLOW_N(Nutrient.SLOW_N, 1),
    P2O5(Nutrient.P, AtomicWeights.P_PER_P2O5),
    P(Nutrient.P, 1),
    K2O(Nutrient.K, AtomicWeights.K_PER_K2O),
    K(Nutrient.K, 1),
    CAO(Nutrient.CA, AtomicWeights.CA_PER_CAO),
    CA(Nutrient.CA, 1),
    MGO(Nutrient.MG, AtomicWeights.MG_PER_MGO),
    MG(Nutrient.MG, 1),
    SO3(Nutrient.S, AtomicWeights.S_PER_SO3),
    S(Nutrient.S, 1),
    SIO2(Nutrient.SI, AtomicWeights.SI_PER_SIO2),
    SI(Nutrient.SI, 1),
    FE(Nutrient.FE, 1),
    MN(Nutrient.MN, 1),
    ZN(Nutrient.ZN, 1),
    CU(Nutrient.CU, 1),
    B(Nutrient.B, 1),
    MO(Nutrient.MO, 1),
    NI(Nutrient.NI, 1),
    CL(Nutrient.CL, 1),
    NA(Nutrient.NA, 1);

    private final Nutrient nutrient;
    private final double element;

    Declared(Nutrient nutrient, double element) {
        this.nutrient = nutrient;
        this.element = element;
    }

    public Nutrient nutrient() {
        return nutrient;
    }

    /** Of the element in one part of what is named, 0–1. */
    public double element() {
        return element;
    }

    /** Whether it names how nitrogen is bound. */
    public boolean nitrogenForm() {
        return this != N && nutrient.nitrogen();
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
