package evencistern.feed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;

/**
 * What a finished feed may hold where no plant is known: a blend, the feed that a stock tank is for.
 *
 * <p><b>Answers</b> is this too strong for any plant in a pot?
 * <p><b>Formula</b> nitrogen and boron of all products together, each at most its limit
 * <p><b>Units</b> mg per litre of finished feed
 * <p><b>Valid for</b> feed that is poured; a plant's own limits hold besides when a lot is fed with it
 * <p><b>Source</b> [TYPICAL] limits.csv
 * <p><b>Checked by</b> FeedTest
 */
public final class SolutionGuard {
    private SolutionGuard() {}

    /** Refuses a feed that is too strong for every plant, with every reason. */
    public static void require(Nutrients mgPerL) {
        Faults faults = new Faults();
        limit(mgPerL.n(), DoseLimit.SOLUTION_N, "n", faults);
        limit(mgPerL.of(Nutrient.B), DoseLimit.BORON, "b", faults);
        faults.throwIfAny();
    }

    private static void limit(double mgPerL, DoseLimit limit, String element, Faults faults) {
        double most = limit.of(DoseLimit.Stands.HIGH);
        if (mgPerL > most) {
            faults.add(new Fault(
                    FaultCode.SOLUTION_TOO_STRONG,
                    "solution." + element,
                    Faults.plain(Math.rint(mgPerL * 10) / 10),
                    Faults.plain(most),
                    "mg/L"));
        }
    }
}
