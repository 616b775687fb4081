package evencistern.ailment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/**
 * Whether what is called likely is as likely as it is called, on plants made up at random from tables that differ from ours: each
 * share changed up to threefold, and signs of a group that come together more often than by chance.
 */
class StatedShareTest {
    private static final int CASES = 6000;
    private static final double TOGETHER = 0.4;
    private static final double ASKED = 0.5;
    private static final List<String> GROUPS = List.of(
            "foliage", "flowering", "succulent", "epiphyte", "patio_fruit", "bedding", "vegetable", "acid_lover");

    private static final List<Patient.Where> WHERE = List.of(Patient.Where.values());

    private final Random random = new Random(24);
    private final Map<String, Map<String, Double>> changed = new HashMap<>();

    @Test
    void whatIsCalledSeventyToNinetyPerCentIsRightAboutAsOften() {
        int stated = 0;
        int right = 0;
        for (int n = 0; n < CASES; n++) {
            if (n % 500 == 0) {
                changed.clear(); // another world
            }
            Patient patient = new Patient(
                    GROUPS.get(random.nextInt(GROUPS.size())),
                    WHERE.get(random.nextInt(WHERE.size())),
                    random.nextBoolean());
            Ailment truth = drawn(patient);
            Diagnosis.Likely first =
                    Diagnosis.of(patient, signs(truth), Map.of()).likely().get(0);
            if (first.share() >= 0.7 && first.share() <= 0.9) {
                stated++;
                right += first.ailment().equals(truth) ? 1 : 0;
            }
        }
        assertThat(stated).isGreaterThan(300);
        assertThat((double) right / stated).isBetween(0.65, 0.95);
    }

    private Ailment drawn(Patient patient) {
        double all = Ailment.all().stream().mapToDouble(a -> a.among(patient)).sum();
        double at = random.nextDouble() * all;
        for (Ailment a : Ailment.all()) {
            at -= a.among(patient);
            if (at <= 0) {
                return a;
            }
        }
        return Ailment.all().get(0);
    }

    private Map<Sign, String> signs(Ailment truth) {
        Map<String, Double> together = new HashMap<>();
        Map<Sign, String> seen = new LinkedHashMap<>();
        for (Sign sign : Sign.all()) {
            double u = random.nextDouble();
            double shared = together.computeIfAbsent(
                    sign.group(), g -> random.nextDouble() < TOGETHER ? random.nextDouble() : -1);
            boolean always = sign.id().equals(Sign.PART) || sign.id().equals(Sign.PATTERN);
            if (always || random.nextDouble() < ASKED) {
                seen.put(sign, answer(truth, sign, shared < 0 ? u : shared));
            }
        }
        return seen;
    }

    /** The answer at a share of the way from the commonest to the rarest one, in a table that differs from ours. */
    private String answer(Ailment truth, Sign sign, double at) {
        Map<String, Double> rates = changed.computeIfAbsent(truth.key() + " " + sign.id(), k -> {
            Map<String, Double> r = new LinkedHashMap<>();
            sign.base()
                    .keySet()
                    .forEach(a -> r.put(a, truth.shows(sign, a) * Math.pow(3, 2 * random.nextDouble() - 1)));
            return r;
        });
        double left =
                at * rates.values().stream().mapToDouble(Double::doubleValue).sum();
        List<Map.Entry<String, Double>> commonestFirst = rates.entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                .toList();
        for (Map.Entry<String, Double> e : commonestFirst) {
            left -= e.getValue();
            if (left <= 0) {
                return e.getKey();
            }
        }
        return commonestFirst.get(0).getKey();
    }
}
