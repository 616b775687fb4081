package evencistern.server.wish;

import evencistern.fault.Faults;
import evencistern.media.Component;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.mixlife.Suitability.School;
import evencistern.pot.Pot;
import evencistern.server.mix.ComponentWire;
import evencistern.server.mix.RecipeWire;
import evencistern.server.plant.KindAsk;
import evencistern.server.pot.PotInput;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import evencistern.wish.Formulation;
import evencistern.wish.Quality;
import evencistern.wish.Wish;
import evencistern.wish.Wishes;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Recipes from wishes: the whole question is in the body, no database is asked. */
@RestController
@RequestMapping("/api/wishes")
class WishController {

    /** Limits as typed; a blank one is none. */
    record RangeAsk(Quality quality, Typed low, Typed high) {
        Optional<Wish> read(Faults faults) {
            String field = "wish." + quality.id();
            OptionalDouble least = canonical(low, field, faults);
            OptionalDouble most = canonical(high, field, faults);
            return least.isEmpty() && most.isEmpty()
                    ? Optional.empty()
                    : faults.attempt(() -> new Wish.Range(quality, least, most));
        }

        private OptionalDouble canonical(Typed typed, String field, Faults faults) {
            OptionalDouble value =
                    Typed.optional(typed, field, faults, quality.unit().dimension());
            return value.isPresent()
                    ? OptionalDouble.of(quality.unit().fromCanonical(value.getAsDouble()))
                    : OptionalDouble.empty();
        }
    }

    /**
     * Wishes as they stand on the screen.
     *
     * @param atHand components to choose from, with all they are
     * @param holding,free of them, those that must be in it and those that must not, by key
     */
    record WishesAsk(
            List<ComponentWire> atHand,
            PotInput pot,
            List<RangeAsk> ranges,
            @Nullable School school,
            List<String> holding,
            List<String> free,
            boolean mayLime,
            Typed mostComponents,
            Typed mostParts) {}

    /** Limits in the unit of the quality. */
    record RangeWire(
            Quality quality, @Nullable Double low, @Nullable Double high) {
        static RangeWire of(Wish.Range r) {
            return new RangeWire(r.quality(), orNull(r.low()), orNull(r.high()));
        }

        private static @Nullable Double orNull(OptionalDouble value) {
            return value.isPresent() ? value.getAsDouble() : null;
        }
    }

    /** One wish: limits, or a school, or a component that is to be in it or not. */
    record WishWire(
            @Nullable RangeWire range,
            @Nullable School school,
            @Nullable String holding,
            @Nullable String free) {
        static WishWire of(Wish wish) {
            if (wish instanceof Wish.Range range) {
                return new WishWire(RangeWire.of(range), null, null, null);
            }
            if (wish instanceof Wish.Way way) {
                return new WishWire(null, way.school(), null, null);
            }
            return wish instanceof Wish.Holding holding
                    ? new WishWire(null, null, holding.component(), null)
                    : new WishWire(null, null, null, ((Wish.Free) wish).component());
        }
    }

    /** What a recipe has of a quality, in its unit. */
    record ValueWire(Quality quality, double value) {}

    /** A recipe, what it is best at, what it has in the pot, and the pH it is to be limed to. */
    record OfferWire(
            List<Formulation.Goal> goals,
            List<RecipeWire.PartWire> parts,
            List<ValueWire> values,
            @Nullable Double limedTo) {
        static OfferWire of(Formulation.Offer offer, Pot pot) {
            Mix mix = offer.mix();
            PotWater water = new PotWater(mix, pot);
            List<ValueWire> values = new ArrayList<>();
            values.add(new ValueWire(Quality.AIR, water.air() * 100));
            values.add(new ValueWire(Quality.CAPACITY, water.capacity() * 100));
            values.add(new ValueWire(Quality.AVAILABLE, water.availableLitres() / water.mixLitres() * 100));
            values.add(new ValueWire(Quality.WET_KG, water.wetKg()));
            values.add(new ValueWire(Quality.PH, mix.ph(Working.off()).value()));
            values.add(new ValueWire(Quality.EC, mix.ec()));
            values.add(new ValueWire(Quality.ORGANIC, mix.organicShare() * 100));
            values.add(new ValueWire(Quality.LIFE, mix.cycledYears()));
            mix.costPerLitre().ifPresent(cost -> values.add(new ValueWire(Quality.COST, cost)));
            return new OfferWire(
                    offer.goals(),
                    mix.parts().stream()
                            .map(p -> new RecipeWire.PartWire(p.component().key(), Faults.plain(p.parts())))
                            .toList(),
                    values,
                    offer.limedTo().isPresent() ? offer.limedTo().getAsDouble() : null);
        }
    }

    /** A wish that stands in the way of all others, and the recipe that meets the others. */
    record LimitWire(WishWire wish, OfferWire without) {}

    /**
     * The recipes; or, where no recipe meets every wish, the nearest, what it misses, and what stands in the way.
     *
     * @param unpriced left out because a cost was wished
     * @param narrowedTo the components tried, where there were more than can all be tried
     */
    record WishesAnswer(
            List<OfferWire> offers,
            @Nullable OfferWire nearest,
            List<WishWire> missed,
            List<LimitWire> limits,
            List<String> unpriced,
            @Nullable List<String> narrowedTo) {}

    @PostMapping
    WishesAnswer formulate(@RequestBody WishesAsk ask) {
        Faults faults = new Faults();
        List<Component> atHand = new ArrayList<>();
        ask.atHand().forEach(c -> faults.attempt(c::toComponent).ifPresent(atHand::add));
        Optional<Pot> pot = faults.attempt(ask.pot()::toPot);
        List<Wish> wishes = new ArrayList<>();
        ask.ranges().forEach(r -> r.read(faults).ifPresent(wishes::add));
        if (ask.school() != null) {
            wishes.add(new Wish.Way(ask.school()));
        }
        ask.holding().forEach(key -> wishes.add(new Wish.Holding(key)));
        ask.free().forEach(key -> wishes.add(new Wish.Free(key)));
        double components = ask.mostComponents().read("wish.components", faults, Dimension.NUMBER);
        double parts = ask.mostParts().read("wish.parts", faults, Dimension.NUMBER);
        faults.throwIfAny();
        Pot in = pot.orElseThrow();
        Formulation f = Formulation.of(new Wishes(atHand, wishes, in, ask.mayLime(), (int) components, (int) parts));
        return new WishesAnswer(
                f.offers().stream().map(o -> OfferWire.of(o, in)).toList(),
                f.conflict().map(c -> OfferWire.of(c.nearest(), in)).orElse(null),
                f.conflict()
                        .map(c -> c.missed().stream().map(WishWire::of).toList())
                        .orElse(List.of()),
                f.conflict()
                        .map(c -> c.limits().stream()
                                .map(l -> new LimitWire(WishWire.of(l.wish()), OfferWire.of(l.without(), in)))
                                .toList())
                        .orElse(List.of()),
                f.unpriced(),
                f.narrowedTo().orElse(null));
    }

    /** What a plant of the guide wants of its mix. */
    @PostMapping("/suiting")
    List<RangeWire> suiting(@RequestBody KindAsk species) {
        return Wish.suiting(species.toSpecies()).stream().map(RangeWire::of).toList();
    }
}
