package evencistern.server.exchange.csv;

import evencistern.server.GardenId;
import evencistern.server.garden.Gardens;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.math.BigDecimal;
import java.math.MathContext;
import java.time.ZoneId;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lots and journal as CSV (RFC 4180), amounts to four figures. */
@Service
public class Sheets {
    private static final String LIKE_A_FORMULA = "(?s)[=+\\-@\t\r].*";
    private static final MathContext FOUR_FIGURES = new MathContext(4);

    private final SheetStore store;
    private final Gardens gardens;

    Sheets(SheetStore store, Gardens gardens) {
        this.store = store;
        this.gardens = gardens;
    }

    @Transactional(readOnly = true)
    public void writeLots(GardenId garden, Writer out) {
        gardens.require(garden);
        try (CSVPrinter csv = printer(SheetStore.LOTS, out)) {
            store.eachLot(garden, line -> print(csv, line));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Transactional(readOnly = true)
    public void writeJournal(GardenId garden, Writer out) {
        ZoneId zone = ZoneId.of(gardens.require(garden).timeZone());
        try (CSVPrinter csv = printer(SheetStore.JOURNAL, out)) {
            store.eachEntry(garden, zone, line -> print(csv, line));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A sheet with its head written. */
    public static CSVPrinter printer(List<String> head, Writer out) throws IOException {
        return new CSVPrinter(
                out,
                CSVFormat.RFC4180
                        .builder()
                        .setHeader(head.toArray(String[]::new))
                        .get());
    }

    /** Adds a line; numbers to four figures, and no text that a spreadsheet would take for a formula. */
    public static void print(CSVPrinter csv, List<@Nullable Object> line) {
        try {
            csv.printRecord(line.stream().map(Sheets::cell).toList());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The text of a cell that {@link #print} may have written. */
    public static String text(String cell) {
        return cell.startsWith("'") && cell.substring(1).matches(LIKE_A_FORMULA) ? cell.substring(1) : cell;
    }

    /** A spreadsheet would take a text that starts like a formula for one; the apostrophe says it is text. */
    private static Object cell(@Nullable Object value) {
        if (value instanceof String text) {
            return text.matches(LIKE_A_FORMULA) ? "'" + text : text;
        }
        if (value instanceof Double number) {
            return new BigDecimal(number)
                    .round(FOUR_FIGURES)
                    .stripTrailingZeros()
                    .toPlainString();
        }
        return value == null ? "" : value;
    }
}
