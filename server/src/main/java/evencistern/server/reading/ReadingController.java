package evencistern.server.reading;

import evencistern.server.GardenId;
import evencistern.server.history.Act;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Readings over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class ReadingController {
    private final Readings readings;

    ReadingController(Readings readings) {
        this.readings = readings;
    }

    @GetMapping("/lots/{lot}/readings")
    Readings.Series getReadings(@PathVariable UUID garden, @PathVariable UUID lot) {
        return readings.series(new GardenId(garden), lot);
    }

    @PostMapping("/lots/{lot}/readings")
    Act.Recorded logReading(
            @PathVariable UUID garden, @PathVariable UUID lot, @RequestBody Readings.NewReading reading) {
        return readings.log(new GardenId(garden), lot, reading);
    }

    @PutMapping("/readings/{row}")
    Act.Recorded amendReading(
            @PathVariable UUID garden, @PathVariable long row, @RequestBody Readings.NewReading reading) {
        return readings.amend(new GardenId(garden), row, reading);
    }
}
