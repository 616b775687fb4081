package evencistern.need;

import evencistern.climate.Place;
import evencistern.feed.Feed;
import evencistern.media.Mix;
import evencistern.plant.Species;
import evencistern.pot.Pot;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Everything the plan of a lot rests on.
 *
 * @param startedOn the day its first watering is due
 * @param repottedOn when it last got fresh mix, if that is known
 */
public record Situation(
        Species species,
        Pot pot,
        Mix mix,
        Place place,
        Optional<Feed> feed,
        LocalDate startedOn,
        Optional<LocalDate> repottedOn,
        Optional<LocalDate> lastWatered,
        Optional<LocalDate> lastFed,
        Particulars particulars) {

    /** How tall the plant stands, m, for labels that go by it. */
    public OptionalDouble tallM() {
        return particulars.tallM();
    }

    /** Whether its roots hang in the air, without any mix. */
    public boolean bare() {
        return mix.none();
    }

    /** How warm the mix is on a day, °C. */
    public double mixC(LocalDate day) {
        return SunOnWalls.of(this).mixC(particulars.mixC(), place.on(day));
    }

    /** Whether sun on the walls of its pot stops the roots there on such a day. */
    public boolean wallStopsRoots(LocalDate day) {
        return SunOnWalls.of(this).stopsRoots(place.on(day));
    }

    /** A situation of which no more is known. */
    public Situation(
            Species species,
            Pot pot,
            Mix mix,
            Place place,
            Optional<Feed> feed,
            LocalDate startedOn,
            Optional<LocalDate> repottedOn,
            Optional<LocalDate> lastWatered,
            Optional<LocalDate> lastFed) {
        this(species, pot, mix, place, feed, startedOn, repottedOn, lastWatered, lastFed, Particulars.NONE);
    }

    /** The same with other particulars. */
    public Situation with(Particulars what) {
        return new Situation(species, pot, mix, place, feed, startedOn, repottedOn, lastWatered, lastFed, what);
    }

    /** The same with another feed, or none. */
    public Situation with(Optional<Feed> what) {
        return new Situation(species, pot, mix, place, what, startedOn, repottedOn, lastWatered, lastFed, particulars);
    }

    /** The same, last watered, fed and flushed on these days. */
    public Situation past(Optional<LocalDate> watered, Optional<LocalDate> fed, Optional<LocalDate> flushed) {
        return new Situation(
                species, pot, mix, place, feed, startedOn, repottedOn, watered, fed, particulars.flushed(flushed));
    }
}
