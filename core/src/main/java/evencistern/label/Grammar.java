package evencistern.label;

import evencistern.table.DataFile;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The grammar of directions, from {@code directions.grammar}. A rule is {@code name = what it may be made of}; {@code |} parts
 * ways, {@code [ ]} may be left out, <code>{ }</code> may come up to three times, {@code ( )} groups, {@code <name>} is a word of that
 * category of the lexicon, {@code 'word'} the word itself, {@code number} any way to write a number. {@code ~} makes a way less
 * likely than the others.
 */
final class Grammar {
    sealed interface Part permits Ref, Word, Literal, Seq, Ways, Maybe {}

    record Ref(String rule) implements Part {}

    record Word(String category) implements Part {}

    record Literal(String text) implements Part {}

    record Seq(List<Part> parts, double cost) implements Part {}

    record Ways(List<Part> ways) implements Part {}

    record Maybe(Part part, int most) implements Part {}

    private static final int REPEATED = 3;
    private static final double LESS_LIKELY = 0.3;
    private static final Pattern LEXEME = Pattern.compile("'[^']*'|<\\w+>|[\\w]+|[|\\[\\]{}()~=]");

    /**
     * What a part may begin with, so that no other place is tried.
     *
     * @param empty whether it may be nothing
     */
    record First(Set<String> words, Set<String> categories, boolean number, boolean empty) {
        boolean at(Token token, Set<String> categoriesThere) {
            if (empty || words.contains(token.text()) || (number && Numbers.mayBegin(token))) {
                return true;
            }
            // few words may begin here, and a rule with many words: the shorter way round, as this is asked most often
            for (String there : categoriesThere) {
                if (categories.contains(there)) {
                    return true;
                }
            }
            return false;
        }

        private First or(First other) {
            return new First(
                    both(words, other.words),
                    both(categories, other.categories),
                    number || other.number,
                    empty || other.empty);
        }

        private static Set<String> both(Set<String> a, Set<String> b) {
            Set<String> all = new HashSet<>(a);
            all.addAll(b);
            return all;
        }
    }

    private static final First NOTHING = new First(Set.of(), Set.of(), false, true);
    private static final First NEVER = new First(Set.of(), Set.of(), false, false);

    static final Map<String, Part> RULES = load();
    private static final IdentityHashMap<Part, First> FIRSTS = new IdentityHashMap<>();

    static {
        RULES.values().forEach(Grammar::firstOf);
    }

    /** What a part of the grammar may begin with. */
    static First first(Part part) {
        return FIRSTS.getOrDefault(part, NOTHING);
    }

    private static First firstOf(Part part) {
        First first = NEVER;
        if (part instanceof Ref ref) {
            first = ref.rule().equals("number")
                    ? new First(Set.of(), Set.of(), true, false)
                    : firstOf(Objects.requireNonNull(RULES.get(ref.rule()), ref.rule()));
        } else if (part instanceof Word word) {
            first = new First(
                    word.category().equals("dot") ? Set.of(".") : Set.of(), Set.of(word.category()), false, false);
        } else if (part instanceof Literal literal) {
            first = new First(Set.of(literal.text()), Set.of(), false, false);
        } else if (part instanceof Maybe maybe) {
            first = firstOf(maybe.part()).or(NOTHING);
        } else if (part instanceof Ways ways) {
            for (Part way : ways.ways()) {
                first = first.or(firstOf(way));
            }
        } else if (part instanceof Seq seq) {
            first = NOTHING;
            for (Part next : seq.parts()) {
                First then = firstOf(next);
                if (first.empty()) {
                    first = new First(first.words(), first.categories(), first.number(), false).or(then);
                }
            }
        }
        FIRSTS.put(part, first);
        return first;
    }

    private final List<String> lexemes;
    private int at;

    private Grammar(List<String> lexemes) {
        this.lexemes = lexemes;
    }

    private static Map<String, Part> load() {
        Map<String, StringBuilder> bodies = new LinkedHashMap<>();
        String name = "";
        for (String line : DataFile.lines(Grammar.class, "directions.grammar")) {
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            String body = line;
            Matcher head = Pattern.compile("^(\\w+)\\s*=(.*)$").matcher(line);
            if (head.matches()) {
                name = head.group(1);
                body = head.group(2);
            }
            bodies.computeIfAbsent(name, k -> new StringBuilder()).append(' ').append(body);
        }
        Map<String, Part> rules = new LinkedHashMap<>();
        bodies.forEach((rule, body) -> {
            Grammar g = new Grammar(lexemes(body.toString()));
            Part part = g.ways();
            if (g.at < g.lexemes.size()) {
                throw new IllegalStateException("directions.grammar: " + rule + " ends too soon");
            }
            rules.put(rule, part);
        });
        rules.values().forEach(p -> check(p, rules));
        return rules;
    }

    private static List<String> lexemes(String body) {
        List<String> all = new ArrayList<>();
        Matcher m = LEXEME.matcher(body);
        while (m.find()) {
            all.add(m.group());
        }
        return all;
    }

    private static void check(Part part, Map<String, Part> rules) {
        if (part instanceof Ref r && !r.rule().equals("number") && !rules.containsKey(r.rule())) {
            throw new IllegalStateException("directions.grammar: no rule " + r.rule());
        }
        if (part instanceof Seq s) {
            s.parts().forEach(p -> check(p, rules));
        }
        if (part instanceof Ways w) {
            w.ways().forEach(p -> check(p, rules));
        }
        if (part instanceof Maybe m) {
            check(m.part(), rules);
        }
    }

    private boolean next(String sign) {
        return at < lexemes.size() && lexemes.get(at).equals(sign);
    }

    private Part ways() {
        List<Part> ways = new ArrayList<>();
        ways.add(sequence());
        while (next("|")) {
            at++;
            ways.add(sequence());
        }
        return ways.size() == 1 ? ways.get(0) : new Ways(ways);
    }

    private Part sequence() {
        List<Part> parts = new ArrayList<>();
        double cost = 0;
        while (at < lexemes.size() && !next("|") && !next("]") && !next("}") && !next(")")) {
            if (next("~")) {
                cost += LESS_LIKELY;
                at++;
            } else {
                parts.add(one());
            }
        }
        return new Seq(parts, cost);
    }

    private Part one() {
        String lexeme = lexemes.get(at++);
        switch (lexeme) {
            case "[" -> {
                return new Maybe(closed(), 1);
            }
            case "{" -> {
                return new Maybe(closed(), REPEATED);
            }
            case "(" -> {
                return closed();
            }
            default -> {
                if (lexeme.startsWith("'")) {
                    return new Literal(lexeme.substring(1, lexeme.length() - 1));
                }
                return lexeme.startsWith("<") ? new Word(lexeme.substring(1, lexeme.length() - 1)) : new Ref(lexeme);
            }
        }
    }

    private Part closed() {
        Part inner = ways();
        at++;
        return inner;
    }
}
