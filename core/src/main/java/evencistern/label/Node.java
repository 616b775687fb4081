package evencistern.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A stretch of a sentence that the grammar has a name for, with what it is made of.
 *
 * @param symbol the rule, the category of a word, or the word itself
 * @param value of a word from the lexicon, or a number; empty otherwise
 */
record Node(String symbol, int start, int end, String value, double number, List<Node> parts) {
    static Node of(String symbol, int start, int end, List<Node> parts) {
        return new Node(symbol, start, end, "", Double.NaN, parts);
    }

    static Node word(String symbol, int start, int end, String value) {
        return new Node(symbol, start, end, value, Double.NaN, List.of());
    }

    static Node number(int start, int end, double number) {
        return new Node("number", start, end, "", number, List.of());
    }

    boolean is(String name) {
        return symbol.equals(name);
    }

    Optional<Node> kid(String name) {
        return parts.stream().filter(n -> n.is(name)).findFirst();
    }

    List<Node> kids(String name) {
        return parts.stream().filter(n -> n.is(name)).toList();
    }

    boolean has(String name) {
        return kid(name).isPresent();
    }

    /** All of that name in it, at any depth, in order. */
    List<Node> all(String name) {
        List<Node> found = new ArrayList<>();
        gather(name, found);
        return found;
    }

    private void gather(String name, List<Node> found) {
        if (is(name)) {
            found.add(this);
        }
        parts.forEach(p -> p.gather(name, found));
    }
}
