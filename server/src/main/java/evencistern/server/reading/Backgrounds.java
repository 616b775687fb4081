package evencistern.server.reading;

import evencistern.feed.Nutrients;
import evencistern.media.PotWater;
import evencistern.need.Course;
import evencistern.need.Situation;
import evencistern.plan.Care;
import evencistern.reading.Band;
import evencistern.reading.Circumstances;
import evencistern.reading.Method;
import evencistern.server.age.MixAges;
import evencistern.server.garden.GardenWire;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.lot.LotCare;
import evencistern.server.lot.LotState;
import evencistern.server.lot.LotWithState;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Gathers what the garden's record knows of a lot, by which its readings are to be understood. */
@Service
public class Backgrounds {
    private final MixAges ages;

    Backgrounds(MixAges ages) {
        this.ages = ages;
    }

    /** What a lot, as it stands, is to be understood by. */
    public Circumstances of(GardenContext context, LotWithState standing) {
        GardenWire g = context.garden();
        Lot lot = standing.lot();
        LotState state = standing.state();
        LocalDate today = g.today();
        Situation situation = context.situation(standing);
        LocalDate fedOn = state.lastFedOn();
        LocalDate feedOn = state.nextFeedOn();
        return new Circumstances(
                situation.species(),
                situation.mix(),
                new PotWater(situation.mix(), situation.pot()),
                g.water(lot.waterId()).toWater(),
                situation.courses().isEmpty() ? Optional.empty() : Optional.of(fed(context, standing, situation)),
                new Circumstances.Days(
                        days(fedOn, today),
                        fedOn == null ? OptionalInt.empty() : days(fedOn, feedOn),
                        days(state.lastWateredOn(), today),
                        OptionalInt.of(state.waterGapDays()),
                        days(state.lastFlushedOn(), today)),
                OptionalDouble.of(ages.spent(context, standing)),
                days(lot.repottedOn(), today),
                situation.particulars().drains());
    }

    /** What it is fed with: of several feeds each by how much of it is given. */
    private static Circumstances.Fed fed(GardenContext context, LotWithState standing, Situation situation) {
        GardenWire g = context.garden();
        Care care = LotCare.on(context, standing, g.today(), g.can(null).litres());
        Map<UUID, Double> perDay = standing.state().courses().stream()
                .collect(Collectors.toMap(LotState.Given::feedId, LotState.Given::perDay));
        boolean given = perDay.values().stream().anyMatch(each -> each > 0);
        Nutrients contents = Nutrients.NONE;
        for (Course c : situation.courses()) {
            double weight = given ? perDay.getOrDefault(UUID.fromString(c.key()), 0.0) : 1;
            contents = contents.plus(
                    c.feed().contentsPer(c.feed().rate().measure()).times(weight));
        }
        return new Circumstances.Fed(
                care.feeding()
                        .filter(Care.Watered.class::isInstance)
                        .map(f -> OptionalDouble.of(
                                ((Care.Watered) f).can().meter().value()))
                        .orElse(OptionalDouble.empty()),
                contents,
                context.coated(standing.lot()));
    }

    /** The band that a lot's readings by a method are held against. */
    static Band band(GardenContext context, Lot lot, Method method) {
        return Band.of(
                method,
                context.kinds().require(lot.species(), lot.traits()),
                context.mixes().require(lot.mix()),
                context.coated(lot));
    }

    /** Days from one to the other; empty where either is not known. */
    private static OptionalInt days(@Nullable LocalDate from, @Nullable LocalDate to) {
        return from == null || to == null
                ? OptionalInt.empty()
                : OptionalInt.of((int) (to.toEpochDay() - from.toEpochDay()));
    }
}
