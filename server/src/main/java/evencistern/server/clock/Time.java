package evencistern.server.clock;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The one clock. With a day set for tests and pictures, that day begins at the hour it really is, brought into the middle of
 * the day, so that it is that day in gardens east and west too; and time runs on.
 */
@Configuration
class Time {
    private static final int MORNING = 6;
    private static final int EVENING = 18;

    @Bean
    Clock clock(@Value("${even-cistern.today}") String today) {
        // microseconds, as fine as the database keeps
        Clock system = Clock.tick(Clock.systemUTC(), Duration.ofNanos(1000));
        if (today.isBlank()) {
            return system;
        }
        try {
            LocalDate wanted = LocalDate.parse(today);
            LocalDateTime real = LocalDateTime.ofInstant(system.instant(), ZoneOffset.UTC);
            int hours = real.getHour() < MORNING ? MORNING : real.getHour() >= EVENING ? -MORNING : 0;
            return Clock.offset(
                    system,
                    Duration.ofDays(wanted.toEpochDay() - real.toLocalDate().toEpochDay())
                            .plusHours(hours));
        } catch (DateTimeParseException e) {
            throw new IllegalStateException("EVEN_CISTERN_TODAY must look like 2026-05-14, not " + today, e);
        }
    }
}
