package evencistern.blend;

import evencistern.chemistry.Formula;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.feed.Analysis;
import evencistern.table.DataFile;
import java.util.List;

/**
 * A single salt as it is sold for blending.
 *
 * @param purity in %
 */
public record Salt(String key, String formula, double purity) {
    private static final List<Salt> ALL = DataFile.read(Salt.class, "salts.csv").stream()
            .map(r -> new Salt(r.text("key"), r.text("formula"), r.number("purity")))
            .toList();

    public static List<Salt> all() {
        return ALL;
    }

    /** The salt of this key; any other word is refused. */
    public static Salt require(String key) {
        return ALL.stream()
                .filter(s -> s.key.equals(key))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "blend.salts", key)));
    }

    public Analysis analysis() {
        return Analysis.ofSalt(formula, purity);
    }

    public Formula compound() {
        return Formula.of(formula);
    }
}
