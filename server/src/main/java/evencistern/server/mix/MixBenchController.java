package evencistern.server.mix;

import evencistern.caution.Caution;
import evencistern.fault.Fault;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.media.Amendment;
import evencistern.media.LimeCourse;
import evencistern.media.Liming;
import evencistern.media.Mix;
import evencistern.media.PartEffect;
import evencistern.media.PotWater;
import evencistern.mixlife.StirredIn;
import evencistern.mixlife.Suitability;
import evencistern.plant.Species;
import evencistern.pot.Pot;
import evencistern.server.dose.CareWire.LayerWire;
import evencistern.server.dose.StepWire;
import evencistern.server.plant.KindAsk;
import evencistern.server.pot.PotInput;
import evencistern.server.problem.FaultWire;
import evencistern.server.typed.Typed;
import evencistern.server.words.Words;
import evencistern.units.Dimension;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Answers to a mix as it is being typed or dragged: the whole input is in the body, no database is asked. */
@RestController
@RequestMapping("/api/mix")
class MixBenchController {
    private static final int LAYERS = 24;
    private static final double PER_CENT = 100;
    private static final double MOST_POTS = 8;
    /** Of more parts than this each does too little to be told. */
    private static final int MOST_TOLD = 10;

    private final Words words;

    MixBenchController(Words words) {
        this.words = words;
    }

    /**
     * A recipe as it stands on the screen, and the pots it is looked at in.
     *
     * @param species whose pH band is aimed at where no target is typed, and whose hatred of lime is heeded
     */
    record MixBenchAsk(
            MixAsk mix,
            List<PotInput> pots,
            @Nullable KindAsk species,
            @Nullable Typed target,
            Liming.Material lime,
            Liming.Fineness fineness,
            @Nullable Typed neutralising,
            @Nullable JarAsk jar,
            @Nullable List<RecipeWire.AddedWire> amendments,
            boolean working) {}

    /** A jar of the mix: its pH, so much CaCO3 per litre later its pH again, and the meter's ±. */
    record JarAsk(Typed before, Typed after, Typed grams, Typed plusMinus) {}

    /** One reason for or against, with what there is and what is wanted. */
    record ReasonWire(String aspect, String voice, double value, double wanted, String unit) {}

    /** Whether the mix in a pot suits a plant, as it is or once its pH is corrected, and which way of growing it belongs to. */
    record SuitsWire(String school, boolean suits, boolean suitsCorrected, List<ReasonWire> reasons) {
        static SuitsWire of(Suitability s) {
            return new SuitsWire(
                    s.school().id(),
                    s.suits(),
                    s.suitsCorrected(),
                    s.reasons().stream()
                            .map(r -> new ReasonWire(
                                    r.aspect().name().toLowerCase(Locale.ROOT),
                                    r.voice().name().toLowerCase(Locale.ROOT),
                                    r.value(),
                                    r.wanted(),
                                    r.unit().symbol()))
                            .toList());
        }
    }

    /** The mix in one pot. Per cent of the mix, litres, kg, cm. */
    record MixInPot(
            double litres,
            double mixHeightCm,
            double potHeightCm,
            double topWidthCm,
            double capacity,
            double air,
            double plusMinus,
            double available,
            double availableLitres,
            double dryKg,
            double wetKg,
            List<LayerWire> layers,
            List<String> cautions,
            @Nullable SuitsWire suits) {
        static MixInPot of(Mix mix, PotWater water, Optional<Suitability> suits) {
            Pot pot = water.pot();
            return new MixInPot(
                    water.mixLitres(),
                    pot.mixHeightM() * 100,
                    pot.shape().heightM() * 100,
                    pot.shape().widthM(pot.shape().heightM()) * 100,
                    water.capacity() * PER_CENT,
                    water.air() * PER_CENT,
                    water.plusMinus() * PER_CENT,
                    Math.max(0, water.capacity() - mix.unavailable()) * PER_CENT,
                    water.availableLitres(),
                    mix.densityKgPerL() * water.mixLitres() + pot.emptyKg(),
                    water.wetKg(),
                    water.profile(LAYERS, 0).stream().map(LayerWire::of).toList(),
                    Caution.forLifting(water.wetKg()).stream().map(Caution::id).toList(),
                    suits.map(SuitsWire::of).orElse(null));
        }
    }

    /**
     * Something stirred in besides: for each pot, and what it adds to a litre of mix.
     *
     * @param adds mg of each element per litre of mix
     * @param gramsEachPot in the order of the pots
     * @param refused why this plant is not to have it, or why it is too much
     */
    record AddedAnswer(
            String key,
            double gramsPerLitre,
            List<Double> gramsEachPot,
            Map<String, Double> adds,
            double months,
            List<FaultWire> refused) {}

    /** The pH so many days after mixing, with its range. */
    record LimePoint(int day, double ph, double low, double high) {}

    /**
     * What to stir in for the pH: grams per litre of mix, mg of Ca, Mg and K per litre, how it goes on, days to measure again.
     *
     * @param later the pH it may reach in a year or two, where lime is left that has not acted by then
     */
    record LimingWire(
            String kind,
            double target,
            double gramsPerLitre,
            double calcium,
            double magnesium,
            double potassium,
            double plusMinus,
            double buffer,
            boolean bufferMeasured,
            List<LimePoint> course,
            @Nullable Double later,
            List<Integer> measureAgainDays) {}

    /**
     * What comes of the mix. Per cent of the mix, kg/L, g/L and pH, meq/100 cm³, mS/cm, years.
     *
     * @param shares of each part in what is put in, per cent, in the order of the parts
     * @param does what each part does in the first pot, in the order of the parts; null where it is none or all of it; empty of many parts
     * @param litresPut per litre of mix
     * @param plusMinus of water and air
     * @param soaked the tests as measured, each beside what the parts let expect; absent where none count
     * @param easily available: held at 10 and given up by 50 cm of suction
     * @param liming absent where no target is set, or where it is refused
     */
    record MixAnswer(
            List<Double> shares,
            List<@Nullable DoesWire> does,
            double shrinkage,
            double litresPut,
            double porosity,
            double capacity,
            double air,
            double plusMinus,
            @Nullable List<SoakedAgainst> soaked,
            double available,
            double easily,
            double density,
            double wetDensity,
            double ph,
            double phPlusMinus,
            double buffer,
            double cec,
            double ec,
            double organic,
            String kind,
            double wetYears,
            double cycledYears,
            @Nullable Double costPerLitre,
            List<MixInPot> pots,
            List<AddedAnswer> amendments,
            @Nullable LimingWire liming,
            List<FaultWire> limingRefused,
            List<String> cautions,
            @Nullable List<StepWire> working) {}

    /** By how many points of the mix a part raises its air and its water over the same mix without it. */
    record DoesWire(double air, double water) {
        static List<@Nullable DoesWire> all(Mix mix, Pot pot) {
            List<@Nullable DoesWire> does = new ArrayList<>();
            if (mix.parts().size() <= MOST_TOLD) {
                PartEffect.of(mix, pot)
                        .forEach(e -> does.add(e.map(d -> new DoesWire(d.air() * PER_CENT, d.water() * PER_CENT))
                                .orElse(null)));
            }
            return does;
        }
    }

    /** What a pot of a height held, and what the parts let expect; per cent of the mix. */
    record SoakedAgainst(double columnCm, double air, double capacity, double expectedAir, double expectedCapacity) {
        static @Nullable List<SoakedAgainst> all(Mix mix) {
            if (mix.measured().isEmpty()) {
                return null;
            }
            Mix expected = mix.unmeasured();
            return mix.measured().get().tests().stream()
                    .map(t -> {
                        PotWater water = new PotWater(expected, PotWater.column(t.columnCm()));
                        return new SoakedAgainst(
                                t.columnCm(),
                                t.air() * PER_CENT,
                                t.capacity() * PER_CENT,
                                water.air() * PER_CENT,
                                water.capacity() * PER_CENT);
                    })
                    .toList();
        }
    }

    @PostMapping
    MixAnswer mix(@RequestBody MixBenchAsk ask) {
        Faults faults = new Faults();
        Optional<Mix> made = faults.attempt(ask.mix()::toMix);
        List<Pot> pots = new ArrayList<>();
        faults.within("mix.pots", ask.pots().size(), 0, MOST_POTS, "");
        ask.pots().forEach(p -> faults.attempt(p::toPot).ifPresent(pots::add));
        Optional<Species> species = Optional.ofNullable(ask.species()).flatMap(s -> faults.attempt(s::toSpecies));
        OptionalDouble target = Typed.optional(ask.target(), "lime.target", faults, Dimension.PH);
        OptionalDouble neutralising =
                Typed.optional(ask.neutralising(), "lime.neutralising", faults, Dimension.FRACTION);
        faults.throwIfAny();
        Mix mix = made.orElseThrow();
        Working.Recorder recorder = ask.working() ? new Working.Recorder() : null;
        Working working = recorder == null ? Working.off() : recorder;
        Uncertain ph = mix.ph(working);
        PotWater column = new PotWater(mix, PotWater.TABLE_COLUMN);
        List<FaultWire> refused = new ArrayList<>();
        LimingWire liming = null;
        OptionalDouble aim = target.isPresent() || species.isEmpty()
                ? target
                : OptionalDouble.of(species.get().phAim(mix.loam()));
        if (aim.isPresent()) {
            try {
                liming = lime(ask, mix, aim.getAsDouble(), neutralising, species, working);
            } catch (FaultException e) {
                e.faults().forEach(f -> refused.add(FaultWire.of(f, words)));
            }
        }
        boolean stirs = liming != null && !liming.kind().equals("nothing");
        OptionalDouble limedTo = liming != null && stirs ? OptionalDouble.of(liming.target()) : OptionalDouble.empty();
        List<MixInPot> inPots = new ArrayList<>();
        for (Pot pot : pots) {
            // the working shows the first pot
            inPots.add(
                    inPot(mix, new PotWater(mix, pot), species, limedTo, inPots.isEmpty() ? working : Working.off()));
        }
        List<AddedAnswer> added = ask.amendments() == null
                ? List.of()
                : ask.amendments().stream().map(a -> added(a, pots, species)).toList();
        return new MixAnswer(
                mix.parts().stream().map(p -> mix.share(p) * PER_CENT).toList(),
                DoesWire.all(mix, pots.isEmpty() ? PotWater.TABLE_COLUMN : pots.get(0)),
                mix.shrinkage() * PER_CENT,
                mix.litresPut(),
                mix.porosity() * PER_CENT,
                column.capacity() * PER_CENT,
                column.air() * PER_CENT,
                column.plusMinus() * PER_CENT,
                SoakedAgainst.all(mix),
                Math.max(0, column.capacity() - mix.unavailable()) * PER_CENT,
                (mix.at(10) - mix.at(50)) * PER_CENT,
                mix.densityKgPerL(),
                mix.densityKgPerL() + column.capacity(),
                ph.value(),
                ph.halfWidth95(),
                mix.buffer(),
                mix.cec(),
                mix.ec(),
                mix.organicShare() * PER_CENT,
                mix.kind().id(),
                mix.wetYears(),
                mix.cycledYears(),
                mix.costPerLitre().orElse(null),
                inPots,
                added,
                liming,
                refused,
                Caution.forMixing(mix, stirs, known(added)).stream()
                        .map(Caution::id)
                        .toList(),
                recorder == null ? null : StepWire.all(recorder));
    }

    private static List<Amendment> known(List<AddedAnswer> added) {
        return Amendment.all().stream()
                .filter(known -> added.stream().anyMatch(a -> a.key().equals(known.key())))
                .toList();
    }

    private AddedAnswer added(RecipeWire.AddedWire wire, List<Pot> pots, Optional<Species> species) {
        try {
            RecipeWire.Added a = wire.read();
            Map<String, Double> adds = a.adds();
            List<Fault> against = StirredIn.against(a.amendment(), a.gramsPerLitre(), species);
            if (!against.isEmpty()) {
                throw new FaultException(against);
            }
            return new AddedAnswer(
                    wire.key(),
                    a.gramsPerLitre(),
                    pots.stream().map(p -> a.gramsPerLitre() * p.mixLitres()).toList(),
                    adds,
                    a.amendment().months(),
                    List.of());
        } catch (FaultException e) {
            return new AddedAnswer(
                    wire.key(),
                    0,
                    List.of(),
                    Map.of(),
                    0,
                    e.faults().stream().map(f -> FaultWire.of(f, words)).toList());
        }
    }

    private static MixInPot inPot(
            Mix mix, PotWater water, Optional<Species> species, OptionalDouble limedTo, Working working) {
        water.availableLitres(working);
        return MixInPot.of(mix, water, species.map(s -> Suitability.of(s, mix, water, limedTo, working)));
    }

    private static LimingWire lime(
            MixBenchAsk ask,
            Mix mix,
            double target,
            OptionalDouble neutralising,
            Optional<Species> species,
            Working working) {
        Faults faults = new Faults();
        JarAsk jar = ask.jar();
        boolean measured = jar != null && !jar.after().text().isBlank();
        Liming.Start start = Liming.Start.of(mix, Working.off());
        if (jar != null && measured) {
            double before = jar.before().read("jar.before", faults, Dimension.PH);
            double after = jar.after().read("jar.after", faults, Dimension.PH);
            double grams = Unit.GRAM_PER_LITRE.fromCanonical(
                    jar.grams().read("jar.grams", faults, Dimension.MASS_CONCENTRATION));
            double plusMinus = jar.plusMinus().read("meter.ph_plus_minus", faults, Dimension.PH);
            faults.throwIfAny();
            start = new Liming.Start(
                    Uncertain.plusMinus95(before, plusMinus), Liming.bufferFromJar(before, after, grams, plusMinus));
        }
        Liming.Lime lime = new Liming.Lime(
                ask.lime(),
                ask.fineness(),
                neutralising.isPresent()
                        ? neutralising.getAsDouble() / PER_CENT
                        : ask.lime().neutralising());
        Liming.Correction c = Liming.to(target, start, lime, working);
        species.ifPresent(s -> Liming.refuseBeyond(c, target, s.limeTo()));
        Optional<LimeCourse> course =
                c.kind() == Liming.Kind.NOTHING ? Optional.empty() : Optional.of(LimeCourse.of(start, lime, c));
        return new LimingWire(
                c.kind().name().toLowerCase(Locale.ROOT),
                target,
                c.gramsPerLitre(),
                c.calcium(),
                c.magnesium(),
                c.potassium(),
                c.after().halfWidth95(),
                start.buffer().value(),
                measured,
                course.map(LimeCourse::points).orElse(List.of()).stream()
                        .map(p -> new LimePoint(p.day(), p.ph(), p.low(), p.high()))
                        .toList(),
                course.map(LimeCourse::later).filter(later -> later > target).orElse(null),
                course.map(LimeCourse::measureDays).orElse(List.of()));
    }
}
