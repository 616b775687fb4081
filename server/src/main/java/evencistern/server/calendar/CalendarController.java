package evencistern.server.calendar;

import evencistern.server.GardenId;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The calendar over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class CalendarController {
    private final Calendars calendars;
    private final Years years;

    CalendarController(Calendars calendars, Years years) {
        this.calendars = calendars;
        this.years = years;
    }

    @GetMapping("/calendar")
    Calendars.CalendarWire getCalendar(@PathVariable UUID garden) {
        return calendars.look(new GardenId(garden));
    }

    /** Whether lots are fed by the calendar. */
    record CalendarUse(boolean inUse) {}

    @PutMapping("/calendar")
    Calendars.CalendarWire useCalendar(@PathVariable UUID garden, @RequestBody CalendarUse use) {
        return calendars.use(new GardenId(garden), use.inUse());
    }

    @GetMapping("/year")
    Years.YearWire getYear(
            @PathVariable UUID garden,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(required = false) @Nullable UUID place) {
        return years.of(new GardenId(garden), find, place);
    }

    @PostMapping("/away")
    Calendars.AwayWire away(@PathVariable UUID garden, @RequestBody Calendars.AwayAsk ask) {
        return calendars.away(new GardenId(garden), ask);
    }
}
