package evencistern.server.reading;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.server.exchange.csv.Sheets;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.GardenWire.MeterWire;
import evencistern.server.meter.EcTyped;
import evencistern.server.typed.SheetText;
import evencistern.server.typed.Typed;
import evencistern.server.words.Words;
import evencistern.units.Unit;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.temporal.ChronoField;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * Readings of a sheet: with or without a byte-order mark, split by comma, semicolon or tab, decimals by point or comma. A row
 * that cannot be read is told with its line, and the others go on.
 */
final class ReadingSheet {
    /** The columns, as they are written; read in any order, those that are not there left blank. */
    static final List<String> COLUMNS = List.of(
            "lot",
            "at",
            "method",
            "ph",
            "ec",
            "ec_unit",
            "celsius",
            "before_ph",
            "hours",
            "meter",
            "ph_says",
            "ec_says");

    private static final int MOST_ROWS = 200_000;
    private static final double FOUR_DECIMALS = 10_000;
    /** Days first with points, or years first with hyphens: what starts with a slash could be either. */
    private static final DateTimeFormatter DAYS_FIRST = new DateTimeFormatterBuilder()
            .appendPattern("d.M.yyyy[ H:mm[:ss]]")
            .parseDefaulting(ChronoField.HOUR_OF_DAY, 12)
            .parseDefaulting(ChronoField.MINUTE_OF_HOUR, 0)
            .toFormatter(Locale.ROOT);

    private static final DateTimeFormatter YEARS_FIRST = new DateTimeFormatterBuilder()
            .appendPattern("yyyy-MM-dd['T'][' '][HH:mm[:ss]]")
            .parseDefaulting(ChronoField.HOUR_OF_DAY, 12)
            .parseDefaulting(ChronoField.MINUTE_OF_HOUR, 0)
            .toFormatter(Locale.ROOT);

    private final Map<String, UUID> lots;
    private final Map<String, MeterWire> meters = new HashMap<>();
    private final @Nullable MeterWire only;
    private final ZoneId zone;
    private final Words words;

    /**
     * For a garden.
     *
     * @param lots by their names in small letters; those of one name are not among them
     */
    ReadingSheet(GardenWire g, Map<String, UUID> lots, Words words) {
        this.lots = lots;
        this.zone = ZoneId.of(g.timeZone());
        this.words = words;
        List<MeterWire> inUse = g.meters().stream().filter(m -> !m.retired()).toList();
        inUse.forEach(m -> meters.put(m.name().toLowerCase(Locale.ROOT), m));
        this.only = inUse.size() == 1 ? inUse.get(0) : null;
    }

    /** A row that was read. */
    record Row(UUID lot, Readings.NewReading reading) {}

    /**
     * Reads a sheet row by row.
     *
     * @param good takes each row that can be read, with its line
     * @param bad takes the line of each that cannot, and why
     */
    void read(String text, BiConsumer<Long, Row> good, BiConsumer<Long, String> bad, Consumer<Integer> progress) {
        SheetText sheet = SheetText.of(text);
        int rows = 0;
        try (CSVParser csv = CSVParser.parse(new StringReader(sheet.text()), sheet.named())) {
            for (String needed : List.of("lot", "at")) {
                if (csv.getHeaderNames().stream().noneMatch(needed::equalsIgnoreCase)) {
                    throw new FaultException(Fault.of(FaultCode.COLUMN_MISSING, "readings.file", needed));
                }
            }
            for (CSVRecord record : csv) {
                rows++;
                if (rows > MOST_ROWS) {
                    throw new FaultException(new Fault(
                            FaultCode.TOO_LARGE,
                            "readings.file",
                            Integer.toString(rows),
                            Integer.toString(MOST_ROWS),
                            ""));
                }
                long line = csv.getCurrentLineNumber();
                try {
                    good.accept(line, row(record));
                } catch (FaultException e) {
                    bad.accept(
                            line,
                            evencistern.server.problem.FaultWire.of(e.faults().get(0), words)
                                    .detail());
                }
                progress.accept(rows);
            }
        } catch (IllegalArgumentException | UncheckedIOException | IOException e) {
            throw new FaultException(Fault.of(FaultCode.FILE_INVALID, "readings.file", String.valueOf(e.getMessage())));
        }
    }

    private static String cell(CSVRecord r, String column) {
        return r.isMapped(column) && r.isSet(column) ? Sheets.text(r.get(column).strip()) : "";
    }

    private Row row(CSVRecord r) {
        String name = cell(r, "lot");
        UUID lot = lots.get(name.toLowerCase(Locale.ROOT));
        if (lot == null) {
            throw new FaultException(Fault.of(FaultCode.NOT_FOUND, "lot", name));
        }
        String named = cell(r, "meter");
        MeterWire meter = named.isEmpty() ? only : meters.get(named.toLowerCase(Locale.ROOT));
        if (meter == null) {
            throw new FaultException(Fault.of(FaultCode.NOT_FOUND, "meter", named));
        }
        String unit = cell(r, "ec_unit");
        String ec = cell(r, "ec");
        return new Row(
                lot,
                new Readings.NewReading(
                        "",
                        meter.id(),
                        cell(r, "method").isEmpty() ? null : cell(r, "method").toLowerCase(Locale.ROOT),
                        typed(cell(r, "ph"), Unit.PH_UNIT.symbol()),
                        ec.isEmpty()
                                ? null
                                : new EcTyped(ec, unit.isEmpty() ? Unit.MILLISIEMENS_PER_CM.symbol() : unit),
                        typed(cell(r, "celsius"), Unit.CELSIUS.symbol()),
                        typed(cell(r, "before_ph"), Unit.PH_UNIT.symbol()),
                        typed(cell(r, "hours"), Unit.HOUR.symbol()),
                        at(cell(r, "at"))));
    }

    private static @Nullable Typed typed(String text, String unit) {
        return text.isEmpty() ? null : new Typed(text, unit);
    }

    private Instant at(String text) {
        Optional<Instant> offset = attempt(() -> OffsetDateTime.parse(text).toInstant());
        return offset.or(() -> attempt(() -> local(text, YEARS_FIRST)))
                .or(() -> attempt(() -> local(text, DAYS_FIRST)))
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.TIME_UNREADABLE, "occurred_at", text)));
    }

    private Instant local(String text, DateTimeFormatter format) {
        return LocalDateTime.parse(text, format).atZone(zone).toInstant();
    }

    private static Optional<Instant> attempt(java.util.function.Supplier<Instant> read) {
        try {
            return Optional.of(read.get());
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** A row as one is known from another: lot, method, time to the second, and what was shown to four decimals. */
    static String identity(UUID lot, String method, Instant at, @Nullable Double ph, @Nullable Double ec) {
        return lot + " " + method + " " + at.getEpochSecond() + " " + figure(ph) + " " + figure(ec);
    }

    private static String figure(@Nullable Double value) {
        return value == null ? "-" : Long.toString(Math.round(value * FOUR_DECIMALS));
    }
}
