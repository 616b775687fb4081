package evencistern.ailment;

import evencistern.table.DataFile;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** An ailing plant as an adviser describes it, with what is wrong. */
record Vignette(String id, Patient patient, Map<Sign, String> signs, Set<String> right, Set<String> never) {
    private static final int AMONG = 3;

    static List<Vignette> of(String file) {
        return DataFile.read(Vignette.class, file).stream().map(Vignette::of).toList();
    }

    private static Vignette of(DataFile.Row row) {
        Map<Sign, String> signs = new LinkedHashMap<>();
        for (String one : (row.text("signs") + " " + row.text("record")).trim().split(" ", -1)) {
            signs.put(Sign.require(one.substring(0, one.indexOf('='))), one.substring(one.indexOf('=') + 1));
        }
        Patient.Where where = Patient.Where.valueOf(row.text("place").toUpperCase(Locale.ROOT));
        boolean cold = Set.of("autumn", "winter").contains(row.text("season"));
        Vignette v = new Vignette(
                row.text("id"),
                new Patient(row.text("kind"), where, cold),
                signs,
                Set.of(row.text("right").split("/", -1)),
                Set.of(row.text("never").split(" ", -1)));
        v.right.forEach(Ailment::require);
        v.never.forEach(Ailment::require);
        return v;
    }

    Diagnosis diagnosis() {
        return Diagnosis.of(patient, signs, Map.of());
    }

    /** Whether what is right is among the first three. */
    boolean found() {
        return diagnosis().likely().stream()
                .limit(AMONG)
                .anyMatch(l -> right.contains(l.ailment().key()));
    }

    /** Whether what may not be named first is. */
    boolean blunder() {
        return never.contains(diagnosis().likely().get(0).ailment().key());
    }

    /** For the message of a test that fails. */
    String told() {
        return id + " " + right + " "
                + Arrays.toString(diagnosis().likely().stream()
                        .limit(AMONG + 1)
                        .map(l -> l.ailment().key() + " " + Math.round(100 * l.share()))
                        .toArray());
    }
}
