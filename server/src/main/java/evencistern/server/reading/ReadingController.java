package evencistern.server.reading;

import evencistern.server.garden.GardenId;
import evencistern.server.journal.Acts;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Readings over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}/lots/{lot}/readings")
class ReadingController {
    private final Readings readings;

    ReadingController(Readings readings) {
        this.readings = readings;
    }

    @GetMapping
    Readings.Series getReadings(@PathVariable UUID garden, @PathVariable UUID lot) {
        return readings.series(new GardenId(garden), lot);
    }

    @PostMapping
    Acts.Recorded logReading(
            @PathVariable UUID garden, @PathVariable UUID lot, @RequestBody Readings.NewReading reading) {
        return readings.log(new GardenId(garden), lot, reading);
    }
}
