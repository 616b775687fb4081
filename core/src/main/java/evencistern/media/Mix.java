package evencistern.media;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import java.util.List;

/**
 * A mix of components by volume.
 *
 * <p><b>Answers</b> how porous, how wet and how heavy is the mixture?
 * <p><b>Formula</b> water and solids of the parts add; the volume is Σ parts · (1 − shrinkage); porosity = 1 −
 * Σ fᵢ(1 − φᵢ)/(1 − s); θ(h) = min(porosity, Σ fᵢ·θᵢ(h)/(1 − s))
 * <p><b>Units</b> volume fractions; kg/L
 * <p><b>Valid for</b> at least one part above zero; shrinkage 0–0.3
 * <p><b>Source</b> [COMMON] volume balance; shrinkage typically 5–20 %, from memory
 * <p><b>Checked by</b> MediaTest
 */
public record Mix(String key, MixKind kind, List<Part> parts, double shrinkage) {

    /** So many parts by volume of a component. */
    public record Part(Component component, double parts) {}

    public Mix {
        parts = List.copyOf(parts);
        Faults.require("mix.shrinkage", shrinkage, 0, 0.3, "");
        if (!(parts.stream().mapToDouble(Part::parts).sum() > 0)) {
            throw new FaultException(Fault.of(FaultCode.TOO_SMALL, "mix.parts", "0"));
        }
    }

    private double mean(java.util.function.ToDoubleFunction<Component> of) {
        double sum = 0;
        double total = 0;
        for (Part p : parts) {
            sum += p.parts() * of.applyAsDouble(p.component());
            total += p.parts();
        }
        return sum / total / (1 - shrinkage);
    }

    /** Pore space as a fraction of the mixed volume. */
    public double porosity() {
        return 1 - mean(c -> 1 - c.porosity());
    }

    /** Water that roots cannot take, as a fraction of the mixed volume. */
    public double unavailable() {
        return mean(Component::unavailable);
    }

    public double densityKgPerL() {
        return mean(Component::densityKgPerL);
    }

    /** Water content at a suction of {@code cm}. */
    public double at(double cm) {
        return Math.min(porosity(), mean(c -> c.curve().at(cm)));
    }
}
