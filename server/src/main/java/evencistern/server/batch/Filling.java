package evencistern.server.batch;

import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.media.Batch;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.pot.Pot;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** How much mix is wanted, read from the screen: for a list of pots, or so many litres. */
public record Filling(double litres, List<Batch.Fill> fills) {
    private static final double USUAL_WASTE = 5;

    /** Reads it; faults are noted, and the litres are then not to be used. */
    public static Filling read(
            List<BatchInput.FillAsk> asked, @Nullable Typed litres, @Nullable Typed waste, Faults faults) {
        List<Batch.Fill> fills = new ArrayList<>();
        for (BatchInput.FillAsk ask : asked) {
            double count = ask.count().read("batch.count", faults, Dimension.NUMBER);
            var pot = faults.attempt(ask.pot()::toPot);
            if (count != Math.rint(count)) {
                faults.add(FaultCode.NOT_A_NUMBER, "batch.count", ask.count().text());
            } else {
                pot.flatMap(p -> faults.attempt(() -> new Batch.Fill(p, (int) count)))
                        .ifPresent(fills::add);
            }
        }
        OptionalDouble spill = Typed.optional(waste, "batch.waste", faults, Dimension.FRACTION);
        OptionalDouble plain = Typed.optional(litres, "batch.litres", faults, Dimension.VOLUME);
        if (faults.any()) {
            return new Filling(Double.NaN, fills);
        }
        double share = spill.orElse(USUAL_WASTE) / 100;
        double wanted = fills.isEmpty() && plain.isPresent()
                ? plain.getAsDouble()
                : faults.attempt(() -> Batch.litresFor(fills, share)).orElse(Double.NaN);
        return new Filling(wanted, fills);
    }

    /** Shares that a sieve takes away of components by their keys, 0–0.9; faults are noted. */
    static Map<String, Double> rejects(@Nullable Map<String, Typed> asked, Faults faults) {
        Map<String, Double> rejects = new HashMap<>();
        if (asked != null) {
            asked.forEach((component, typed) -> {
                OptionalDouble reject = Typed.optional(typed, "batch.reject", faults, Dimension.FRACTION);
                if (reject.isPresent() && !Double.isNaN(reject.getAsDouble())) {
                    faults.within("batch.reject", reject.getAsDouble(), 0, 90, "%");
                    rejects.put(component, reject.getAsDouble() / 100);
                }
            });
        }
        return rejects;
    }

    /** What the mix holds in these pots when drained, as a fraction of its volume; in a middling pot where there are none. */
    public double capacity(Mix mix, Pot middling) {
        return fills.isEmpty()
                ? new PotWater(mix, middling).capacity()
                : new PotWater(mix, fills.get(0).pot()).capacity();
    }
}
