package evencistern.server.exchange.pdf;

import com.lowagie.text.Document;
import com.lowagie.text.Element;
import com.lowagie.text.Phrase;
import com.lowagie.text.pdf.ColumnText;
import com.lowagie.text.pdf.PdfPageEventHelper;
import com.lowagie.text.pdf.PdfWriter;
import java.util.function.IntFunction;

/** What it is and which page, at the foot of each. */
final class Foot extends PdfPageEventHelper {
    private static final float SIZE = 8;

    private final String title;
    private final IntFunction<String> numbered;

    /**
     * What a page says at its foot.
     *
     * @param numbered how the number of a page is said
     */
    Foot(String title, IntFunction<String> numbered) {
        this.title = title;
        this.numbered = numbered;
    }

    @Override
    public void onEndPage(PdfWriter writer, Document document) {
        float y = document.bottom() - 1.5f * SIZE;
        Phrase what = new Phrase(title, Sheet.soft(SIZE));
        Phrase page = new Phrase(numbered.apply(writer.getPageNumber()), Sheet.soft(SIZE));
        ColumnText.showTextAligned(writer.getDirectContent(), Element.ALIGN_LEFT, what, document.left(), y, 0);
        ColumnText.showTextAligned(writer.getDirectContent(), Element.ALIGN_RIGHT, page, document.right(), y, 0);
    }
}
