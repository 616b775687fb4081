package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import evencistern.testkit.Api;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Recipes out as files and in again, here and in another garden. */
class RecipeFileTest {
    private final Api api = App.api();
    private String home;
    private String other;

    @BeforeEach
    void twoGardens() {
        home = "/api/gardens/" + api.freshGarden().path("id").asString() + "/mixes";
        other = "/api/gardens/" + api.freshGarden().path("id").asString() + "/mixes";
    }

    private Api.Answer bring(String where, String text, boolean apply, Map<String, String> instead) {
        return api.post(
                where + "/files", Map.of("clientKey", Bodies.key(), "text", text, "instead", instead, "apply", apply));
    }

    private JsonNode named(String name, String where) {
        return api.get(where)
                .ok()
                .path("recipes")
                .valueStream()
                .filter(r -> r.path("name").asString().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> fates(JsonNode read) {
        List<String> fates = new ArrayList<>();
        read.path("recipes").forEach(r -> fates.add(r.path("fate").asString()));
        return fates;
    }

    private void ownComponentAndRecipe() {
        JsonNode pumice = Bodies.named(api.get(home).ok().path("components"), "pumice");
        Map<String, Object> fields = new HashMap<>();
        Map.ofEntries(
                        Map.entry("grainFrom", "mm"),
                        Map.entry("grainTo", "mm"),
                        Map.entry("porosity", "%"),
                        Map.entry("capacity", "%"),
                        Map.entry("capacityColumn", "cm"),
                        Map.entry("unavailable", "%"),
                        Map.entry("residual", "%"),
                        Map.entry("n", ""),
                        Map.entry("density", "kg/L"),
                        Map.entry("ph", "pH"),
                        Map.entry("buffer", "g/L"),
                        Map.entry("cec", "meq/100 cm³"),
                        Map.entry("ec", "mS/cm"),
                        Map.entry("wetYears", "yr"),
                        Map.entry("cycledYears", "yr"),
                        Map.entry("packPrinted", "L"),
                        Map.entry("packLoose", "L"))
                .forEach((f, unit) ->
                        fields.put(f, Bodies.typed(pumice.path(f).decimalValue().toPlainString(), unit)));
        String component = UUID.randomUUID().toString();
        api.put(
                        home + "/components",
                        Map.of(
                                "id",
                                component,
                                "name",
                                "Quarry dust",
                                "family",
                                "MINERAL",
                                "packKind",
                                "BAG",
                                "fields",
                                fields,
                                "version",
                                0))
                .ok();
        api.put(
                        home + "/recipes",
                        Map.of(
                                "id",
                                UUID.randomUUID().toString(),
                                "name",
                                "Yard mix",
                                "measure",
                                "parts",
                                "parts",
                                List.of(
                                        Map.of("component", "peat_medium", "amount", "2½"),
                                        Map.of("component", component, "amount", "1")),
                                "target",
                                Bodies.typed("5,8", "pH"),
                                "lime",
                                "CALCITE",
                                "fineness",
                                "GROUND",
                                "notes",
                                "As Orla made it.",
                                "version",
                                0))
                .ok();
    }

    @Test
    void theFileIsWholeByItsSchemaAndBroughtBackHereChangesNothing() {
        ownComponentAndRecipe();
        String file = api.get(home + "/file").raw().body();
        String schema = api.get("/api/recipes-schema").raw().body();
        assertThat(SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                        .getSchema(schema, InputFormat.JSON)
                        .validate(file, InputFormat.JSON))
                .isEmpty();
        JsonNode read = bring(home, file, true, Map.of()).ok();
        assertThat(fates(read)).isNotEmpty().containsOnly("SAME");
        assertThat(read.has("act")).isFalse();
    }

    @Test
    void inAnotherGardenItBringsWhatIsMissingAsOneActAndOnlyOnce() {
        ownComponentAndRecipe();
        String file = api.get(home + "/file").raw().body();
        JsonNode dry = bring(other, file, false, Map.of()).ok();
        assertThat(fates(dry)).containsOnly("SAME", "ADDED").containsOnlyOnce("ADDED");
        assertThat(dry.path("components").get(0).path("added").asBoolean()).isTrue();
        assertThat(api.get(other).ok().path("recipes"))
                .as("a look changes nothing")
                .noneMatch(r -> r.path("name").asString().equals("Yard mix"));
        JsonNode read = bring(other, file, true, Map.of()).ok();
        assertThat(api.get(other + "/file").raw().body()).isEqualTo(file);
        assertThat(fates(bring(other, file, true, Map.of()).ok())).containsOnly("SAME");
        String garden = other.substring(0, other.length() - "/mixes".length());
        api.post(garden + "/acts/" + read.path("act").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(named("Yard mix", other).path("retired").asBoolean()).isTrue();
    }

    @Test
    void theSheetComesBackToTheSameRecipes() {
        ownComponentAndRecipe();
        String sheet = api.get(home + "/recipes.csv").raw().body();
        assertThat(sheet).startsWith("recipe,measure,component,amount,").contains("Yard mix,parts,Quarry dust,1,");
        assertThat(fates(bring(home, sheet, false, Map.of()).ok())).isNotEmpty().containsOnly("SAME");
    }

    @Test
    void aPartCountedByItselfGoesOutAndComesBackInBothFiles() {
        Map<String, Object> recipe = Bodies.recipe("Bag and a handful", "peat_medium", "20", "perlite_coarse", "4");
        Bodies.countedIn(recipe, 1, "handfuls", 0.25);
        api.put(home + "/recipes", recipe).ok();
        String sheet = api.get(home + "/recipes.csv").raw().body();
        assertThat(sheet).contains(",4,handfuls,0.25,");
        assertThat(fates(bring(home, sheet, false, Map.of()).ok())).isNotEmpty().containsOnly("SAME");
        bring(other, api.get(home + "/file").raw().body(), true, Map.of()).ok();
        JsonNode counted =
                named("Bag and a handful", other).path("parts").get(1).path("counted");
        assertThat(counted.path("by").asString()).isEqualTo("handfuls");
        assertThat(counted.path("litres").asDouble()).isEqualTo(0.25);
        assertThat(bring(
                                home,
                                "recipe,measure,component,amount,counted_in,litres_each\nBag,litres,pumice,1,handfuls,much\n",
                                true,
                                Map.of())
                        .faults())
                .containsExactly("not_a_number");
    }

    @Test
    void aSheetFromASpreadsheetWithSemicolonsCommaDecimalsAndAMarkIsRead() {
        String sheet = "\uFEFF" + """
                Recipe;Component;Amount;Target_pH
                Window;Sphagnum peat, medium;2,5;5,8
                Window;perlite_coarse;1;
                """.replace("\n", "\r\n");
        JsonNode read = bring(home, sheet, true, Map.of()).ok();
        assertThat(fates(read)).containsExactly("ADDED");
        JsonNode window = named("Window", home);
        assertThat(window.path("parts").get(0).path("component").asString()).isEqualTo("peat_medium");
        assertThat(window.path("target").asDouble()).isEqualTo(5.8);
    }

    @Test
    void anUnknownComponentIsNamedWithOffersAndTheRestIsBrought() {
        String sheet = """
                recipe,component,amount
                Good,pumice,1
                Odd,Pumis 3-8 mm,1
                Bad,pumice,none
                """;
        JsonNode read = bring(home, sheet, true, Map.of()).ok();
        assertThat(fates(read)).containsExactly("ADDED", "UNCLEAR", "UNCLEAR");
        JsonNode unknown = read.path("recipes").get(1).path("unknown").get(0);
        assertThat(unknown.path("said").asString()).isEqualTo("Pumis 3-8 mm");
        assertThat(unknown.path("offers").get(0).asString()).isEqualTo("pumice");
        assertThat(read.path("recipes")
                        .get(2)
                        .path("faults")
                        .get(0)
                        .path("code")
                        .asString())
                .isEqualTo("not_a_number");
        assertThat(fates(bring(home, sheet, true, Map.of("Pumis 3-8 mm", "pumice"))
                        .ok()))
                .containsExactly("SAME", "ADDED", "UNCLEAR");
    }

    @Test
    void whatIsNoFileOfRecipesIsRefused() {
        assertThat(bring(home, "recipe,part\nx,y\n", true, Map.of()).faults()).containsExactly("file_invalid");
        assertThat(bring(home, "{\"format\": \"even-cistern-garden\"}", true, Map.of())
                        .faults())
                .containsExactly("file_invalid");
        assertThat(bring(home, "{\"format\": \"even-cistern-recipes\", \"version\": 9}", true, Map.of())
                        .faults())
                .containsExactly("file_of_other_version");
        assertThat(bring(
                                home,
                                "{\"format\": \"even-cistern-recipes\", \"version\": 1, \"components\": [], \"recipes\": [{}]}",
                                true,
                                Map.of())
                        .faults())
                .containsExactly("file_invalid");
    }
}
