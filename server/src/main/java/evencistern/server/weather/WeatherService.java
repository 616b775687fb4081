package evencistern.server.weather;

import evencistern.climate.Place;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** Whoever tells the weather. A real service stands behind the same door as the simulated one. */
public interface WeatherService {
    /** Where the weather is asked for. */
    record Site(UUID id, double latitude) {}

    /**
     * One day.
     *
     * @param forecast whether it is still to come, and only foretold
     */
    record Told(LocalDate day, Place.Weather weather, boolean forecast) {}

    /**
     * The weather of a span of days, oldest first.
     *
     * @param today days after it are foretold
     */
    List<Told> days(Site site, LocalDate from, LocalDate to, LocalDate today) throws NoAnswerException;

    /** The service did not answer. */
    final class NoAnswerException extends Exception {
        private static final long serialVersionUID = 1L;

        public NoAnswerException(String message) {
            super(message);
        }
    }
}
