package evencistern.label;

import evencistern.label.Grammar.Literal;
import evencistern.label.Grammar.Maybe;
import evencistern.label.Grammar.Part;
import evencistern.label.Grammar.Ref;
import evencistern.label.Grammar.Seq;
import evencistern.label.Grammar.Ways;
import evencistern.label.Grammar.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * All that the rules of the grammar can make of the tokens at each place. What a rule finds at a place is found once and kept,
 * several readings of it beside each other; a rule's stretch is bounded, so that the work grows with the length of the sentence.
 */
final class Chart {
    /** So many readings of a stretch are kept, the likeliest. */
    private static final int KEPT = 12;

    /** Letters of an abbreviation that may have a dot, as in "tsps." */
    private static final int LONGEST_SHORT = 4;

    private static final Comparator<Found> LIKELIEST = Comparator.comparingDouble(Found::cost)
            .thenComparing(Comparator.comparingInt(Found::end).reversed());

    /** A reading of a stretch: its parts, the token after it, and how unlikely it is. */
    record Found(int end, double cost, List<Node> nodes) {}

    private record Asked(String rule, int at) {}

    private final List<Token> tokens;
    private final Map<Asked, List<Found>> known = new HashMap<>();
    /** For each token the categories of words that may begin with it. */
    private final List<Set<String>> categories = new ArrayList<>();

    private int steps;

    Chart(List<Token> tokens) {
        this.tokens = tokens;
        for (int p = 0; p < tokens.size(); p++) {
            categories.add(Lexicon.at(tokens, p).stream()
                    .map(Lexicon.Entry::category)
                    .collect(Collectors.toUnmodifiableSet()));
        }
    }

    /** How many times a part of a rule was tried. */
    int steps() {
        return steps;
    }

    /** What a rule makes of the tokens from a place on, the likeliest first. */
    List<Found> at(String rule, int p) {
        List<Found> had = known.get(new Asked(rule, p));
        if (had != null) {
            return had;
        }
        List<Found> found = new ArrayList<>();
        if (rule.equals("number")) {
            Numbers.at(tokens, p).forEach(n -> found.add(new Found(n.node().end(), n.cost(), List.of(n.node()))));
        } else {
            Part part = Objects.requireNonNull(Grammar.RULES.get(rule), rule);
            for (Found f : match(part, new Found(p, 0, List.of()))) {
                found.add(new Found(f.end(), f.cost(), List.of(Node.of(rule, p, f.end(), f.nodes()))));
            }
        }
        List<Found> kept = likeliest(found);
        known.put(new Asked(rule, p), kept);
        return kept;
    }

    private static List<Found> likeliest(List<Found> found) {
        if (found.size() < 2) {
            return found;
        }
        List<Found> sorted = new ArrayList<>(found);
        sorted.sort(LIKELIEST);
        List<Found> kept = new ArrayList<>();
        for (Found one : sorted) {
            if (kept.size() == KEPT) {
                break;
            }
            if (!hasSame(kept, one)) {
                kept.add(one);
            }
        }
        return kept;
    }

    /** Whether the same reading is kept already; only those of one stretch and one cost, which stand last, can be. */
    private static boolean hasSame(List<Found> kept, Found one) {
        for (int i = kept.size() - 1; i >= 0; i--) {
            Found other = kept.get(i);
            if (other.end() != one.end() || Double.compare(other.cost(), one.cost()) != 0) {
                return false;
            }
            if (other.nodes().equals(one.nodes())) {
                return true;
            }
        }
        return false;
    }

    private List<Found> match(Part part, Found so) {
        if (!mayBegin(part, so.end())) {
            return List.of();
        }
        steps++;
        if (part instanceof Ref ref) {
            return at(ref.rule(), so.end()).stream()
                    .filter(f -> f.end() > so.end())
                    .map(f -> then(so, f))
                    .toList();
        }
        if (part instanceof Word word && word.category().equals("dot")) {
            return abbreviated(so.end()) ? List.of(then(so, word("dot", so.end(), so.end() + 1, ""))) : List.of();
        }
        if (part instanceof Word word) {
            List<Found> all = new ArrayList<>();
            for (Lexicon.Entry e : Lexicon.at(tokens, so.end())) {
                if (e.category().equals(word.category())) {
                    int end = Lexicon.end(tokens, so.end(), e);
                    if (end > 0) {
                        all.add(then(so, word(e.category(), so.end(), end, e.value())));
                    }
                }
            }
            return all;
        }
        if (part instanceof Literal literal) {
            int p = so.end();
            return p < tokens.size() && tokens.get(p).is(literal.text())
                    ? List.of(then(so, word(literal.text(), p, p + 1, "")))
                    : List.of();
        }
        if (part instanceof Ways ways) {
            List<Found> all = new ArrayList<>();
            for (Part way : ways.ways()) {
                all.addAll(match(way, so));
            }
            return all;
        }
        if (part instanceof Maybe maybe) {
            List<Found> all = new ArrayList<>(List.of(so));
            List<Found> last = all;
            for (int i = 0; i < maybe.most() && !last.isEmpty(); i++) {
                List<Found> more = new ArrayList<>();
                last.forEach(f -> more.addAll(match(maybe.part(), f)));
                more.removeIf(f -> f.end() == so.end());
                last = likeliest(more);
                all = new ArrayList<>(all);
                all.addAll(last);
            }
            return all;
        }
        Seq seq = (Seq) part;
        List<Found> all = List.of(new Found(so.end(), so.cost() + seq.cost(), so.nodes()));
        for (Part next : seq.parts()) {
            List<Found> more = new ArrayList<>();
            all.forEach(f -> more.addAll(match(next, f)));
            all = likeliest(more);
        }
        return all;
    }

    private boolean mayBegin(Part part, int p) {
        Grammar.First first = Grammar.first(part);
        return first.empty() || (p < tokens.size() && first.at(tokens.get(p), categories.get(p)));
    }

    /** Whether a dot here ends an abbreviation and no sentence. */
    private boolean abbreviated(int p) {
        if (p == 0 || p + 1 >= tokens.size() || !tokens.get(p).is(".")) {
            return false;
        }
        Token before = tokens.get(p - 1);
        return before.text().length() <= LONGEST_SHORT && !tokens.get(p + 1).capital();
    }

    private static Found word(String symbol, int start, int end, String value) {
        return new Found(end, 0, List.of(Node.word(symbol, start, end, value)));
    }

    private static Found then(Found so, Found next) {
        if (so.nodes().isEmpty() && so.cost() == 0) {
            return next;
        }
        List<Node> nodes = new ArrayList<>(so.nodes());
        nodes.addAll(next.nodes());
        return new Found(next.end(), so.cost() + next.cost(), List.copyOf(nodes));
    }
}
