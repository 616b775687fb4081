package evencistern.server.exchange.ics;

import evencistern.server.GardenId;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The work to come as a calendar file, fetched once or subscribed to, over HTTP. */
@RestController
@RequestMapping("/api/gardens/{garden}")
class CalendarFileController {
    private static final String ICALENDAR = "text/calendar;charset=UTF-8";

    private final CalendarFile work;

    CalendarFileController(CalendarFile work) {
        this.work = work;
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
}
