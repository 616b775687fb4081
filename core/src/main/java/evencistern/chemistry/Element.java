package evencistern.chemistry;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The elements that fertilisers are made of, with their standard atomic weights in g/mol. */
public enum Element {
    HYDROGEN("H", AtomicWeights.H),
    BORON("B", AtomicWeights.B),
    CARBON("C", AtomicWeights.C),
    NITROGEN("N", AtomicWeights.N),
    OXYGEN("O", AtomicWeights.O),
    SODIUM("Na", AtomicWeights.NA),
    MAGNESIUM("Mg", AtomicWeights.MG),
    SILICON("Si", AtomicWeights.SI),
    PHOSPHORUS("P", AtomicWeights.P),
    SULFUR("S", AtomicWeights.S),
    CHLORINE("Cl", AtomicWeights.CL),
    POTASSIUM("K", AtomicWeights.K),
    CALCIUM("Ca", AtomicWeights.CA),
    MANGANESE("Mn", AtomicWeights.MN),
    IRON("Fe", AtomicWeights.FE),
    NICKEL("Ni", AtomicWeights.NI),
    COPPER("Cu", AtomicWeights.CU),
    ZINC("Zn", AtomicWeights.ZN),
    MOLYBDENUM("Mo", AtomicWeights.MO);

    private static final Map<String, Element> BY_SYMBOL =
            Arrays.stream(values()).collect(Collectors.toUnmodifiableMap(Element::symbol, Function.identity()));

    private final String symbol;
    private final double gramsPerMole;

    Element(String symbol, double gramsPerMole) {
        this.symbol = symbol;
        this.gramsPerMole = gramsPerMole;
    }

    public String symbol() {
        return symbol;
    }

    public double gramsPerMole() {
        return gramsPerMole;
    }

    /** The element written so, with its capital: {@code Ca}. */
    public static Optional<Element> of(String symbol) {
        return Optional.ofNullable(BY_SYMBOL.get(symbol));
    }
}
