package evencistern.feed;

import evencistern.chemistry.AtomicWeights;
import evencistern.solution.Ion;
import evencistern.solution.Ions;
import evencistern.water.Dissolved;
import evencistern.water.SourceWater;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * Amounts of nutrients as elements, in mg/L, mg or g as the holder says.
 *
 * @param amounts by nutrient; absent is none, or not stated
 */
public record Nutrients(Map<Nutrient, Double> amounts) {
    public static final Nutrients NONE = new Nutrients(Map.of());

    public Nutrients {
        Map<Nutrient, Double> own = new EnumMap<>(Nutrient.class);
        amounts.forEach((nutrient, amount) -> {
            if (amount != 0) {
                own.put(nutrient, amount);
            }
        });
        amounts = Collections.unmodifiableMap(own);
    }

    public double of(Nutrient nutrient) {
        return amounts.getOrDefault(nutrient, 0.0);
    }

    /** Nitrogen of every kind. */
    public double n() {
        return amounts.entrySet().stream()
                .filter(e -> e.getKey().nitrogen())
                .mapToDouble(Map.Entry::getValue)
                .sum();
    }

    public double p() {
        return of(Nutrient.P);
    }

    public double k() {
        return of(Nutrient.K);
    }

    public Nutrients times(double factor) {
        Map<Nutrient, Double> scaled = new EnumMap<>(Nutrient.class);
        amounts.forEach((nutrient, amount) -> scaled.put(nutrient, amount * factor));
        return new Nutrients(scaled);
    }

    public Nutrients plus(Nutrients other) {
        Map<Nutrient, Double> sum = new EnumMap<>(Nutrient.class);
        sum.putAll(amounts);
        other.amounts.forEach((nutrient, amount) -> sum.merge(nutrient, amount, Double::sum));
        return new Nutrients(sum);
    }

    /** What a water brings of itself, mg/L, as far as its report tells. */
    public static Nutrients of(SourceWater water) {
        Map<Nutrient, Double> mg = new EnumMap<>(Nutrient.class);
        water.mgPerL().forEach((dissolved, amount) -> {
            if (dissolved != Dissolved.F) {
                mg.put(Nutrient.valueOf(dissolved.name()), amount);
            }
        });
        return new Nutrients(mg);
    }

    /**
     * The ions of these amounts in mg/L, as far as they are known; phosphorus as dihydrogen phosphate, as it is from pH 4
     * to 6.5. Urea, coated and organic nitrogen, silicon and micronutrients carry no current that counts.
     */
    Ions ions() {
        Map<Ion, Double> mmol = new EnumMap<>(Ion.class);
        put(mmol, Ion.NITRATE, Nutrient.NITRATE_N, AtomicWeights.N);
        put(mmol, Ion.AMMONIUM, Nutrient.AMMONIUM_N, AtomicWeights.N);
        put(mmol, Ion.DIHYDROGEN_PHOSPHATE, Nutrient.P, AtomicWeights.P);
        put(mmol, Ion.POTASSIUM, Nutrient.K, AtomicWeights.K);
        put(mmol, Ion.CALCIUM, Nutrient.CA, AtomicWeights.CA);
        put(mmol, Ion.MAGNESIUM, Nutrient.MG, AtomicWeights.MG);
        put(mmol, Ion.SULFATE, Nutrient.S, AtomicWeights.S);
        put(mmol, Ion.CHLORIDE, Nutrient.CL, AtomicWeights.CL);
        put(mmol, Ion.SODIUM, Nutrient.NA, AtomicWeights.NA);
        return new Ions(mmol);
    }

    private void put(Map<Ion, Double> mmol, Ion ion, Nutrient nutrient, double gramsPerMole) {
        if (of(nutrient) > 0) {
            mmol.put(ion, of(nutrient) / gramsPerMole);
        }
    }
}
