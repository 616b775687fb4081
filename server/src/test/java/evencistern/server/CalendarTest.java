package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.testkit.Api;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
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
        assertThat(plan.path("lots").valueStream().map(l -> l.path("lotId").asString()))
                .as("each lot that some day feeds is named once")
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrderElementsOf(plan.path("feedDays")
                        .valueStream()
                        .flatMap(d -> d.path("lotIds").valueStream())
                        .map(JsonNode::asString)
                        .collect(Collectors.toSet()));
        assertThat(states()).isEqualTo(before);
        api.put(home + "/calendar", Map.of("inUse", true)).ok();
        String first = plan.path("feedDays").get(0).path("day").asString();
        assertThat(states())
                .filteredOn(s -> s.path("feedBinding").asString().equals("calendar_day"))
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.path("nextFeedOn").asString())
                        .isGreaterThanOrEqualTo(first)
                        .isGreaterThanOrEqualTo(s.path("feedEarliest").asString()));
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

    private static List<VEvent> events(String file) throws IOException, ParserException {
        Calendar calendar = new CalendarBuilder().build(new StringReader(file));
        calendar.validate();
        return calendar.getComponents(Component.VEVENT);
    }

    private static String text(Optional<? extends Property> property) {
        return property.orElseThrow().getValue();
    }

    /** Read back by another library than wrote it: whole days, one event for each can, nothing twice. */
    @Test
    void theWorkToComeIsAnICalendarFileThatOthersRead() throws Exception {
        api.put(home + "/calendar", Map.of("inUse", true)).ok();
        Api.Answer file = api.get(home + "/calendar.ics");
        assertThat(file.status()).isEqualTo(200);
        assertThat(file.raw().headers().firstValue("Content-Type").orElseThrow())
                .startsWith("text/calendar");
        List<VEvent> events = events(file.raw().body());
        assertThat(events).isNotEmpty();
        assertThat(events).extracting(e -> text(e.getProperty(Property.UID))).doesNotHaveDuplicates();
        JsonNode plan = api.get(home + "/calendar").ok();
        List<String> fed = events.stream()
                .filter(e -> text(e.getProperty(Property.SUMMARY)).startsWith("Feed with Test salts"))
                .map(e -> text(e.getProperty(Property.DTSTART)))
                .toList();
        assertThat(fed)
                .containsAll(plan.path("feedDays")
                        .valueStream()
                        .map(d -> d.path("day").asString().replace("-", ""))
                        .toList());
        assertThat(fed).allMatch(day -> day.matches("\\d{8}"));
    }

    @Test
    void theAddressIsPrivateAndCanBeChanged() {
        assertThat(api.get(home + "/subscription").ok().has("path"))
                .as("looking makes none")
                .isFalse();
        String path =
                api.post(home + "/subscription", Map.of()).ok().path("path").asString();
        assertThat(api.get(home + "/subscription").ok().path("path").asString()).isEqualTo(path);
        assertThat(api.get(path).raw().body()).contains("BEGIN:VCALENDAR");
        String other =
                api.post(home + "/subscription", Map.of()).ok().path("path").asString();
        assertThat(other).isNotEqualTo(path);
        assertThat(api.get(path).status()).isEqualTo(404);
        assertThat(api.get(other).status()).isEqualTo(200);
    }

    @Test
    void theYearOfALotIsDrawnFromItsPlan() {
        JsonNode year = api.get(home + "/year?find=lot%203").ok();
        assertThat(year.path("all").asInt()).isEqualTo(1);
        JsonNode lot = year.path("lots").get(0);
        assertThat(lot.path("growth").size()).isEqualTo(73);
        assertThat(lot.path("feeds").size()).isPositive();
        assertThat(lot.path("flushes").size()).isPositive();
        assertThat(api.get(home + "/year").ok().path("all").asInt()).isEqualTo(5);
        assertThat(api.get(home + "/year?place=" + java.util.UUID.randomUUID())
                        .ok()
                        .path("all")
                        .asInt())
                .isZero();
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
