package evencistern.server.exchange.pdf;

import com.lowagie.text.Document;
import com.lowagie.text.Element;
import com.lowagie.text.Paragraph;
import com.lowagie.text.Phrase;
import com.lowagie.text.pdf.PdfPCell;
import com.lowagie.text.pdf.PdfPTable;
import evencistern.server.GardenId;
import evencistern.server.dose.CareWire.DoseWire;
import evencistern.server.exchange.csv.Sheets;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.today.Rounds;
import evencistern.server.today.Rounds.CarryingWire;
import evencistern.server.today.Rounds.ChoreDueWire;
import evencistern.server.today.Rounds.ChoreGroupWire;
import evencistern.server.today.Rounds.DueWire;
import evencistern.server.today.Rounds.GroupWire;
import evencistern.server.today.Rounds.LotBriefWire;
import evencistern.server.today.Rounds.Today;
import evencistern.server.words.Words;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The round of the day on paper, with a box for each pot to tick, and as a table. */
@Service
public class RoundSheet {
    private static final float MARGIN = 14 * Sheet.MM;
    private static final float[] COLUMNS = {5, 30, 24, 14, 27};
    private static final float LINE = 20;
    private static final List<String> HEAD = List.of(
            "date",
            "work",
            "solution",
            "water",
            "vessel_l",
            "product_per_vessel",
            "measure",
            "ec_ms_cm",
            "place",
            "lot",
            "pots",
            "litres_each",
            "days_late",
            "way",
            "minutes",
            "times_a_day");

    private final Rounds rounds;
    private final Gardens gardens;
    private final Words words;

    RoundSheet(Rounds rounds, Gardens gardens, Words words) {
        this.rounds = rounds;
        this.gardens = gardens;
        this.words = words;
    }

    /** Writes the round as CSV (RFC 4180), a line a lot. */
    @Transactional(readOnly = true)
    public void writeCsv(GardenId garden, @Nullable UUID vessel, Writer out) {
        Today today = rounds.of(garden, vessel);
        GardenWire g = gardens.require(garden);
        try (CSVPrinter csv = Sheets.printer(HEAD, out)) {
            today.groups().forEach(group -> group.due().forEach(d -> Sheets.print(csv, line(g, today, group, d))));
            today.chores().forEach(c -> c.due().forEach(d -> Sheets.print(csv, line(g, today, c, d))));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private List<@Nullable Object> line(GardenWire g, Today today, GroupWire group, DueWire due) {
        DoseWire dose = group.dose();
        return Arrays.asList(
                today.date(),
                group.kind(),
                solution(new InHand(g, words), group),
                group.waterName(),
                group.vessel().litres(),
                dose == null ? null : dose.hand().practical(),
                dose == null ? null : dose.hand().measure(),
                dose == null ? null : dose.meter(),
                g.place(due.lot().placeId()).name(),
                due.lot().name(),
                due.lot().pots(),
                due.litresEach(),
                due.overdueDays(),
                due.way(),
                due.minutes(),
                due.times());
    }

    private static List<@Nullable Object> line(GardenWire g, Today today, ChoreGroupWire chores, ChoreDueWire due) {
        LotBriefWire lot = due.lot();
        return Arrays.asList(
                today.date(),
                chores.chore(),
                null,
                null,
                null,
                null,
                null,
                null,
                g.place(lot.placeId()).name(),
                lot.name(),
                lot.pots(),
                null,
                null,
                null,
                null,
                null);
    }

    private static String solution(InHand hand, GroupWire group) {
        String feed = group.feedName();
        String what = feed != null
                ? feed
                : hand.says(group.kind().equals("flush") ? "flush_with_plain_water" : "plain_water", Map.of());
        return group.sick() ? hand.says("the_sick_ones", Map.of("what", what)) : what;
    }

    /** Writes the round as PDF. */
    @Transactional(readOnly = true)
    public void writePdf(GardenId garden, @Nullable UUID vessel, OutputStream out) {
        Today today = rounds.of(garden, vessel);
        GardenWire g = gardens.require(garden);
        InHand hand = new InHand(g, words);
        String title = hand.says("round_of", Map.of("garden", g.name(), "day", hand.longDay(today.date())));
        Foot foot = new Foot(title, page -> hand.says("page", Map.of("page", page)));
        Sheet.write(Sheet.size(g), MARGIN, title, foot, out, (page, writer) -> {
            page.add(new Paragraph(title, Sheet.bold(15)));
            int lots = today.groups().stream().mapToInt(x -> x.due().size()).sum();
            page.add(new Paragraph(hand.says("lots_due", Map.of("lots", lots)), Sheet.soft(9)));
            today.groups().forEach(group -> page.add(group(g, hand, group)));
            today.chores().forEach(chores -> page.add(chores(g, hand, chores)));
            moving(g, hand, today, page);
        });
    }

    private PdfPTable group(GardenWire g, InHand hand, GroupWire group) {
        PdfPTable table = table();
        List<String> head = new ArrayList<>(List.of(carried(hand, group)));
        DoseWire dose = group.dose();
        if (dose != null) {
            head.add(mixed(hand, group, dose));
            head.add(hand.word("cautions", "label_first"));
        }
        if (group.sick()) {
            head.add(hand.says("wash_hands", Map.of()));
        }
        String solution = solution(hand, group);
        head(table, solution.substring(0, 1).toUpperCase(Locale.ROOT) + solution.substring(1), head);
        for (DueWire due : group.due()) {
            var lot = due.lot();
            row(
                    table,
                    lot.name(),
                    hand.says(
                            "where",
                            Map.of(
                                    "place", g.place(lot.placeId()).name(),
                                    "pots", lot.pots(),
                                    "late", due.overdueDays())),
                    gets(hand, due));
        }
        return table;
    }

    private static String gets(InHand hand, DueWire due) {
        Rounds.BesideWire beside = due.beside();
        if (beside != null) {
            Double spray = beside.sprayLitres();
            return hand.says(
                    "gets_beside",
                    Map.of(
                            "way", beside.way(),
                            "amount",
                                    spray == null ? hand.product(beside.each(), beside.measure()) : hand.litres(spray),
                            "pots", due.lot().pots()));
        }
        Double minutes = due.minutes();
        return hand.says(
                "gets",
                Map.of(
                        "litres", hand.litres(due.litresEach()),
                        "pots", due.lot().pots(),
                        "times", due.times(),
                        "way", due.way(),
                        "minutes", minutes == null ? 0 : Math.max(1, Math.round(minutes))));
    }

    private static String carried(InHand hand, GroupWire group) {
        CarryingWire c = group.carrying();
        String can = group.vessel().name();
        return hand.says(
                "carried",
                Map.of(
                        "by", group.by(),
                        "litres", hand.litres(group.litres()),
                        "water", group.waterName(),
                        "cans", c.cans(),
                        "can", can,
                        "trips", c.trips(),
                        "minutes", Math.max(1, Math.round(c.minutes()))));
    }

    private static String mixed(InHand hand, GroupWire group, DoseWire dose) {
        Double meter = dose.meter();
        Double plusMinus = dose.meterPlusMinus();
        boolean read = meter != null && plusMinus != null;
        return hand.says(
                dose.kind().equals("watered") ? "mixed" : "for_each_pot",
                Map.of(
                        "dose", hand.measured(dose.hand()),
                        "exactly", hand.exactly(dose.hand()),
                        "can", group.vessel().name(),
                        "holds", hand.vessel(group.vessel().litres()),
                        "read", read ? "yes" : "no",
                        "meter", meter == null ? "" : InHand.figures(meter, 2),
                        "plusMinus", plusMinus == null ? "" : InHand.figures(plusMinus, 1)));
    }

    private static PdfPTable chores(GardenWire g, InHand hand, ChoreGroupWire chores) {
        PdfPTable table = table();
        List<String> notes = new ArrayList<>(List.of(hand.word("chore_notes", chores.chore())));
        chores.cautions().forEach(c -> notes.add(hand.word("cautions", c)));
        head(table, hand.word("chores", chores.chore()), notes);
        chores.due()
                .forEach(d -> row(
                        table,
                        d.lot().name(),
                        g.place(d.lot().placeId()).name(),
                        hand.says("pots", Map.of("pots", d.lot().pots()))));
        return table;
    }

    private static void moving(GardenWire g, InHand hand, Today today, Document page) {
        if (today.moving().isEmpty()) {
            return;
        }
        PdfPTable table = table();
        head(table, hand.says("to_move", Map.of()), List.of());
        today.moving().forEach(l -> {
            String to = g.place(l.lot().moves().get(0).placeId()).name();
            row(table, l.lot().name(), g.place(l.lot().placeId()).name(), hand.says("to", Map.of("place", to)));
        });
        page.add(table);
    }

    private static PdfPTable table() {
        PdfPTable table = new PdfPTable(COLUMNS);
        table.setWidthPercentage(100);
        table.setSpacingBefore(14);
        table.setHeaderRows(1);
        return table;
    }

    private static void head(PdfPTable table, String title, List<String> lines) {
        PdfPCell cell = new PdfPCell();
        cell.setColspan(COLUMNS.length);
        cell.addElement(new Paragraph(title, Sheet.bold(12)));
        lines.forEach(l -> cell.addElement(new Paragraph(l, Sheet.plain(9.5f))));
        cell.setBorder(PdfPCell.BOTTOM);
        cell.setBorderWidth(1.2f);
        cell.setBorderColor(Sheet.INK);
        cell.setPaddingBottom(5);
        cell.setPaddingLeft(0);
        table.addCell(cell);
    }

    /** A line of the round: a box, the lot, where it stands, what it gets, and room to write. */
    private static void row(PdfPTable table, String lot, String where, String gets) {
        table.addCell(box());
        table.addCell(cell(new Phrase(lot, Sheet.bold(10)), Element.ALIGN_LEFT));
        table.addCell(cell(new Phrase(where, Sheet.soft(9)), Element.ALIGN_LEFT));
        table.addCell(cell(new Phrase(gets, Sheet.bold(10)), Element.ALIGN_RIGHT));
        table.addCell(cell(new Phrase("", Sheet.plain(9)), Element.ALIGN_LEFT));
    }

    private static PdfPCell box() {
        PdfPCell cell = cell(new Phrase(""), Element.ALIGN_LEFT);
        cell.setCellEvent((c, at, canvases) -> {
            var canvas = canvases[com.lowagie.text.pdf.PdfPTable.LINECANVAS];
            float side = 4 * Sheet.MM;
            canvas.setColorStroke(Sheet.INK);
            canvas.setLineWidth(1);
            canvas.rectangle(at.getLeft() + 1, (at.getTop() + at.getBottom() - side) / 2, side, side);
            canvas.stroke();
        });
        return cell;
    }

    private static PdfPCell cell(Phrase text, int align) {
        PdfPCell cell = new PdfPCell(text);
        cell.setMinimumHeight(LINE);
        cell.setBorder(PdfPCell.BOTTOM);
        cell.setBorderColor(Sheet.RULE);
        cell.setHorizontalAlignment(align);
        cell.setVerticalAlignment(Element.ALIGN_MIDDLE);
        cell.setPaddingBottom(4);
        return cell;
    }
}
