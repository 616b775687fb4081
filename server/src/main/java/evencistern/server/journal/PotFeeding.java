package evencistern.server.journal;

import evencistern.caution.Caution;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.feed.Measured;
import evencistern.food.FeedFitness;
import evencistern.food.Portion;
import evencistern.label.HowGiven;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.need.Course;
import evencistern.need.Situation;
import evencistern.plant.Appetite;
import evencistern.server.dose.CareWire;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.typed.Typed;
import evencistern.working.Working;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Feed that goes into the pot with fresh mix: stirred into it, or placed under the roots. */
final class PotFeeding {
    private PotFeeding() {}

    /** Where it goes. */
    enum Put {
        mixed_in,
        placed
    }

    /**
     * What is put in.
     *
     * @param amountEach by weight, in spoons, caps or handfuls for each pot; blank for what its label has for such a pot
     */
    record PutIn(UUID feedId, Put put, @Nullable Typed amountEach) {}

    /**
     * What one pot gets.
     *
     * @param most that may be in this pot, in the measure
     */
    record PutInWire(double each, double most, String measure, CareWire.MeasuredWire hand, List<String> cautions) {}

    /**
     * What goes in with fresh mix.
     *
     * @param usualFeedId of the lot's programme, where a label has it mixed in
     * @param given of the feed that was asked for; absent where none was
     */
    record GoesInWire(@Nullable UUID usualFeedId, @Nullable PutInWire given) {}

    /** What goes in with fresh mix: which feed usually, and how much of the one that is asked for. */
    static GoesInWire of(GardenContext context, Lot lot, @Nullable PutIn asked) {
        UUID usual = context.feeds(lot).stream()
                .filter(f -> f.settled().filter(Feed::mixedIn).isPresent())
                .findFirst()
                .map(FeedWire::id)
                .orElse(null);
        return new GoesInWire(usual, asked == null ? null : planned(context, lot, asked.feedId()));
    }

    /** What a pot gets of it, as its label has it for its plant and mix. */
    private static PutInWire planned(GardenContext context, Lot lot, UUID feedId) {
        Feed feed = feed(context, feedId);
        Portion.OnTheMix given = given(context, lot, feed);
        Measured hand = hand(context.garden(), feed, given);
        return new PutInWire(
                hand.given(),
                given.most(),
                CareWire.measureId(feed.rate().measure()),
                CareWire.MeasuredWire.of(hand),
                Caution.forFeed(feed.form(), HowGiven.MIXED_IN).stream()
                        .map(Caution::id)
                        .toList());
    }

    /** A line of the journal for a lot as it stands after its potting; refused is more than its mix may hold. */
    static JournalStore.Given line(GardenContext context, Lot lot, PutIn in, String item) {
        Feed feed = feed(context, in.feedId());
        Portion.OnTheMix given = given(context, lot, feed);
        Measure measure = feed.rate().measure();
        double product = Optional.ofNullable(in.amountEach())
                .filter(a -> !a.text().isBlank())
                .map(a -> Acts.product(context, in.feedId().toString(), a, feed))
                .orElseGet(() -> hand(context.garden(), feed, given).given());
        Faults faults = new Faults();
        faults.within("amount", product, 0, given.most(), measure.unit().symbol());
        faults.throwIfAny();
        return new JournalStore.Given(
                item,
                in.feedId(),
                0,
                product,
                CareWire.measureId(measure),
                null,
                new JournalStore.Pots(lot.pots(), false),
                in.put().name());
    }

    /** A feed that may lie in a mix; refused is what is poured or sprayed. */
    private static Feed feed(GardenContext context, UUID id) {
        Feed feed = context.fed(id);
        if (!feed.strewn()) {
            throw new FaultException(Fault.of(FaultCode.NOT_INTO_THE_MIX, "lot.feed", ""));
        }
        return feed;
    }

    private static Portion.OnTheMix given(GardenContext context, Lot lot, Feed feed) {
        Situation told = context.told(lot);
        if (told.species().appetite() == Appetite.NONE) {
            throw new FaultException(
                    Fault.of(FaultCode.NO_ROOT_FEED, "lot.feed", told.species().key()));
        }
        Situation fed = told.of(Course.alone(feed, Optional.empty()));
        // here is the fresh mix that it would otherwise wait for
        FeedFitness.against(feed, fed, fed.startedOn())
                .filter(unfit -> unfit != FeedFitness.FILLED)
                .ifPresent(unfit -> {
                    throw new FaultException(
                            Fault.of(unfit.fault(), "lot.feed", told.species().key()));
                });
        return Portion.strewn(feed, fed);
    }

    private static Measured hand(GardenWire g, Feed feed, Portion.OnTheMix given) {
        return HandMeasure.valueOf(g.hand().name().toUpperCase(Locale.ROOT))
                .nearest(
                        given.perPot(),
                        given.most(),
                        feed.rate().measure(),
                        feed.gramsPer(Measure.MILLILITRES).value(),
                        feed.form() == ProductForm.LIQUID,
                        Set.copyOf(g.spoons()),
                        Working.off());
    }
}
