package evencistern.server.typed;

import java.util.Comparator;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;

/**
 * A sheet of lines and cells as any program writes it.
 *
 * @param text without the mark that some programs begin with
 * @param between what stands most often between the cells of its first line: a comma, a semicolon or a tab
 */
public record SheetText(String text, char between) {
    private static final String BYTE_ORDER_MARK = "\uFEFF";

    public static SheetText of(String file) {
        String text = unmarked(file);
        String head = text.lines().findFirst().orElse("");
        char between = Stream.of(',', ';', '\t')
                .max(Comparator.comparingLong(
                        c -> head.chars().filter(x -> x == c).count()))
                .orElseThrow();
        return new SheetText(text, between);
    }

    /** A file's text without the mark that some programs begin with. */
    public static String unmarked(String file) {
        return file.startsWith(BYTE_ORDER_MARK) ? file.substring(1) : file;
    }

    /** How it is taken apart: empty lines and blanks around cells are passed over. */
    public CSVFormat.Builder format() {
        return CSVFormat.RFC4180
                .builder()
                .setDelimiter(between)
                .setIgnoreEmptyLines(true)
                .setTrim(true);
    }

    /** The same where the first line names the columns, in large or small letters. */
    public CSVFormat named() {
        return format().setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setIgnoreSurroundingSpaces(true)
                .get();
    }
}
