package evencistern.server.exchange.pdf;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import com.lowagie.text.PageSize;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.BaseFont;
import com.lowagie.text.pdf.PdfContentByte;
import com.lowagie.text.pdf.PdfWriter;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.plant.Species;
import evencistern.server.GardenId;
import evencistern.server.batch.BatchWire;
import evencistern.server.batch.Batches;
import evencistern.server.garden.GardenWire;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.lot.Lots;
import evencistern.server.mix.MixNames;
import evencistern.server.typed.Typed;
import evencistern.server.words.Words;
import evencistern.units.Dimension;
import java.awt.Color;
import java.io.OutputStream;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Labels for pots: which lot it is, in what it stands since when, or of which batch it was filled, and a code (ISO/IEC 18004)
 * that a phone's camera opens the page of that by.
 */
@Service
public class PotLabels {
    private static final int MOST_LABELS = 1000;
    private static final float PADDING = 2.5f * Sheet.MM;
    /** Points; smaller print cannot be read at arm's length. */
    private static final float SMALLEST = 5.5f;

    private static final float LARGEST_CODE = 26 * Sheet.MM;

    private final Lots lots;
    private final Batches batches;
    private final MixNames mixNames;
    private final Words words;

    PotLabels(Lots lots, Batches batches, MixNames mixNames, Words words) {
        this.lots = lots;
        this.batches = batches;
        this.words = words;
        this.mixNames = mixNames;
    }

    private enum Format {
        A4,
        LETTER,
        OF_THE_LAND
    }

    /** Paper the labels are on; lengths in mm. */
    public enum Paper {
        /** Adhesive sheets of 24, 70 × 37 mm, on A4. */
        a4_24(Format.A4, 3, 8, 70, 37, 0, 0.5, false),
        /** Adhesive sheets of 30, 2⅝ × 1 in, on US letter. */
        letter_30(Format.LETTER, 3, 10, 66.675, 25.4, 4.7625, 12.7, false),
        /** Strips to cut from card and stick in the pot, 135 × 24 mm, on the paper of the land. */
        strips(Format.OF_THE_LAND, 1, 10, 135, 24, 37.5, 19, true);

        private final Format format;
        private final int columns;
        private final int rows;
        private final double width;
        private final double height;
        private final double left;
        private final double top;
        private final boolean cut;

        Paper(Format format, int columns, int rows, double width, double height, double left, double top, boolean cut) {
            this.format = format;
            this.columns = columns;
            this.rows = rows;
            this.width = width;
            this.height = height;
            this.left = left;
            this.top = top;
            this.cut = cut;
        }

        /** Labels on a page. */
        int count() {
            return columns * rows;
        }

        private Rectangle page(GardenWire g) {
            return switch (format) {
                case A4 -> PageSize.A4;
                case LETTER -> PageSize.LETTER;
                case OF_THE_LAND -> Sheet.size(g);
            };
        }

        /** Where a label is on a page; columns do not touch where the page leaves room between them. */
        private Rectangle at(int index, Rectangle page) {
            double free = page.getWidth() / Sheet.MM - 2 * left - columns * width;
            double pitch = width + (columns > 1 ? free / (columns - 1) : 0);
            float x = (float) (left + index % columns * pitch) * Sheet.MM;
            float y = page.getHeight() - (float) (top + (index / columns + 1) * height) * Sheet.MM;
            return new Rectangle(x, y, x + (float) width * Sheet.MM, y + (float) height * Sheet.MM);
        }
    }

    /**
     * Which labels.
     *
     * @param batch whose pots are labelled, besides those of lots; null for none
     * @param eachPot a label for every pot, instead of one a lot, or for each kind of pot of a batch
     * @param used labels of the first page that are used up already; blank for none
     * @param address of the garden's pages, without a stroke at its end
     */
    record Wanted(List<UUID> lotIds, @Nullable UUID batch, Paper paper, boolean eachPot, String used, String address) {}

    /** What stands on so many labels, and the page that the code opens. */
    private record Printed(List<Line> lines, String page, int pots) {}

    /** Writes the labels as PDF, in the order asked for. */
    @Transactional(readOnly = true)
    public void write(GardenId garden, Wanted wanted, OutputStream out) {
        GardenContext context = lots.context(garden);
        Faults faults = new Faults();
        if (wanted.lotIds().stream().anyMatch(Objects::isNull)) {
            faults.add(FaultCode.MISSING, "lot", "");
        }
        double used = Typed.optional(new Typed(wanted.used(), ""), "labels.used", faults, Dimension.NUMBER)
                .orElse(0);
        faults.within("labels.used", used, 0, wanted.paper().count() - 1, "");
        faults.throwIfAny();
        InHand hand = new InHand(context.garden(), words);
        UUID batch = wanted.batch();
        List<Printed> labels = Stream.concat(
                        wanted.lotIds().stream()
                                .distinct()
                                .map(id -> of(
                                        context, hand, lots.require(garden, id).lot())),
                        batch == null ? Stream.empty() : of(hand, batches.require(garden, batch)))
                .flatMap(p ->
                        Collections.nCopies(wanted.eachPot() ? Math.min(p.pots(), MOST_LABELS + 1) : 1, p).stream())
                .toList();
        faults.within("labels", labels.size(), 1, MOST_LABELS, "");
        faults.throwIfAny();
        String title = hand.says("labels", Map.of("garden", context.garden().name()));
        Rectangle paper = wanted.paper().page(context.garden());
        String home = wanted.address() + "/g/" + garden.value();
        Sheet.write(paper, 0, title, null, out, (page, writer) -> {
            for (int i = 0; i < labels.size(); i++) {
                int index = ((int) used + i) % wanted.paper().count();
                if (i > 0 && index == 0) {
                    page.newPage();
                }
                label(labels.get(i), home, wanted.paper().cut, wanted.paper().at(index, paper), writer);
                // a page on which things are only drawn would count as empty
                writer.setPageEmpty(false);
            }
        });
    }

    private Printed of(GardenContext context, InHand hand, Lot lot) {
        Species kind = context.kinds().require(lot.species());
        return new Printed(
                List.of(
                        new Line(lot.name(), true, 11, Sheet.INK),
                        new Line(kind.scientific(), false, 8, Sheet.SOFT),
                        new Line(mixNames.of(context.mixes(), lot.mix()), false, 7.5f, Sheet.INK),
                        new Line(hand.says("since", Map.of("day", hand.day(since(lot)))), false, 7.5f, Sheet.SOFT)),
                "/bench/" + lot.id(),
                lot.pots());
    }

    /** For each kind of pot that a batch was made for; of one made by the litre a single one. */
    private static Stream<Printed> of(InHand hand, BatchWire b) {
        List<BatchWire.PotsWire> pots = b.pots().isEmpty() ? List.of(new BatchWire.PotsWire("", 1)) : b.pots();
        return pots.stream()
                .map(p -> new Printed(
                        List.of(
                                new Line("№ " + b.number(), true, 11, Sheet.INK),
                                new Line(b.recipeName(), false, 8, Sheet.INK),
                                new Line(p.name(), false, 7.5f, Sheet.INK),
                                new Line(hand.day(b.madeOn()), false, 7.5f, Sheet.SOFT)),
                        "/mixes/batches/" + b.id(),
                        p.count()));
    }

    private static void label(Printed printed, String home, boolean cut, Rectangle at, PdfWriter writer) {
        PdfContentByte canvas = writer.getDirectContent();
        if (cut) {
            canvas.setColorStroke(Sheet.RULE);
            canvas.setLineWidth(0.4f);
            canvas.rectangle(at.getLeft(), at.getBottom(), at.getWidth(), at.getHeight());
            canvas.stroke();
        }
        float side = Math.min(at.getHeight() - 2 * PADDING, LARGEST_CODE);
        float codeLeft = at.getRight() - PADDING - side;
        code(canvas, home + printed.page(), codeLeft, (at.getTop() + at.getBottom() - side) / 2, side);
        float width = codeLeft - at.getLeft() - 2 * PADDING;
        float y = at.getTop() - PADDING;
        for (Line line : printed.lines()) {
            y -= line.size() * 1.15f;
            text(canvas, line, at.getLeft() + PADDING, y, width);
        }
    }

    private static LocalDate since(Lot lot) {
        return lot.repottedOn() == null ? lot.startedOn() : lot.repottedOn();
    }

    private record Line(String text, boolean bold, float size, Color color) {}

    /** A line that fits: smaller type first, then cut off. */
    private static void text(PdfContentByte canvas, Line line, float x, float y, float width) {
        BaseFont face = Sheet.face(line.bold());
        float size = line.size();
        while (size > SMALLEST && face.getWidthPoint(line.text(), size) > width) {
            size -= 0.5f;
        }
        String shown = line.text();
        while (shown.length() > 1
                && face.getWidthPoint(shown + (shown.length() < line.text().length() ? "…" : ""), size) > width) {
            shown = shown.substring(0, shown.length() - 1);
        }
        canvas.beginText();
        canvas.setFontAndSize(face, size);
        canvas.setColorFill(line.color());
        canvas.setTextMatrix(x, y);
        canvas.showText(shown.length() < line.text().length() ? shown.strip() + "…" : shown);
        canvas.endText();
    }

    /** The code's dark squares, drawn as such: sharp at any size. A quarter of them may be muddy and it is still read. */
    private static void code(PdfContentByte canvas, String address, float x, float y, float side) {
        BitMatrix code;
        try {
            code = new QRCodeWriter()
                    .encode(
                            address,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.Q, EncodeHintType.MARGIN, 2));
        } catch (WriterException e) {
            throw new FaultException(Fault.of(FaultCode.TOO_LONG, "labels.address", address));
        }
        float module = side / code.getWidth();
        canvas.setColorFill(Color.BLACK);
        for (int row = 0; row < code.getHeight(); row++) {
            for (int column = 0; column < code.getWidth(); column++) {
                if (code.get(column, row)) {
                    canvas.rectangle(x + column * module, y + side - (row + 1) * module, module, module);
                }
            }
        }
        canvas.fill();
    }
}
