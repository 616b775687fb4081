package evencistern.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The ways a number may be read at a place: digits, words ("twenty-five", "one and a half", "three quarters of a"), and both readings
 * where its writing has two ("1.000", "11/2").
 */
final class Numbers {
    record Read(Node node, double cost) {}

    private static final Map<String, Double> ONES = Map.ofEntries(
            Map.entry("zero", 0.0),
            Map.entry("one", 1.0),
            Map.entry("two", 2.0),
            Map.entry("three", 3.0),
            Map.entry("four", 4.0),
            Map.entry("five", 5.0),
            Map.entry("six", 6.0),
            Map.entry("seven", 7.0),
            Map.entry("eight", 8.0),
            Map.entry("nine", 9.0),
            Map.entry("ten", 10.0),
            Map.entry("eleven", 11.0),
            Map.entry("twelve", 12.0),
            Map.entry("thirteen", 13.0),
            Map.entry("fourteen", 14.0),
            Map.entry("fifteen", 15.0),
            Map.entry("sixteen", 16.0),
            Map.entry("seventeen", 17.0),
            Map.entry("eighteen", 18.0),
            Map.entry("nineteen", 19.0),
            Map.entry("a", 1.0),
            Map.entry("an", 1.0),
            Map.entry("dozen", 12.0));
    private static final Map<String, Double> TENS = Map.of(
            "twenty", 20.0,
            "thirty", 30.0,
            "forty", 40.0,
            "fifty", 50.0,
            "sixty", 60.0,
            "seventy", 70.0,
            "eighty", 80.0,
            "ninety", 90.0);
    private static final Map<String, Double> PARTS = Map.of(
            "half",
            0.5,
            "halves",
            0.5,
            "third",
            1 / 3.0,
            "thirds",
            1 / 3.0,
            "quarter",
            0.25,
            "quarters",
            0.25,
            "eighth",
            0.125);
    /** "1.000", "2.500": a thousand on the continent, one elsewhere, though few write such a last nought of a decimal. */
    private static final Pattern DOTTED = Pattern.compile("([1-9]\\d{0,2})\\.(\\d{2}0)");

    private static final Pattern COMMA = Pattern.compile("([1-9]\\d{0,2}),(\\d{3})");
    /** "11/2": eleven halves, or one and a half with the blank lost. */
    private static final Pattern RUN_TOGETHER = Pattern.compile("([1-9])([1-9])/([2-9])");

    private final List<Token> tokens;
    private final int from;
    private final List<Read> found = new ArrayList<>();

    private Numbers(List<Token> tokens, int from) {
        this.tokens = tokens;
        this.from = from;
    }

    static List<Read> at(List<Token> tokens, int p) {
        Numbers n = new Numbers(tokens, p);
        if (p < tokens.size()) {
            n.read();
        }
        return n.found;
    }

    /** Whether a number may begin with a token. */
    static boolean mayBegin(Token t) {
        return t.kind() == Token.Kind.NUMBER
                || ONES.containsKey(t.text())
                || TENS.containsKey(t.text())
                || PARTS.containsKey(t.text())
                || t.is("hundred")
                || t.is("thousand");
    }

    /** Whether a token is a number, or part of one written in words. */
    static boolean counts(Token t) {
        return t.kind() == Token.Kind.NUMBER
                || TENS.containsKey(t.text())
                || (ONES.containsKey(t.text()) && t.text().length() > 2 && !t.is("one"))
                || t.is("half")
                || t.is("hundred")
                || t.is("thousand");
    }

    private boolean is(int p, String... words) {
        return p < tokens.size() && List.of(words).contains(tokens.get(p).text());
    }

    private void add(int end, double value, double cost) {
        found.add(new Read(Node.number(from, end, value), cost));
        // "two (2)", "2 (two)"
        if (is(end, "(")) {
            at(tokens, end + 1).stream()
                    .filter(again ->
                            again.node().number() == value && is(again.node().end(), ")"))
                    .forEach(again ->
                            found.add(new Read(Node.number(from, again.node().end() + 1, value), cost)));
        }
    }

    private void read() {
        Token t = tokens.get(from);
        if (t.kind() == Token.Kind.NUMBER) {
            digits(t);
        } else if (PARTS.containsKey(t.text()) && !is(from, "third", "halves")) {
            part(from, 1);
        } else {
            words();
        }
    }

    private void digits(Token t) {
        Matcher dotted = DOTTED.matcher(t.text());
        Matcher comma = COMMA.matcher(t.text());
        Matcher together = RUN_TOGETHER.matcher(t.text().replace(" ", ""));
        if (dotted.matches()) {
            double whole = Double.parseDouble(dotted.group(1) + dotted.group(2));
            add(from + 1, whole / 1000, 0);
            add(from + 1, whole, 0);
        } else if (comma.matches()) {
            // in English a comma groups; a decimal comma is followed by one or two digits, seldom by three
            double whole = Double.parseDouble(comma.group(1) + comma.group(2));
            add(from + 1, whole, comma.group(2).equals("000") ? 0 : 0.1);
            add(from + 1, whole / 1000, comma.group(2).equals("000") ? 1 : 0.1);
        } else if (together.matches()) {
            double base = Double.parseDouble(together.group(3));
            add(from + 1, t.value(), 0);
            add(from + 1, Double.parseDouble(together.group(1)) + Double.parseDouble(together.group(2)) / base, 0);
        } else if (t.problem().isEmpty()) {
            if (from + 1 < tokens.size() && t.text().matches("[1-9]\\d{0,2}")) {
                Token next = tokens.get(from + 1);
                if (next.text().matches("\\d{3}") && next.start() == t.end() + 1) {
                    add(from + 2, t.value() * 1000 + next.value(), 0);
                    return;
                }
            }
            add(from + 1, t.value(), 0);
            joined(from + 1, t.value());
        }
    }

    /** "1 and 1/2", "2 and a half", "one and one quarter". */
    private void joined(int p, double whole) {
        if (!is(p, "and")) {
            return;
        }
        if (p + 1 < tokens.size()) {
            Token next = tokens.get(p + 1);
            if (next.kind() == Token.Kind.NUMBER && next.value() < 1) {
                add(p + 2, whole + next.value(), 0);
            }
            for (Read r : at(tokens, p + 1)) {
                if (r.node().number() < 1 && next.kind() == Token.Kind.WORD) {
                    add(r.node().end(), whole + r.node().number(), 0);
                }
            }
        }
    }

    /** "half a", "a quarter", "three quarters of a", "a quarter of a". */
    private void part(int p, double times) {
        double value = times * PARTS.getOrDefault(tokens.get(p).text(), 0.0);
        int end = p + 1;
        add(end, value, 0);
        if (is(end, "of")) {
            end++;
        }
        if (is(end, "a", "an", "the", "one")) {
            add(end + 1, value, 0);
        }
    }

    private void words() {
        Token t = tokens.get(from);
        double value;
        int p = from;
        if (TENS.containsKey(t.text())) {
            value = TENS.getOrDefault(t.text(), 0.0);
            p++;
            int ones = is(p, "-") ? p + 1 : p;
            if (ones < tokens.size() && ONES.getOrDefault(tokens.get(ones).text(), 99.0) < 10 && !is(ones, "a", "an")) {
                value += ONES.getOrDefault(tokens.get(ones).text(), 0.0);
                p = ones + 1;
            }
        } else if (ONES.containsKey(t.text())) {
            value = ONES.getOrDefault(t.text(), 0.0);
            p++;
            boolean third = is(p, "third") && !is(p + 1, "of", "cup"); // "the third week" counts no parts
            int part = is(p, "-") ? p + 1 : p;
            if (part < tokens.size() && PARTS.containsKey(tokens.get(part).text()) && !third) {
                part(part, value);
                return;
            }
        } else if (t.is("hundred") || t.is("thousand")) {
            value = 1;
        } else {
            return;
        }
        if (is(p, "dozen")) {
            value *= 12;
            p++;
        }
        if (is(p, "hundred")) {
            value *= 100;
            p++;
        }
        if (is(p, "thousand")) {
            value *= 1000;
            p++;
        }
        add(p, value, 0);
        if (!t.is("a") && !t.is("an")) {
            joined(p, value);
        }
    }
}
