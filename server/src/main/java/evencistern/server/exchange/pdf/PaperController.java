package evencistern.server.exchange.pdf;

import evencistern.server.GardenId;
import java.io.ByteArrayOutputStream;
import java.io.StringWriter;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** What is printed, over HTTP. */
@RestController
@RequestMapping("/api")
class PaperController {
    private static final Set<String> HERE_ONLY = Set.of("localhost", "127.0.0.1", "[::1]");

    private final RoundSheet round;
    private final PotLabels labels;
    private final String url;

    PaperController(RoundSheet round, PotLabels labels, @Value("${even-cistern.url}") String url) {
        this.round = round;
        this.labels = labels;
        this.url = url.replaceAll("/+$", "");
    }

    @GetMapping(path = "/gardens/{garden}/round.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> getRoundSheet(
            @PathVariable UUID garden, @RequestParam(required = false) @Nullable UUID vessel) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        round.writePdf(new GardenId(garden), vessel, out);
        return file("round.pdf", out.toByteArray());
    }

    @GetMapping(path = "/gardens/{garden}/round.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<byte[]> getRoundTable(
            @PathVariable UUID garden, @RequestParam(required = false) @Nullable UUID vessel) {
        StringWriter out = new StringWriter();
        round.writeCsv(new GardenId(garden), vessel, out);
        return file("round.csv", out.toString().getBytes(StandardCharsets.UTF_8));
    }

    /**
     * Where the codes on labels lead.
     *
     * @param hereOnly whether no other machine, a phone's least of all, can go there
     */
    record LabelAddress(String address, boolean hereOnly) {}

    @GetMapping("/label-address")
    LabelAddress getLabelAddress() {
        String address = address();
        return new LabelAddress(address, HERE_ONLY.contains(URI.create(address).getHost()));
    }

    @GetMapping(path = "/gardens/{garden}/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> getLabels(
            @PathVariable UUID garden,
            @RequestParam(defaultValue = "") List<UUID> lot,
            @RequestParam(required = false) @Nullable UUID batch,
            @RequestParam(defaultValue = "a4_24") PotLabels.Paper paper,
            @RequestParam(defaultValue = "false") boolean eachPot,
            @RequestParam(defaultValue = "") String used) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        labels.write(new GardenId(garden), new PotLabels.Wanted(lot, batch, paper, eachPot, used, address()), out);
        return file("labels.pdf", out.toByteArray());
    }

    private String address() {
        return url.isEmpty()
                ? ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString()
                : url;
    }

    private static ResponseEntity<byte[]> file(String name, byte[] content) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .body(content);
    }
}
