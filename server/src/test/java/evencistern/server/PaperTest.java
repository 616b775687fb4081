package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.ReaderException;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import evencistern.testkit.Api;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.StringReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is printed, read back by other libraries than wrote it. */
class PaperTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;
    private JsonNode fed;
    private JsonNode watered;

    @BeforeEach
    void twoLotsDue() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
        JsonNode feed = api.put(home + "/feeds", Bodies.feed()).ok();
        fed = lot("Žofie's Cape primrose", 3, feed.path("id").asString());
        watered = lot("Plain one", 1, null);
    }

    private JsonNode lot(String name, int pots, String feed) {
        var body = Bodies.lot(garden, feed);
        body.put("name", name);
        body.put("pots", Bodies.typed(Integer.toString(pots), ""));
        return api.put(home + "/lots", body).ok();
    }

    private PDDocument pdf(String path) throws IOException, InterruptedException {
        HttpResponse<byte[]> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(App.address() + home + path))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("Content-Type").orElseThrow()).startsWith("application/pdf");
        return Loader.loadPDF(answer.body());
    }

    private static String text(PDDocument pdf) throws IOException {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setSortByPosition(true);
        return stripper.getText(pdf);
    }

    @Test
    void theRoundOnPaperSaysWhatTheRoundOfTheDaySays() throws Exception {
        JsonNode groups = api.get(home + "/today").ok().path("groups");
        double grams = groups.valueStream()
                .filter(g -> g.path("dose").isObject())
                .findFirst()
                .orElseThrow()
                .path("dose")
                .path("hand")
                .path("exact")
                .asDouble();
        // 1 g/L in a can of 5 L
        assertThat(grams).isCloseTo(5, within(1e-6));
        try (PDDocument pdf = pdf("/round.pdf")) {
            String text = text(pdf);
            assertThat(text)
                    .contains("Thursday, 14 May 2026", "2 lots due", "Plain water", "Test salts")
                    .contains("Žofie's Cape primrose", "3 pots", "Plain one")
                    .contains("tsp (exactly 5.00 g) to each full Can (5 L)", "it should read")
                    .contains("The product's label comes first");
            assertThat(groups.size()).isEqualTo(2);
            groups.forEach(
                    g -> assertThat(text).contains(g.path("vessel").path("name").asString()));
        }
    }

    @Test
    void aDayWithoutWorkIsPrintedAsOne() throws Exception {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
        try (PDDocument pdf = pdf("/round.pdf")) {
            assertThat(text(pdf)).contains("Nothing is due.");
        }
    }

    @Test
    void theRoundAsATableHasALineForEachLot() throws Exception {
        List<CSVRecord> lines = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .get()
                .parse(new StringReader(api.get(home + "/round.csv").raw().body()))
                .getRecords()
                .stream()
                .filter(l -> List.of("water", "feed").contains(l.get("work")))
                .toList();
        assertThat(lines).extracting(l -> l.get("lot")).containsExactly("Plain one", "Žofie's Cape primrose");
        CSVRecord line = lines.get(1);
        assertThat(line.get("solution")).isEqualTo("Test salts");
        assertThat(line.get("date")).isEqualTo(App.TODAY);
        assertThat(line.get("pots")).isEqualTo("3");
        JsonNode group = api.get(home + "/today").ok().path("groups").get(1);
        assertThat(Double.parseDouble(line.get("litres_each")))
                .isCloseTo(
                        group.path("due").get(0).path("litresEach").asDouble(),
                        org.assertj.core.data.Percentage.withPercentage(0.1));
    }

    /** A label's place on its sheet, mm from the top left, as such sheets are sold (common practice, no source). */
    private record Spot(double left, double top, double width, double height) {}

    private static final Map<String, List<Spot>> FIRST_TWO = Map.of(
            "a4_24", List.of(new Spot(0, 0.5, 70, 37), new Spot(70, 0.5, 70, 37)),
            "letter_30", List.of(new Spot(4.76, 12.7, 66.7, 25.4), new Spot(74.6, 12.7, 66.7, 25.4)),
            "strips", List.of(new Spot(37.5, 19, 135, 24), new Spot(37.5, 43, 135, 24)));

    /** The code on a label, as a phone's camera reads it: nearer and farther, until one picture will do. */
    private static String code(PDDocument pdf, int page, Spot spot) throws Exception {
        for (int dotsPerInch : List.of(300, 400, 250, 350, 600)) {
            double dots = dotsPerInch / 25.4;
            BufferedImage sheet = new PDFRenderer(pdf).renderImageWithDPI(page, dotsPerInch);
            int left = (int) (spot.left() * dots);
            int top = (int) (spot.top() * dots);
            // a sheet is drawn to whole dots, so that its last label may end half a dot beyond it
            BufferedImage image = sheet.getSubimage(
                    left,
                    top,
                    Math.min((int) (spot.width() * dots), sheet.getWidth() - left),
                    Math.min((int) (spot.height() * dots), sheet.getHeight() - top));
            try {
                return new QRCodeReader()
                        .decode(
                                new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(image))),
                                Map.of(DecodeHintType.TRY_HARDER, true))
                        .getText();
            } catch (ReaderException unread) {
                // the next picture
            }
        }
        return "no code found";
    }

    private String page(JsonNode lot) {
        return App.address() + "/g/" + garden.path("id").asString() + "/bench/"
                + lot.path("id").asString();
    }

    private String both() {
        return "?lot=" + fed.path("id").asString() + "&lot="
                + watered.path("id").asString();
    }

    @Test
    void theCodeOfALabelLeadsToItsLot() throws Exception {
        for (String paper : FIRST_TWO.keySet()) {
            List<Spot> spots = FIRST_TWO.get(paper);
            try (PDDocument pdf = pdf("/labels.pdf" + both() + "&paper=" + paper)) {
                assertThat(code(pdf, 0, spots.get(0))).as(paper).isEqualTo(page(fed));
                assertThat(code(pdf, 0, spots.get(1))).as(paper).isEqualTo(page(watered));
                assertThat(text(pdf))
                        .contains("Žofie's Cape primrose", "Plain one", "Streptocarpus", "since 1 May 2026");
            }
        }
    }

    @Test
    void aLabelForEveryPotBeginsWhereTheSheetIsNotUsedUp() throws Exception {
        try (PDDocument pdf = pdf("/labels.pdf" + both() + "&eachPot=true&used=22")) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            Spot last = new Spot(140, 0.5 + 7 * 37, 70, 37);
            assertThat(code(pdf, 0, last)).isEqualTo(page(fed));
            assertThat(code(pdf, 1, FIRST_TWO.get("a4_24").get(0))).isEqualTo(page(fed));
            assertThat(code(pdf, 1, FIRST_TWO.get("a4_24").get(1))).isEqualTo(page(watered));
        }
    }

    @Test
    void theCodeOfABatchsLabelLeadsToTheBatch() throws Exception {
        String batch = UUID.randomUUID().toString();
        Map<String, Object> form = new HashMap<>(Bodies.batch(batch, "peat_perlite"));
        form.put(
                "fills",
                List.of(
                        Map.of("name", "13 cm pot", "pot", Bodies.pot("13", "9", "12"), "count", Bodies.typed("3", "")),
                        Map.of("name", "Tray", "pot", Bodies.pot("20", "14", "19"), "count", Bodies.typed("1", ""))));
        api.put(home + "/batches", form).ok();
        try (PDDocument pdf = pdf("/labels.pdf?eachPot=true&batch=" + batch)) {
            String page = App.address() + "/g/" + garden.path("id").asString() + "/mixes/batches/" + batch;
            assertThat(code(pdf, 0, FIRST_TWO.get("a4_24").get(1))).isEqualTo(page);
            assertThat(text(pdf).split("13 cm pot", -1)).hasSize(4);
            assertThat(text(pdf)).contains("Tray", "№ 1", "Peat and perlite");
        }
        assertThat(api.get(home + "/labels.pdf?batch=" + UUID.randomUUID()).faults())
                .containsExactly("not_found");
        assertThat(api.get(home + "/labels.pdf").faults()).containsExactly("too_small");
    }

    @Test
    void moreUsedThanASheetHasAndTooManyLabelsAreRefused() {
        assertThat(api.get(home + "/labels.pdf" + both() + "&used=24").faults()).containsExactly("too_large");
        JsonNode many = lot("Plugs", 1200, null);
        assertThat(api.get(home + "/labels.pdf?eachPot=true&lot="
                                + many.path("id").asString())
                        .faults())
                .containsExactly("too_large");
    }

    @Test
    void whereCodesLeadIsSaid() {
        JsonNode address = api.get("/api/label-address").ok();
        assertThat(address.path("address").asString()).isEqualTo(App.address());
        assertThat(address.path("hereOnly").asBoolean())
                .as("no phone can go to a loopback address")
                .isTrue();
    }
}
