package evencistern.server.blend;

import evencistern.blend.Blend;
import evencistern.blend.Goal;
import evencistern.blend.NitrogenSchool;
import evencistern.blend.Salt;
import evencistern.caution.Caution;
import evencistern.chemistry.Formula;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.Feed;
import evencistern.feed.MeterForecast;
import evencistern.feed.Nutrients;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.server.dose.CareWire;
import evencistern.server.dose.NutrientWire;
import evencistern.server.feed.FeedWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.problem.FaultWire;
import evencistern.server.tank.TankAsk;
import evencistern.server.tank.TankWire;
import evencistern.server.typed.Typed;
import evencistern.server.words.Words;
import evencistern.tank.StockTanks;
import evencistern.tank.Stocked;
import evencistern.units.Dimension;
import evencistern.units.Uncertain;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A feed blended from the shelf as its targets are typed; nothing is stored. */
@RestController
@RequestMapping("/api/blend")
class BlendController {
    private static final Rate ANY_STRENGTH = new Rate.PerWater(0, 200, Measure.GRAMS);
    private final Words words;

    BlendController(Words words) {
        this.words = words;
    }

    /** A salt that one may buy for blending. */
    record SaltWire(String key, String formula, double n, double p2o5, double k2o) {}

    @GetMapping("/salts")
    List<SaltWire> listSalts() {
        return Salt.all().stream()
                .map(s -> new SaltWire(
                        s.key(),
                        s.formula(),
                        s.analysis().n(),
                        s.analysis().p2o5(),
                        s.analysis().k2o()))
                .toList();
    }

    /**
     * A feed of the shelf.
     *
     * @param cost of a gram of a dry one, a millilitre of a liquid one
     */
    record ShelfFeed(FeedWire feed, @Nullable Double cost) {}

    /** A proportion of the three numbers, at so much nitrogen. */
    record RatioTyped(Typed n, Typed p2o5, Typed k2o, Typed strength) {}

    /**
     * What is wanted and what there is.
     *
     * @param targets mg/L; passed over where there is a ratio
     * @param salts keys of salts that are at hand besides
     * @param school how much of the nitrogen is to be nitrate; null for no matter
     * @param root temperature of the mix
     * @param setting,ratio of an injector, where stock is to be made
     */
    record BlendAsk(
            List<ShelfFeed> feeds,
            List<String> salts,
            Map<Goal, Typed> targets,
            @Nullable RatioTyped proportion,
            GardenWire.WaterWire water,
            @Nullable String school,
            @Nullable Typed root,
            TankAsk.@Nullable Setting setting,
            @Nullable Typed ratio,
            @Nullable Typed litres,
            @Nullable Typed coldest) {}

    /** So much of a product in a litre of feed. */
    record BlendPartWire(
            String name,
            @Nullable String salt,
            double perLitre,
            String measure,
            @Nullable Double cost) {}

    /** A target and what came of it, mg/L. */
    record AimedWire(
            String goal,
            double target,
            double water,
            double got,
            String why,
            @Nullable String other) {}

    /**
     * The blend.
     *
     * @param nitrateAsked at least, %
     * @param tanks of stock for the injector, where one is set
     * @param refusals why there is no stock
     */
    record BlendAnswer(
            List<BlendPartWire> parts,
            List<AimedWire> aimed,
            List<NutrientWire> nutrients,
            double nitratePercent,
            @Nullable Double nitrateAsked,
            @Nullable Double costPerLitre,
            double meter,
            double meterPlusMinus,
            List<TankWire> tanks,
            List<FaultWire> refusals,
            List<String> cautions) {}

    /** A product with all that the blend, the meter and the tanks need of it. */
    private record Candidate(
            Blend.Product product,
            Feed feed,
            Measure measure,
            Optional<Formula> formula,
            @Nullable String salt) {}

    @PostMapping
    BlendAnswer blend(@RequestBody BlendAsk ask) {
        Faults faults = new Faults();
        Map<Goal, Double> targets = targets(ask, faults);
        Optional<SourceWater> source = faults.attempt(ask.water()::toWater);
        OptionalDouble root = Typed.optional(ask.root(), "blend.root", faults, Dimension.TEMPERATURE);
        List<Candidate> shelf = new ArrayList<>();
        ask.feeds().forEach(f -> faults.attempt(() -> candidate(f)).ifPresent(shelf::add));
        ask.salts()
                .forEach(k -> faults.attempt(() -> candidate(Salt.require(k))).ifPresent(shelf::add));
        faults.throwIfAny();
        SourceWater water = source.orElseThrow();
        Nutrients own = Nutrients.of(water);
        String school = ask.school();
        OptionalDouble share = school == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(NitrogenSchool.require(school).nitrateShare(root.orElse(18)));
        Blend blend = Blend.of(shelf.stream().map(Candidate::product).toList(), targets, own, share);
        Uncertain meter = Uncertain.exact(water.ecMsCm());
        List<BlendPartWire> parts = new ArrayList<>();
        List<Stocked> stocked = new ArrayList<>();
        for (int i = 0; i < shelf.size(); i++) {
            Candidate c = shelf.get(i);
            double perLitre = blend.perLitre().get(i);
            if (perLitre > 0) {
                meter = meter.plus(MeterForecast.added(c.feed(), perLitre, c.measure(), water.ecMsCm()));
                parts.add(new BlendPartWire(
                        c.product().name(),
                        c.salt(),
                        perLitre,
                        CareWire.measureId(c.measure()),
                        c.product().cost().isPresent() ? c.product().cost().getAsDouble() * perLitre : null));
                stocked.add(new Stocked(
                        c.product().name(),
                        c.feed(),
                        Math.max(perLitre, 1e-4),
                        c.measure(),
                        c.formula(),
                        OptionalDouble.empty()));
            }
        }
        List<FaultWire> refusals = new ArrayList<>();
        List<TankWire> tanks = tanks(ask, stocked, refusals);
        return new BlendAnswer(
                parts,
                blend.misses().stream()
                        .map(m -> new AimedWire(
                                m.goal().id(),
                                m.target(),
                                m.goal().of(own),
                                m.got(),
                                m.why().id(),
                                m.other().map(Goal::id).orElse(null)))
                        .toList(),
                NutrientWire.all(blend.brought(), own),
                blend.nitrateShare() * 100,
                share.isPresent() ? share.getAsDouble() * 100 : null,
                blend.costPerLitre().isPresent() ? blend.costPerLitre().getAsDouble() : null,
                meter.value(),
                meter.halfWidth95(),
                tanks,
                refusals,
                Caution.forStock().stream().map(Caution::id).toList());
    }

    private static Map<Goal, Double> targets(BlendAsk ask, Faults faults) {
        RatioTyped p = ask.proportion();
        if (p != null) {
            double n = p.n().read("blend.ratio_n", faults, Dimension.NUMBER);
            double p2o5 = p.p2o5().read("blend.ratio_p", faults, Dimension.NUMBER);
            double k2o = p.k2o().read("blend.ratio_k", faults, Dimension.NUMBER);
            double strength = p.strength().read("blend.n", faults, Dimension.MASS_CONCENTRATION);
            return faults.attempt(() -> Blend.ofRatio(n, p2o5, k2o, strength)).orElse(Map.of());
        }
        Map<Goal, Double> targets = new EnumMap<>(Goal.class);
        ask.targets()
                .forEach((goal, typed) -> Typed.optional(
                                typed, "blend." + goal.id(), faults, Dimension.MASS_CONCENTRATION)
                        .ifPresent(mg -> targets.put(goal, mg)));
        return targets;
    }

    private static Candidate candidate(ShelfFeed shelf) {
        Feed feed = shelf.feed().toFeed();
        Measure measure = shelf.feed().form() == FeedWire.Form.dry ? Measure.GRAMS : Measure.MILLILITRES;
        String formula = shelf.feed().formula();
        return new Candidate(
                new Blend.Product(
                        shelf.feed().name(),
                        feed.contentsPer(measure),
                        shelf.cost() == null ? OptionalDouble.empty() : OptionalDouble.of(shelf.cost()),
                        feed.mostPerLitre(measure)),
                feed,
                measure,
                formula == null ? Optional.empty() : Optional.of(Formula.of(formula)),
                null);
    }

    private static Candidate candidate(Salt salt) {
        Feed feed = new Feed(
                salt.analysis(),
                ProductForm.DRY,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                ANY_STRENGTH,
                new Rhythm.EveryWatering());
        return new Candidate(
                new Blend.Product(
                        salt.formula(),
                        feed.contentsPer(Measure.GRAMS),
                        OptionalDouble.empty(),
                        OptionalDouble.empty()),
                feed,
                Measure.GRAMS,
                Optional.of(salt.compound()),
                salt.key());
    }

    /** The stock for the injector; where it is refused, why. */
    private List<TankWire> tanks(BlendAsk ask, List<Stocked> stocked, List<FaultWire> refusals) {
        TankAsk.Setting setting = ask.setting();
        Typed ratio = ask.ratio();
        if (setting == null || ratio == null || stocked.isEmpty()) {
            return List.of();
        }
        try {
            Faults faults = new Faults();
            double litres = Typed.optional(ask.litres(), "tank.litres", faults, Dimension.VOLUME)
                    .orElse(10);
            double coldest = Typed.optional(ask.coldest(), "coldest", faults, Dimension.TEMPERATURE)
                    .orElse(10);
            faults.throwIfAny();
            return StockTanks.of(
                            stocked,
                            setting.injector(ratio),
                            false,
                            litres,
                            coldest,
                            OptionalDouble.empty(),
                            Working.off())
                    .tanks()
                    .stream()
                    .map(TankWire::of)
                    .toList();
        } catch (FaultException e) {
            e.faults().forEach(f -> refusals.add(FaultWire.of(f, words)));
            return List.of();
        }
    }
}
