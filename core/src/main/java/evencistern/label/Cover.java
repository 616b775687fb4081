package evencistern.label;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

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

    /** A word that names uses also names seasons and places. */
    private static final double A_NAME = 0.3;

    private static final double A_WORD = 1.5;
    private static final double A_PLAIN_WORD = 0.3;
    private static final double A_SIGN = 0.05;
    private static final double A_NUMBER = 8;
    /** Ways so much less likely than the likeliest are not meant. */
    private static final double BESIDE = 0.25;

    /** The likeliest covers of a sentence, and those that are as likely but for little. */
    static List<Cover> of(Chart chart, List<Token> tokens, Set<String> plain) {
        List<List<Cover>> to = new ArrayList<>();
        for (int p = 0; p <= tokens.size(); p++) {
            to.add(new ArrayList<>());
        }
        to.get(0).add(new Cover(0, List.of()));
        for (int p = 0; p < tokens.size(); p++) {
            List<Cover> here = kept(to.get(p));
            to.set(p, here);
            for (Cover so : here) {
                to.get(p + 1).add(new Cover(so.cost + passing(tokens, p, plain), so.phrases));
            }
            for (Chart.Found found : chart.at("phrase", p)) {
                Node phrase = found.nodes().get(0).parts().get(0);
                double cost = found.cost() + A_PHRASE + unlikely(phrase);
                for (Cover so : here) {
                    List<Node> phrases = new ArrayList<>(so.phrases);
                    phrases.add(phrase);
                    to.get(found.end()).add(new Cover(so.cost + cost, List.copyOf(phrases)));
                }
            }
        }
        List<Cover> all = kept(to.get(tokens.size()));
        double best = all.get(0).cost;
        return all.stream().filter(c -> c.cost <= best + BESIDE).toList();
    }

    private static double unlikely(Node phrase) {
        return phrase.is("aside") ? AN_ASIDE : phrase.is("usename") ? A_NAME : 0;
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

    private static List<Cover> kept(List<Cover> covers) {
        return covers.stream()
                .distinct()
                .sorted(Comparator.comparingDouble(Cover::cost))
                .limit(KEPT)
                .toList();
    }
}
