package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.ailment.Ailment;
import evencistern.ailment.Sign;
import evencistern.ailment.Step;
import evencistern.blend.Blend;
import evencistern.blend.Goal;
import evencistern.blend.NitrogenSchool;
import evencistern.blend.Salt;
import evencistern.caution.Caution;
import evencistern.chore.Chore;
import evencistern.climate.Air;
import evencistern.climate.Aspect;
import evencistern.fault.FaultCode;
import evencistern.feed.Ceiling;
import evencistern.feed.Declared;
import evencistern.feed.Measured;
import evencistern.feed.MeterForecast;
import evencistern.feed.Nutrient;
import evencistern.feed.PastedLabel;
import evencistern.feed.SmallMeasure;
import evencistern.food.NitrogenBudget;
import evencistern.label.HowGiven;
import evencistern.label.LabelReading;
import evencistern.label.Question;
import evencistern.label.Terms;
import evencistern.media.Amendment;
import evencistern.media.Component;
import evencistern.media.Liming;
import evencistern.media.Recipes;
import evencistern.meter.MeterLog;
import evencistern.meter.TdsScale;
import evencistern.mixlife.Suitability;
import evencistern.need.Condition;
import evencistern.need.FeedRhythm;
import evencistern.need.Hold;
import evencistern.need.Learning;
import evencistern.need.Note;
import evencistern.plan.LotPlan;
import evencistern.plant.Poison;
import evencistern.plant.SpeciesGuide;
import evencistern.plant.Trait;
import evencistern.plant.Traits;
import evencistern.reading.CanCheck;
import evencistern.reading.Cause;
import evencistern.reading.Judgement;
import evencistern.reading.Method;
import evencistern.reading.Outcome;
import evencistern.reading.Procedure;
import evencistern.reading.RootZone;
import evencistern.reading.Verdict;
import evencistern.remedy.Brew;
import evencistern.remedy.Cure;
import evencistern.remedy.Remedy;
import evencistern.remedy.Treatment;
import evencistern.server.chore.Tended;
import evencistern.server.pen.PenLink;
import evencistern.server.treatment.TreatmentWire;
import evencistern.server.words.Words;
import evencistern.tank.StockTanks;
import evencistern.testkit.PostgresSession;
import evencistern.water.PhProduct;
import evencistern.water.SourceWater;
import evencistern.water.WaterLimits;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the server and the page have agreed on: the contract, the words, the unit factors. */
class ContractTest {
    private static final Path ROOT = PostgresSession.root();

    @Test
    void theCommittedContractIsTheLiveOne() throws IOException {
        String live = App.api().get("/v3/api-docs").raw().body().strip() + "\n";
        Path committed = ROOT.resolve("web/openapi.json");
        if (Boolean.getBoolean("rewrite")) {
            Files.writeString(committed, live);
        }
        assertThat(Files.readString(committed)).isEqualTo(live);
        // whoever asks next gets the same
        assertThat(App.api().get("/v3/api-docs").raw().body().strip() + "\n").isEqualTo(live);
    }

    private static List<String> ids(Enum<?>[] values) {
        return Arrays.stream(values).map(v -> v.name().toLowerCase(Locale.ROOT)).toList();
    }

    private static void worded(String section, List<String> ids) {
        Words words = App.bean(Words.class);
        assertThat(ids)
                .as(section)
                .allSatisfy(id -> assertThat(words.has(section, id))
                        .as(section + "." + id)
                        .isTrue());
    }

    @Test
    void everyIdOfTheRulesHasWords() {
        worded("faults", ids(FaultCode.values()));
        worded("bindings", ids(LotPlan.Binding.values()));
        worded("flush_askers", ids(LotPlan.Flush.Asker.values()));
        worded("ceilings", ids(Ceiling.values()));
        worded("cautions", ids(Caution.values()));
        worded("questions", names(Question.values()));
        worded("choices", names(Question.Choice.values()));
        worded("assumptions", ids(LabelReading.Assumption.values()));
        worded("doubts", ids(PastedLabel.Doubt.values()));
        worded("roles", ids(LabelReading.Role.values()));
        worded("findings", ids(Judgement.Finding.values()));
        worded("actions", ids(Verdict.Action.values()));
        worded(
                "todos",
                Arrays.stream(Verdict.Action.values())
                        .filter(a -> a != Verdict.Action.CARRY_ON
                                && a != Verdict.Action.FEED_AS_PLANNED
                                && a != Verdict.Action.NO_FEED_PLANNED)
                        .map(Verdict.Action::id)
                        .toList());
        worded("cures", ids(Cure.values()));
        worded("outcomes_of_treatment", names(TreatmentWire.Outcome.values()));
        worded("ailments", Ailment.all().stream().map(Ailment::key).toList());
        worded("ailment_says", Ailment.all().stream().map(Ailment::key).toList());
        worded("ailment_steps", ids(Step.values()));
        for (Sign sign : Sign.all()) {
            worded(
                    sign.asked() ? "ailment_answers" : "ailment_known",
                    sign.base().keySet().stream().map(a -> sign.id() + "." + a).toList());
            if (sign.cost() > 0) {
                worded("ailment_signs", List.of(sign.id()));
            }
        }
        worded("causes", ids(Cause.Kind.values()));
        worded("facts", ids(Cause.What.values()));
        worded("changes", ids(Verdict.Means.values()));
        worded("method_notes", ids(Method.values()));
        for (Method method : Method.values()) {
            worded(
                    "procedure",
                    Procedure.of(method, 1, 0.5).steps().stream()
                            .map(Procedure.Step::id)
                            .toList());
        }
        worded("pen", ids(MeterLog.Finding.values()));
        worded("pen_troubles", ids(PenLink.Trouble.values()));
        worded("methods", ids(Method.values()));
        worded("zones", ids(RootZone.values()));
        worded("outcomes", ids(Outcome.Kind.values()));
        worded("tools", ids(Measured.Tool.values()));
        worded("poison", ids(Poison.values()));
        worded("eaters", ids(Poison.Eater.values()));
        worded("mixes", Recipes.all().stream().map(m -> m.key()).toList());
        worded("components", Recipes.components().stream().map(c -> c.key()).toList());
        worded("families", names(Component.Family.values()));
        worded("schools", ids(Suitability.School.values()));
        for (Suitability.Aspect aspect : Suitability.Aspect.values()) {
            for (Suitability.Voice voice : Suitability.Voice.values()) {
                String id = aspect.name() + "_" + voice.name();
                worded("reasons", List.of(id.toLowerCase(Locale.ROOT)));
            }
        }
        worded("amendments", Amendment.all().stream().map(Amendment::key).toList());
        worded("amendment_notes", Amendment.all().stream().map(Amendment::key).toList());
        worded("packs", names(Component.PackKind.values()));
        worded("small_ways", ids(SmallMeasure.Way.values()));
        worded("limes", names(Liming.Material.values()));
        worded("fineness", names(Liming.Fineness.values()));
        worded("nutrients", ids(Nutrient.values()));
        worded("declared", names(Declared.values()));
        worded("forecasts", ids(MeterForecast.By.values()));
        worded("stories", ids(CanCheck.Story.values()));
        worded("story_acts", ids(CanCheck.Story.values()));
        worded("water_kinds", ids(SourceWater.Kind.values()));
        worded("water_whats", ids(WaterLimits.What.values()));
        worded("standings", ids(WaterLimits.Standing.values()));
        worded("ph_products", PhProduct.all().stream().map(PhProduct::key).toList());
        worded("tanks", ids(StockTanks.Named.values()));
        worded("whys", ids(StockTanks.Why.values()));
        worded("knowns", ids(StockTanks.Known.values()));
        worded("goals_of_blend", ids(Goal.values()));
        worded("miss_whys", ids(Blend.Why.values()));
        worded("nitrogen_schools", ids(NitrogenSchool.values()));
        worded("salts", Salt.all().stream().map(Salt::key).toList());
        worded("remedies", Remedy.all().stream().map(Remedy::key).toList());
        worded("brews", Brew.all().stream().map(Brew::key).toList());
        worded("treatment_notes", ids(Treatment.Note.values()));
        worded("leaves", ids(Treatment.Leaf.values()));
        worded("food_kinds", ids(NitrogenBudget.Kind.values()));
        worded("food_standings", ids(NitrogenBudget.Standing.values()));
        worded("traits", ids(Trait.values()));
        for (Trait trait : Trait.values()) {
            worded("fields", List.of(trait.field()));
            worded(
                    "trait_words",
                    trait.words().stream().map(w -> trait.id() + "." + w).toList());
        }
        worded("groups", SpeciesGuide.groups());
        worded("chores", ids(Chore.values()));
        worded("chore_notes", ids(Chore.values()));
        worded("found", names(Tended.Found.values()));
        worded("holds", ids(Hold.values()));
        worded("how_given", names(HowGiven.values()));
        worded("kin", names(Terms.Kin.values()));
        worded(
                "holds",
                Arrays.stream(Note.values())
                        .filter(Note::mayBeSetAside)
                        .map(Note::id)
                        .toList());
        worded("care_notes", ids(Note.values()));
        worded("dryness", ids(Learning.Dryness.values()));
        worded("airs", ids(Air.values()));
        worded("aspects", ids(Aspect.values()));
        worded("tellers", ids(Traits.Teller.values()));
        worded("conditions", ids(Condition.values()));
        worded("rhythms", ids(FeedRhythm.values()));
        worded("scales", Arrays.stream(TdsScale.values()).map(TdsScale::id).toList());
    }

    private static List<String> names(Enum<?>[] values) {
        return Arrays.stream(values).map(Enum::name).toList();
    }

    @Test
    void everyStepFieldAndSourceNamedInTheCodeHasWords() throws IOException {
        List<Path> files = new ArrayList<>(files("core/src/main/java"));
        files.addAll(files("server/src/main/java"));
        for (Path file : files) {
            String text = Files.readString(file);
            worded("steps", all("(?:\\.step\\(\\s*|judge\\()\"([a-z_.]+)\"", text));
            worded("fields", all("(?:within|text|read|optional|add)\\(\\s*\"([a-z]+\\.[a-z_0-9]+)\"", text));
            worded("symbols", all("\\btable\\(\\s*\"([^\"]+)\",\\s[^;]*?Unit", text));
            worded(
                    "fields",
                    all("\\btyped\\((?:(?!table|earlier)[^;]){5,90}?Unit\\.[A-Z_0-9]+,\\s*\"([^\"]+)\"\\)", text));
            worded(
                    "steps",
                    all("\\bearlier\\((?:(?!table|typed)[^;]){5,90}?Unit\\.[A-Z_0-9]+,\\s*\"([^\"]+)\"\\)", text));
            worded("sources", all("\"((?:[A-Z]{2}[A-Z0-9]{3,})(?: eq\\. \\d+)?)\"", text));
        }
    }

    private static List<Path> files(String folder) throws IOException {
        try (Stream<Path> walk = Files.walk(ROOT.resolve(folder))) {
            return walk.filter(p -> p.toString().endsWith(".java")).toList();
        }
    }

    private static List<String> all(String regex, String text) {
        Matcher m = Pattern.compile(regex).matcher(text);
        return m.results().map(r -> r.group(1)).toList();
    }

    @Test
    void thePageGetsTheFactorsOfTheUnitsAndNoOthers() {
        var units = App.api().get("/api/catalogue").ok().path("units");
        assertThat(units.size()).isEqualTo(evencistern.units.Unit.values().length);
        units.valueStream().forEach(u -> {
            var unit =
                    evencistern.units.Unit.ofSymbol(u.path("symbol").asString()).orElseThrow();
            assertThat(u.path("factor").asDouble()).isEqualTo(unit.factor());
            assertThat(u.path("offset").asDouble()).isEqualTo(unit.offset());
        });
    }
}
