package evencistern.server.feed;

import evencistern.caution.Caution;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.Analysis;
import evencistern.feed.CanDose;
import evencistern.feed.Dose;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.feed.MeterForecast;
import evencistern.feed.Nutrients;
import evencistern.feed.StrengthCap;
import evencistern.feed.Target;
import evencistern.label.Measure;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.meter.Meter;
import evencistern.plant.Appetite;
import evencistern.plant.Species;
import evencistern.reading.CanCheck;
import evencistern.server.dose.CareWire;
import evencistern.server.dose.NutrientWire;
import evencistern.server.dose.ProductTyped;
import evencistern.server.dose.StepWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.meter.CalibrationWire;
import evencistern.server.meter.EcTyped;
import evencistern.server.meter.MeterLogs;
import evencistern.server.plant.KindAsk;
import evencistern.server.typed.Typed;
import evencistern.units.Dimension;
import evencistern.units.Uncertain;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The dose bench: one feed in every can, and the pen in the can. Nothing is stored and no database is asked. */
@RestController
@RequestMapping("/api/feed")
class DoseController {

    /** A pen of which nothing is told: ppm on it are refused. */
    private static final Meter NO_PEN = new Meter(null, 0.1, 5);

    private static final double LEAST_MIXED = 0.05;
    private static final double MOST_MIXED = 10_000;
    private static final double MOST_MIXED_GRAMS = 100_000;

    // --- the analysis ---

    /**
     * What an analysis comes to.
     *
     * @param contents mg of each element in 1 g, or in 1 mL where the per cents are by volume
     * @param untold what the label leaves out that bears on the dose
     */
    record AnalysisAnswer(
            double n, double p2o5, double k2o, boolean byVolume, List<String> untold, List<NutrientWire> contents) {}

    @PostMapping("/analysis")
    AnalysisAnswer readAnalysis(@RequestBody FeedInput input) {
        Analysis analysis = input.readAnalysis();
        return new AnalysisAnswer(
                analysis.n(),
                analysis.p2o5(),
                analysis.k2o(),
                analysis.basis() == Analysis.Basis.BY_VOLUME,
                analysis.untold().stream().map(Analysis.Untold::id).toList(),
                NutrientWire.all(analysis.contents(), Nutrients.NONE));
    }

    // --- the dose ---

    /** What the dose is to reach. */
    enum Aim {
        label,
        share,
        nitrogen,
        pen,
        same_food,
        mixed
    }

    /**
     * Everything that decides the dose.
     *
     * @param species whose limits bind; none for those that suit nearly everything
     * @param value the share in %, or mg/L of nitrogen
     * @param reading of the pen over the water, on the scale of this meter
     * @param amount of the product that was put into so many litres of water, where it is mixed already
     * @param labelDays between feeds as the label has it, where it says "every watering"
     * @param days between feeds as they are to be
     * @param pack g or mL in one pack, and what it cost
     */
    record DoseAsk(
            FeedWire feed,
            GardenWire.WaterWire water,
            @Nullable KindAsk species,
            Aim aim,
            @Nullable Typed value,
            @Nullable EcTyped reading,
            GardenWire.@Nullable MeterWire meter,
            @Nullable Typed amount,
            @Nullable Typed litres,
            @Nullable Typed labelDays,
            @Nullable Typed days,
            List<GardenWire.VesselWire> vessels,
            GardenWire.Hand hand,
            List<HandMeasure.Spoon> spoons,
            @Nullable Double pack,
            @Nullable Double cost,
            boolean working) {}

    /** One can of it. */
    record CanWire(
            UUID vesselId,
            double litres,
            CareWire.MeasuredWire hand,
            double n,
            double meter,
            double meterPlusMinus,
            @Nullable Double cost) {}

    /**
     * The dose in every can.
     *
     * @param spread 95 %, as a share of what the feed brings: density, spoon
     * @param waterTold whether the water's report tells more than its EC
     * @param lostPercent of the food that the limit takes from what was wanted
     * @param ofLabelPercent of the label's top rate
     * @param waterToAdd so that what is mixed already is within the limits, L; 0 where it is
     * @param waterEc what the pen reads in the water alone
     * @param ecAdded what it adds to the reading, against what the plant stands
     */
    record DoseAnswer(
            double perLitre,
            String measure,
            double gramsPerLitre,
            double millilitresPerLitre,
            List<NutrientWire> nutrients,
            double spread,
            boolean waterTold,
            double n,
            double nCap,
            double waterEc,
            double ecAdded,
            double ecAddedPlusMinus,
            double ecCap,
            String forecastBy,
            String ceiling,
            double ceilingPerLitre,
            boolean heldBack,
            double lostPercent,
            double ofLabelPercent,
            double waterToAdd,
            @Nullable Double labelDays,
            List<CanWire> cans,
            List<String> cautions,
            @Nullable List<StepWire> working) {}

    @PostMapping("/dose")
    DoseAnswer dose(@RequestBody DoseAsk ask) {
        Faults faults = new Faults();
        Optional<Feed> onShelf = faults.attempt(ask.feed()::toFeed);
        Optional<SourceWater> source = faults.attempt(ask.water()::toWater);
        Optional<Species> species = Optional.ofNullable(ask.species()).flatMap(s -> faults.attempt(s::toSpecies));
        OptionalDouble value = ask.aim() == Aim.share
                ? Typed.optional(ask.value(), "share", faults, Dimension.FRACTION)
                : Typed.optional(ask.value(), "nitrogen", faults, Dimension.MASS_CONCENTRATION);
        Meter meter = ask.meter() == null ? NO_PEN : ask.meter().toMeter();
        OptionalDouble reading = EcTyped.optional(ask.reading(), "reading", meter, faults);
        OptionalDouble litres = Typed.optional(ask.litres(), "mixed.litres", faults, Dimension.VOLUME);
        litres.ifPresent(l -> faults.within("mixed.litres", l, LEAST_MIXED, MOST_MIXED, "L"));
        OptionalDouble labelDays = Typed.optional(ask.labelDays(), "label_days", faults, Dimension.TIME);
        OptionalDouble days = Typed.optional(ask.days(), "days", faults, Dimension.TIME);
        faults.throwIfAny();
        Feed feed = onShelf.orElseThrow();
        SourceWater water = source.orElseThrow();
        if (!(feed.rate() instanceof Rate.PerWater rate)) {
            throw new FaultException(
                    Fault.of(FaultCode.NOT_WATERED_ON, "feed", ask.feed().name()));
        }
        if (species.filter(s -> s.appetite() == Appetite.NONE).isPresent()) {
            throw new FaultException(
                    Fault.of(FaultCode.NO_ROOT_FEED, "species", species.get().key()));
        }
        StrengthCap cap = species.map(Species::cap).orElse(StrengthCap.ANY_PLANT);
        double place = species.map(s -> s.appetite().placeInRange()).orElse(0.5);
        OptionalDouble gap = gap(feed, labelDays);
        Working.Recorder recorder = new Working.Recorder();
        boolean mixed = ask.aim() == Aim.mixed;
        Dose dose = mixed
                ? Dose.mixed(
                        feed,
                        rate,
                        cap,
                        amount(ask, feed, rate.measure()),
                        needed(litres, "mixed.litres"),
                        water.ecMsCm(),
                        recorder)
                : Dose.choose(
                        feed,
                        rate,
                        cap,
                        target(ask.aim(), place, ask.aim() == Aim.pen ? reading : value, gap, days),
                        water.ecMsCm(),
                        recorder);
        Uncertain added = MeterForecast.added(feed, dose.perLitre(), rate.measure(), water.ecMsCm());
        HandMeasure hand = HandMeasure.valueOf(ask.hand().name().toUpperCase(Locale.ROOT));
        Nutrients own = Nutrients.of(water);
        List<CanWire> cans = ask.vessels().stream()
                .filter(v -> v.carries() && !mixed)
                .map(v -> can(ask, feed, dose, v, hand, water))
                .toList();
        if (ask.working() && !mixed) {
            ask.vessels().stream()
                    .filter(GardenWire.VesselWire::carries)
                    .findFirst()
                    .ifPresent(
                            v -> CanDose.of(feed, dose, v.litres(), hand, Set.copyOf(ask.spoons()), water, recorder));
        }
        return new DoseAnswer(
                dose.perLitre(),
                CareWire.measureId(rate.measure()),
                dose.gramsPerLitre().value(),
                dose.gramsPerLitre().value()
                        / feed.gramsPer(Measure.MILLILITRES).value(),
                NutrientWire.all(dose.mgPerL(), own),
                1.96 * feed.contentsSpread(rate.measure()),
                !own.amounts().isEmpty(),
                dose.mgPerL().n(),
                cap.nMgPerL(),
                water.ecMsCm(),
                added.value(),
                added.halfWidth95(),
                cap.ecMsCm(),
                MeterForecast.by(feed).id(),
                dose.ceiling().id(),
                dose.ceilingPerLitre(),
                dose.heldBack(),
                dose.lost() * 100,
                dose.perLitre() / rate.max() * 100,
                mixed ? dose.waterToAdd(litres.getAsDouble()) : 0,
                gap.isPresent() ? gap.getAsDouble() : null,
                cans,
                Caution.forFeed(feed.form(), feed.how()).stream()
                        .map(Caution::id)
                        .toList(),
                ask.working() ? StepWire.all(recorder) : null);
    }

    /** Days between feeds by the label; those that were typed where it goes by waterings. */
    private static OptionalDouble gap(Feed feed, OptionalDouble typed) {
        return feed.rhythm() instanceof Rhythm.EveryDays days
                ? OptionalDouble.of((days.min() + days.max()) / 2.0)
                : typed;
    }

    private static Target target(
            Aim aim, double place, OptionalDouble value, OptionalDouble labelDays, OptionalDouble days) {
        return switch (aim) {
            case label -> new Target.ByAppetite(place);
            case share -> new Target.OfLabel(needed(value, "share") / 100);
            case nitrogen -> new Target.Nitrogen(needed(value, "nitrogen"));
            case pen -> new Target.OverWater(needed(value, "reading"));
            case mixed -> throw new IllegalStateException("what is mixed already has no target");
            case same_food -> new Target.SameFood(place, needed(labelDays, "label_days"), needed(days, "days"), false);
        };
    }

    private static double amount(DoseAsk ask, Feed feed, Measure measure) {
        Faults faults = new Faults();
        Typed typed = Optional.ofNullable(ask.amount())
                .filter(a -> !a.text().isBlank())
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.MISSING, "mixed.amount", "")));
        double amount =
                ProductTyped.read(typed, "mixed.amount", feed, ask.feed().holdsMl(), measure, MOST_MIXED_GRAMS, faults);
        faults.throwIfAny();
        return amount;
    }

    private static double needed(OptionalDouble value, String field) {
        return value.orElseThrow(() -> new FaultException(Fault.of(FaultCode.MISSING, field, "")));
    }

    private static CanWire can(
            DoseAsk ask, Feed feed, Dose dose, GardenWire.VesselWire v, HandMeasure hand, SourceWater water) {
        CanDose can = CanDose.of(feed, dose, v.litres(), hand, Set.copyOf(ask.spoons()), water, Working.off());
        return new CanWire(
                v.id(),
                v.litres(),
                CareWire.MeasuredWire.of(can.hand()),
                can.mgPerL().n(),
                can.meter().value(),
                can.meter().halfWidth95(),
                ask.pack() == null || ask.cost() == null || !(ask.pack() > 0)
                        ? null
                        : packed(feed, can) / ask.pack() * ask.cost());
    }

    /** Product in the can as the stock counts it: grams of a dry feed, millilitres of a liquid one. */
    private static double packed(Feed feed, CanDose can) {
        double grams = can.hand().given() * feed.gramsPer(can.hand().measure()).value();
        return feed.form() == evencistern.label.ProductForm.DRY
                ? grams
                : grams / feed.gramsPer(Measure.MILLILITRES).value();
    }

    // --- the pen in the can ---

    /**
     * What the pen shows in a can.
     *
     * @param perLitre of product that was meant, in the label's measure
     * @param calibrations of the pen
     * @param on the day it is read
     * @param celsius of the can, where the pen does not correct for it
     * @param others the rest of the shelf
     */
    record CanAsk(
            FeedWire feed,
            double perLitre,
            GardenWire.WaterWire water,
            GardenWire.MeterWire meter,
            List<CalibrationWire> calibrations,
            LocalDate on,
            @Nullable EcTyped reading,
            @Nullable Typed celsius,
            List<FeedWire> others) {}

    /** A story with how likely it was before, and is now. */
    record StoryWire(String story, double prior, double probability) {}

    /** What the can says. */
    record CanAnswer(
            double reading, double plusMinus, double expected, double expectedPlusMinus, List<StoryWire> stories) {}

    @PostMapping("/can-check")
    CanAnswer canCheck(@RequestBody CanAsk ask) {
        Faults faults = new Faults();
        Meter meter = ask.meter().toMeter();
        OptionalDouble typed = EcTyped.optional(ask.reading(), "reading.ec", meter, faults);
        OptionalDouble celsius = Typed.optional(ask.celsius(), "reading.celsius", faults, Dimension.TEMPERATURE);
        Optional<Feed> onShelf = faults.attempt(ask.feed()::toFeed);
        Optional<SourceWater> water = faults.attempt(ask.water()::toWater);
        faults.throwIfAny();
        Feed feed = onShelf.orElseThrow();
        double ec = water.orElseThrow().ecMsCm();
        double shown = needed(typed, "reading.ec");
        Uncertain reading =
                MeterLogs.log(ask.meter(), ask.calibrations()).on(ask.on()).ec(shown, celsius);
        Uncertain added = MeterForecast.added(feed, ask.perLitre(), feed.rate().measure(), ec);
        CanCheck check = CanCheck.of(
                reading,
                ec,
                added,
                ask.others().stream()
                        .filter(f -> !f.id().equals(ask.feed().id()) && !f.retired())
                        .map(f -> atLabelRate(f, ec))
                        .filter(Objects::nonNull)
                        .toList());
        return new CanAnswer(
                reading.value(),
                reading.halfWidth95(),
                ec + added.value(),
                added.halfWidth95(),
                check.probability().entrySet().stream()
                        .map(e -> new StoryWire(e.getKey().id(), e.getKey().prior(), e.getValue()))
                        .sorted((a, b) -> Double.compare(b.probability(), a.probability()))
                        .toList());
    }

    /** What another product would have added at the middle of its own label; null where it is not watered on. */
    private static @Nullable Double atLabelRate(FeedWire wire, double waterEc) {
        Feed feed = wire.toFeed();
        return feed.rate() instanceof Rate.PerWater rate
                ? Double.valueOf(MeterForecast.added(feed, (rate.min() + rate.max()) / 2, rate.measure(), waterEc)
                        .value())
                : null;
    }
}
