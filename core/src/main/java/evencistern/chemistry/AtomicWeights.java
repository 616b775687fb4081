package evencistern.chemistry;

/**
 * Standard atomic weights and the factors that follow from them.
 *
 * <p><b>Answers</b> how much P and K are in a label's P2O5 and K2O, how much Ca and Mg in a limestone?
 * <p><b>Formula</b> P/P2O5 = 2·P/(2·P + 5·O); K/K2O = 2·K/(2·K + O); molar weights by adding up
 * <p><b>Units</b> g/mol; mass fractions
 * <p><b>Valid for</b> pure compounds
 * <p><b>Source</b> [IUPAC] abridged standard atomic weights
 * <p><b>Checked by</b> AtomicWeightsTest
 */
public final class AtomicWeights {
    public static final double H = 1.008;
    public static final double C = 12.011;
    public static final double N = 14.007;
    public static final double O = 15.999;
    public static final double MG = 24.305;
    public static final double P = 30.974;
    public static final double S = 32.06;
    public static final double K = 39.098;
    public static final double CA = 40.078;
    public static final double B = 10.81;
    public static final double NA = 22.990;
    public static final double SI = 28.085;
    public static final double CL = 35.45;
    public static final double MN = 54.938;
    public static final double FE = 55.845;
    public static final double NI = 58.693;
    public static final double CU = 63.546;
    public static final double ZN = 65.38;
    public static final double MO = 95.95;

    public static final double P_PER_P2O5 = 2 * P / (2 * P + 5 * O);
    public static final double K_PER_K2O = 2 * K / (2 * K + O);
    public static final double CA_PER_CAO = CA / (CA + O);
    public static final double MG_PER_MGO = MG / (MG + O);
    public static final double S_PER_SO3 = S / (S + 3 * O);
    public static final double SI_PER_SIO2 = SI / (SI + 2 * O);

    public static final double CACO3 = CA + C + 3 * O;
    public static final double MGCO3 = MG + C + 3 * O;
    public static final double CAOH2 = CA + 2 * (O + H);

    private AtomicWeights() {}
}
