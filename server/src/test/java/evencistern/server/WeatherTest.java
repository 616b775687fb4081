package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import evencistern.server.standin.SimulatedWeather;
import evencistern.server.upkeep.Upkeep;
import evencistern.server.weather.WeatherService;
import evencistern.testkit.Api;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The simulated weather service, and what the garden makes of it. */
class WeatherTest {
    private static final LocalDate TODAY = LocalDate.parse(App.TODAY);

    private final Api api = App.api();
    private JsonNode garden;
    private String home;

    @BeforeEach
    void freshGarden() {
        garden = api.freshGarden();
        home = "/api/gardens/" + garden.path("id").asString();
    }

    private static List<WeatherService.Told> year(double latitude, LocalDate today)
            throws WeatherService.NoAnswerException {
        return new SimulatedWeather(17, 0)
                .days(new WeatherService.Site(UUID.randomUUID(), latitude), today.minusDays(365), today, today);
    }

    private static double mean(List<WeatherService.Told> days, int month) {
        return days.stream()
                .filter(d -> d.day().getMonthValue() == month)
                .mapToDouble(d -> (d.weather().lowC() + d.weather().highC()) / 2)
                .average()
                .orElseThrow();
    }

    /** Seasons: summer in July in the north, in January in the south, hardly any near the equator. */
    @ParameterizedTest
    @CsvSource({"52.4, 8, 20", "-34, -16, -5", "5, -3, 3"})
    void theMadeUpYearHasTheSeasonsOfItsLatitude(double latitude, double least, double most) throws Exception {
        List<WeatherService.Told> days = year(latitude, TODAY);
        assertThat(mean(days, 7) - mean(days, 1)).isBetween(least, most);
        assertThat(days).allSatisfy(d -> {
            assertThat(d.weather().highC()).isGreaterThan(d.weather().lowC());
            assertThat(d.weather().rainMm()).isNotNegative();
            assertThat(d.weather().humidityPercent()).isBetween(20.0, 100.0);
        });
        assertThat(days.stream().mapToDouble(d -> d.weather().rainMm()).sum()).isBetween(150.0, 2500.0);
    }

    @Test
    void theSameSeedTellsTheSameAndTheForecastIsOffByMoreTheFurtherItLooks() throws Exception {
        SimulatedWeather service = new SimulatedWeather(17, 0);
        WeatherService.Site site = new WeatherService.Site(UUID.randomUUID(), 52.4);
        double near = 0;
        double far = 0;
        for (int i = 0; i < 200; i++) {
            LocalDate today = TODAY.plusDays(i);
            List<WeatherService.Told> told = service.days(site, today, today.plusDays(7), today);
            assertThat(told).isEqualTo(service.days(site, today, today.plusDays(7), today));
            List<WeatherService.Told> truth = service.days(site, today, today.plusDays(7), today.plusDays(7));
            near += Math.abs(
                    told.get(1).weather().highC() - truth.get(1).weather().highC());
            far += Math.abs(
                    told.get(7).weather().highC() - truth.get(7).weather().highC());
        }
        assertThat(far).isGreaterThan(3 * near);
        assertThat(near / 200).isBetween(0.1, 1.0);
    }

    @Test
    void someDaysItDoesNotAnswer() {
        SimulatedWeather service = new SimulatedWeather(0, 9);
        LocalDate out = LocalDate.ofEpochDay(9 * 2000);
        WeatherService.Site site = new WeatherService.Site(UUID.randomUUID(), 52);
        assertThatThrownBy(() -> service.days(site, out, out, out))
                .isInstanceOf(WeatherService.NoAnswerException.class);
    }

    @Test
    void theWeatherIsFetchedKeptAndUsedOnlyWhenAsked() {
        Map<String, Object> outdoors = Bodies.lot(garden, null);
        outdoors.put("placeId", Bodies.place(garden, "outdoors").path("id").asString());
        String lot = api.put(home + "/lots", outdoors).ok().path("id").asString();
        api.post(
                        home + "/given",
                        Map.of("clientKey", Bodies.key(), "lotIds", List.of(lot), "feed", false, "on", "2026-05-10"))
                .ok();
        assertThat(api.get(home + "/weather").ok().path("days").size())
                .as("looking asks nobody")
                .isZero();
        api.post(home + "/weather/fetch", Map.of()).ok();
        JsonNode weather = api.get(home + "/weather").ok();
        assertThat(weather.path("inUse").asBoolean()).isFalse();
        assertThat(weather.path("days").size()).isEqualTo(29);
        assertThat(weather.path("days").get(28).path("forecast").asBoolean()).isTrue();
        assertThat(weather.path("days").get(0).path("referenceMm").asDouble()).isBetween(0.5, 8.0);
        JsonNode average = api.get(home + "/lots/" + lot).ok().path("state");
        api.put(home + "/weather", Map.of("inUse", true)).ok();
        JsonNode told = api.get(home + "/lots/" + lot).ok().path("state");
        api.put(home + "/weather", Map.of("inUse", false)).ok();
        assertThat(api.get(home + "/lots/" + lot).ok().path("state")).isEqualTo(average);
        assertThat(told.path("nextWaterOn").asString()).isNotEmpty();
    }

    /** Nobody need open the weather's page for the round to go by fresh weather, and looking at the round fetches none. */
    @Test
    void weatherInUseIsFetchedWithoutAnybodyLooking() {
        Map<String, Boolean> use = Map.of("inUse", true);
        assertThat(api.put(home + "/weather", use).ok().path("days").size()).isZero();
        api.get(home + "/today").ok();
        assertThat(api.get(home + "/weather").ok().path("days").size()).isZero();
        App.bean(Upkeep.class).goOn();
        assertThat(api.put(home + "/weather", use).ok().path("days").size()).isEqualTo(29);
    }

    /** Latitude 95 is nowhere; a share of rain above all of it neither. */
    @Test
    void anImpossiblePlaceIsRefused() {
        assertThat(api.put(
                                home + "/settings",
                                Map.of(
                                        "name",
                                        "Yard",
                                        "timeZone",
                                        "Europe/London",
                                        "latitude",
                                        Bodies.typed("95", "°"),
                                        "language",
                                        "en-GB",
                                        "unitHabit",
                                        "metric",
                                        "hand",
                                        "spoons",
                                        "spoons",
                                        List.of("TEASPOON"),
                                        "version",
                                        1))
                        .faults())
                .containsExactly("too_large");
    }

    /** One who asks the service anew must not bring back what another has just chosen. */
    @Test
    void whoFetchesDoesNotUndoWhatAnotherChose() {
        boolean use = false;
        for (int round = 0; round < 20; round++) {
            use = !use;
            boolean chosen = use;
            List<CompletableFuture<Integer>> both = List.of(
                    CompletableFuture.supplyAsync(() ->
                            App.api().post(home + "/weather/fetch", Map.of()).status()),
                    CompletableFuture.supplyAsync(() -> App.api()
                            .put(home + "/weather", Map.of("inUse", chosen))
                            .status()));
            assertThat(both.stream().map(CompletableFuture::join)).containsOnly(200);
            assertThat(api.get(home + "/weather").ok().path("inUse").asBoolean())
                    .isEqualTo(chosen);
        }
    }
}
