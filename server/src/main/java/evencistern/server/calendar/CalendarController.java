package evencistern.server.calendar;

import evencistern.server.GardenId;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
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
    private static final String ICALENDAR = "text/calendar;charset=UTF-8";

    private final Calendars calendars;
    private final WorkFeed work;
    private final Years years;

    CalendarController(Calendars calendars, WorkFeed work, Years years) {
        this.calendars = calendars;
        this.work = work;
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

    /** Where a calendar program fetches the work to come: private to whoever knows it; absent until one is made. */
    record Subscription(@Nullable String path) {
        static Subscription of(UUID garden, UUID address) {
            return new Subscription("/api/gardens/" + garden + "/calendar/" + address + ".ics");
        }
    }

    @GetMapping("/subscription")
    Subscription getSubscription(@PathVariable UUID garden) {
        return work.address(new GardenId(garden))
                .map(address -> Subscription.of(garden, address))
                .orElse(new Subscription(null));
    }

    @PostMapping("/subscription")
    Subscription renewSubscription(@PathVariable UUID garden) {
        return Subscription.of(garden, work.newAddress(new GardenId(garden)));
    }

    @GetMapping(path = "/calendar.ics", produces = ICALENDAR)
    ResponseEntity<String> getWork(@PathVariable UUID garden) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"work-to-come.ics\"")
                .body(work.of(new GardenId(garden)));
    }

    @GetMapping(path = "/calendar/{address}.ics", produces = ICALENDAR)
    String subscribedWork(@PathVariable UUID garden, @PathVariable UUID address) {
        return work.at(new GardenId(garden), address);
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
