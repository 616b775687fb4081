package evencistern.ailment;

import evencistern.climate.Place;
import evencistern.need.Situation;
import java.time.LocalDate;

/**
 * The plant that ails.
 *
 * @param group of the species guide
 * @param cold whether it is the dark half of the year
 */
public record Patient(String group, Where where, boolean cold) {
    private static final double EVEN_DAY = 12;

    /** Where it stands. */
    public enum Where {
        INSIDE,
        GLASS,
        OUTSIDE;

        private static Where of(Place.Kind kind) {
            return switch (kind) {
                case INDOORS -> INSIDE;
                case UNDER_GLASS -> GLASS;
                case OUTDOORS -> OUTSIDE;
            };
        }
    }

    /** The plant of a lot, on a day. */
    public static Patient of(Situation s, LocalDate today) {
        return new Patient(
                s.species().group(),
                Where.of(s.place().kind()),
                s.place().on(today).daylengthHours() < EVEN_DAY);
    }
}
