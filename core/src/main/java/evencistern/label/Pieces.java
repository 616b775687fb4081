package evencistern.label;

import evencistern.label.Draft.Range;
import evencistern.label.Vocabulary.Written;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The pieces of a sentence by their place in it: numbers and ranges, units and areas, words of a kind. */
abstract class Pieces {
    private static final double QUARTER = 0.25;

    final List<Token> tokens;

    Pieces(List<Token> tokens) {
        this.tokens = tokens;
    }

    record Numbered(Range range, int next) {}

    record WrittenAt(Written unit, Optional<Question.Choice> measures, int next) {}

    /** One number, or two joined by a dash or "to". A range with a unit after its first number is not one. */
    Optional<Numbered> range(int p) {
        if (any(p, Set.of("between"))) {
            Optional<Numbered> low = single(p + 1);
            Optional<Numbered> high =
                    low.filter(l -> any(l.next(), Set.of("and"))).flatMap(l -> single(l.next() + 1));
            return high.map(h -> new Numbered(
                    new Range(low.orElseThrow().range().min(), h.range().min()), h.next()));
        }
        Optional<Numbered> first = single(p);
        if (first.isEmpty()) {
            return first;
        }
        int next = first.get().next();
        if (any(next, Set.of("-", "to", "or"))) {
            Optional<Numbered> second = single(next + 1);
            if (second.isPresent()) {
                return Optional.of(new Numbered(
                        new Range(
                                first.get().range().min(), second.get().range().min()),
                        second.get().next()));
            }
        }
        return first;
    }

    Optional<Numbered> single(int p) {
        if (p >= tokens.size()) {
            return Optional.empty();
        }
        Token t = tokens.get(p);
        if (t.kind() == Token.Kind.NUMBER && t.problem().isEmpty()) {
            return Optional.of(new Numbered(new Range(t.value(), t.value()), p + 1));
        }
        Double word = Vocabulary.NUMBERS.get(t.text());
        int next = p + 1;
        if (word == null && any(p, Set.of("a", "an"))) {
            if (unit(p + 1).isPresent()) {
                word = 1.0;
            } else if (any(p + 1, Set.of("quarter"))) {
                word = QUARTER;
                next++;
            }
        }
        if (word == null) {
            return Optional.empty();
        }
        if (any(next, Set.of("quarters", "quarter")) && word >= 1) {
            word *= QUARTER;
            next++;
        }
        if (any(next, Set.of("and")) && any(next + 1, Set.of("a")) && any(next + 2, Set.of("half", "quarter"))) {
            word += Vocabulary.NUMBERS.getOrDefault(text(next + 2), 0.0);
            next += 3;
        }
        return Optional.of(new Numbered(new Range(word, word), next));
    }

    Optional<WrittenAt> unit(int start) {
        int p = start;
        Optional<Question.Choice> measures = Optional.empty();
        if (any(p, Set.of("us", "american"))) {
            measures = Optional.of(Question.Choice.US);
            p++;
        } else if (any(p, Set.of("u"))
                && any(p + 1, Set.of("."))
                && any(p + 2, Set.of("s"))
                && any(p + 3, Set.of("."))) {
            measures = Optional.of(Question.Choice.US);
            p += 4;
        } else if (any(p, Set.of("imperial", "imp", "uk"))) {
            measures = Optional.of(Question.Choice.IMPERIAL);
            p++;
        }
        if (any(p, Set.of("fl", "fluid"))) {
            int dot = any(p + 1, Set.of(".")) ? 1 : 0;
            if (any(p + 1 + dot, Set.of("oz", "ounce", "ounces"))) {
                return Optional.of(new WrittenAt(Written.FLUID_OUNCE, measures, pastDot(p + 2 + dot)));
            }
        }
        if (p >= tokens.size()) {
            return Optional.empty();
        }
        if (any(p, Set.of("\"", "″"))) {
            return Optional.of(new WrittenAt(Written.INCH, measures, p + 1));
        }
        Written unit = Vocabulary.UNITS.get(text(p));
        if (unit == null) {
            return Optional.empty();
        }
        return Optional.of(new WrittenAt(unit, measures, text(p).length() <= 4 ? pastDot(p + 1) : p + 1));
    }

    /** Past an abbreviation's dot, unless it ends the sentence. */
    int pastDot(int p) {
        return any(p, Set.of(".")) && p + 1 < tokens.size() ? p + 1 : p;
    }

    boolean any(int p, Set<String> words) {
        return p >= 0 && p < tokens.size() && words.contains(tokens.get(p).text());
    }

    String text(int p) {
        return tokens.get(p).text();
    }

    /** "m²", "m2", "sq ft", "square metre". */
    Optional<WrittenAt> area(int start) {
        int p = start;
        boolean square = any(p, Set.of("sq", "square"));
        if (square) {
            p++;
            p = any(p, Set.of(".")) ? p + 1 : p;
        }
        Written unit = p < tokens.size() ? Vocabulary.SQUARES.get(text(p)) : null;
        if (unit == null) {
            return Optional.empty();
        }
        p++;
        if (!square && !any(p, Set.of("²", "2"))) {
            return Optional.empty();
        }
        return Optional.of(new WrittenAt(unit, Optional.empty(), square ? pastDot(p) : p + 1));
    }
}
