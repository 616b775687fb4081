package evencistern.ailment;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.table.DataFile;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Something that may ail a plant in a pot.
 *
 * <p><b>Answers</b> how common is it among ailing plants like this one, and how often does a plant that has it show a sign?
 * <p><b>Formula</b> cases · how many times as often there, then, and among such plants; a sign's answers that are not named
 * share what is left as they are found in general
 * <p><b>Units</b> cases among a thousand; shares 0–1
 * <p><b>Valid for</b> plants in pots
 * <p><b>Source</b> [TYPICAL] rough judgements, after [MARSCHNER] for what moves in a plant and so shows on old or new leaves
 * <p><b>Checked by</b> DiagnosisTest
 *
 * @param family pest, disease, water, light, short of something …
 * @param prior cases among a thousand ailing plants
 * @param kinds how many times as often among plants of a group
 * @param shown how often each answer is found with it, 0–1, of signs for which that is not as in general
 * @param steps what is done first, the cheapest and most reversible first
 */
public record Ailment(
        String key,
        String family,
        double prior,
        Map<Patient.Where, Double> places,
        double cold,
        Map<String, Double> kinds,
        Map<String, Map<String, Double>> shown,
        List<Step> steps) {
    /** Something else: always among the answers. */
    public static final String OTHER = "other";

    private static final double OTHER_PRIOR = 60;

    /** Of something else nobody knows what it shows: not much is unlikely. */
    private static final double ANYTHING = 0.3;

    private static final double HUNDRED = 100;

    /** No answer is rarer than this: tables are rough, and people err. */
    private static final double LEAST = 0.004;

    private static final List<Ailment> ALL = read();

    public Ailment {
        steps = List.copyOf(steps);
    }

    private static List<Ailment> read() {
        List<Ailment> all = new ArrayList<>(DataFile.read(Ailment.class, "ailments.csv").stream()
                .map(Ailment::of)
                .toList());
        all.add(new Ailment(
                OTHER,
                OTHER,
                OTHER_PRIOR,
                Map.of(Patient.Where.INSIDE, 1.0, Patient.Where.GLASS, 1.0, Patient.Where.OUTSIDE, 1.0),
                1,
                Map.of(),
                Map.of(),
                List.of(Step.ISOLATE, Step.ASK_CLINIC)));
        return List.copyOf(all);
    }

    private static Ailment of(DataFile.Row row) {
        Map<String, Map<String, Double>> shown = new LinkedHashMap<>();
        for (String told : row.text("signs").split("; ", -1)) {
            String id = told.substring(0, told.indexOf(' '));
            shown.put(id, spread(Sign.require(id), shares(told.substring(told.indexOf(' ') + 1)), row.text("ailment")));
        }
        return new Ailment(
                row.text("ailment"),
                row.text("family"),
                row.number("prior"),
                Map.of(
                        Patient.Where.INSIDE,
                        row.number("inside"),
                        Patient.Where.GLASS,
                        row.number("glass"),
                        Patient.Where.OUTSIDE,
                        row.number("outside")),
                row.number("cold"),
                shares(row.text("kinds")),
                shown,
                Arrays.stream(row.text("steps").split(" ", -1))
                        .map(s -> Step.valueOf(s.toUpperCase(Locale.ROOT)))
                        .toList());
    }

    private static Map<String, Double> shares(String cell) {
        Map<String, Double> shares = new LinkedHashMap<>();
        for (String one : cell.isEmpty() ? new String[0] : cell.split(" ", -1)) {
            int is = one.indexOf('=');
            shares.put(one.substring(0, is), Double.parseDouble(one.substring(is + 1)));
        }
        return shares;
    }

    /** What is named, and the rest shared among the other answers as they are found in general. */
    private static Map<String, Double> spread(Sign sign, Map<String, Double> named, String ailment) {
        named.keySet().forEach(sign::check);
        double left = HUNDRED
                - named.values().stream().mapToDouble(Double::doubleValue).sum();
        double others = sign.base().entrySet().stream()
                .filter(b -> !named.containsKey(b.getKey()))
                .mapToDouble(Map.Entry::getValue)
                .sum();
        if (left < 0) {
            throw new IllegalStateException("ailments.csv: " + ailment + " " + sign.id() + " is over 100 %");
        }
        Map<String, Double> all = new LinkedHashMap<>();
        sign.base()
                .forEach((answer, base) -> all.put(
                        answer,
                        Math.max(
                                LEAST,
                                named.containsKey(answer)
                                        ? named.get(answer) / HUNDRED
                                        : left / HUNDRED * base / others)));
        return all;
    }

    /** All of them, with something else as the last. */
    public static List<Ailment> all() {
        return ALL;
    }

    /** The ailment of this key; any other word is refused. */
    public static Ailment require(String key) {
        return ALL.stream()
                .filter(a -> a.key.equals(key))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "ailment.ailment", key)));
    }

    /** Whether none of those that are known here. */
    public boolean other() {
        return key.equals(OTHER);
    }

    /** How often a sign has an answer on a plant with this, 0–1. */
    double shows(Sign sign, String answer) {
        double base = sign.inGeneral(answer);
        if (other()) {
            return (1 - ANYTHING) * base + ANYTHING / sign.base().size();
        }
        Map<String, Double> told = shown.get(sign.id());
        return told == null ? base : told.getOrDefault(answer, LEAST);
    }

    /** How common it is among ailing plants like this one, in cases among a thousand. */
    double among(Patient patient) {
        return prior
                * places.getOrDefault(patient.where(), 1.0)
                * (patient.cold() ? cold : 1)
                * kinds.getOrDefault(patient.group(), 1.0);
    }
}
