package evencistern.server.lot;

import evencistern.climate.Place;
import evencistern.feed.Feed;
import evencistern.plan.AfterReading;
import evencistern.plan.FeedRhythm;
import evencistern.plan.Flushing;
import evencistern.plan.Learned;
import evencistern.plan.Particulars;
import evencistern.plan.Situation;
import evencistern.pot.Pot;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.mix.MixShelf;
import evencistern.server.plant.KindShelf;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** All that the lots of a garden rest on, read once for a piece of work: what many lots have alike is read once too. */
public record Ground(
        GardenWire garden,
        Map<UUID, Place> places,
        KindShelf kinds,
        MixShelf mixes,
        Map<UUID, FeedWire> feeds,
        Map<PotInput, Pot> pots,
        Map<UUID, Feed> read) {

    Ground(GardenWire garden, Map<UUID, Place> places, KindShelf kinds, MixShelf mixes, Map<UUID, FeedWire> feeds) {
        this(garden, places, kinds, mixes, feeds, new HashMap<>(), new HashMap<>());
    }

    /** A pot as it was typed; of the many alike of a bench each is read once. */
    Pot pot(PotInput typed) {
        return pots.computeIfAbsent(typed, PotInput::toPot);
    }

    private Optional<Feed> read(@Nullable FeedWire feed) {
        return Optional.ofNullable(feed).map(f -> read.computeIfAbsent(f.id(), id -> f.toFeed()));
    }

    Place place(UUID id) {
        return Objects.requireNonNull(places.get(id));
    }

    /** A feed of the shelf, put away or not. */
    Optional<FeedWire> wire(@Nullable UUID id) {
        return id == null ? Optional.empty() : Optional.ofNullable(feeds.get(id));
    }

    Optional<Feed> feed(UUID id) {
        return read(wire(id).orElse(null));
    }

    /** Whether all that a lot is fed with is coated granules. */
    public boolean coated(Lot lot) {
        return feed(lot).filter(f -> f.coated().isPresent()).isPresent();
    }

    /** The feed a lot has, if it has one. */
    public Optional<FeedWire> feed(Lot lot) {
        return wire(lot.feedId());
    }

    /** A lot's feed where it is to be in the water, none otherwise. */
    public @Nullable FeedWire feedIf(boolean feeding, Lot lot) {
        return feeding ? feed(lot).orElse(null) : null;
    }

    /**
     * What is known of a lot's past.
     *
     * @param reading what follows from its readings
     * @param flushing when its salt account asks for a flush, where it goes by that
     */
    public record Past(
            Optional<LocalDate> watered,
            Optional<LocalDate> fed,
            Learned learned,
            Optional<LocalDate> flushed,
            AfterReading reading,
            Flushing flushing) {
        /** Watered and fed on these days, with nothing learned or decided since. */
        public static Past plain(Optional<LocalDate> watered, Optional<LocalDate> fed, Optional<LocalDate> flushed) {
            return new Past(watered, fed, Learned.NOTHING, flushed, AfterReading.NOTHING, Flushing.BY_RHYTHM);
        }

        static Past of(LotState s) {
            return new Past(
                    Optional.ofNullable(s.lastWateredOn()),
                    Optional.ofNullable(s.lastFedOn()),
                    s.toLearned(),
                    Optional.ofNullable(s.lastFlushedOn()),
                    s.afterReading(),
                    s.flushing());
        }

        Past with(Learned what) {
            return new Past(watered, fed, what, flushed, reading, flushing);
        }

        Past with(AfterReading what) {
            return new Past(watered, fed, learned, flushed, what, flushing);
        }

        Past with(Flushing what) {
            return new Past(watered, fed, learned, flushed, reading, what);
        }
    }

    /** The situation the rules plan from, as the journal has it now. */
    public Situation situation(Standing s, @Nullable FeedWire feed) {
        return situation(s.lot(), feed, Past.of(s.state()));
    }

    /** The situation of a lot as if it were watered today. */
    public Situation wateredToday(Standing s) {
        return situation(
                s.lot(),
                null,
                Past.plain(Optional.of(garden.today()), Optional.empty(), Optional.empty())
                        .with(s.state().toLearned()));
    }

    /** The situation of a lot with such a past. */
    public Situation situation(Lot lot, @Nullable FeedWire feed, Past past) {
        return new Situation(
                kinds.require(lot.species(), lot.traits()),
                pot(lot.pot()),
                mixes.require(lot.mix()),
                place(lot.placeId()),
                read(feed),
                lot.startedOn(),
                Optional.ofNullable(lot.repottedOn()),
                past.watered(),
                past.fed(),
                new Particulars(
                        optional(lot.tallM()),
                        past.learned(),
                        !Boolean.TRUE.equals(lot.undrained()),
                        lot.conditions() == null ? Map.of() : lot.conditions(),
                        lot.rhythm() == null ? FeedRhythm.LABEL : FeedRhythm.require(lot.rhythm()),
                        past.flushed(),
                        past.reading(),
                        new Flushing(
                                lot.flushBy() != null,
                                past.flushing().on(),
                                past.flushing().litres())));
    }

    static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
