package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.testkit.Api;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The calendar of a garden, and what becomes of it while nobody is there. */
class CalendarTest {
    private final Api api = App.api();
    private JsonNode garden;
    private String home;
    private final List<String> lots = new ArrayList<>();

    /** Five lots, fed on five different days, on a label of 10 to 14 days. */
    @BeforeEach
    void fiveLots() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
        String feed = api.put(home + "/feeds", Bodies.feed()).ok().path("id").asString();
        for (int i = 0; i < 5; i++) {
            Map<String, Object> lot = Bodies.lot(garden, feed);
            lot.put("name", "Lot " + i);
            lot.put("fedBefore", "2026-05-0" + (5 + i));
            lot.put("wateredBefore", "2026-05-1" + i % 3);
            lots.add(api.put(home + "/lots", lot).ok().path("id").asString());
        }
    }

    private List<JsonNode> states() {
        return lots.stream()
                .map(l -> api.get(home + "/lots/" + l).ok().path("state"))
                .toList();
    }

    @Test
    void theCalendarNeedsFewerDaysAndIsFollowedOnlyWhenAsked() {
        List<JsonNode> before = states();
        JsonNode plan = api.get(home + "/calendar").ok();
        assertThat(plan.path("inUse").asBoolean()).isFalse();
        assertThat(plan.path("feedDays").size()).isLessThan(plan.path("alone").asInt());
        assertThat(plan.path("exact").asBoolean()).isTrue();
        assertThat(plan.path("feedDays").size()).isEqualTo(plan.path("fewest").asInt());
        assertThat(states()).isEqualTo(before);
        api.put(home + "/calendar", Map.of("inUse", true)).ok();
        String first = plan.path("feedDays").get(0).path("day").asString();
        assertThat(states())
                .filteredOn(s -> s.path("feedBinding").asString().equals("calendar_day"))
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.path("nextFeedOn").asString())
                        .isGreaterThanOrEqualTo(first)
                        .isBetween(
                                s.path("feedEarliest").asString(),
                                s.path("feedLatest").asString()));
        api.put(home + "/calendar", Map.of("inUse", false)).ok();
        assertThat(states()).isEqualTo(before);
    }

    /** Today's list is what it was before the calendar chose. */
    @Test
    void todaysListDoesNotChange() {
        JsonNode today = api.get(home + "/today").ok().path("groups");
        api.put(home + "/calendar", Map.of("inUse", true)).ok();
        assertThat(api.get(home + "/today").ok().path("groups")).isEqualTo(today);
    }

    @Test
    void whoGoesAwayIsToldWhatWillNotLast() {
        JsonNode away = api.post(
                        home + "/away", Map.of("days", Bodies.typed("30", "d"), "tank", Bodies.typed("100", "L")))
                .ok();
        assertThat(away.path("thirsty").size()).isEqualTo(5);
        assertThat(away.path("tankDays").asDouble()).isPositive();
        JsonNode night =
                api.post(home + "/away", Map.of("days", Bodies.typed("1", "d"))).ok();
        assertThat(night.path("thirsty").size()).isZero();
        assertThat(night.path("lasting").asInt()).isEqualTo(5);
        assertThat(api.post(home + "/away", Map.of("days", Bodies.typed("400", "d")))
                        .faults())
                .containsExactly("too_large");
    }
}
