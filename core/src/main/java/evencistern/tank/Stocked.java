package evencistern.tank;

import evencistern.chemistry.Formula;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.feed.Nutrient;
import evencistern.feed.Nutrients;
import evencistern.label.Measure;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A product that goes into a stock tank.
 *
 * @param perLitre of finished feed, in the measure; above its label's top rate it is refused
 * @param formula of a single salt, by which its solubility is known
 * @param limitPerLitre g or mL that its label allows in a litre of stock; empty where it says nothing
 */
public record Stocked(
        String name,
        Feed feed,
        double perLitre,
        Measure measure,
        Optional<Formula> formula,
        OptionalDouble limitPerLitre) {
    /** From here on a nutrient takes part in what happens in the tank, mg per g or mL. */
    private static final double COUNTS = 2;

    /** A strength that was read off a page has three figures: so far it may seem to pass the label. */
    private static final double READ_OFF = 1.005;

    public Stocked {
        Faults faults = new Faults();
        String unit = measure == Measure.GRAMS ? "g/L" : "mL/L";
        faults.within("stock.per_litre", perLitre, 1e-4, 200, unit);
        double top = feed.mostPerLitre(measure).orElse(Double.MAX_VALUE);
        if (perLitre > top * READ_OFF) {
            faults.add(new Fault(
                    FaultCode.ABOVE_LABEL_RATE, "stock.per_litre", Faults.plain(perLitre), Faults.plain(top), unit));
        }
        limitPerLitre.ifPresent(l -> faults.within("stock.limit", l, 0.1, 2000, "g/L"));
        faults.throwIfAny();
    }

    private boolean holds(Nutrient nutrient) {
        Nutrients unit = feed.contentsPer(measure);
        return unit.of(nutrient) >= COUNTS;
    }

    boolean calcium() {
        return holds(Nutrient.CA);
    }

    boolean sulfate() {
        return holds(Nutrient.S);
    }

    boolean phosphate() {
        return holds(Nutrient.P);
    }

    boolean silicate() {
        return holds(Nutrient.SI);
    }

    /** Iron and its kin in chelates, which acid and phosphate undo. */
    boolean chelate() {
        return holds(Nutrient.FE) && !calcium() && !phosphate() && !sulfate();
    }

    /** Whether dissolving it chills the tank: urea and nitrates take up heat. */
    boolean chills() {
        Nutrients unit = feed.contentsPer(measure);
        return unit.of(Nutrient.UREA_N) + unit.of(Nutrient.NITRATE_N) >= 50;
    }
}
