package evencistern.server.programme;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.feed.Nutrients;
import evencistern.food.NitrogenBudget.Dressing;
import evencistern.need.Course;
import evencistern.need.Situation;
import evencistern.plan.FeedYear;
import evencistern.plan.Pattern;
import evencistern.plan.Split;
import evencistern.plant.Appetite;
import evencistern.server.GardenId;
import evencistern.server.dose.CareWire;
import evencistern.server.dose.NutrientWire;
import evencistern.server.feed.FeedWire;
import evencistern.server.food.Foods;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.lot.LotCourse;
import evencistern.server.lot.LotInput;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The feeds of lots: what they come to together, what fits them, and how many lots are put on them at once. */
@Service
@RetriedOnLocks
public class Programmes {
    private static final int MOST_LOTS = 500;
    private static final int ALL = 100;

    private final Lots lots;
    private final Foods foods;
    private final History history;

    Programmes(Lots lots, Foods foods, History history) {
        this.lots = lots;
        this.foods = foods;
        this.history = history;
    }

    /**
     * What one source gives in a month.
     *
     * @param feedId of a course; absent for what is in the mix already
     */
    public record MonthGivenWire(@Nullable UUID feedId, double mg) {}

    /**
     * A month of the year ahead: nitrogen needed in one pot, and given.
     *
     * @param tooMuch whether so much more than that is given that something should be done about it
     */
    public record MonthWire(
            LocalDate from,
            double needMg,
            double mostMg,
            double totalMg,
            boolean tooMuch,
            List<MonthGivenWire> given) {}

    /**
     * A feed of the programme.
     *
     * @param times how often in the year ahead, {@code next} the first of them
     * @param product for one pot in the year, in that measure
     * @param share per cent as it is set, and {@code proposed} what would stay within the need; 0 to leave it out
     */
    public record CourseWire(
            UUID feedId,
            String name,
            int times,
            @Nullable LocalDate next,
            double product,
            String measure,
            int share,
            int proposed) {}

    /**
     * A programme as growers of such plants are used to, from the feeds on the shelf.
     *
     * @param usual whether it is that of this kind of plant
     * @param courses what it comes to here; none where the shelf lacks a feed for it
     * @param lacking kinds of feed that are not on the shelf
     */
    public record PatternWire(String id, boolean usual, List<LotCourse> courses, List<String> lacking) {}

    /**
     * What all feeds of a lot come to.
     *
     * @param elements g for one pot in the year
     * @param saltGrams that all of them bring to one pot in the year
     */
    public record ProgrammeWire(
            double needMg,
            double mostMg,
            double totalMg,
            List<MonthWire> months,
            List<CourseWire> courses,
            List<NutrientWire> elements,
            double saltGrams,
            List<PatternWire> patterns) {}

    /** The programme of a lot as it is typed. */
    ProgrammeWire of(GardenId garden, LotInput draft, @Nullable UUID added) {
        GardenContext context = lots.context(garden);
        LotWithState standing = lots.draft(context, draft);
        LocalDate today = context.garden().today();
        Situation s = context.situation(standing);
        List<Dressing> dressings = foods.inTheMix(context, standing.lot(), s);
        FeedYear year = FeedYear.of(s, today, dressings);
        Map<String, Double> proposed = proposed(s, added, today, dressings);
        return new ProgrammeWire(
                year.needMg(),
                year.mostMg(),
                year.totalMg(),
                year.months().stream().map(m -> month(year, m)).toList(),
                s.courses().stream()
                        .map(c -> course(context, c, year, proposed))
                        .toList(),
                NutrientWire.all(year.elements(), Nutrients.NONE),
                year.saltGrams(),
                Pattern.of(s.species()).stream()
                        .map(p -> pattern(context, standing.lot(), s, p, today, dressings))
                        .toList());
    }

    /** Of one feed alone nobody asks what the others become. */
    private static Map<String, Double> proposed(
            Situation s, @Nullable UUID added, LocalDate today, List<Dressing> dressings) {
        if (s.courses().size() < 2) {
            return Map.of();
        }
        String last = added == null ? s.courses().get(s.courses().size() - 1).key() : added.toString();
        return Split.of(s, last, today, dressings);
    }

    private static MonthWire month(FeedYear year, FeedYear.Month m) {
        return new MonthWire(
                m.from(),
                m.needMg(),
                m.mostMg(),
                m.totalMg(),
                year.tooMuch(m),
                m.given().entrySet().stream()
                        .map(g -> new MonthGivenWire(
                                g.getKey().equals(FeedYear.IN_THE_MIX) ? null : UUID.fromString(g.getKey()),
                                g.getValue()))
                        .toList());
    }

    private static CourseWire course(GardenContext context, Course c, FeedYear year, Map<String, Double> proposed) {
        FeedYear.Given given = year.feeds().get(c.key());
        int share = per(c.share());
        return new CourseWire(
                UUID.fromString(c.key()),
                context.feed(c).name(),
                given == null ? 0 : given.times(),
                given == null ? null : given.next().orElse(null),
                given == null ? 0 : given.product(),
                CareWire.measureId(c.feed().rate().measure()),
                share,
                per(proposed.getOrDefault(c.key(), c.share())));
    }

    private static int per(double share) {
        return (int) Math.round(share * ALL);
    }

    private static PatternWire pattern(
            GardenContext context, Lot lot, Situation s, Pattern pattern, LocalDate today, List<Dressing> dressings) {
        Map<Pattern.Type, FeedWire> found = new LinkedHashMap<>();
        List<String> lacking = new ArrayList<>();
        for (Pattern.Slot slot : pattern.slots()) {
            onShelf(context, lot, slot.type())
                    .ifPresentOrElse(
                            f -> found.put(slot.type(), f),
                            () -> lacking.add(slot.type().id()));
        }
        boolean usual = pattern == Pattern.usual(s.species());
        return new PatternWire(
                pattern.id(),
                usual,
                lacking.isEmpty() ? courses(pattern, found, s, today, dressings) : List.of(),
                lacking);
    }

    /** A feed of a kind that the lot has already, or else the first by name. */
    private static Optional<FeedWire> onShelf(GardenContext context, Lot lot, Pattern.Type type) {
        return Stream.concat(
                        context.feeds(lot).stream(),
                        context.feeds().values().stream()
                                .filter(f -> !f.retired())
                                .sorted(Comparator.comparing(FeedWire::name)))
                .filter(f -> f.settled().filter(type::fits).isPresent())
                .findFirst();
    }

    /** The courses of a pattern, each at the share that stays within the need. */
    private static List<LotCourse> courses(
            Pattern pattern,
            Map<Pattern.Type, FeedWire> found,
            Situation s,
            LocalDate today,
            List<Dressing> dressings) {
        List<LotCourse> courses = new ArrayList<>();
        List<Course> planned = new ArrayList<>();
        for (Pattern.Slot slot : pattern.slots()) {
            FeedWire wire = found.get(slot.type());
            Feed feed = wire == null ? null : wire.settled().orElse(null);
            if (wire != null && feed != null) {
                LotCourse course = LotCourse.alone(wire.id()).in(slot.rhythm());
                courses.add(course);
                planned.add(course.course(feed).given(lastOf(s, wire.id())));
            }
        }
        if (planned.size() < 2) {
            return courses;
        }
        Map<String, Double> shares = Split.of(s.with(planned), planned.get(0).key(), today, dressings);
        return courses.stream()
                .filter(c -> shares.getOrDefault(c.feedId().toString(), 1.0) > 0)
                .map(c -> c.at(per(shares.getOrDefault(c.feedId().toString(), 1.0))))
                .toList();
    }

    private static Optional<LocalDate> lastOf(Situation s, UUID feed) {
        return s.courses().stream()
                .filter(c -> c.key().equals(feed.toString()))
                .findFirst()
                .flatMap(Course::lastFed);
    }

    /**
     * Lots that are put on a programme.
     *
     * @param courses the same for all of them; null where a pattern is worked out for each
     * @param pattern id of that pattern
     */
    public record Putting(
            String clientKey,
            List<UUID> lotIds,
            @Nullable List<LotCourse> courses,
            @Nullable String pattern) {}

    /** Puts lots on a programme, in one act; refused where one of them takes no feed, or the shelf lacks one. */
    @Transactional
    public Act.Recorded put(GardenId garden, Putting putting) {
        GardenContext context = lots.context(garden);
        Faults faults = new Faults();
        faults.within("lots", putting.lotIds().size(), 1, MOST_LOTS, "");
        List<LotCourse> same = putting.courses();
        if (same != null) {
            LotCourse.check(same, faults);
        }
        Optional<Pattern> pattern = same != null
                ? Optional.empty()
                : faults.attempt(() -> Pattern.require(putting.pattern() == null ? "" : putting.pattern()));
        faults.throwIfAny();
        return history.once(garden, "programme", putting.clientKey(), act -> {
            Map<UUID, LotWithState> standing =
                    lots.lock(garden, putting.lotIds().stream().distinct().toList());
            List<Lot> changed = new ArrayList<>();
            for (UUID id : putting.lotIds().stream().distinct().sorted().toList()) {
                LotWithState lot = standing.get(id);
                if (lot == null) {
                    throw new FaultException(Fault.of(FaultCode.NOT_FOUND, "lot", id.toString()));
                }
                List<LotCourse> courses = same != null ? same : of(context, lot, pattern.orElseThrow());
                refuse(context, lot.lot(), courses);
                changed.add(lot.lot().with(l -> {
                    l.courses = courses;
                    l.told(Lot.Assumed.feed);
                }));
            }
            lots.save(garden, act, changed);
        });
    }

    private List<LotCourse> of(GardenContext context, LotWithState standing, Pattern pattern) {
        Situation s = context.situation(standing);
        PatternWire found = pattern(
                context,
                standing.lot(),
                s,
                pattern,
                context.garden().today(),
                foods.inTheMix(context, standing.lot(), s));
        if (!found.lacking().isEmpty()) {
            throw new FaultException(Fault.of(
                    FaultCode.FEED_LACKING, "programme", found.lacking().get(0)));
        }
        return found.courses();
    }

    private static void refuse(GardenContext context, Lot lot, List<LotCourse> courses) {
        if (lot.retired()) {
            throw new FaultException(Fault.of(FaultCode.RETIRED, "lot", lot.name()));
        }
        if (!courses.isEmpty()
                && context.kinds().require(lot.species(), lot.traits()).appetite() == Appetite.NONE) {
            throw new FaultException(Fault.of(FaultCode.NO_ROOT_FEED, "lot.feed", lot.species()));
        }
        courses.forEach(c -> {
            if (!context.feeds().containsKey(c.feedId())) {
                throw new FaultException(Fault.of(
                        FaultCode.CHOICE_UNKNOWN, "lot.feed", c.feedId().toString()));
            }
        });
    }
}
