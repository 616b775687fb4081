package evencistern.server.clock;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The one clock. With a day set for tests and pictures, that day begins at the hour it really is, and time runs on. */
@Configuration
class Time {

    @Bean
    Clock clock(@Value("${even-cistern.today}") String today) {
        // microseconds, as fine as the database keeps
        Clock system = Clock.tick(Clock.systemUTC(), Duration.ofNanos(1000));
        if (today.isBlank()) {
            return system;
        }
        try {
            LocalDate wanted = LocalDate.parse(today);
            LocalDate real = LocalDate.ofInstant(system.instant(), ZoneOffset.UTC);
            return Clock.offset(system, Duration.ofDays(wanted.toEpochDay() - real.toEpochDay()));
        } catch (DateTimeParseException e) {
            throw new IllegalStateException("EVEN_CISTERN_TODAY must look like 2026-05-14, not " + today, e);
        }
    }
}
