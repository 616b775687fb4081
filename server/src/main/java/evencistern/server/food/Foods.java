package evencistern.server.food;

import evencistern.feed.Feed;
import evencistern.food.NitrogenBudget;
import evencistern.food.NitrogenBudget.Dressing;
import evencistern.food.NitrogenBudget.Kind;
import evencistern.food.NitrogenBudget.Standing;
import evencistern.media.Amendment;
import evencistern.mixlife.StirredIn;
import evencistern.mixlife.UsedMix;
import evencistern.need.Situation;
import evencistern.plan.LotPlan;
import evencistern.server.GardenId;
import evencistern.server.dose.StepWire;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import evencistern.server.mix.MixShelf;
import evencistern.server.mix.RecipeWire;
import evencistern.server.problem.FaultWire;
import evencistern.server.reuse.UsedMixes;
import evencistern.server.words.Words;
import evencistern.working.Working;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The nitrogen of a lot, week by week. */
@Service
public class Foods {
    private final FoodStore store;
    private final Lots lots;
    private final UsedMixes used;
    private final Words words;

    Foods(FoodStore store, Lots lots, UsedMixes used, Words words) {
        this.store = store;
        this.lots = lots;
        this.used = used;
        this.words = words;
    }

    /**
     * One source of nitrogen.
     *
     * @param weekMg for one pot in the coming week
     * @param leftPercent of what was given that is still in the mix
     * @param leftByMonth what will be left of it, %, from today month by month
     * @param amendment whether it was stirred into the mix: then the name is its key
     */
    record FoodSourceWire(
            String name,
            String kind,
            double weekMg,
            @Nullable Double leftPercent,
            List<Double> leftByMonth,
            boolean amendment) {}

    /**
     * The budget of one pot for the coming week.
     *
     * @param canShare % of the can's strength that would make the sum fit, where it is over
     * @param against what speaks against that which is stirred into its mix
     */
    record FoodWire(
            double needMg,
            double totalMg,
            String standing,
            @Nullable Double canShare,
            List<FoodSourceWire> sources,
            List<FaultWire> against,
            List<StepWire> working) {}

    FoodWire of(GardenId garden, UUID id) {
        GardenContext context = lots.context(garden);
        GardenWire g = context.garden();
        LotWithState standing = lots.require(context, id);
        Lot lot = standing.lot();
        Situation s = context.situation(standing);
        Working.Recorder recorder = new Working.Recorder();
        LotPlan plan = LotPlan.of(s, g.today(), recorder);
        List<RecipeWire.Added> added = stirredIn(context.mixes(), lot);
        List<Dressing> stirred = dressings(added, lot, s.pot().mixLitres());
        List<Dressing> dressings = inTheMix(context, lot, s);
        NitrogenBudget budget = NitrogenBudget.of(s, plan.need(), plan::givenAmid, dressings, g.today(), recorder);
        List<String> keys = stirred.stream().map(Dressing::name).toList();
        Map<String, String> cans =
                context.feeds(lot).stream().collect(Collectors.toMap(f -> f.id().toString(), FeedWire::name));
        return new FoodWire(
                budget.needMg(),
                budget.totalMg(),
                budget.standing().id(),
                budget.canShare().isPresent() ? budget.canShare().getAsDouble() * 100 : null,
                budget.sources().stream()
                        .map(x -> new FoodSourceWire(
                                x.kind() == Kind.CAN ? cans.getOrDefault(x.name(), "") : x.name(),
                                x.kind().id(),
                                x.weekMg(),
                                x.leftPercent().isPresent() ? x.leftPercent().getAsDouble() : null,
                                x.leftByMonth(),
                                keys.contains(x.name())))
                        .toList(),
                added.stream()
                        .flatMap(a ->
                                StirredIn.against(a.amendment(), a.gramsPerLitre(), Optional.of(s.species())).stream())
                        .map(fault -> FaultWire.of(fault, words))
                        .toList(),
                StepWire.all(recorder));
    }

    /** How the nitrogen that a lot gets stands to its need. */
    public Standing standing(GardenContext context, Lot lot, Situation s) {
        LocalDate today = context.garden().today();
        LotPlan plan = LotPlan.of(s, today, Working.off());
        return NitrogenBudget.of(s, plan.need(), plan::givenAmid, inTheMix(context, lot, s), today, Working.off())
                .standing();
    }

    /** All that feeds from the mix of a lot: stirred in, come with old mix, or strewn on. */
    public List<Dressing> inTheMix(GardenContext context, Lot lot, Situation s) {
        GardenWire g = context.garden();
        List<Dressing> all = new ArrayList<>(stirredInto(context, lot, s));
        all.addAll(inOldMix(context, s));
        all.addAll(strewn(new GardenId(g.id()), lot, context.feeds(), ZoneId.of(g.timeZone())));
        return all;
    }

    /** What was stirred into the mix of a lot as it was made. */
    public static List<Dressing> stirredInto(GardenContext context, Lot lot, Situation s) {
        return dressings(stirredIn(context.mixes(), lot), lot, s.pot().mixLitres());
    }

    /** What the recipe of the lot's mix, or of its batch, says is stirred in. */
    private static List<RecipeWire.Added> stirredIn(MixShelf shelf, Lot lot) {
        return shelf
                .recipe(lot.mix())
                .or(() -> shelf.made().stream()
                        .filter(m -> m.key().equals(lot.mix()))
                        .findFirst()
                        .flatMap(m -> shelf.recipe(m.recipe())))
                .map(RecipeWire::amendments)
                .orElse(List.of())
                .stream()
                .map(RecipeWire.AddedWire::read)
                .toList();
    }

    /** What feeds of it: since the pot was filled. */
    private static List<Dressing> dressings(List<RecipeWire.Added> added, Lot lot, double mixLitres) {
        LocalDate since = lot.repottedOn() == null ? lot.startedOn() : lot.repottedOn();
        List<Dressing> dressings = new ArrayList<>();
        for (RecipeWire.Added a : added) {
            Amendment amendment = a.amendment();
            double nitrogen = a.adds().getOrDefault("n", 0.0) * mixLitres;
            if (amendment.key().equals(UsedMix.COATED)) {
                dressings.add(
                        new Dressing(amendment.key(), since, nitrogen, Kind.COATED, Optional.of(UsedMix.STIRRED_IN)));
            } else if (nitrogen > 0 && amendment.months() >= 1) {
                dressings.add(Dressing.meal(amendment.key(), since, nitrogen, amendment.months()));
            }
        }
        return dressings;
    }

    /** What came with old mix that coated feed had been in. */
    private List<Dressing> inOldMix(GardenContext context, Situation s) {
        return used.coatedIn(context, s.mix()).stream()
                .map(in -> new Dressing(
                        words.of("used_mix", "name", Map.of("lot", in.lotName())),
                        in.coated().on(),
                        in.coated().nitrogenMgPerLitre() * s.pot().mixLitres(),
                        Kind.COATED,
                        Optional.of(in.coated().release())))
                .toList();
    }

    private List<Dressing> strewn(GardenId garden, Lot lot, Map<UUID, FeedWire> all, ZoneId zone) {
        Map<UUID, Feed> onTheMix = new HashMap<>();
        all.values().forEach(f -> f.settled().filter(Feed::strewn).ifPresent(feed -> onTheMix.put(f.id(), feed)));
        List<Dressing> dressings = new ArrayList<>();
        for (FoodStore.Given given : store.listGiven(garden, lot.id(), List.copyOf(onTheMix.keySet()))) {
            Feed feed = Objects.requireNonNull(onTheMix.get(given.feed()));
            FeedWire wire = Objects.requireNonNull(all.get(given.feed()));
            LocalDate on = LocalDate.ofInstant(given.at(), zone);
            double nitrogen = feed.contentsPer(given.measure()).n() * given.product();
            dressings.add(new Dressing(
                    wire.name(), on, nitrogen, wire.coated().isPresent() ? Kind.COATED : Kind.QUICK, wire.coated()));
        }
        return dressings;
    }
}
