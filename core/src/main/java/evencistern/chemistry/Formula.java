package evencistern.chemistry;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;

/**
 * A compound as its formula is written.
 *
 * <p><b>Answers</b> how many per cent of each element, and which nitrogen, are in this salt?
 * <p><b>Formula</b> % = 100 · n · A / Σ n · A; NO3 counts as nitrate nitrogen, NH4 as ammonium, NH2 as urea
 * <p><b>Units</b> atoms per formula; g/mol; % by weight
 * <p><b>Valid for</b> up to 80 characters of the elements in {@link Element}, brackets, and water or other salts joined by
 * a dot: {@code Ca(NO3)2·4H2O}, {@code 5Ca(NO3)2.NH4NO3.10H2O}
 * <p><b>Source</b> [IUPAC] standard atomic weights
 * <p><b>Checked by</b> FormulaTest
 */
public final class Formula {
    private static final int LONGEST = 80;
    private static final double MOST_ATOMS = 10_000;
    private static final String DOTS = "·.*•";
    private static final Pattern BLEACH = Pattern.compile("Cl\\)?\\d*O|O\\d*\\)?Cl");

    /** How nitrogen is bound. */
    public enum Bound {
        NITRATE("NO3"),
        AMMONIUM("NH4"),
        UREA("NH2");

        private final String written;

        Bound(String written) {
            this.written = written;
        }
    }

    private final String text;
    private int at;
    private final Map<Element, Double> atoms = new EnumMap<>(Element.class);
    private final Map<Bound, Double> nitrogen = new EnumMap<>(Bound.class);

    private Formula(String text) {
        this.text = text;
    }

    /** Reads a formula; what cannot be read is refused, with the rest from where it stopped. */
    public static Formula of(String written) {
        String text = written.replaceAll("\\s+", "");
        if (text.isEmpty() || text.length() > LONGEST) {
            throw unreadable(written);
        }
        Formula formula = new Formula(text);
        while (formula.at < text.length()) {
            double times = formula.number();
            int before = formula.at;
            formula.group(times);
            if (formula.at == before) {
                throw unreadable(text.substring(before));
            }
            if (formula.at < text.length()) {
                formula.at++; // the dot between two salts, or the bracket that opened nothing
                if (DOTS.indexOf(text.charAt(formula.at - 1)) < 0 || formula.at == text.length()) {
                    throw unreadable(text.substring(formula.at - 1));
                }
            }
        }
        if (formula.atoms.values().stream().anyMatch(n -> !(n > 0 && n <= MOST_ATOMS))) {
            throw unreadable(text);
        }
        return formula;
    }

    private static FaultException unreadable(String rest) {
        return new FaultException(Fault.of(FaultCode.FORMULA_UNREADABLE, "feed.formula", rest));
    }

    /** Atoms and brackets up to a dot, a closing bracket or the end; every count is taken {@code times} over. */
    private void group(double times) {
        while (at < text.length()) {
            char c = text.charAt(at);
            if (c == '(' || c == '[') {
                int close = closing(at);
                int inside = at + 1;
                at = close + 1;
                double count = number();
                int after = at;
                at = inside;
                group(times * count);
                if (at != close || close == inside) {
                    throw unreadable(text.substring(Math.min(at, close)));
                }
                at = after;
            } else if (Character.isUpperCase(c)) {
                atom(times);
            } else {
                return;
            }
        }
    }

    private int closing(int open) {
        int depth = 0;
        for (int i = open; i < text.length(); i++) {
            char c = text.charAt(i);
            depth += c == '(' || c == '[' ? 1 : c == ')' || c == ']' ? -1 : 0;
            if (depth == 0) {
                return i;
            }
        }
        throw unreadable(text.substring(open));
    }

    private void atom(double times) {
        for (Bound bound : Bound.values()) {
            if (text.startsWith(bound.written, at) && !digitAt(at + bound.written.length())) {
                nitrogen.merge(bound, times, Double::sum);
            }
        }
        int end = at + 1 < text.length() && Character.isLowerCase(text.charAt(at + 1)) ? at + 2 : at + 1;
        Optional<Element> element = Element.of(text.substring(at, end));
        if (element.isEmpty()) {
            throw unreadable(text.substring(at));
        }
        at = end;
        atoms.merge(element.get(), times * number(), Double::sum);
    }

    private boolean digitAt(int i) {
        return i < text.length() && Character.isDigit(text.charAt(i));
    }

    /** The count that stands here; 1 where none does. */
    private double number() {
        int start = at;
        while (digitAt(at)) {
            at++;
        }
        if (at > start && text.charAt(start) == '0') {
            throw unreadable(text.substring(start)); // a nought for the letter O
        }
        return at == start ? 1 : Double.parseDouble(text.substring(start, at));
    }

    /** Whether chlorine is bound to oxygen in it: a bleach or a weedkiller, which frees gas from acid and ammonium. */
    public boolean bleaches() {
        return BLEACH.matcher(text).find();
    }

    public double gramsPerMole() {
        return atoms.entrySet().stream()
                .mapToDouble(e -> e.getValue() * e.getKey().gramsPerMole())
                .sum();
    }

    /** Per cent by weight of an element; 0 where it holds none. */
    public double percent(Element element) {
        return 100 * atoms.getOrDefault(element, 0.0) * element.gramsPerMole() / gramsPerMole();
    }

    /** Per cent by weight of nitrogen bound so. */
    public double percentNitrogen(Bound bound) {
        return 100 * nitrogen.getOrDefault(bound, 0.0) * AtomicWeights.N / gramsPerMole();
    }

    /**
     * By weight, how much of this compound is another one, the rest being crystal water: of {@code MgSO4·7H2O} the {@code
     * MgSO4} is 0.49; empty where it is not that compound.
     */
    public OptionalDouble shareOf(Formula anhydrous) {
        double times = 0;
        for (Element element : Element.values()) {
            double mine = atoms.getOrDefault(element, 0.0);
            double other = anhydrous.atoms.getOrDefault(element, 0.0);
            if (element == Element.HYDROGEN || element == Element.OXYGEN) {
                continue;
            }
            if ((mine > 0) != (other > 0) || (times > 0 && Math.abs(mine - times * other) > 1e-9)) {
                return OptionalDouble.empty();
            }
            times = other > 0 ? mine / other : times;
        }
        double hydrogen = left(Element.HYDROGEN, anhydrous, times);
        double oxygen = left(Element.OXYGEN, anhydrous, times);
        return times > 0 && oxygen >= -1e-9 && Math.abs(hydrogen - 2 * oxygen) < 1e-9
                ? OptionalDouble.of(times * anhydrous.gramsPerMole() / gramsPerMole())
                : OptionalDouble.empty();
    }

    private double left(Element element, Formula anhydrous, double times) {
        return atoms.getOrDefault(element, 0.0) - times * anhydrous.atoms.getOrDefault(element, 0.0);
    }
}
