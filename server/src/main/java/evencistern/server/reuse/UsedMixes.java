package evencistern.server.reuse;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.media.Component;
import evencistern.media.Liming;
import evencistern.media.Mix;
import evencistern.mixlife.LastPlant;
import evencistern.mixlife.MixAge;
import evencistern.mixlife.MixFlush;
import evencistern.mixlife.UsedMix;
import evencistern.need.Situation;
import evencistern.reading.Equivalence;
import evencistern.reading.Method;
import evencistern.salt.SaltAccount;
import evencistern.server.GardenId;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.history.Act;
import evencistern.server.history.History;
import evencistern.server.history.Keeping;
import evencistern.server.lock.RetriedOnLocks;
import evencistern.server.lot.GardenContext;
import evencistern.server.lot.Lot;
import evencistern.server.lot.LotWithState;
import evencistern.server.lot.Lots;
import evencistern.server.lot.Story;
import evencistern.server.mix.ComponentWire;
import evencistern.server.mix.MixNames;
import evencistern.server.mix.MixShelf;
import evencistern.server.mix.Mixes;
import evencistern.server.mix.RecipeInput;
import evencistern.server.mix.RecipeWire;
import evencistern.server.stock.Stocks;
import evencistern.server.typed.Typed;
import evencistern.server.words.Words;
import evencistern.units.Dimension;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Mix out of pots: taken up, treated, and used again or got rid of. */
@Service
@RetriedOnLocks
public class UsedMixes {
    private static final double ALL = 100;
    private static final int LONGEST_NAME = 80;

    /** What an extract or a pen in it is good for, as a 95 % interval; typical, from memory. */
    private static final double EXTRACT_SHARE = 0.15;

    private static final double PEN_PH = 0.2;

    private final UsedMixStore store;
    private final Gardens gardens;
    private final Lots lots;
    private final Mixes mixes;
    private final MixNames names;
    private final Words words;
    private final Stocks stocks;
    private final History history;
    private final Keeping<UsedMixWire> keeping;

    UsedMixes(
            UsedMixStore store,
            Gardens gardens,
            Lots lots,
            Mixes mixes,
            MixNames names,
            Words words,
            Stocks stocks,
            History history) {
        this.store = store;
        this.gardens = gardens;
        this.lots = lots;
        this.mixes = mixes;
        this.names = names;
        this.words = words;
        this.stocks = stocks;
        this.history = history;
        this.keeping = history.keep(store.used());
    }

    /**
     * The mix of a lot's pots, to be used again.
     *
     * @param id of the used mix that comes of it
     * @param litres in all; absent for what the pots held
     * @param ph,extract as read of it, the one or the other or neither; the EC of one part in two of distilled water
     */
    public record Taking(
            String clientKey,
            UUID id,
            UUID lotId,
            LastPlant lastPlant,
            LocalDate on,
            @Nullable Typed litres,
            @Nullable Typed ph,
            @Nullable Typed extract) {}

    /**
     * A step that was done with it.
     *
     * @param amount as the step has it; of {@code salt_read} the EC of one part in two of distilled water
     */
    public record Treating(
            String clientKey,
            UsedMixWire.Step step,
            LocalDate on,
            @Nullable Typed amount,
            int version) {}

    /** Part of it in a new recipe: {@code share} per cent of {@code with}, the key of another mix. */
    public record Blending(UUID id, String with, Typed share) {}

    /** Newest first. */
    List<UsedMixWire> list(GardenId garden) {
        gardens.require(garden);
        return store.listUsed(garden);
    }

    UsedMixWire require(GardenId garden, UUID id) {
        return store.used()
                .find(garden, id)
                .filter(u -> !u.retired())
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "used", id.toString())));
    }

    static ComponentWire component(MixShelf shelf, UUID id) {
        return shelf.components().stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.NOT_FOUND, "used", id.toString())));
    }

    /** Litres there are of it still. */
    double litres(GardenId garden, UsedMixWire used) {
        OptionalDouble counted = stocks.componentLeft(garden, used.id().toString());
        return counted.isPresent() ? counted.getAsDouble() : used.litres();
    }

    /** Takes the mix of a lot's pots up: an ingredient, its litres on the shelf, and where it is from. */
    @Transactional
    public Act.Recorded take(GardenId garden, Taking taking) {
        GardenContext context = lots.context(garden);
        GardenWire g = context.garden();
        LotWithState standing = lots.require(context, taking.lotId());
        Lot lot = standing.lot();
        Situation s = context.situation(standing);
        Faults faults = new Faults();
        past(taking.on(), g.today(), faults);
        if (s.mix().none()) {
            faults.add(FaultCode.USED_MIX_NONE, "mix", lot.name());
        }
        OptionalDouble typed = Typed.optional(taking.litres(), "used.litres", faults, Dimension.VOLUME);
        OptionalDouble ph = ph(taking.ph(), faults);
        OptionalDouble paste = paste(taking.extract(), faults);
        double litres = typed.orElse(lot.pots() * s.pot().mixLitres());
        faults.within("used.litres", litres, 0.05, 20_000, "L");
        faults.throwIfAny();
        LocalDate on = taking.on();
        Story story = lots.story(context, lot, true);
        LocalDate left = lot.retiredOn();
        double spent = MixAge.spent(s, story.ofMix(), left != null && left.isBefore(on) ? left : on);
        Uncertain acid = ph.isPresent()
                ? Uncertain.plusMinus95(ph.getAsDouble(), PEN_PH)
                : UsedMix.phUnmeasured(whenNew(context, lot, s), spent);
        Uncertain salt = paste.isPresent()
                ? Uncertain.plusMinus95(paste.getAsDouble(), EXTRACT_SHARE * paste.getAsDouble())
                : accounted(story.salt(context, lot, s, Working.off()));
        Component component =
                new UsedMix(s.mix(), spent, acid, salt).component(taking.id().toString(), litres);
        MixShelf shelf = context.mixes();
        String name = words.of("used_mix", "name", Map.of("lot", lot.name()));
        UsedMixWire used = new UsedMixWire(
                taking.id(),
                lot.id(),
                lot.name(),
                lot.species(),
                names.of(shelf, lot.mix()),
                on,
                litres,
                taking.lastPlant(),
                coatedLeft(context, lot, s, story, on),
                acid.halfWidth95(),
                salt.halfWidth95(),
                List.of(),
                "",
                0,
                false);
        return history.once(garden, "take_mix", taking.clientKey(), act -> {
            mixes.save(
                    garden,
                    act,
                    ComponentWire.used(
                            taking.id(),
                            name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name,
                            component,
                            taking.lastPlant().use()));
            history.save(garden, act, keeping, used);
            stocks.fillComponent(garden, act, taking.id().toString(), litres, on);
        });
    }

    /** The pH it was filled with: as it was brought to by its recipe, else that of its parts. */
    private static Uncertain whenNew(GardenContext context, Lot lot, Situation s) {
        Uncertain parts = s.mix().ph(Working.off());
        return recipe(context.mixes(), lot.mix())
                .map(RecipeWire::target)
                .map(target -> new Uncertain(target, parts.sd()))
                .orElse(parts);
    }

    private static Uncertain accounted(SaltAccount account) {
        double value = paste(account.msCm().value(), Method.POUR_THROUGH);
        double low = paste(account.msCm().low(), Method.POUR_THROUGH);
        double high = paste(account.msCm().high(), Method.POUR_THROUGH);
        return Uncertain.plusMinus95(value, (high - low) / 2);
    }

    private static double paste(double msCm, Method by) {
        return Equivalence.convert(Math.max(0, msCm), by, Method.PASTE);
    }

    private static OptionalDouble ph(@Nullable Typed typed, Faults faults) {
        OptionalDouble ph = Typed.optional(typed, "reading.ph", faults, Dimension.PH);
        ph.ifPresent(p -> faults.within("reading.ph", p, 3, 10, "pH"));
        return ph;
    }

    /** The EC of its saturated extract, by that of one part in two of distilled water. */
    private static OptionalDouble paste(@Nullable Typed extract, Faults faults) {
        OptionalDouble ec = Typed.optional(extract, "reading.ec", faults, Dimension.CONDUCTIVITY);
        if (ec.isEmpty() || Double.isNaN(ec.getAsDouble())) {
            return ec;
        }
        faults.within("reading.ec", ec.getAsDouble(), 0, 6, "mS/cm");
        return faults.any() ? OptionalDouble.empty() : OptionalDouble.of(paste(ec.getAsDouble(), Method.EXTRACT));
    }

    /** Coated feed that came into a mix with old mix of a lot; g per litre of the whole. */
    public record CoatedIn(String lotName, UsedMix.Coated coated) {}

    /** What came of it with each old mix in a mix. */
    public List<CoatedIn> coatedIn(GardenContext context, Mix mix) {
        List<CoatedIn> coated = new ArrayList<>();
        for (Mix.Part part : mix.parts()) {
            String key = part.component().key();
            if (mix.share(part) > 0
                    && context.mixes().components().stream()
                            .anyMatch(c -> c.key().equals(key) && c.used())) {
                UsedMixWire used = store.used()
                        .find(new GardenId(context.garden().id()), UUID.fromString(key))
                        .orElseThrow();
                coated.add(new CoatedIn(
                        used.lotName(), UsedMix.Coated.stirredIn(used.takenOn(), used.coatedLeft() * mix.share(part))));
            }
        }
        return coated;
    }

    private double coatedLeft(GardenContext context, Lot lot, Situation s, Story story, LocalDate on) {
        List<UsedMix.Coated> coated =
                new ArrayList<>(story.coated(context, s.pot().mixLitres()));
        recipe(context.mixes(), lot.mix()).stream()
                .flatMap(r -> r.amendments().stream())
                .map(RecipeWire.AddedWire::read)
                .filter(a -> a.amendment().key().equals(UsedMix.COATED))
                .map(a -> UsedMix.Coated.stirredIn(story.since(), a.gramsPerLitre()))
                .forEach(coated::add);
        coatedIn(context, s.mix()).forEach(c -> coated.add(c.coated()));
        return UsedMix.coatedLeft(coated, on, s::mixC);
    }

    /** The recipe of a mix, or of the batch it is. */
    private static Optional<RecipeWire> recipe(MixShelf shelf, String mix) {
        return shelf.recipe(mix)
                .or(() -> shelf.made().stream()
                        .filter(m -> m.key().equals(mix))
                        .findFirst()
                        .flatMap(m -> shelf.recipe(m.recipe())));
    }

    private static void past(LocalDate on, LocalDate today, Faults faults) {
        if (on.isAfter(today)) {
            faults.add(FaultCode.TIME_IN_FUTURE, "used.on", on.toString());
        }
    }

    /** Records what was done with it; what it is like follows. */
    @Transactional
    public Act.Recorded treat(GardenId garden, UUID id, Treating treating) {
        GardenWire g = gardens.require(garden);
        UsedMixWire used = require(garden, id);
        ComponentWire was = component(mixes.shelf(garden), id);
        Faults faults = new Faults();
        past(treating.on(), g.today(), faults);
        if (treating.step() == UsedMixWire.Step.heated && UsedMix.coatedFeedIn(used.coatedLeft())) {
            faults.add(FaultCode.USED_MIX_HEAT_COATED, "used", used.lotName());
        }
        if (used.lastPlant().use() == LastPlant.Use.NEVER && treating.step() != UsedMixWire.Step.thrown) {
            faults.add(FaultCode.USED_MIX_NEVER, "used", was.name());
        }
        double amount = amount(treating, faults);
        faults.throwIfAny();
        double left = litres(garden, used);
        double waterEc = g.water(waterOf(g, used)).ec();
        Component now = was.toComponent();
        UsedMixWire after = used.after(
                new UsedMixWire.StepTaken(treating.step(), treating.on(), amount),
                phKnown(used, treating.step()),
                ecKnown(used, treating.step(), amount),
                treating.version());
        ComponentWire become = was.become(
                switch (treating.step()) {
                    case limed, ph_read -> amount;
                    default -> was.ph();
                },
                switch (treating.step()) {
                    case flushed -> MixFlush.after(now, left, amount, waterEc);
                    case salt_read -> amount;
                    default -> was.ec();
                },
                treating.step() == UsedMixWire.Step.heated ? null : was.heldBack(),
                treating.step().ends());
        return history.once(garden, "treat_mix", treating.clientKey(), act -> {
            // the same step sent again is answered as recorded, also where it was the last
            if (used.gone() != null) {
                throw new FaultException(Fault.of(FaultCode.USED_MIX_GONE, "used", used.lotName()));
            }
            history.save(garden, act, keeping, after);
            mixes.save(garden, act, become);
            if (treating.step() == UsedMixWire.Step.sieved) {
                stocks.drawComponent(garden, act, id.toString(), left * amount / ALL);
            } else if (treating.step().ends()) {
                stocks.drawComponent(garden, act, id.toString(), left);
            }
        });
    }

    private static double phKnown(UsedMixWire used, UsedMixWire.Step step) {
        return step == UsedMixWire.Step.ph_read ? PEN_PH : used.phPlusMinus();
    }

    private static double ecKnown(UsedMixWire used, UsedMixWire.Step step, double amount) {
        return step == UsedMixWire.Step.salt_read ? EXTRACT_SHARE * amount : used.ecPlusMinus();
    }

    private static double amount(Treating treating, Faults faults) {
        Typed typed = treating.amount();
        return switch (treating.step()) {
            case sieved -> within(typed, "used.reject", Dimension.FRACTION, 0, 90, "%", faults);
            case laid_out -> within(typed, "used.surface", Dimension.AREA, 0.01, 100, "m²", faults);
            case flushed -> within(typed, "used.poured", Dimension.VOLUME, 0.1, 100_000, "L", faults);
            case limed, ph_read -> within(typed, "reading.ph", Dimension.PH, 3, 10, "pH", faults);
            case salt_read -> {
                if (typed == null) {
                    faults.add(FaultCode.MISSING, "reading.ec", "");
                }
                yield paste(typed, faults).orElse(Double.NaN);
            }
            case heated, composted, thrown -> 0;
        };
    }

    private static double within(
            @Nullable Typed typed,
            String field,
            Dimension dimension,
            double low,
            double high,
            String unit,
            Faults faults) {
        if (typed == null) {
            faults.add(FaultCode.MISSING, field, "");
            return Double.NaN;
        }
        double amount = typed.read(field, faults, dimension);
        return Double.isNaN(amount) ? amount : faults.within(field, amount, low, high, unit);
    }

    /** The water its lot had, where that is still there; else the first of the garden. */
    UUID waterOf(GardenWire g, UsedMixWire used) {
        GardenId garden = new GardenId(g.id());
        Optional<UUID> own = Optional.ofNullable(used.lotId())
                .map(lot -> lots.require(garden, lot).lot().waterId())
                .filter(w -> g.waters().stream().anyMatch(x -> x.id().equals(w)));
        return own.orElseGet(() -> g.waters().get(0).id());
    }

    /** Saves a recipe with a share of it, the rest of another mix; answers its key in the act's place. */
    @Transactional
    public History.Edited<RecipeWire> blend(GardenId garden, UUID id, Blending blending) {
        gardens.require(garden);
        UsedMixWire used = require(garden, id);
        MixShelf shelf = mixes.shelf(garden);
        ComponentWire old = component(shelf, id);
        Faults faults = new Faults();
        double share = within(blending.share(), "used.share", Dimension.FRACTION, 1, 95, "%", faults);
        var with = faults.attempt(() -> shelf.require(blending.with()));
        faults.throwIfAny();
        List<RecipeWire.PartWire> parts = new ArrayList<>();
        parts.add(new RecipeWire.PartWire(old.key(), Faults.plain(share)));
        UsedMix.in(old.toComponent(), share / ALL, with.orElseThrow()).parts().stream()
                .skip(1)
                .filter(p -> p.parts() > 0)
                .forEach(p -> parts.add(new RecipeWire.PartWire(
                        p.component().key(), Faults.plain(Math.rint(p.parts() * ALL * ALL) / ALL))));
        String name = words.of(
                "used_mix",
                "blend",
                Map.of("with", names.of(shelf, blending.with()), "lot", used.lotName(), "share", Math.rint(share)));
        return mixes.saveRecipe(
                garden,
                new RecipeInput(
                        blending.id(),
                        null,
                        name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name,
                        RecipeWire.Measure.percent,
                        parts,
                        stirredIn(shelf, blending.with(), 1 - share / ALL),
                        null,
                        null,
                        recipe(shelf, blending.with())
                                .map(RecipeWire::target)
                                .map(ph -> Typed.shown(ph, Unit.PH_UNIT.symbol()))
                                .orElse(null),
                        Liming.Material.DOLOMITE,
                        Liming.Fineness.POWDER,
                        null,
                        "",
                        0));
    }

    /** What the new part brings with it besides, for a litre of the whole. */
    private static List<RecipeWire.AddedWire> stirredIn(MixShelf shelf, String mix, double share) {
        return recipe(shelf, mix).stream()
                .flatMap(r -> r.amendments().stream())
                .map(RecipeWire.AddedWire::read)
                .map(a -> new RecipeWire.AddedWire(
                        a.amendment().key(), Faults.plain(Math.rint(a.gramsPerLitre() * share * ALL) / ALL)))
                .toList();
    }
}
