package evencistern.server.season;

import evencistern.server.GardenId;
import evencistern.server.exchange.csv.Sheets;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The season's need over HTTP. */
@RestController
class SeasonController {
    private static final List<String> HEAD =
            List.of("feed", "unit", "needed", "left", "runs_out_on", "to_buy", "packs", "lots");

    private final Seasons seasons;

    SeasonController(Seasons seasons) {
        this.seasons = seasons;
    }

    @GetMapping("/api/gardens/{garden}/season")
    Seasons.SeasonNeedWire getSeason(@PathVariable UUID garden) {
        return seasons.of(new GardenId(garden));
    }

    @GetMapping("/api/gardens/{garden}/season.csv")
    void getSeasonSheet(@PathVariable UUID garden, HttpServletResponse response) throws IOException {
        Seasons.SeasonNeedWire season = seasons.of(new GardenId(garden));
        response.setContentType("text/csv");
        response.setCharacterEncoding(StandardCharsets.UTF_8);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename("season " + season.from() + ".csv", StandardCharsets.UTF_8)
                        .build()
                        .toString());
        try (CSVPrinter csv = Sheets.printer(HEAD, response.getWriter())) {
            season.feeds()
                    .forEach(f -> Sheets.print(
                            csv,
                            Arrays.asList(
                                    f.name(),
                                    f.unit(),
                                    f.needed(),
                                    f.left(),
                                    f.runsOutOn(),
                                    f.toBuy(),
                                    f.packs(),
                                    f.lots())));
        }
    }
}
