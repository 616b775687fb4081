package evencistern.need;

import evencistern.climate.Place;
import evencistern.feed.Feed;
import evencistern.media.Mix;
import evencistern.plant.Size;
import evencistern.plant.Species;
import evencistern.pot.Pot;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Everything the plan of a lot rests on.
 *
 * @param courses the feeds of its programme; none for plain water
 * @param startedOn the day its first watering is due
 * @param repottedOn when it last got fresh mix, if that is known
 * @param lastFed with whatever feed
 */
public record Situation(
        Species species,
        Pot pot,
        Mix mix,
        Place place,
        List<Course> courses,
        LocalDate startedOn,
        Optional<LocalDate> repottedOn,
        Optional<LocalDate> lastWatered,
        Optional<LocalDate> lastFed,
        Particulars particulars) {

    public Situation {
        courses = List.copyOf(courses);
    }

    /** With one feed, or none, as its label has it. */
    public Situation(
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
        this(
                species,
                pot,
                mix,
                place,
                feed.map(f -> Course.alone(f, lastFed)).stream().toList(),
                startedOn,
                repottedOn,
                lastWatered,
                lastFed,
                particulars);
    }

    /** The same of which no more is known. */
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

    /** How tall the plant stands, m, for labels that go by it. */
    public OptionalDouble tallM() {
        return particulars.tallM();
    }

    /** Whether its roots hang in the air, without any mix. */
    public boolean bare() {
        return mix.none();
    }

    /** How big its plant is, by what is told of it, and how sure that is. */
    public Size size() {
        return Size.of(particulars.size(), species, pot.acrossM());
    }

    /** How warm the mix is on a day, °C. */
    public double mixC(LocalDate day) {
        return SunOnWalls.of(this).mixC(particulars.mixC(), place.on(day));
    }

    /** Whether sun on the walls of its pot stops the roots there on such a day. */
    public boolean wallStopsRoots(LocalDate day) {
        return SunOnWalls.of(this).stopsRoots(place.on(day));
    }

    /** The one course it is looked at for; of a programme of several each is asked by {@link #of}. */
    public Optional<Course> course() {
        return courses.size() == 1 ? Optional.of(courses.get(0)) : Optional.empty();
    }

    /** The feed of that course. */
    public Optional<Feed> feed() {
        return course().map(Course::feed);
    }

    /** The same, looked at for one course of its programme alone. */
    public Situation of(Course course) {
        return courses.size() == 1 && courses.get(0).equals(course)
                ? this
                : new Situation(
                        species,
                        pot,
                        mix,
                        place,
                        List.of(course),
                        startedOn,
                        repottedOn,
                        lastWatered,
                        course.lastFed(),
                        particulars);
    }

    /** The same with another programme. */
    public Situation with(List<Course> programme) {
        return new Situation(
                species, pot, mix, place, programme, startedOn, repottedOn, lastWatered, lastFed, particulars);
    }

    /** The same with other particulars. */
    public Situation with(Particulars what) {
        return new Situation(species, pot, mix, place, courses, startedOn, repottedOn, lastWatered, lastFed, what);
    }

    /** The same with one feed as its label has it, or none. */
    public Situation with(Optional<Feed> what) {
        return with(what.map(f -> Course.alone(f, lastFed)).stream().toList());
    }

    /** The same, all its feeds in this rhythm. */
    public Situation in(FeedRhythm rhythm) {
        return with(courses.stream().map(c -> c.in(rhythm)).toList());
    }

    /**
     * When it was last fed.
     *
     * @param any with whatever feed
     * @param with each feed, by the key of its course; with one that is not of the programme by another
     */
    public record Fed(Optional<LocalDate> any, Map<String, LocalDate> with) {
        public static final Fed NEVER = new Fed(Optional.empty(), Map.of());

        /**
         * For each of several in water, what was given in place of it counts too; for an only one, any feeding. What is mixed in
         * nothing stands for.
         */
        private Optional<LocalDate> last(Course course, List<Course> programme) {
            if (programme.size() == 1 && !course.feed().mixedIn()) {
                return any;
            }
            return with.entrySet().stream()
                    .filter(e -> e.getKey().equals(course.key())
                            || (course.inWater()
                                    && programme.stream().noneMatch(c -> c.key().equals(e.getKey()))))
                    .map(Map.Entry::getValue)
                    .max(LocalDate::compareTo);
        }
    }

    /** The same, last watered, fed and flushed on these days. */
    public Situation past(Optional<LocalDate> watered, Fed fed, Optional<LocalDate> flushed) {
        return new Situation(
                species,
                pot,
                mix,
                place,
                courses.stream().map(c -> c.given(fed.last(c, courses))).toList(),
                startedOn,
                repottedOn,
                watered,
                fed.any(),
                particulars.flushed(flushed));
    }

    /** The same for one feed. */
    public Situation past(Optional<LocalDate> watered, Optional<LocalDate> fed, Optional<LocalDate> flushed) {
        return past(watered, new Fed(fed, Map.of()), flushed);
    }
}
