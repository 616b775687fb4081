package evencistern.units;

import evencistern.fault.FaultCode;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a number in any writing a grower uses: {@code 2.5}, {@code 2,5}, {@code 2½}, {@code 2 1/2}, {@code 2-1/2},
 * {@code 1⁄3}. A comma followed by exactly three digits could be a thousand or a decimal and is not guessed.
 */
public final class NumberReader {
    private static final Map<Character, Double> VULGAR = Map.ofEntries(
            Map.entry('½', 1 / 2.0),
            Map.entry('⅓', 1 / 3.0),
            Map.entry('⅔', 2 / 3.0),
            Map.entry('¼', 1 / 4.0),
            Map.entry('¾', 3 / 4.0),
            Map.entry('⅕', 1 / 5.0),
            Map.entry('⅖', 2 / 5.0),
            Map.entry('⅗', 3 / 5.0),
            Map.entry('⅘', 4 / 5.0),
            Map.entry('⅙', 1 / 6.0),
            Map.entry('⅚', 5 / 6.0),
            Map.entry('⅛', 1 / 8.0),
            Map.entry('⅜', 3 / 8.0),
            Map.entry('⅝', 5 / 8.0),
            Map.entry('⅞', 7 / 8.0));

    private static final Pattern NUMBER =
            Pattern.compile("(?<whole>\\d+)(?:(?:\\s*-\\s*|\\s+)(?=\\d+\\s*[/⁄]\\s*\\d)|\\s*(?=[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]))"
                    + "(?:(?<mixTop>\\d+)\\s*[/⁄]\\s*(?<mixBase>\\d+)|(?<mixVulgar>[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]))"
                    + "|(?<top>\\d+)\\s*[/⁄]\\s*(?<base>\\d+)"
                    + "|(?<decimal>\\d+(?:[.,]\\d+)*|\\.\\d+)"
                    + "|(?<vulgar>[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])");

    private NumberReader() {}

    /**
     * A number found in a text.
     *
     * @param end index after its last character
     * @param value the number; NaN where {@code problem} is set
     * @param problem why it cannot be taken as a number
     */
    public record Found(int end, double value, Optional<FaultCode> problem) {}

    /** The number that starts exactly at {@code start}, if one does. */
    public static Optional<Found> at(CharSequence text, int start) {
        Matcher m = NUMBER.matcher(text).region(start, text.length()).useTransparentBounds(true);
        if (!m.lookingAt()) {
            return Optional.empty();
        }
        if (m.group("whole") != null) {
            double part = m.group("mixVulgar") != null
                    ? vulgar(m.group("mixVulgar"))
                    : fraction(m.group("mixTop"), m.group("mixBase"));
            return found(m.end(), Double.parseDouble(m.group("whole")) + part);
        }
        if (m.group("top") != null) {
            return found(m.end(), fraction(m.group("top"), m.group("base")));
        }
        if (m.group("vulgar") != null) {
            return found(m.end(), vulgar(m.group("vulgar")));
        }
        String decimal = m.group("decimal");
        if (decimal.matches("[1-9]\\d{0,2},\\d{3}")) {
            return Optional.of(new Found(m.end(), Double.NaN, Optional.of(FaultCode.COMMA_AMBIGUOUS)));
        }
        if (decimal.matches("[1-9]\\d{0,2}(,\\d{3}){2,}(\\.\\d+)?|[1-9]\\d{0,2},\\d{3}\\.\\d+")) {
            return found(m.end(), Double.parseDouble(decimal.replace(",", "")));
        }
        if (decimal.matches("\\d*[.,]?\\d+")) {
            return found(m.end(), Double.parseDouble(decimal.replace(',', '.')));
        }
        return Optional.of(new Found(m.end(), Double.NaN, Optional.of(FaultCode.NOT_A_NUMBER)));
    }

    private static Optional<Found> found(int end, double value) {
        return Optional.of(
                new Found(end, value, Double.isFinite(value) ? Optional.empty() : Optional.of(FaultCode.NOT_A_NUMBER)));
    }

    private static double fraction(String top, String base) {
        return Double.parseDouble(top) / Double.parseDouble(base);
    }

    private static double vulgar(String mark) {
        return VULGAR.getOrDefault(mark.charAt(0), Double.NaN);
    }
}
