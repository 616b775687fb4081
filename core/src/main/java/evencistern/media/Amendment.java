package evencistern.media;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.table.DataFile;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Something stirred into a mix besides lime.
 *
 * <p><b>Answers</b> how much of it goes into a litre of mix or a pot, and what does it add?
 * <p><b>Formula</b> of an element, mg per litre of mix = g per litre · content · 10; for a pot = g per litre · litres
 * <p><b>Units</b> g per litre of mix; contents in % of the element by weight
 * <p><b>Valid for</b> up to twice the high rate; more is refused. What is added is not what is available at once
 * <p><b>Source</b> pure compounds [IUPAC] by stoichiometry, products [TYPICAL]; the product's label comes first
 * <p><b>Checked by</b> AmendmentTest
 *
 * @param contents % by weight, of those elements it holds
 * @param months it goes on acting
 */
public record Amendment(
        String key, Kind kind, double low, double medium, double high, Map<String, Double> contents, double months) {
    private static final List<String> ELEMENTS = List.of("n", "p", "k", "ca", "mg", "s", "fe", "si");
    private static final Map<String, Amendment> ALL = read();
    private static final double BEYOND = 2;
    private static final double MG_PER_G_PER_CENT = 10;

    /** What it does. */
    public enum Kind {
        FEED,
        MEAL,
        SALT,
        SLOW,
        AID
    }

    public Amendment {
        contents = Map.copyOf(contents);
        Faults faults = new Faults();
        faults.within("amendment.low", low, 0.001, 100, "g/L");
        faults.within("amendment.medium", medium, low, 100, "g/L");
        faults.within("amendment.high", high, medium, 100, "g/L");
        faults.within("amendment.months", months, 0, 60, "");
        faults.throwIfAny();
    }

    public static List<Amendment> all() {
        return List.copyOf(ALL.values());
    }

    /** The one of this key; an unknown key is refused. */
    public static Amendment require(String key) {
        @Nullable Amendment found = ALL.get(key);
        if (found == null) {
            throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "amendment", key));
        }
        return found;
    }

    /**
     * What so much of it adds, mg of each element per litre of mix.
     *
     * @param gramsPerLitre 0 to twice the high rate
     */
    public Map<String, Double> adds(double gramsPerLitre) {
        Faults.require("amendment.grams", gramsPerLitre, 0, high * BEYOND, "g/L");
        Map<String, Double> adds = new LinkedHashMap<>();
        ELEMENTS.stream()
                .filter(contents::containsKey)
                .forEach(e -> adds.put(e, gramsPerLitre * contents.getOrDefault(e, 0.0) * MG_PER_G_PER_CENT));
        return adds;
    }

    private static Map<String, Amendment> read() {
        Map<String, Amendment> all = new LinkedHashMap<>();
        for (DataFile.Row row : DataFile.read(Amendment.class, "amendments.csv")) {
            Map<String, Double> contents = new LinkedHashMap<>();
            for (String element : ELEMENTS) {
                if (row.number(element) > 0) {
                    contents.put(element, row.number(element));
                }
            }
            all.put(
                    row.text("key"),
                    new Amendment(
                            row.text("key"),
                            Kind.valueOf(row.text("kind").toUpperCase(Locale.ROOT)),
                            row.number("low"),
                            row.number("medium"),
                            row.number("high"),
                            contents,
                            row.number("months")));
        }
        return all;
    }
}
