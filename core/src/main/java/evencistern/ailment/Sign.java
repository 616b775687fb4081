package evencistern.ailment;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.table.DataFile;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Something that can be seen of an ailing plant, or known of it from its record, with the answers it may have.
 *
 * @param id of the sign
 * @param group of signs that tend to come together
 * @param cost of finding out: 1 a look, 2 a closer one, 4 the plant out of its pot, 5 a reading; 0 where nobody is asked
 * @param base how often each answer is found whatever ails the plant, 0–1, in the order in which they are offered
 */
public record Sign(String id, String group, int cost, Map<String, Double> base) {
    /** Where it shows: what is asked first. */
    public static final String PART = "part";

    /** How the leaves look: asked next, of what has leaves. */
    public static final String PATTERN = "pattern";

    /** Answer of a sign that the record tells. */
    public static final String YES = "yes";

    public static final String NO = "no";

    private static final int READING = 5;

    private static final Map<String, Sign> ALL = read();

    private static Map<String, Sign> read() {
        Map<String, Sign> all = new LinkedHashMap<>();
        for (DataFile.Row row : DataFile.read(Sign.class, "signs.csv")) {
            Map<String, Double> rates = new LinkedHashMap<>();
            for (String cell : row.text("base").split(" ", -1)) {
                rates.put(
                        cell.substring(0, cell.indexOf('=')),
                        Double.parseDouble(cell.substring(cell.indexOf('=') + 1)));
            }
            double sum =
                    rates.values().stream().mapToDouble(Double::doubleValue).sum();
            rates.replaceAll((answer, rate) -> rate / sum);
            String id = row.text("sign");
            all.put(id, new Sign(id, row.text("group"), (int) row.number("cost"), Collections.unmodifiableMap(rates)));
        }
        return Collections.unmodifiableMap(all);
    }

    /** All of them, in the order of the table. */
    public static List<Sign> all() {
        return List.copyOf(ALL.values());
    }

    /** The sign of this id; any other word is refused. */
    public static Sign require(String id) {
        Sign sign = ALL.get(id);
        if (sign == null) {
            throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "ailment.sign", id));
        }
        return sign;
    }

    /** Refuses what is no answer to it. */
    public void check(String answer) {
        if (!base.containsKey(answer)) {
            throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "ailment.answer", answer));
        }
    }

    /** How often an answer is found whatever ails the plant, 0–1. */
    double inGeneral(String answer) {
        return base.getOrDefault(answer, 0.0);
    }

    /** Whether a person looks for it; the others come of the garden's record. */
    public boolean asked() {
        return cost > 0 && cost < READING;
    }

    /** Whether a reading of the root zone would tell it. */
    public boolean byReading() {
        return cost == READING;
    }
}
