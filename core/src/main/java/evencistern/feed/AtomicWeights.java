package evencistern.feed;

/**
 * Standard atomic weights and the factors from the oxides on a label to the elements.
 *
 * <p><b>Answers</b> how much P and K are in a label's P2O5 and K2O?
 * <p><b>Formula</b> P/P2O5 = 2·P/(2·P + 5·O); K/K2O = 2·K/(2·K + O)
 * <p><b>Units</b> g/mol; mass fractions
 * <p><b>Valid for</b> always
 * <p><b>Source</b> [IUPAC] abridged standard atomic weights
 * <p><b>Checked by</b> FeedTest
 */
public final class AtomicWeights {
    static final double N = 14.007;
    static final double O = 15.999;
    static final double P = 30.974;
    static final double K = 39.098;

    public static final double P_PER_P2O5 = 2 * P / (2 * P + 5 * O);
    public static final double K_PER_K2O = 2 * K / (2 * K + O);

    private AtomicWeights() {}
}
