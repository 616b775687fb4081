package evencistern.server.lot;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import evencistern.climate.Place;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.feed.Feed;
import evencistern.food.Portion;
import evencistern.label.Rhythm;
import evencistern.need.Course;
import evencistern.need.Flushing;
import evencistern.need.Grown;
import evencistern.need.Learned;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.plan.Care;
import evencistern.plant.Size;
import evencistern.plant.Species;
import evencistern.pot.Pot;
import evencistern.server.GardenId;
import evencistern.server.dose.CareWire;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.mix.MixShelf;
import evencistern.server.plant.KindShelf;
import evencistern.server.pot.PotInput;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * All that the plans of a garden rest on, as it was at one moment; shared by all that ask, so it never changes. What many
 * lots have alike is worked out once.
 *
 * @param weatherUntil the last day of which the weather is known, where the plan goes by it; an average year follows
 */
public record GardenContext(
        GardenWire garden,
        Map<UUID, Place> places,
        KindShelf kinds,
        MixShelf mixes,
        Map<UUID, FeedWire> feeds,
        Optional<LocalDate> weatherUntil,
        Map<PotInput, Pot> pots,
        Map<UUID, Optional<Feed>> read,
        Cache<CareAsked, Care> cared) {

    /** Two legs of a round. */
    private static final int MOST_CARED = 400;

    /** Of which lot care was asked, for which day and can. */
    record CareAsked(LotWithState lot, LocalDate day, double canLitres) {}

    GardenContext(
            GardenWire garden,
            Map<UUID, Place> places,
            KindShelf kinds,
            MixShelf mixes,
            Map<UUID, FeedWire> feeds,
            Optional<LocalDate> weatherUntil) {
        this(
                garden,
                places,
                kinds,
                mixes,
                feeds,
                weatherUntil,
                new ConcurrentHashMap<>(),
                new ConcurrentHashMap<>(),
                Caffeine.newBuilder().maximumSize(MOST_CARED).softValues().build());
    }

    GardenId id() {
        return new GardenId(garden.id());
    }

    LocalDate today() {
        return garden.today();
    }

    ZoneId zone() {
        return ZoneId.of(garden.timeZone());
    }

    /** A pot as it was typed; of the many alike of a bench each is read once. */
    Pot pot(PotInput typed) {
        return pots.computeIfAbsent(typed, PotInput::toPot);
    }

    /** The care of a lot; the round asks for the same again after every tick, and is told it while memory allows. */
    Care care(CareAsked asked, Supplier<Care> anew) {
        return cared.get(asked, a -> anew.get());
    }

    private Optional<Feed> read(@Nullable FeedWire feed) {
        return feed == null ? Optional.empty() : read.computeIfAbsent(feed.id(), id -> feed.settled());
    }

    /** In what the label of its first feed counts; absent without feed. */
    @Nullable
    String measure(Lot lot) {
        return feeds(lot).stream()
                .findFirst()
                .flatMap(this::read)
                .map(f -> f.rate().measure().name().toLowerCase(Locale.ROOT))
                .orElse(null);
    }

    /** Whether a lot has a feed whose label is not settled, so that it is not planned. */
    public boolean labelOpen(Lot lot) {
        return feeds(lot).stream().anyMatch(f -> read(f).isEmpty());
    }

    /** What its own page says of its feed's label: that it is open, or that the smaller of two doses counts until one is chosen. */
    Optional<String> labelNote(Lot lot) {
        if (labelOpen(lot)) {
            return Optional.of(CareWire.LABEL_OPEN);
        }
        return feeds(lot).stream().filter(FeedWire::readOtherwise).findFirst().map(f -> CareWire.LABEL_CHANGED);
    }

    Place place(UUID id) {
        return Objects.requireNonNull(places.get(id));
    }

    /** A feed of the shelf, put away or not. */
    Optional<FeedWire> wire(@Nullable UUID id) {
        return id == null ? Optional.empty() : Optional.ofNullable(feeds.get(id));
    }

    Optional<Feed> feed(@Nullable UUID id) {
        return read(wire(id).orElse(null));
    }

    /** Whether all that a lot is fed with is coated granules. */
    public boolean coated(Lot lot) {
        return !lot.courses().isEmpty()
                && feeds(lot).stream().allMatch(f -> f.coated().isPresent());
    }

    /** The feeds of a lot's programme, in their order. */
    public List<FeedWire> feeds(Lot lot) {
        return lot.courses().stream().flatMap(c -> wire(c.feedId()).stream()).toList();
    }

    /** Their names, for where a lot is told in a line. */
    public String feedNames(Lot lot) {
        return feeds(lot).stream().map(FeedWire::name).collect(Collectors.joining(", "));
    }

    /** The feed of a course. */
    public FeedWire feed(Course course) {
        return wire(UUID.fromString(course.key())).orElseThrow();
    }

    /** A feed that was given, whatever its label says now; refused where that is open. */
    public Feed fed(UUID feed) {
        return feed(feed).orElseThrow(() -> new FaultException(Fault.of(FaultCode.MISSING, "lot.feed", "")));
    }

    private List<Course> courses(Lot lot) {
        return lot.courses().stream()
                .flatMap(c -> feed(c.feedId()).map(c::course).stream())
                .toList();
    }

    /** Whether a lot has all its feed with every watering, and so no days of feeding. */
    public boolean fedEveryWatering(Lot lot) {
        Situation s = told(lot);
        return !s.courses().isEmpty()
                && s.courses().stream()
                        .allMatch(c -> Portion.rhythm(c.feed(), s.of(c)) instanceof Rhythm.EveryWatering);
    }

    /** The situation that the rules plan from, as the journal has it: the one that every answer about a lot rests on. */
    public Situation situation(LotWithState s) {
        return situation(s.lot(), s.state());
    }

    /** The same of a lot that is being changed, with what its journal says of it. */
    public Situation situation(Lot lot, LotState state) {
        Situation told = told(lot);
        return told.with(told.particulars()
                        .with(state.toLearned())
                        .with(state.afterReading())
                        .with(lot.flushBy() == null ? Flushing.BY_RHYTHM : state.flushing())
                        .onCalendar(state.calendarDays())
                        .lifting(state.inSpite()))
                .past(
                        Optional.ofNullable(state.lastWateredOn()),
                        state.fed(),
                        Optional.ofNullable(state.lastFlushedOn()));
    }

    /** What is known of how much a lot drinks: as learned, or as well as its size is known. */
    Learned known(LotWithState s) {
        Learned learned = s.state().toLearned();
        if (learned.from() > 0) {
            return learned;
        }
        Situation told = told(s.lot());
        return Learned.unlearned(
                Size.of(told.particulars().size(), told.species(), told.pot().acrossM())
                        .sd());
    }

    /** The situation of a lot as if it were watered today. */
    public Situation wateredToday(LotWithState s) {
        Situation now = situation(s);
        return now.past(Optional.of(garden.today()), Situation.Fed.NEVER, Optional.empty())
                .with(List.of());
    }

    /** The situation of a lot of whose journal nothing is known. */
    public Situation told(Lot lot) {
        Species species = kinds.require(lot.species(), lot.traits());
        Pot pot = pot(lot.pot());
        Place place = place(lot.placeId());
        return new Situation(
                species,
                pot,
                mixes.require(lot.mix()),
                place,
                courses(lot),
                lot.startedOn(),
                Optional.ofNullable(lot.repottedOn()),
                Optional.empty(),
                Optional.empty(),
                new Particulars(
                                size(lot, species, place, pot),
                                Learned.NOTHING,
                                true,
                                lot.conditions() == null ? Map.of() : lot.conditions(),
                                Optional.empty())
                        .with(lot.watered())
                        .inMixOf(optional(lot.mixC())));
    }

    private Size.Told size(Lot lot, Species species, Place place, Pot pot) {
        Size.Told told = new Size.Told(optional(lot.spreadM()), optional(lot.tallM()), 0);
        LocalDate on = lot.sizedOn();
        return on == null ? told : Grown.since(told, on, garden.today(), species, place, pot.acrossM());
    }

    /** The day from which on the average year is used; empty where it always is. */
    public Optional<LocalDate> averageFrom() {
        return weatherUntil.map(last -> last.plusDays(1));
    }

    static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
