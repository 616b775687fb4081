package evencistern.server.reuse;

import evencistern.fault.FaultException;
import evencistern.media.Component;
import evencistern.media.LimeCourse;
import evencistern.media.Liming;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.media.Recipes;
import evencistern.mixlife.LastPlant;
import evencistern.mixlife.MixFlush;
import evencistern.mixlife.NextCrop;
import evencistern.mixlife.UsedMix;
import evencistern.server.GardenId;
import evencistern.server.dose.StepWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.garden.Gardens;
import evencistern.server.mix.ComponentWire;
import evencistern.server.mix.MixShelf;
import evencistern.server.mix.Mixes;
import evencistern.server.problem.FaultWire;
import evencistern.server.stock.Stocks;
import evencistern.server.weather.Weathers;
import evencistern.server.words.Words;
import evencistern.units.Uncertain;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What a used mix is like now, and what to do with it for what is wanted of it. */
@Service
class UsedMixAdvice {
    private static final double ALL = 100;
    private static final double BUFFER_SHARE = 0.3;

    private final UsedMixes used;
    private final Mixes mixes;
    private final Gardens gardens;
    private final Stocks stocks;
    private final Weathers weathers;
    private final Words words;

    UsedMixAdvice(UsedMixes used, Mixes mixes, Gardens gardens, Stocks stocks, Weathers weathers, Words words) {
        this.used = used;
        this.mixes = mixes;
        this.gardens = gardens;
        this.stocks = stocks;
        this.weathers = weathers;
        this.words = words;
    }

    /**
     * What is wanted of it.
     *
     * @param next key of the crop it is for; the most sensitive where it is empty
     * @param target pH
     * @param air per cent in a drained 15 cm column, and {@code fresh} the key of the component that is to bring it back
     * @param share per cent of it in a new mix, the rest of the mix {@code with}
     */
    record Wanted(String next, double target, double air, String fresh, double share, String with) {}

    /**
     * One of the list.
     *
     * @param litresLeft by the count of the shelf
     * @param gone how it ended, if it did
     */
    record UsedListed(UsedMixWire used, ComponentWire component, double litresLeft, UsedMixWire.@Nullable Step gone) {}

    /** Water to wash it with, L; rounds with draining in between; {@code rainLitres} counted off already. */
    record UsedFlushWire(
            double leastLitres,
            double mostLitres,
            double roundLitres,
            int leastRounds,
            int mostRounds,
            double rainLitres) {}

    /** What brings its pH there, g per litre and in all; with the days to measure on. */
    record UsedLimeWire(String kind, double gramsPerLitre, double grams, double target, List<Integer> measureDays) {}

    /** A crop, from what salt on it loses (mS/cm, saturated extract), and what it would give in this mix as it is, per cent. */
    record CropWire(String key, double threshold, double yields) {}

    /**
     * So much of it in a new mix.
     *
     * @param air per cent in a drained 15 cm column; {@code ec} mS/cm of the saturated extract
     * @param spent per cent of its life behind it, {@code lastsYears} still to come, wetted and dried in turn
     */
    record UsedShareWire(double share, double air, double water, double ec, double spent, double lastsYears) {}

    /**
     * What it is, and what to do with it.
     *
     * @param use what its last plant allows; {@code heatable} whether no coated feed forbids heating
     * @param air,water per cent in a drained 15 cm column
     * @param lastsYears still to come, wetted and dried in turn
     * @param flush absent where the water is itself too salty
     * @param lime absent where it is refused, with the reason in {@code limeRefused}
     * @param newShare per cent of {@code fresh} that brings the air there; absent where four fifths would not do
     * @param feedAgain g per litre of coated feed, less what is still to come
     */
    record UsedAdvice(
            UsedListed one,
            LastPlant.Use use,
            boolean heatable,
            double air,
            double water,
            double lastsYears,
            double goal,
            String waterName,
            @Nullable UsedFlushWire flush,
            @Nullable UsedLimeWire lime,
            List<FaultWire> limeRefused,
            @Nullable Double newShare,
            double feedAgain,
            List<CropWire> crops,
            UsedShareWire share,
            List<StepWire> working) {}

    /** All of them, newest first. */
    List<UsedListed> list(GardenId garden) {
        List<UsedMixWire> all = used.list(garden);
        MixShelf shelf = mixes.shelf(garden);
        Map<String, Double> counted = new HashMap<>();
        stocks.list(garden).forEach(s -> {
            String component = s.stock().component();
            if (component != null) {
                counted.put(component, s.left());
            }
        });
        return all.stream()
                .map(u -> new UsedListed(
                        u,
                        UsedMixes.component(shelf, u.id()),
                        counted.getOrDefault(u.id().toString(), u.litres()),
                        u.gone()))
                .toList();
    }

    /** One of them, and what to do with it. */
    UsedAdvice of(GardenId garden, UUID id, Wanted wanted) {
        GardenWire g = gardens.require(garden);
        UsedMixWire u = used.require(garden, id);
        MixShelf shelf = mixes.shelf(garden);
        UsedListed one = new UsedListed(u, UsedMixes.component(shelf, id), used.litres(garden, u), u.gone());
        Component old = one.component().toComponent();
        Mix alone = Mix.of(old.key(), List.of(new Mix.Part(old, 1)));
        PotWater column = new PotWater(alone, PotWater.TABLE_COLUMN);
        Working.Recorder working = new Working.Recorder();
        double goal = wanted.next().isEmpty()
                ? NextCrop.all().stream().mapToDouble(NextCrop::threshold).min().orElseThrow()
                : NextCrop.require(wanted.next()).threshold();
        GardenWire.WaterWire water = g.water(used.waterOf(g, u));
        Optional<MixFlush> flush =
                MixFlush.of(old, one.litresLeft(), goal, water.ec(), rain(garden, g.today(), u), working);
        Mix blended = UsedMix.in(old, wanted.share() / ALL, shelf.require(wanted.with()));
        PotWater blendedColumn = new PotWater(blended, PotWater.TABLE_COLUMN);
        UsedLimeWire lime = null;
        List<FaultWire> refused = List.of();
        try {
            lime = lime(alone, u, one.litresLeft(), wanted.target(), working);
        } catch (FaultException e) {
            refused = e.faults().stream().map(f -> FaultWire.of(f, words)).toList();
        }
        Component coarse = shelf.components().stream()
                .filter(c -> c.key().equals(wanted.fresh()))
                .findFirst()
                .map(ComponentWire::toComponent)
                .orElseGet(() -> Recipes.component(wanted.fresh()));
        OptionalDouble newShare = UsedMix.newShare(old, coarse, wanted.air() / ALL, PotWater.TABLE_COLUMN);
        return new UsedAdvice(
                one,
                u.lastPlant().use(),
                !UsedMix.coatedFeedIn(u.coatedLeft()),
                column.air() * ALL,
                column.capacity() * ALL,
                lasts(alone),
                goal,
                water.name(),
                flush.map(f -> new UsedFlushWire(
                                f.leastLitres(),
                                f.mostLitres(),
                                f.roundLitres(),
                                f.leastRounds(),
                                f.mostRounds(),
                                f.rainLitres()))
                        .orElse(null),
                lime,
                refused,
                newShare.isPresent() ? newShare.getAsDouble() * ALL : null,
                UsedMix.feedAgain(u.coatedLeft()),
                NextCrop.all().stream()
                        .map(c -> new CropWire(
                                c.key(),
                                c.threshold(),
                                c.yieldAt(old.chemistry().ec())))
                        .sorted(Comparator.comparingDouble(CropWire::threshold))
                        .toList(),
                new UsedShareWire(
                        wanted.share(),
                        blendedColumn.air() * ALL,
                        blendedColumn.capacity() * ALL,
                        blended.ec(),
                        blended.spent() * ALL,
                        lasts(blended)),
                StepWire.all(working));
    }

    private static double lasts(Mix mix) {
        return Math.max(0, 1 - mix.spent()) * mix.cycledYears();
    }

    private static UsedLimeWire lime(Mix alone, UsedMixWire u, double litres, double target, Working working) {
        Liming.Lime dolomite = Liming.Lime.of(Liming.Material.DOLOMITE, Liming.Fineness.GROUND);
        Liming.Start start = new Liming.Start(
                Uncertain.plusMinus95(alone.ph(Working.off()).value(), u.phPlusMinus()),
                Uncertain.plusMinus95(alone.buffer(), BUFFER_SHARE * alone.buffer()));
        Liming.Correction c = Liming.to(target, start, dolomite, working);
        boolean nothing = c.kind() == Liming.Kind.NOTHING;
        return new UsedLimeWire(
                c.kind().name().toLowerCase(Locale.ROOT),
                c.gramsPerLitre(),
                c.gramsPerLitre() * litres,
                target,
                nothing ? List.of() : LimeCourse.of(start, dolomite, c).measureDays());
    }

    /** Rain on it since it was spread out in the open, as far as the weather is known. */
    private MixFlush.Rain rain(GardenId garden, LocalDate today, UsedMixWire u) {
        Optional<UsedMixWire.StepTaken> out = u.steps().stream()
                .filter(s -> s.step() == UsedMixWire.Step.laid_out)
                .findFirst();
        if (out.isEmpty()) {
            return MixFlush.Rain.NONE;
        }
        double millimetres = weathers.known(garden, today).entrySet().stream()
                .filter(d -> !d.getKey().isBefore(out.get().on()) && d.getKey().isBefore(today))
                .mapToDouble(d -> d.getValue().rainMm())
                .sum();
        return new MixFlush.Rain(millimetres, out.get().amount());
    }
}
