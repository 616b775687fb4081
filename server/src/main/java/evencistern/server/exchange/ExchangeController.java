package evencistern.server.exchange;

import evencistern.server.GardenId;
import evencistern.server.exchange.csv.Sheets;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Files over HTTP. */
@RestController
@RequestMapping("/api")
class ExchangeController {
    private static final String CSV = "text/csv";

    private final GardenFile file;
    private final Sheets sheets;
    private final RecipeFile recipes;
    private final Gardens gardens;

    ExchangeController(GardenFile file, Sheets sheets, RecipeFile recipes, Gardens gardens) {
        this.file = file;
        this.sheets = sheets;
        this.recipes = recipes;
        this.gardens = gardens;
    }

    private void as(HttpServletResponse response, UUID garden, String type, String suffix) {
        GardenWire g = gardens.require(new GardenId(garden));
        response.setContentType(type);
        response.setCharacterEncoding(StandardCharsets.UTF_8);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename(g.name() + " " + g.today() + suffix, StandardCharsets.UTF_8)
                        .build()
                        .toString());
    }

    @GetMapping("/gardens/{garden}/file")
    void getGardenFile(@PathVariable UUID garden, HttpServletResponse response) throws IOException {
        as(response, garden, MediaType.APPLICATION_JSON_VALUE, ".json");
        file.write(new GardenId(garden), response.getWriter());
    }

    @GetMapping("/gardens/{garden}/lots.csv")
    void getLotSheet(@PathVariable UUID garden, HttpServletResponse response) throws IOException {
        as(response, garden, CSV, " lots.csv");
        sheets.writeLots(new GardenId(garden), response.getWriter());
    }

    @GetMapping("/gardens/{garden}/journal.csv")
    void getJournalSheet(@PathVariable UUID garden, HttpServletResponse response) throws IOException {
        as(response, garden, CSV, " journal.csv");
        sheets.writeJournal(new GardenId(garden), response.getWriter());
    }

    @GetMapping(value = "/garden-file-schema", produces = MediaType.APPLICATION_JSON_VALUE)
    String getGardenFileSchema() {
        return GardenFile.schema();
    }

    /** The garden that was brought back. */
    record Restored(UUID garden) {}

    /** A file may be larger than the memory and come slowly: it is kept on disk until it is here. */
    @PostMapping(value = "/garden-files", consumes = MediaType.APPLICATION_JSON_VALUE)
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            required = true,
            content = @Content(schema = @Schema(type = "string")))
    @ResponseStatus(HttpStatus.CREATED)
    Restored restoreGarden(InputStream text) throws IOException {
        Path here = Files.createTempFile("garden", ".json");
        try {
            try (OutputStream out = Files.newOutputStream(here)) {
                text.transferTo(out);
            }
            return new Restored(file.read(here));
        } finally {
            Files.delete(here);
        }
    }

    @GetMapping("/gardens/{garden}/mixes/file")
    void getRecipeFile(
            @PathVariable UUID garden,
            @RequestParam(required = false) @Nullable String recipe,
            HttpServletResponse response)
            throws IOException {
        as(response, garden, MediaType.APPLICATION_JSON_VALUE, " recipes.json");
        recipes.writeJson(new GardenId(garden), recipe, response.getWriter());
    }

    @GetMapping("/gardens/{garden}/mixes/recipes.csv")
    void getRecipeSheet(
            @PathVariable UUID garden,
            @RequestParam(required = false) @Nullable String recipe,
            HttpServletResponse response)
            throws IOException {
        as(response, garden, CSV, " recipes.csv");
        recipes.writeCsv(new GardenId(garden), recipe, response.getWriter());
    }

    @GetMapping(value = "/recipes-schema", produces = MediaType.APPLICATION_JSON_VALUE)
    String getRecipesSchema() {
        return RecipeFile.schema();
    }

    @PostMapping("/gardens/{garden}/mixes/files")
    RecipeFile.RecipesRead bringRecipes(@PathVariable UUID garden, @RequestBody RecipeFile.Bringing bringing) {
        gardens.require(new GardenId(garden));
        return recipes.bring(new GardenId(garden), bringing);
    }
}
