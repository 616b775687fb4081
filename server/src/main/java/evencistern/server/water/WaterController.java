package evencistern.server.water;

import evencistern.caution.Caution;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.plant.Species;
import evencistern.server.dose.StepWire;
import evencistern.server.garden.WaterInput;
import evencistern.server.plant.KindAsk;
import evencistern.server.problem.FaultWire;
import evencistern.server.typed.Typed;
import evencistern.server.words.Words;
import evencistern.units.Dimension;
import evencistern.water.PhCorrection;
import evencistern.water.PhProduct;
import evencistern.water.SourceWater;
import evencistern.water.Titration;
import evencistern.water.WaterBlend;
import evencistern.water.WaterLimits;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Water judged, blended and brought to a pH as it is typed; nothing is stored. */
@RestController
@RequestMapping("/api/water")
class WaterController {
    private final Words words;

    WaterController(Words words) {
        this.words = words;
    }

    /** A product that moves the pH. */
    record PhProductWire(String key, boolean acid, boolean liquid, boolean trade) {}

    @GetMapping("/ph-products")
    List<PhProductWire> phProducts() {
        return PhProduct.all().stream()
                .map(p -> new PhProductWire(p.key(), p.acid(), p.liquid(), p.trade()))
                .toList();
    }

    /**
     * A water, perhaps with another in it, and what is wanted of it.
     *
     * @param other that is blended in
     * @param share of the other, %
     * @param potLitres of mix in the pots it is for
     * @param product to move the pH with
     * @param litres that are made
     * @param trade whether the garden declares itself a trade grower's
     * @param kind of the plants it is for, where that is told
     */
    record WaterAsk(
            WaterInput water,
            @Nullable WaterInput other,
            @Nullable Typed share,
            Typed potLitres,
            @Nullable Typed targetPh,
            @Nullable String product,
            @Nullable Typed litres,
            boolean trade,
            @Nullable KindAsk kind) {}

    /** One value against its limits. */
    record FindingWire(String what, double value, double good, double most, String unit, String standing) {}

    /** Elements that a product brings, mg/L. */
    record BroughtWire(String element, double mgPerL) {}

    /** How much of the product, and what comes of it. */
    record CorrectionWire(
            double perLitre,
            double amount,
            boolean liquid,
            double alkalinityLeft,
            double neutralisedPercent,
            boolean muchPhosphorus,
            List<BroughtWire> brings,
            List<StepWire> working) {}

    /**
     * The water as it would be poured.
     *
     * @param shareForLimit % of the other water that brings the alkalinity under the limit; absent where none is needed or
     *     nothing is known
     * @param correction absent while none is asked for, or while it is refused
     * @param refusals why there is no correction
     */
    record WaterAnswer(
            double ec,
            double ph,
            boolean phKnown,
            @Nullable Double alkalinity,
            @Nullable Double hardness,
            List<FindingWire> findings,
            @Nullable Double shareForLimit,
            @Nullable CorrectionWire correction,
            List<FaultWire> refusals,
            List<String> cautions) {}

    @PostMapping
    WaterAnswer judge(@RequestBody WaterAsk ask) {
        Faults faults = new Faults();
        var one = faults.attempt(() -> ask.water().read().toWater());
        WaterInput second = ask.other();
        var other = second == null
                ? java.util.Optional.<SourceWater>empty()
                : faults.attempt(() -> second.read().toWater());
        double pot = ask.potLitres().read("pot.litres", faults, Dimension.VOLUME);
        OptionalDouble share = Typed.optional(ask.share(), "share", faults, Dimension.FRACTION);
        OptionalDouble target = Typed.optional(ask.targetPh(), "target_ph", faults, Dimension.PH);
        OptionalDouble litres = Typed.optional(ask.litres(), "litres", faults, Dimension.VOLUME);
        KindAsk kind = ask.kind();
        WaterLimits.Drinker drinker = kind == null
                ? WaterLimits.Drinker.ANY
                : faults.attempt(kind::toSpecies).map(Species::drinks).orElse(WaterLimits.Drinker.ANY);
        faults.throwIfAny();
        SourceWater source = one.orElseThrow();
        SourceWater poured =
                other.map(o -> WaterBlend.of(source, o, share.orElse(0) / 100)).orElse(source);
        List<FaultWire> refusals = new ArrayList<>();
        Double shareForLimit = null;
        CorrectionWire correction = null;
        try {
            shareForLimit = other.isPresent() && poured.alkalinity().isPresent()
                    ? WaterBlend.shareFor(source, other.get(), WaterLimits.alkalinityLimit(pot, drinker)) * 100
                    : null;
        } catch (FaultException e) {
            e.faults().forEach(f -> refusals.add(FaultWire.of(f, words)));
        }
        String product = ask.product();
        if (product != null && target.isPresent()) {
            try {
                correction = correction(
                        poured,
                        target.getAsDouble(),
                        PhProduct.require(product),
                        litres.orElse(1),
                        ask.trade(),
                        drinker);
            } catch (FaultException e) {
                e.faults().forEach(f -> refusals.add(FaultWire.of(f, words)));
            }
        }
        return new WaterAnswer(
                poured.ecMsCm(),
                poured.ph(),
                other.isEmpty() || poured.alkalinity().isPresent(),
                poured.alkalinity().isPresent() ? poured.alkalinity().getAsDouble() : null,
                poured.hardness().isPresent() ? poured.hardness().getAsDouble() : null,
                WaterLimits.judge(poured, pot, drinker).stream()
                        .map(f -> new FindingWire(
                                f.what().id(),
                                f.value(),
                                f.good(),
                                f.most(),
                                f.unit(),
                                f.standing().id()))
                        .toList(),
                shareForLimit,
                correction,
                refusals,
                cautions(product, correction));
    }

    private static List<String> cautions(@Nullable String product, @Nullable CorrectionWire correction) {
        List<String> cautions = new ArrayList<>();
        if (correction != null && correction.muchPhosphorus()) {
            cautions.add(Caution.ACID_PHOSPHORUS.id());
        }
        if (product != null) {
            Caution.forPhProduct(PhProduct.require(product)).forEach(c -> cautions.add(c.id()));
        }
        return cautions;
    }

    private static CorrectionWire correction(
            SourceWater water,
            double target,
            PhProduct product,
            double litres,
            boolean trade,
            WaterLimits.Drinker drinker) {
        Working.Recorder recorder = new Working.Recorder();
        PhCorrection c = PhCorrection.of(water, target, product, litres, trade, drinker, recorder);
        return new CorrectionWire(
                c.perLitre(),
                c.amount(),
                product.liquid(),
                c.alkalinityLeft(),
                c.neutralised() * 100,
                c.muchPhosphorus(),
                c.adds().entrySet().stream()
                        .map(e -> new BroughtWire(e.getKey().id(), e.getValue()))
                        .toList(),
                StepWire.all(recorder));
    }

    // --- drops from an unnamed bottle ---

    /** What was in the can, in all, when the pen showed this. */
    record PointTyped(Typed added, Typed ph) {}

    /** A can on its way down to a pH. */
    record DropsAsk(Typed startPh, List<PointTyped> points, Typed targetPh) {}

    /** How many more. */
    record DropsAnswer(double more, double low, double high, double inAll) {}

    @PostMapping("/drops")
    DropsAnswer drops(@RequestBody DropsAsk ask) {
        Faults faults = new Faults();
        double start = ask.startPh().read("start_ph", faults, Dimension.PH);
        double target = ask.targetPh().read("target_ph", faults, Dimension.PH);
        List<Titration.Point> points = ask.points().stream()
                .map(p -> new Titration.Point(
                        p.added().read("points.added", faults, Dimension.NUMBER),
                        p.ph().read("points.ph", faults, Dimension.PH)))
                .toList();
        faults.throwIfAny();
        Titration t = Titration.of(start, points, target);
        return new DropsAnswer(t.more(), t.low(), t.high(), t.inAll());
    }
}
