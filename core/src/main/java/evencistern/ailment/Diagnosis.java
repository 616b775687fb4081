package evencistern.ailment;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What is likely to ail a plant.
 *
 * <p><b>Answers</b> what is it likely to be, what speaks for and against it, what should be looked at next, and what would
 * change the answer?
 * <p><b>Formula</b> P(c | signs) ∝ P(c) · Π P(answer | c)^w, w = 0.8 / (1 + ρ k) for the k + 1st of the signs of a group, the rarest
 * answer first, ρ = 0.35: signs that tend to come together do not count in full beside each other, and all shares are rough. Worth of a look = expected fall of
 * the entropy Σ −p ln p, over what the look costs
 * <p><b>Units</b> shares 0–1
 * <p><b>Valid for</b> any signs, also none or contradictory ones, for which something else becomes likely
 * <p><b>Source</b> [COMMON] Bayes' rule; [SHANNON1948] for the entropy; [KISH1965] for how much dependent signs count
 * <p><b>Checked by</b> DiagnosisTest
 *
 * @param seen answers by sign
 * @param likely all ailments, the likeliest first
 */
public record Diagnosis(Patient patient, Map<Sign, String> seen, Map<String, Double> beliefs, List<Likely> likely) {
    /** How much signs of a group say the same. */
    private static final double DEPENDENT = 0.35;

    /** Shares are rough judgements: what they say together is not taken at its full word. */
    private static final double ROUGH = 0.8;

    /** An answer that is this many times as common with an ailment as in general speaks for it, or against it. */
    private static final double SPEAKS = 1.5;

    private static final int CHANGES = 3;

    /** Parts on which there are no leaves to look at. */
    private static final Set<String> NO_LEAVES = Set.of("flowers", "fruit", "roots", "surface");

    private static final Set<String> OF_LEAVES = Set.of(Sign.PATTERN, "feel");

    public Diagnosis {
        seen = Map.copyOf(seen);
        beliefs = Map.copyOf(beliefs);
        likely = List.copyOf(likely);
    }

    /** An ailment with how likely it is, 0–1. */
    public record Likely(Ailment ailment, double share) {}

    /** A sign as it was answered, with how many times as common that answer is with an ailment as in general. */
    public record Argument(Sign sign, String answer, double times) {}

    /** What a look would settle: the answers that would bring another ailment to the first place. */
    public record Change(Sign sign, Map<String, Ailment> answers) {}

    /**
     * What is likely.
     *
     * @param beliefs how many times as likely an ailment has become by treatments that did or did not help, by its key
     */
    public static Diagnosis of(Patient patient, Map<Sign, String> seen, Map<String, Double> beliefs) {
        seen.forEach(Sign::check);
        List<Ailment> all = Ailment.all();
        double[] shares = shares(patient, seen, beliefs);
        List<Likely> likely = IntStream.range(0, shares.length)
                .mapToObj(i -> new Likely(all.get(i), shares[i]))
                .sorted(Comparator.comparingDouble(Likely::share).reversed())
                .toList();
        return new Diagnosis(patient, seen, beliefs, likely);
    }

    private static double[] shares(Patient patient, Map<Sign, String> seen, Map<String, Double> beliefs) {
        Map<Sign, Double> weights = weights(seen);
        List<Ailment> all = Ailment.all();
        double[] logs = new double[all.size()];
        for (int i = 0; i < logs.length; i++) {
            Ailment a = all.get(i);
            logs[i] = Math.log(a.among(patient) * beliefs.getOrDefault(a.key(), 1.0));
            for (Map.Entry<Sign, Double> w : weights.entrySet()) {
                logs[i] += w.getValue() * Math.log(a.shows(w.getKey(), seen.getOrDefault(w.getKey(), "")));
            }
        }
        double most = Arrays.stream(logs).max().orElse(0);
        double[] shares = Arrays.stream(logs).map(l -> Math.exp(l - most)).toArray();
        double sum = Arrays.stream(shares).sum();
        return Arrays.stream(shares).map(s -> s / sum).toArray();
    }

    /** How much each sign counts beside the others of its group: the rarest answer tells most. */
    private static Map<Sign, Double> weights(Map<Sign, String> seen) {
        Map<String, Integer> before = new HashMap<>();
        Map<Sign, Double> weights = new LinkedHashMap<>();
        seen.entrySet().stream()
                .sorted(Comparator.comparingDouble(
                                (Map.Entry<Sign, String> e) -> e.getKey().inGeneral(e.getValue()))
                        .thenComparing(e -> e.getKey().id()))
                .forEach(e -> weights.put(
                        e.getKey(),
                        ROUGH / (1 + DEPENDENT * (before.merge(e.getKey().group(), 1, Integer::sum) - 1))));
        return weights;
    }

    /** What speaks for an ailment, the strongest first. */
    public List<Argument> speaksFor(Ailment ailment) {
        return arguments(ailment)
                .filter(a -> a.times() >= SPEAKS)
                .sorted(Comparator.comparingDouble(Argument::times).reversed())
                .toList();
    }

    /** What speaks against it, the strongest first. */
    public List<Argument> speaksAgainst(Ailment ailment) {
        return arguments(ailment)
                .filter(a -> a.times() <= 1 / SPEAKS)
                .sorted(Comparator.comparingDouble(Argument::times))
                .toList();
    }

    private Stream<Argument> arguments(Ailment ailment) {
        return seen.entrySet().stream()
                .map(s -> new Argument(
                        s.getKey(),
                        s.getValue(),
                        ailment.shows(s.getKey(), s.getValue()) / s.getKey().inGeneral(s.getValue())));
    }

    /**
     * What should be looked at next: where it shows, then how its leaves look, then what separates most for what it costs.
     * Empty where nothing is left to look at.
     *
     * @param passed signs that were passed over, or for which nobody is to be asked
     */
    public Optional<Sign> next(Set<Sign> passed) {
        Sign part = Sign.require(Sign.PART);
        Sign pattern = Sign.require(Sign.PATTERN);
        List<Sign> open = open(passed);
        if (open.contains(part)) {
            return Optional.of(part);
        }
        if (open.contains(pattern)) {
            return Optional.of(pattern);
        }
        return byWorth(open).stream().findFirst();
    }

    /** Those that tell most for what they cost first; each is weighed once. */
    private List<Sign> byWorth(List<Sign> signs) {
        Map<Sign, Double> worth = new HashMap<>();
        signs.forEach(s -> worth.put(s, gain(s) / s.cost()));
        return signs.stream()
                .sorted(Comparator.comparingDouble((Sign s) -> worth.getOrDefault(s, 0.0))
                        .reversed())
                .toList();
    }

    private List<Sign> open(Set<Sign> passed) {
        boolean noLeaves = NO_LEAVES.contains(seen.getOrDefault(Sign.require(Sign.PART), ""));
        return Sign.all().stream()
                .filter(s -> s.cost() > 0 && !seen.containsKey(s) && !passed.contains(s))
                .filter(s -> !(noLeaves && OF_LEAVES.contains(s.id())))
                // who cannot read the pH cannot read whether it is low either
                .filter(s -> !s.byReading()
                        || passed.stream().noneMatch(p -> p.group().equals(s.group())))
                .toList();
    }

    /** How much less is open, on average, when a sign is looked at. */
    double gain(Sign sign) {
        double before = entropy(likely.stream().mapToDouble(Likely::share).toArray());
        double after = 0;
        for (String answer : sign.base().keySet()) {
            double expected = likely.stream()
                    .mapToDouble(l -> l.share() * l.ailment().shows(sign, answer))
                    .sum();
            after += expected * entropy(with(sign, answer));
        }
        return before - after;
    }

    /** What of what has not been looked at would bring another ailment to the first place; the most telling first. */
    public List<Change> changes(Set<Sign> passed) {
        Ailment first = likely.get(0).ailment();
        return byWorth(open(passed)).stream()
                .map(s -> new Change(s, turns(s, first)))
                .filter(c -> !c.answers().isEmpty())
                .limit(CHANGES)
                .toList();
    }

    private Map<String, Ailment> turns(Sign sign, Ailment first) {
        Map<String, Ailment> turns = new LinkedHashMap<>();
        for (String answer : sign.base().keySet()) {
            double[] shares = with(sign, answer);
            int most = 0;
            for (int i = 1; i < shares.length; i++) {
                most = shares[i] > shares[most] ? i : most;
            }
            Ailment then = Ailment.all().get(most);
            if (!then.equals(first) && !then.other()) {
                turns.put(answer, then);
            }
        }
        return turns;
    }

    private double[] with(Sign sign, String answer) {
        Map<Sign, String> more = new LinkedHashMap<>(seen);
        more.put(sign, answer);
        return shares(patient, more, beliefs);
    }

    private static double entropy(double... shares) {
        return Arrays.stream(shares)
                .filter(p -> p > 0)
                .map(p -> -p * Math.log(p))
                .sum();
    }
}
