package evencistern.wish;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.mixlife.Suitability;
import evencistern.mixlife.Suitability.School;
import evencistern.plant.Species;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** One condition on a recipe. It is met, or given up, as a whole. */
public sealed interface Wish {

    /** What a plant wants of its mix: air for its roots, its band of pH, no more salt than it stands. */
    static List<Range> suiting(Species species) {
        OptionalDouble none = OptionalDouble.empty();
        return List.of(
                new Range(Quality.AIR, OptionalDouble.of(species.airPercent()), none),
                new Range(Quality.PH, OptionalDouble.of(species.phLow()), OptionalDouble.of(species.phHigh())),
                new Range(Quality.EC, none, OptionalDouble.of(Suitability.mostEc(species))));
    }

    /** Whether it can be told from the shares alone: such wishes are looked at first. */
    default boolean plain() {
        return ranges().stream().noneMatch(r -> r.quality().ofTheMixed());
    }

    /** Limits that it sets; none where it speaks of a component. */
    default List<Range> ranges() {
        return List.of();
    }

    /**
     * A quality within limits, in the quality's unit. Refused without a limit, with limits the wrong way round, or with
     * one outside 0 to the quality's most.
     */
    record Range(Quality quality, OptionalDouble low, OptionalDouble high) implements Wish {
        public Range {
            String field = "wish." + quality.id();
            Faults faults = new Faults();
            if (low.isEmpty() && high.isEmpty()) {
                faults.add(FaultCode.MISSING, field, "");
            }
            String unit = quality.unit().symbol();
            low.ifPresent(l -> faults.within(field, l, 0, quality.most(), unit));
            high.ifPresent(h -> faults.within(field, h, 0, quality.most(), unit));
            faults.throwIfAny();
            if (low.isPresent() && high.isPresent() && !(low.getAsDouble() <= high.getAsDouble())) {
                throw new FaultException(new Fault(
                        FaultCode.LIMITS_REVERSED,
                        field,
                        Faults.plain(low.getAsDouble()),
                        Faults.plain(high.getAsDouble()),
                        unit));
            }
        }

        @Override
        public List<Range> ranges() {
            return List.of(this);
        }

        /** Steps by which a value misses it; 0 within the limits. */
        double miss(double value) {
            if (low.isPresent() && !(value >= low.getAsDouble())) {
                return (low.getAsDouble() - value) / quality.near(low.getAsDouble());
            }
            if (high.isPresent() && !(value <= high.getAsDouble())) {
                return (value - high.getAsDouble()) / quality.near(high.getAsDouble());
            }
            return 0;
        }

        /** How well a value within the limits is clear of them: 0 at a limit, 1 a step away or in the middle. */
        double clear(double value) {
            double clear = 1;
            if (low.isPresent()) {
                clear = Math.min(clear, (value - low.getAsDouble()) / stepsClear(low.getAsDouble()));
            }
            if (high.isPresent()) {
                clear = Math.min(clear, (high.getAsDouble() - value) / stepsClear(high.getAsDouble()));
            }
            return Math.max(0, clear);
        }

        /** The distance from a limit at which a value is well clear of it. */
        double stepsClear(double limit) {
            double half = low.isPresent() && high.isPresent()
                    ? (high.getAsDouble() - low.getAsDouble()) / 2
                    : Double.MAX_VALUE;
            return Math.max(1e-9, Math.min(quality.near(limit), half));
        }
    }

    /** A way of growing: how much air, how much organic matter. */
    record Way(School school) implements Wish {
        @Override
        public List<Range> ranges() {
            List<Range> ranges = new ArrayList<>();
            ranges.add(new Range(Quality.ORGANIC, school.organicLow(), school.organicHigh()));
            if (school.airLow().isPresent() || school.airHigh().isPresent()) {
                ranges.add(new Range(Quality.AIR, school.airLow(), school.airHigh()));
            }
            return ranges;
        }
    }

    /** A component that is to be in it. */
    record Holding(String component) implements Wish {}

    /** A component at hand that is not to be in it. */
    record Free(String component) implements Wish {}
}
