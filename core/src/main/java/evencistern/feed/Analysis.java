package evencistern.feed;

import evencistern.chemistry.AtomicWeights;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.Faults;

/**
 * The three numbers on a label: per cent by weight of N, P2O5 and K2O, each 0–100, together at most 100.
 */
public record Analysis(double n, double p2o5, double k2o) {
    public Analysis {
        Faults faults = new Faults();
        faults.within("feed.n", n, 0, 100, "%");
        faults.within("feed.p2o5", p2o5, 0, 100, "%");
        faults.within("feed.k2o", k2o, 0, 100, "%");
        if (!faults.any() && n + p2o5 + k2o > 100) {
            faults.add(new Fault(FaultCode.ANALYSIS_ABOVE_100, "feed.n", Double.toString(n + p2o5 + k2o), "100", "%"));
        }
        faults.throwIfAny();
    }

    public double p() {
        return p2o5 * AtomicWeights.P_PER_P2O5;
    }

    public double k() {
        return k2o * AtomicWeights.K_PER_K2O;
    }
}
