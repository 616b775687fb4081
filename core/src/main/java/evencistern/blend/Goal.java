package evencistern.blend;

import evencistern.feed.Nutrient;
import evencistern.feed.Nutrients;
import java.util.Locale;
import java.util.Optional;

/** What a blend is aimed at, each in mg/L of the element; nitrogen in all. */
public enum Goal {
    N,
    P,
    K,
    CA,
    MG,
    S,
    FE,
    MN,
    ZN,
    CU,
    B,
    MO,
    SI;

    private Optional<Nutrient> nutrient() {
        return this == N ? Optional.empty() : Optional.of(Nutrient.valueOf(name()));
    }

    /** How much of it these amounts hold. */
    public double of(Nutrients amounts) {
        return nutrient().map(amounts::of).orElseGet(amounts::n);
    }

    /** A miss of a trace by a part weighs less than one of the main nutrients by the same part. */
    double weight() {
        return switch (this) {
            case N, P, K, CA, MG, S -> 1;
            default -> 0.3;
        };
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
