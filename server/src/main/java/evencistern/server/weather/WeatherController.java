package evencistern.server.weather;

import evencistern.server.GardenId;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The weather over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}/weather")
class WeatherController {
    private final Weathers weathers;
    private final WeatherSheets sheets;

    WeatherController(Weathers weathers, WeatherSheets sheets) {
        this.weathers = weathers;
        this.sheets = sheets;
    }

    @GetMapping
    Weathers.WeatherWire getWeather(@PathVariable UUID garden) {
        return weathers.look(new GardenId(garden));
    }

    @PostMapping("/fetch")
    Weathers.WeatherWire fetchWeather(@PathVariable UUID garden) {
        return weathers.fetch(new GardenId(garden));
    }

    /** Whether the plan goes by the weather. */
    record WeatherUse(boolean inUse) {}

    @PutMapping
    Weathers.WeatherWire useWeather(@PathVariable UUID garden, @RequestBody WeatherUse use) {
        return weathers.use(new GardenId(garden), use.inUse());
    }

    @PostMapping("/sheets")
    WeatherSheets.WeatherSheetRead bringWeather(
            @PathVariable UUID garden, @RequestBody WeatherSheets.WeatherSheetAsk sheet) {
        return sheets.bring(new GardenId(garden), sheet);
    }
}
