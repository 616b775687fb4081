package evencistern.server.dose;

import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.label.Measure;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import evencistern.units.Unit;
import java.util.OptionalDouble;

/** An amount of a product, or its strength, as a person measured it: by weight, or by volume in spoons and millilitres. */
public final class ProductTyped {
    private static final double ML_PER_L = 1000;
    private static final double MG_PER_G = 1000;

    private ProductTyped() {}

    /** Notes at its field what is neither a weight, nor a volume, nor counted in caps or handfuls. */
    public static void check(Typed amount, String field, Faults faults) {
        amount.read(field, faults, Dimension.MASS, Dimension.VOLUME, Dimension.OWN_MEASURE);
    }

    /**
     * The amount in a measure, g or mL; noted at its field where it is no amount of a product, or beyond 0 to most grams.
     *
     * @param ownMl that the product's own cap, scoop or handful holds, where that is known
     */
    public static double read(
            Typed amount,
            String field,
            Feed feed,
            OptionalDouble ownMl,
            Measure measure,
            double mostGrams,
            Faults faults) {
        double read = amount.read(field, faults, Dimension.MASS, Dimension.VOLUME, Dimension.OWN_MEASURE);
        double perMl = feed.gramsPer(Measure.MILLILITRES).value();
        double grams = switch (Unit.ofSymbol(amount.unit()).map(Unit::dimension).orElse(Dimension.MASS)) {
            case VOLUME -> read * ML_PER_L * perMl;
            case OWN_MEASURE -> read * held(ownMl, field, faults) * perMl;
            default -> read;
        };
        faults.within(field, grams, 0, mostGrams, "g");
        return grams / feed.gramsPer(measure).value();
    }

    private static double held(OptionalDouble ownMl, String field, Faults faults) {
        if (ownMl.isEmpty()) {
            faults.add(FaultCode.OWN_MEASURE_UNKNOWN, field, "");
        }
        return ownMl.orElse(0);
    }

    /**
     * What a product is measured as.
     *
     * @param gramsPerMl of a level spoonful
     * @param feeds mg of what it is counted by in one unit of the measure; 0 where that is not known
     */
    public record Strong(Measure measure, double gramsPerMl, double feeds) {
        /** A feed, counted by its nitrogen. */
        public static Strong of(Feed feed, Measure measure) {
            return new Strong(
                    measure,
                    feed.gramsPer(Measure.MILLILITRES).value(),
                    feed.contentsPer(measure).n());
        }

        /** A strength in its measure to a litre: by weight, by spoons and millilitres, or by what it feeds with in parts per million. */
        public double read(Typed typed, String field, Faults faults) {
            double read = typed.read(
                    field,
                    faults,
                    Dimension.MASS_CONCENTRATION,
                    Dimension.VOLUME_CONCENTRATION,
                    Dimension.NUTRIENT_CONCENTRATION);
            Dimension given = Unit.ofSymbol(typed.unit()).map(Unit::dimension).orElse(Dimension.MASS_CONCENTRATION);
            boolean weighed = measure == Measure.GRAMS;
            return switch (given) {
                case VOLUME_CONCENTRATION -> weighed ? read * gramsPerMl : read;
                case NUTRIENT_CONCENTRATION -> parts(read, field, faults);
                default -> read / MG_PER_G / (weighed ? 1 : gramsPerMl);
            };
        }

        private double parts(double ppm, String field, Faults faults) {
            if (!(feeds > 0)) {
                faults.add(FaultCode.NO_NITROGEN, field, "");
            }
            return ppm / feeds;
        }
    }
}
