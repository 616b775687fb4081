package evencistern.water;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.units.Unit;
import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * Two waters in one barrel.
 *
 * <p><b>Answers</b> what are EC, alkalinity and pH of this blend, and how much pure water brings the alkalinity down to a
 * limit?
 * <p><b>Formula</b> what is dissolved, alkalinity and total carbonate add by volume; pH does not: it follows from the last
 * two. Share of the purer = (Alk − limit)/(Alk − Alk(purer))
 * <p><b>Units</b> shares by volume, 0–1; mg/L; mS/cm
 * <p><b>Valid for</b> EC up to about 2 mS/cm, above which it adds to a little less; pH closed to the air
 * <p><b>Source</b> conservation of mass; {@link Carbonate}
 * <p><b>Checked by</b> CarbonateTest
 */
public final class WaterBlend {
    private WaterBlend() {}

    /**
     * The blend.
     *
     * @param share of the other water in it, 0–1
     */
    public static SourceWater of(SourceWater one, SourceWater other, double share) {
        Faults.require("share", share * 100, 0, 100, "%");
        Map<Dissolved, Double> sum = new EnumMap<>(Dissolved.class);
        for (Dissolved what : Dissolved.values()) {
            if (one.mgPerL().containsKey(what) && other.mgPerL().containsKey(what)) {
                sum.put(what, mean(one.of(what), other.of(what), share));
            }
        }
        double ec = mean(one.ecMsCm(), other.ecMsCm(), share);
        if (one.alkalinity().isEmpty() || other.alkalinity().isEmpty()) {
            // without alkalinity the pH of a blend cannot be known: the larger part's is the better guess
            return new SourceWater(ec, share < 0.5 ? one.ph() : other.ph(), OptionalDouble.empty(), sum, one.kind());
        }
        double alkOne = Unit.MEQ_PER_LITRE.fromCanonical(one.alkalinity().getAsDouble());
        double alkOther = Unit.MEQ_PER_LITRE.fromCanonical(other.alkalinity().getAsDouble());
        double alkalinity = mean(alkOne, alkOther, share);
        double total = mean(Carbonate.total(alkOne, one.ph()), Carbonate.total(alkOther, other.ph()), share);
        double ph = Math.min(11, Math.max(3, Carbonate.ph(total, alkalinity)));
        return new SourceWater(ec, ph, OptionalDouble.of(Unit.MEQ_PER_LITRE.toCanonical(alkalinity)), sum, one.kind());
    }

    private static double mean(double one, double other, double share) {
        return one + share * (other - one);
    }

    /** The least share of the purer water that brings the alkalinity to the limit, mg/L CaCO3; 0 where none is needed. */
    public static double shareFor(SourceWater hard, SourceWater purer, double limit) {
        if (hard.alkalinity().isEmpty() || purer.alkalinity().isEmpty()) {
            throw new FaultException(Fault.of(FaultCode.ALKALINITY_UNKNOWN, "water.alkalinity", ""));
        }
        double from = hard.alkalinity().getAsDouble();
        double to = purer.alkalinity().getAsDouble();
        if (from <= limit) {
            return 0;
        }
        if (to >= limit) {
            throw new FaultException(new Fault(
                    FaultCode.BLEND_TOO_HARD, "water.alkalinity", Faults.plain(to), Faults.plain(limit), "mg/L CaCO₃"));
        }
        return (from - limit) / (from - to);
    }
}
