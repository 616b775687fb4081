package evencistern.server.batch;

import evencistern.reading.BatchCourse;
import evencistern.reading.BatchCourse.Blame;
import evencistern.reading.BatchCourse.Cell;
import evencistern.reading.Method;
import evencistern.server.GardenId;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Which batch of a mix goes off, by what was read of the lots in it. */
@Service
class BatchCourses {
    private static final double ALL = 100;

    private final BatchStore store;
    private final Gardens gardens;

    BatchCourses(BatchStore store, Gardens gardens) {
        this.store = store;
        this.gardens = gardens;
    }

    /**
     * A batch against the others of its recipe.
     *
     * @param method by which the lots were read
     * @param difference pH, or per cent of the others' EC; {@code low} and {@code high} its 95 % interval
     * @param off whether that is more than chance
     * @param sinceWeek of its time in the pot, from which it differs; most probably, and at the earliest and the latest
     * @param sinceOn the day of that for the first of its lots
     * @param lots read at once, at most
     * @param others batches it was held against
     * @param shared what its lots share, where it is off
     */
    record BatchCourseWire(
            UUID batch,
            BatchCourse.Measure measure,
            String method,
            double difference,
            double low,
            double high,
            boolean off,
            int sinceWeek,
            int earliestWeek,
            int latestWeek,
            LocalDate sinceOn,
            int lots,
            int others,
            List<SharedWire> shared) {}

    /** Something that the lots of a batch that is off share. */
    enum SharedThing {
        water,
        place,
        bag,
        recipe
    }

    /**
     * Something that they share.
     *
     * @param name of the water or place; of a bag the component and what stands on it; the version of the recipe
     * @param alsoIn numbers of the other batches that it went into, of a bag
     */
    record SharedWire(SharedThing thing, String name, Blame blame, List<Integer> alsoIn) {}

    /** How sure the word is: gardens of a hundred in which nothing is wrong and that are told so all the same, in per cent. */
    record BatchCoursesWire(double falseAlarms, List<BatchCourseWire> courses) {}

    /** Every batch that can be held against two others, those that go off first. */
    BatchCoursesWire of(GardenId garden) {
        GardenWire g = gardens.require(garden);
        List<List<BatchStore.Read>> recipes = store.listRead(garden, ZoneId.of(g.timeZone())).stream()
                .collect(Collectors.groupingBy(r -> r.measure() + " " + r.recipe()))
                .values()
                .stream()
                .map(BatchCourses::byOneMethod)
                .toList();
        int comparisons = recipes.stream()
                .mapToInt(r ->
                        (int) r.stream().map(x -> x.cell().batch()).distinct().count())
                .sum();
        Map<String, BatchWire> batches =
                store.listBatches(garden).stream().collect(Collectors.toMap(b -> b.id().toString(), b -> b));
        List<BatchCourseWire> courses = new ArrayList<>();
        for (List<BatchStore.Read> recipe : recipes) {
            List<Cell> cells = recipe.stream().map(BatchStore.Read::cell).toList();
            List<BatchCourse> told = BatchCourse.of(recipe.get(0).measure(), cells, comparisons);
            Set<String> off = told.stream()
                    .filter(BatchCourse::off)
                    .map(BatchCourse::batch)
                    .collect(Collectors.toSet());
            Map<String, LocalDate> potted = recipe.stream()
                    .collect(Collectors.toMap(
                            r -> r.cell().batch(), BatchStore.Read::potted, (a, b) -> a.isBefore(b) ? a : b));
            told.stream()
                    .filter(c -> batches.containsKey(c.batch()))
                    .map(c -> wire(
                            recipe.get(0),
                            c,
                            Objects.requireNonNull(potted.get(c.batch())),
                            c.off() ? shared(g, c, cells, batches, off) : List.of()))
                    .forEach(courses::add);
        }
        courses.sort(Comparator.comparing((BatchCourseWire c) -> !c.off())
                .thenComparing(c -> c.batch().toString())
                .thenComparing(BatchCourseWire::measure));
        return new BatchCoursesWire(BatchCourse.FALSE_ALARMS * ALL, courses);
    }

    /** Readings by different methods are not held against one another: those by the method that most lots were read by. */
    private static List<BatchStore.Read> byOneMethod(List<BatchStore.Read> read) {
        Map<Method, Integer> lots = new EnumMap<>(Method.class);
        read.forEach(r -> lots.merge(r.method(), r.cell().lots(), Integer::sum));
        Method most = lots.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
        return read.stream().filter(r -> r.method() == most).toList();
    }

    private static BatchCourseWire wire(
            BatchStore.Read read, BatchCourse c, LocalDate potted, List<SharedWire> shared) {
        int weeks = BatchCourse.DAYS / 7;
        return new BatchCourseWire(
                UUID.fromString(c.batch()),
                read.measure(),
                read.method().id(),
                shown(read.measure(), c.difference()),
                shown(read.measure(), c.low()),
                shown(read.measure(), c.high()),
                c.off(),
                c.since() * weeks,
                c.earliest() * weeks,
                c.latest() * weeks,
                potted.plusDays((long) c.since() * BatchCourse.DAYS),
                c.lots(),
                c.others(),
                shared);
    }

    private static double shown(BatchCourse.Measure measure, double difference) {
        return measure == BatchCourse.Measure.PH ? difference : (Math.exp(difference) - 1) * ALL;
    }

    private static List<SharedWire> shared(
            GardenWire g, BatchCourse course, List<Cell> cells, Map<String, BatchWire> batches, Set<String> off) {
        BatchWire own = Objects.requireNonNull(batches.get(course.batch()));
        List<BatchWire> others = cells.stream()
                .map(Cell::batch)
                .distinct()
                .filter(b -> !b.equals(course.batch()))
                .map(batches::get)
                .flatMap(Stream::ofNullable)
                .toList();
        List<SharedWire> shared = new ArrayList<>();
        course.shared(cells)
                .forEach(s -> shared.add(new SharedWire(
                        s.thing() == BatchCourse.Thing.WATER ? SharedThing.water : SharedThing.place,
                        name(g, s),
                        s.blame(),
                        List.of())));
        own.put().stream().filter(p -> p.bag() != null).forEach(p -> {
            List<BatchWire> with = others.stream()
                    .filter(o -> o.put().stream()
                            .anyMatch(x -> x.component().equals(p.component()) && Objects.equals(x.bag(), p.bag())))
                    .toList();
            if (with.size() < others.size()) {
                shared.add(new SharedWire(
                        SharedThing.bag,
                        p.name() + " " + p.bag(),
                        blame(with, off),
                        with.stream().map(BatchWire::number).toList()));
            }
        });
        if (!others.isEmpty() && others.stream().noneMatch(o -> o.recipeVersion() == own.recipeVersion())) {
            shared.add(new SharedWire(
                    SharedThing.recipe, Integer.toString(own.recipeVersion()), Blame.CANNOT_TELL, List.of()));
        }
        return shared;
    }

    /** Of a bag: batches out of it that are off too speak against it, one that is not speaks for it. */
    private static Blame blame(List<BatchWire> with, Set<String> off) {
        if (with.isEmpty()) {
            return Blame.CANNOT_TELL;
        }
        return with.stream().allMatch(o -> off.contains(o.id().toString())) ? Blame.LIKELY : Blame.NOT_IT;
    }

    private static String name(GardenWire g, BatchCourse.Shared shared) {
        UUID id = UUID.fromString(shared.which());
        return shared.thing() == BatchCourse.Thing.WATER
                ? g.water(id).name()
                : g.place(id).name();
    }
}
