package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.climate.Place;
import evencistern.server.weather.Weathers;
import evencistern.testkit.Api;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Daily weather as a sheet: looked at first, then used in place of the average, and taken back. */
class WeatherSheetTest {
    private final Api api = App.api();
    private String home;

    @BeforeEach
    void freshGarden() {
        home = "/api/gardens/" + api.freshGarden().path("id").asString();
    }

    private Api.Answer bring(String text, String degrees, boolean apply) {
        Map<String, Object> ask = new HashMap<>(
                Map.of("clientKey", UUID.randomUUID().toString(), "name", "yard.csv", "text", text, "apply", apply));
        if (degrees != null) {
            ask.put("degrees", degrees);
        }
        return api.post(home + "/weather/sheets", ask);
    }

    private static String year(String head, Function<LocalDate, String> line) {
        StringBuilder sheet = new StringBuilder(head);
        for (LocalDate d = LocalDate.of(2025, 5, 1); d.isBefore(LocalDate.of(2026, 5, 1)); d = d.plusDays(1)) {
            sheet.append('\n').append(line.apply(d));
        }
        return sheet.toString();
    }

    @Test
    void aYearIsLookedAtUsedAndTakenBack() {
        String text = year("Date;Min °C;Max °C;Rain mm;Wind km/h;Pressure max", d -> d + ";4,5;16;3;10,8;1010");
        JsonNode looked = bring(text, null, false).ok();
        assertThat(looked.path("days").asInt()).isEqualTo(365);
        assertThat(looked.has("act")).isFalse();
        assertThat(looked.path("ignored").toString()).isEqualTo("[\"Pressure max\"]");
        assertThat(looked.path("estimated").toString()).isEqualTo("[\"sun\",\"humidity\"]");
        assertThat(looked.path("months").get(5).path("lowC").asDouble()).isEqualTo(4.5);
        assertThat(looked.path("months").get(5).path("rainMm").asDouble()).isCloseTo(90, within(1e-9));
        assertThat(api.get(home + "/weather").ok().path("sheets")).isEmpty();
        JsonNode used = bring(text, null, true).ok();
        JsonNode weather = api.get(home + "/weather").ok();
        JsonNode sheet = weather.path("sheets").get(0);
        assertThat(sheet.path("days").asInt()).isEqualTo(365);
        assertThat(weather.path("days").get(0).path("noted").asBoolean()).isTrue();
        // 10.8 km/h are 3 m/s
        assertThat(weather.path("days").get(0).path("windMs").asDouble()).isCloseTo(3, within(1e-9));
        api.post(home + "/acts/" + used.path("act").asString() + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(api.get(home + "/weather").ok().path("sheets")).isEmpty();
    }

    @Test
    void fahrenheitWithoutSayingIsAskedAndNothingIsUsedUntilItIsAnswered() {
        String text = year("date,low,high", d -> d + ",45,64");
        JsonNode asked = bring(text, null, true).ok();
        assertThat(asked.path("degreesDoubted").asBoolean()).isTrue();
        assertThat(asked.has("act")).isFalse();
        JsonNode answered = bring(text, "°F", true).ok();
        assertThat(answered.path("degreesDoubted").asBoolean()).isFalse();
        assertThat(answered.has("act")).isTrue();
        assertThat(answered.path("months").get(0).path("highC").asDouble()).isCloseTo((64 - 32) / 1.8, within(1e-9));
        JsonNode said =
                bring(year("date,low_f,high_f", d -> d + ",45,64"), null, false).ok();
        assertThat(said.path("degreesSaid").asBoolean()).isTrue();
        assertThat(said.path("months").get(0).path("highC").asDouble()).isCloseTo((64 - 32) / 1.8, within(1e-9));
    }

    @Test
    void aMonthMissingSnowAndBrokenLinesAreSaidAndTheRestIsKept() {
        String text = year(
                        "day,tmin (°C),tmax (°C),precip (in),snow (cm)",
                        d -> d.getMonthValue() == 2 ? "" : d + (d.getMonthValue() == 1 ? ",-9,-3,0.1,4" : ",5,12,0.1,"))
                + "\n2026-05-02,20,10,0,\n2026-05-03,warm,12,0,\nsometime,1,2,0,\n2026-05-30,8,15,0,\n2025-06-01,1,2,0,";
        JsonNode read = bring(text, null, true).ok();
        assertThat(read.path("days").asInt()).isEqualTo(365 - 28);
        assertThat(read.path("months").get(1).isNull()).isTrue();
        assertThat(read.path("snowed").asInt()).isEqualTo(31);
        assertThat(read.path("later").asInt()).isEqualTo(1);
        assertThat(read.path("faulty").asInt()).isEqualTo(4);
        assertThat(read.path("faults").toString())
                .contains("too_small", "not_a_number", "date_unreadable", "day_twice");
        assertThat(read.has("act")).isTrue();
        // 0.1 in are 2.54 mm
        assertThat(read.path("months").get(4).path("rainMm").asDouble()).isCloseTo(76.2, within(1e-6));
    }

    @Test
    void aSheetThatIsNoneIsRefusedWithWhatItNeeds() {
        assertThat(bring("date,low\n2026-05-01,3", null, true).faults()).containsExactly("weather_column_missing");
        assertThat(bring("", null, true).faults()).contains("weather_column_missing");
        assertThat(bring("date,low °C,high °C\n2026-05-01,3,9", "°K", true).faults())
                .containsExactly("choice_unknown");
    }

    /** 5/6 is the fifth of June in Britain, and 13/6 can only be that. */
    @Test
    void daysAreReadAsTheGardenWritesThem() {
        assertThat(bring("date,low °C,high °C\n05/04/2026,3,9", null, false)
                        .ok()
                        .path("from")
                        .asString())
                .isEqualTo("2026-04-05");
        assertThat(bring("date,low °C,high °C\n04/05/2026,3,9\n04/13/2026,3,9", null, false)
                        .ok()
                        .path("from")
                        .asString())
                .isEqualTo("2026-04-05");
    }

    @Test
    void whatWasNotedIsKnownToThePlanBeforeWhatAServiceTold() {
        GardenId garden = new GardenId(UUID.fromString(home.substring(home.lastIndexOf('/') + 1)));
        LocalDate today = LocalDate.parse(App.TODAY);
        LocalDate day = today.minusDays(20);
        api.put(home + "/weather", Map.of("inUse", true)).ok();
        api.post(home + "/weather/fetch", Map.of()).ok();
        double told = known(garden, today, day).lowC();
        bring("date,low °C,high °C\n" + day + "," + (told - 5) + ",45", null, true)
                .ok();
        assertThat(known(garden, today, day).lowC()).isEqualTo(told - 5);
        api.put(home + "/weather", Map.of("inUse", false)).ok();
        assertThat(App.bean(Weathers.class).known(garden, today)).containsOnlyKeys(day);
    }

    private static Place.Weather known(GardenId garden, LocalDate today, LocalDate day) {
        return Optional.ofNullable(App.bean(Weathers.class).known(garden, today).get(day))
                .orElseThrow();
    }
}
