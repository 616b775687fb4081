package evencistern.label;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A way to cut a sentence into phrases of the grammar, with what is left between them.
 *
 * @param cost how unlikely it is: phrases are better few, words better understood, and a number is hardly ever passed over
 */
record Cover(double cost, List<Node> phrases) {
    private static final int KEPT = 8;
    private static final double A_PHRASE = 0.5;
    /** What only tells a number apart is taken for that where nothing else fits. */
    private static final double AN_ASIDE = 1;
    /** A fraction is one part in so many only where it is nothing else. */
    private static final double A_FRACTION = 3;

    /** A word that names uses also names seasons and places. */
    private static final double A_NAME = 0.3;

    private static final double A_WORD = 1.5;
    private static final double A_PLAIN_WORD = 0.3;
    private static final double A_SIGN = 0.05;
    private static final double A_NUMBER = 8;
    /** Ways so much less likely than the likeliest are not meant. */
    private static final double BESIDE = 0.25;

    /** A cover up to some token, by its last phrase and what came before. */
    private record Step(
            double cost, @Nullable Step before, @Nullable Node phrase) {
        List<Node> phrases() {
            ArrayDeque<Node> all = new ArrayDeque<>();
            for (Step s = this; s != null; s = s.before) {
                if (s.phrase != null) {
                    all.addFirst(s.phrase);
                }
            }
            return List.copyOf(all);
        }
    }

    /** The likeliest covers of a sentence, and those that are as likely but for little. */
    static List<Cover> of(Chart chart, List<Token> tokens, Set<String> plain) {
        List<List<Step>> to = new ArrayList<>();
        for (int p = 0; p <= tokens.size(); p++) {
            to.add(new ArrayList<>());
        }
        to.get(0).add(new Step(0, null, null));
        for (int p = 0; p < tokens.size(); p++) {
            List<Step> here = kept(to.get(p));
            double pass = passing(tokens, p, plain);
            for (Step so : here) {
                to.get(p + 1).add(new Step(so.cost + pass, so.phrase == null ? so.before : so, null));
            }
            for (Chart.Found found : chart.at("phrase", p)) {
                Node phrase = found.nodes().get(0).parts().get(0);
                double cost = found.cost() + A_PHRASE + unlikely(phrase);
                here.forEach(so -> to.get(found.end()).add(new Step(so.cost + cost, so, phrase)));
            }
        }
        List<Step> all = kept(to.get(tokens.size()));
        double best = all.get(0).cost;
        return all.stream()
                .filter(s -> s.cost <= best + BESIDE)
                .map(s -> new Cover(s.cost, s.phrases()))
                .toList();
    }

    private static double unlikely(Node phrase) {
        return switch (phrase.symbol()) {
            case "aside", "listed" -> AN_ASIDE;
            case "oneof" -> A_FRACTION;
            case "usename" -> A_NAME;
            default -> 0;
        };
    }

    private static double passing(List<Token> tokens, int p, Set<String> plain) {
        Token t = tokens.get(p);
        if (Numbers.counts(t)) {
            return A_NUMBER;
        }
        if (t.kind() == Token.Kind.SIGN) {
            return A_SIGN;
        }
        return plain.contains(t.text()) ? A_PLAIN_WORD : A_WORD;
    }

    private static List<Step> kept(List<Step> steps) {
        return steps.stream()
                .sorted(Comparator.comparingDouble(Step::cost))
                .limit(KEPT)
                .toList();
    }
}
