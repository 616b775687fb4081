package evencistern.server.exchange.pdf;

import com.lowagie.text.Document;
import com.lowagie.text.DocumentException;
import com.lowagie.text.Font;
import com.lowagie.text.PageSize;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.BaseFont;
import com.lowagie.text.pdf.PdfWriter;
import evencistern.server.garden.GardenWire;
import java.awt.Color;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import org.jspecify.annotations.Nullable;

/** Paper and type of all that is printed; the type is in the file, so that any name can be written. */
final class Sheet {
    static final float MM = 72 / 25.4f;
    static final Color INK = new Color(0x1f, 0x24, 0x21);
    static final Color SOFT = new Color(0x55, 0x5c, 0x57);
    static final Color RULE = new Color(0xb5, 0xb9, 0xb2);

    private static final BaseFont PLAIN = type("Regular");
    private static final BaseFont BOLD = type("Bold");

    private Sheet() {}

    private static BaseFont type(String style) {
        try {
            return BaseFont.createFont(
                    "liberation/LiberationSans-" + style + ".ttf", BaseFont.IDENTITY_H, BaseFont.EMBEDDED);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static BaseFont face(boolean bold) {
        return bold ? BOLD : PLAIN;
    }

    static Font plain(float size) {
        return new Font(PLAIN, size, Font.NORMAL, INK);
    }

    static Font soft(float size) {
        return new Font(PLAIN, size, Font.NORMAL, SOFT);
    }

    static Font bold(float size) {
        return new Font(BOLD, size, Font.NORMAL, INK);
    }

    /** The paper of the land. */
    static Rectangle size(GardenWire g) {
        return g.unitHabit() == GardenWire.UnitHabit.us ? PageSize.LETTER : PageSize.A4;
    }

    /** What is put on the pages, once they are open. */
    interface Content {
        void write(Document document, PdfWriter writer) throws DocumentException;
    }

    /**
     * Writes a file of pages.
     *
     * @param margin in points, on all sides
     * @param foot what each page says at its foot, where it says something
     */
    static void write(
            Rectangle size, float margin, String title, @Nullable Foot foot, OutputStream out, Content content) {
        Document document = new Document(size, margin, margin, margin, margin);
        PdfWriter writer = PdfWriter.getInstance(document, out);
        writer.setCloseStream(false);
        document.addTitle(title);
        document.addCreator("Even Cistern");
        if (foot != null) {
            writer.setPageEvent(foot);
        }
        document.open();
        content.write(document, writer);
        document.close();
    }
}
