package evencistern.label;

import evencistern.fault.FaultCode;
import evencistern.units.NumberReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A number, a word or a sign of a sentence, with its place in it.
 *
 * @param capital whether it is a word that begins with a capital letter, as a sentence does
 */
record Token(Kind kind, int start, int end, String text, boolean capital, double value, Optional<FaultCode> problem) {
    enum Kind {
        NUMBER,
        WORD,
        SIGN
    }

    boolean is(String word) {
        return text.equals(word);
    }

    /** Cuts a sentence into tokens; words in lower case, dashes all as {@code -}. */
    static List<Token> of(String sentence) {
        List<Token> tokens = new ArrayList<>();
        int i = 0;
        while (i < sentence.length()) {
            int c = sentence.codePointAt(i);
            Optional<NumberReader.Found> number = NumberReader.at(sentence, i);
            int end;
            if (Character.isWhitespace(c) || Character.isSpaceChar(c)) {
                i += Character.charCount(c);
                continue;
            } else if (number.isPresent()) {
                end = number.get().end();
                tokens.add(new Token(
                        Kind.NUMBER,
                        i,
                        end,
                        sentence.substring(i, end),
                        false,
                        number.get().value(),
                        number.get().problem()));
            } else if (Character.isLetter(c)) {
                end = i;
                while (end < sentence.length() && Character.isLetter(sentence.codePointAt(end))) {
                    end += Character.charCount(sentence.codePointAt(end));
                }
                String word = sentence.substring(i, end);
                tokens.add(plain(Kind.WORD, i, end, word.toLowerCase(Locale.ROOT), Character.isUpperCase(c)));
            } else {
                end = i + Character.charCount(c);
                String sign = sentence.substring(i, end);
                tokens.add(plain(
                        Kind.SIGN, i, end, "–—−‐‑".contains(sign) ? "-" : "⁄∕".contains(sign) ? "/" : sign, false));
            }
            i = end;
        }
        return tokens;
    }

    private static Token plain(Kind kind, int start, int end, String text, boolean capital) {
        return new Token(kind, start, end, text, capital, Double.NaN, Optional.empty());
    }
}
