package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.testkit.Api;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What ails a lot: what was seen of it, beside what its record says. */
class AilmentTest {
    private final Api api = App.api();
    private final JsonNode garden = api.freshGarden();
    private final String home = "/api/gardens/" + garden.path("id").asString();
    private final JsonNode lot =
            api.put(home + "/lots", Bodies.lot(garden, null)).ok();
    private final String path = home + "/lots/" + lot.path("id").asString();

    private JsonNode look(String... seen) {
        return api.post(path + "/ailment", body(List.of(), seen)).ok();
    }

    private static Map<String, Object> body(List<String> passed, String... seen) {
        List<Map<String, String>> all = new ArrayList<>();
        for (String s : seen) {
            all.add(Map.of("sign", s.substring(0, s.indexOf('=')), "answer", s.substring(s.indexOf('=') + 1)));
        }
        return Map.of("seen", all, "passed", passed);
    }

    private static List<String> names(JsonNode list, String field) {
        List<String> names = new ArrayList<>();
        list.forEach(n -> names.add(n.path(field).asString()));
        return names;
    }

    private static double percent(JsonNode diagnosis, String ailment) {
        for (JsonNode l : diagnosis.path("likely")) {
            if (l.path("ailment").asString().equals(ailment)) {
                return l.path("percent").asDouble();
            }
        }
        return 0;
    }

    @Test
    void whereItShowsIsAskedFirstAndTwoLooksNameSomethingToDo() {
        JsonNode first = look();
        assertThat(first.at("/next/sign").asString()).isEqualTo("part");
        assertThat(look("part=old_leaves").at("/next/sign").asString()).isEqualTo("pattern");
        JsonNode two = look("part=new_leaves", "pattern=silvered", "creatures=thin_quick");
        assertThat(two.at("/likely/0/ailment").asString()).isEqualTo("thrips");
        assertThat(names(two.at("/likely/0/speaksFor"), "sign")).contains("pattern", "creatures");
        assertThat(two.at("/likely/0/steps/0/step").asString()).isEqualTo("isolate");
        assertThat(names(two.path("likely"), "ailment")).contains("other");
    }

    @Test
    void whatIsOnRecordIsNotAskedAndCounts() {
        JsonNode before = look("part=new_leaves", "pattern=between_veins");
        assertThat(names(before.path("record"), "sign"))
                .contains("dry_air", "dark")
                .doesNotContain("ph_high");
        api.post(
                        path + "/readings",
                        Map.of(
                                "clientKey", Bodies.key(),
                                "meterId", garden.at("/meters/0/id").asString(),
                                "ph", Bodies.typed("7.8", "pH")))
                .ok();
        JsonNode after = look("part=new_leaves", "pattern=between_veins");
        assertThat(names(after.path("record"), "sign")).contains("ph_high");
        assertThat(percent(after, "iron_locked")).isGreaterThan(percent(before, "iron_locked"));
        assertThat(names(after.path("changes"), "sign")).doesNotContain("ph_high", "ph_low");
    }

    @Test
    void whatIsPassedOverIsNotAskedAgain() {
        JsonNode next = look("part=all_leaves", "pattern=pale_all").path("next");
        JsonNode other = api.post(
                        path + "/ailment",
                        body(List.of(next.path("sign").asString()), "part=all_leaves", "pattern=pale_all"))
                .ok()
                .path("next");
        assertThat(other.path("sign").asString()).isNotEqualTo(next.path("sign").asString());
    }

    /** A treatment that did not help against an ailment makes it less likely for this plant. */
    @Test
    void whatDidNotHelpSpeaksAgainst() {
        double before = percent(look("part=old_leaves", "pattern=between_veins"), "magnesium");
        Map<String, Object> input = new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "version",
                0,
                "cure",
                "spray",
                "ailment",
                "magnesium",
                "dueOn",
                "2026-05-01",
                "beside",
                false));
        JsonNode planned = api.put(path + "/treatments", input).ok();
        String treatment = home + "/treatments/" + planned.path("id").asString();
        JsonNode done = api.put(treatment + "/done", Map.of("on", "2026-05-01", "version", 1))
                .ok();
        api.put(
                        treatment + "/outcome",
                        Map.of(
                                "outcome",
                                "worse",
                                "version",
                                done.path("version").asInt()))
                .ok();
        assertThat(percent(look("part=old_leaves", "pattern=between_veins"), "magnesium"))
                .isLessThan(before);
    }

    @Test
    void aWordThatIsNoAnswerIsRefused() {
        assertThat(api.post(path + "/ailment", body(List.of(), "part=elbow")).faults())
                .containsExactly("choice_unknown");
        assertThat(api.post(path + "/ailment", body(List.of(), "mood=low")).faults())
                .containsExactly("choice_unknown");
    }
}
