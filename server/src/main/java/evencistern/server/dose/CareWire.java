package evencistern.server.dose;

import evencistern.feed.Dose;
import evencistern.feed.Measured;
import evencistern.feed.Nutrients;
import evencistern.feed.SmallMeasure;
import evencistern.label.Measure;
import evencistern.media.PotWater;
import evencistern.need.FeedRhythm;
import evencistern.need.Learned;
import evencistern.need.Loss;
import evencistern.need.Note;
import evencistern.plan.Care;
import evencistern.plan.LotPlan;
import evencistern.plant.Size;
import evencistern.round.RoundPlace;
import evencistern.watering.Line;
import evencistern.watering.Watering;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The answer for one pot as it goes over the wire.
 *
 * @param feedId of the feed that comes next; its label may be open still
 * @param maySetAside of the notes, those that a person may set aside for a while
 * @param averageFrom the day from which on the average year is used, where the weather of the days before is known
 */
public record CareWire(
        PotWaterWire water,
        List<LayerWire> layers,
        @Nullable UUID feedId,
        @Nullable DoseWire feed,
        @Nullable FeedDateWire nextFeed,
        @Nullable FlushDueWire flush,
        @Nullable LineWire line,
        @Nullable LocalDate averageFrom,
        List<String> notes,
        List<String> maySetAside,
        List<String> cautions,
        @Nullable List<StepWire> working) {

    /**
     * Water and air of the pot, and when it is next watered.
     *
     * @param nextPourLitres to pour at the next watering, today where that is due; {@code nextIsFlush} whether it is a flush
     * @param dailyLitres,plannedLitres what one pot drinks on the day, as learned, and as planned for its kind
     * @param dailyLow,dailyHigh between which four pots of five drink
     * @param leftShare of the water that may go before the next watering, what is left; 0–1
     * @param wetKg mix, water and pot, drained
     * @param potKg of that, the pot itself
     * @param baseWidthCm inside, at the floor
     * @param topWidthCm inside, at the rim; the longer way
     */
    public record PotWaterWire(
            double litresNow,
            double litresMissing,
            double nextPourLitres,
            boolean nextIsFlush,
            double fullPourLitres,
            double dailyLitres,
            double dailyLow,
            double dailyHigh,
            double plannedLitres,
            LearnedWire learned,
            int daysShort,
            int daysLikely,
            int daysLong,
            int timesADay,
            LocalDate nextWater,
            double mixLitres,
            double capacityPercent,
            double airPercent,
            double availableLitres,
            double usableLitres,
            double leftShare,
            double wetKg,
            double potKg,
            double potHeightCm,
            double baseWidthCm,
            double topWidthCm,
            double airPlusMinusPercent,
            PlantSizeWire size,
            WateredWire way,
            @Nullable SunlitWire sunlit) {}

    /** How warm the mix in a pot is whose walls stand in the sun, and how hot the roots at the sunny wall get in the afternoon, °C. */
    public record SunlitWire(double mixC, double wallC) {
        static @Nullable SunlitWire of(LotPlan plan, LocalDate day) {
            OptionalDouble wall = plan.need().hottestWallC(day);
            return wall.isPresent() ? new SunlitWire(plan.need().mixC(day), wall.getAsDouble()) : null;
        }
    }

    /**
     * How it gets its water.
     *
     * @param besideLitres that stand or hang beside the mix when it has been watered
     * @param minutes it is soaked
     * @param bare whether there is no mix
     */
    public record WateredWire(
            String id, double besideLitres, @Nullable Double minutes, boolean bare) {
        static WateredWire of(LotPlan plan) {
            Watering watering = plan.need().watering();
            PotWater water = plan.potWater();
            return new WateredWire(
                    watering.way().id(),
                    plan.need().besideLitres(),
                    orNull(watering.soak(water.pot())),
                    water.mixLitres() == 0);
        }
    }

    private static @Nullable Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    /**
     * How big the plant is taken to be, and through what its pot loses water on a day, in L.
     *
     * @param told whether somebody told its spread
     */
    public record PlantSizeWire(
            double spreadCm, double heightCm, String shape, boolean told, double plant, double mix, double wall) {
        static PlantSizeWire of(LotPlan plan, LocalDate day) {
            Size size = plan.need().size();
            Loss.Parts parts = plan.need().partsOn(day);
            return new PlantSizeWire(
                    size.spreadM() * 100,
                    size.heightM() * 100,
                    plan.need().shape().name().toLowerCase(Locale.ROOT),
                    plan.need().sizeTold(),
                    parts.plant(),
                    parts.mix(),
                    parts.wall());
        }
    }

    /** What the pots of a lot drink against the plan: between low and high in four lots of five. */
    public record LearnedWire(double factor, double low, double high, int from) {
        static LearnedWire of(Learned l) {
            return new LearnedWire(l.factor(), l.low(), l.high(), l.from());
        }
    }

    /** Water by height, floor first; cm and fractions of the mix volume. */
    public record LayerWire(double aboveFloorCm, double widthCm, double water, double porosity) {
        public static LayerWire of(PotWater.Layer l) {
            return new LayerWire(l.aboveFloorCm(), l.widthCm(), l.water(), l.porosity());
        }
    }

    /** One tool's share of an amount. */
    public record PieceWire(String tool, double count) {}

    /** An amount for the hand. */
    public record MeasuredWire(
            double exact, double practical, String measure, List<PieceWire> pieces, double errorPercent) {
        public static MeasuredWire of(Measured m) {
            return new MeasuredWire(
                    m.exact(),
                    m.practical(),
                    measureId(m.measure()),
                    m.pieces().stream()
                            .map(p -> new PieceWire(p.tool().name().toLowerCase(Locale.ROOT), p.count()))
                            .toList(),
                    m.errorPercent());
        }
    }

    /**
     * Another way to measure what is too little for the tools.
     *
     * @param way stock, syringe or drops
     * @param bottleMl of water that a level teaspoon goes into, for a stock
     * @param take mL for the can, or drops
     */
    public record SmallDoseWire(String way, double bottleMl, double take, double errorPercent) {
        static SmallDoseWire of(SmallMeasure m) {
            return new SmallDoseWire(m.way().id(), m.bottleMl(), m.take(), m.errorPercent());
        }
    }

    /** Elements in mg/L of feed, or in g for a pot. */
    public record NutrientsWire(double n, double p, double k) {
        static NutrientsWire of(Nutrients n) {
            return new NutrientsWire(n.n(), n.p(), n.k());
        }
    }

    /**
     * The dose.
     *
     * @param kind watered, strewn or sprayed; what follows belongs to the one or the other
     * @param perPot amount in the label's measure for one pot
     * @param lostPercent of the food that was meant, what a limit takes away
     * @param givesBack the rhythm in which that would not be lost
     * @param otherwise other ways to measure it, where it is too little for the tools
     * @param sprayLitres of the mixed spray for one plant, and the least and the most that may be
     * @param byVolume what a label by width would come to by the pots' volumes instead
     */
    public record DoseWire(
            String kind,
            MeasuredWire hand,
            double perPot,
            NutrientsWire nutrients,
            @Nullable Double canLitres,
            @Nullable Double perLitre,
            @Nullable Double meter,
            @Nullable Double meterPlusMinus,
            @Nullable Double meterOverWater,
            @Nullable String ceiling,
            @Nullable Double ceilingPerLitre,
            @Nullable Boolean heldBack,
            @Nullable Double lostPercent,
            @Nullable String givesBack,
            @Nullable Double byVolume,
            @Nullable Double sprayLitres,
            @Nullable Double sprayLeast,
            @Nullable Double sprayMost,
            List<SmallDoseWire> otherwise) {
        public static DoseWire of(Care.Feeding feeding, double waterEc, Optional<FeedRhythm> givesBack) {
            if (feeding instanceof Care.Watered w) {
                return new DoseWire(
                        "watered",
                        MeasuredWire.of(w.can().hand()),
                        w.potAmount(),
                        NutrientsWire.of(w.can().mgPerL()),
                        w.can().litres(),
                        w.dose().perLitre(),
                        w.can().meter().value(),
                        w.can().meter().halfWidth95(),
                        w.can().meter().value() - waterEc,
                        w.dose().ceiling().id(),
                        w.dose().ceilingPerLitre(),
                        w.dose().heldBack(),
                        w.dose().heldBack() ? w.dose().lost() * 100 : null,
                        givesBack.map(FeedRhythm::id).orElse(null),
                        null,
                        null,
                        null,
                        null,
                        w.can().otherwise().stream().map(SmallDoseWire::of).toList());
            }
            if (feeding instanceof Care.Sprayed s) {
                Dose dose = s.spray().dose();
                return new DoseWire(
                        RoundPlace.Kind.SPRAYED.id(),
                        MeasuredWire.of(s.can().hand()),
                        s.plantAmount(),
                        NutrientsWire.of(s.can().mgPerL()),
                        s.can().litres(),
                        dose.perLitre(),
                        null,
                        null,
                        null,
                        dose.ceiling().id(),
                        dose.ceilingPerLitre(),
                        dose.heldBack(),
                        null,
                        null,
                        null,
                        s.spray().litres(),
                        s.spray().least(),
                        s.spray().most(),
                        s.can().otherwise().stream().map(SmallDoseWire::of).toList());
            }
            Care.Strewn s = (Care.Strewn) feeding;
            return new DoseWire(
                    "strewn",
                    MeasuredWire.of(s.pot()),
                    s.pot().given(),
                    NutrientsWire.of(s.gramsPerPot()),
                    null,
                    null,
                    null,
                    null,
                    null,
                    s.ceiling().id(),
                    null,
                    s.heldBack(),
                    null,
                    null,
                    orNull(s.byVolume()),
                    null,
                    null,
                    null,
                    List.of());
        }
    }

    /** What holds the feed back, and the first day on which it no longer does; absent where the person will say so. */
    public record HeldWire(String hold, @Nullable LocalDate until) {}

    /**
     * How long a line runs for one pot's next watering.
     *
     * @param mm that fall on the bench meanwhile, from sprinklers
     * @param reachesPercent of the water drawn that comes into the pots
     * @param overlong whether there are more pots on it than a line usually serves
     */
    public record LineWire(
            double minutes, @Nullable Double mm, double reachesPercent, double drawLitresPerHour, boolean overlong) {
        public static LineWire of(Line l) {
            return new LineWire(l.minutes(), orNull(l.mm()), l.reaches() * 100, l.drawLitresPerHour(), l.overlong());
        }
    }

    /** When plain water in plenty is due, how much for one pot, and who asks for it: rhythm, reading or account. */
    public record FlushDueWire(LocalDate on, double litres, String asker) {}

    /** When the next feed is, and the rule that says so. */
    public record FeedDateWire(
            LocalDate date, String binding, LocalDate earliest, LocalDate latest, List<HeldWire> held) {
        static FeedDateWire of(LotPlan.FeedDate f) {
            return new FeedDateWire(
                    f.date(),
                    f.binding().id(),
                    f.earliest(),
                    f.latest(),
                    f.held().stream()
                            .map(h -> new HeldWire(h.hold().id(), h.until().orElse(null)))
                            .toList());
        }
    }

    private static final int LAYERS = 24;
    /** A note of its own: the lot has a feed, and its label must be looked at again. */
    public static final String LABEL_OPEN = "label_open";
    /** Another: its label is read otherwise than when it was saved, and nobody has chosen yet. */
    public static final String LABEL_CHANGED = "label_changed";

    public static String measureId(Measure measure) {
        return measure.name().toLowerCase(Locale.ROOT);
    }

    /**
     * Puts an answer on the wire.
     *
     * @param waterEc of the source water, which the meter reads beneath the feed
     * @param labelNote what there is to say of its feed's label
     * @param line how long it runs, where there is one
     * @param givesBack the rhythm in which it would get all the food of its label, where a limit takes some
     * @param day whose water use is shown
     */
    public static CareWire of(
            Care care,
            double waterEc,
            Optional<FeedRhythm> givesBack,
            LocalDate day,
            @Nullable LocalDate averageFrom,
            Optional<String> labelNote,
            @Nullable LineWire line,
            Working.@Nullable Recorder recorder) {
        LotPlan plan = care.plan();
        PotWater pot = plan.potWater();
        return new CareWire(
                new PotWaterWire(
                        care.litresNow(),
                        care.missingLitres(),
                        care.nextLitres(day),
                        care.flushNext(day),
                        care.fullPourLitres(),
                        plan.need().useOn(day),
                        plan.need().useLowOn(day),
                        plan.need().useHighOn(day),
                        plan.need().plannedOn(day),
                        LearnedWire.of(plan.need().learned()),
                        plan.days().shortest(),
                        plan.days().likely(),
                        plan.days().longest(),
                        plan.need().timesOn(day),
                        plan.nextWater(),
                        pot.mixLitres(),
                        pot.capacity() * 100,
                        pot.air() * 100,
                        pot.availableLitres(),
                        plan.need().usableLitres(),
                        care.leftShare(),
                        pot.wetKg(),
                        pot.pot().emptyKg(),
                        pot.pot().shape().heightM() * 100,
                        pot.pot().shape().widthM(0) * 100,
                        pot.pot().acrossM() * 100,
                        pot.plusMinus() * 100,
                        PlantSizeWire.of(plan, day),
                        WateredWire.of(plan),
                        SunlitWire.of(plan, day)),
                pot.profile(LAYERS, plan.need().missingFromMix(care.missingLitres())).stream()
                        .map(LayerWire::of)
                        .toList(),
                care.course().map(c -> UUID.fromString(c.key())).orElse(null),
                care.feeding().map(f -> DoseWire.of(f, waterEc, givesBack)).orElse(null),
                plan.nextFeed().map(FeedDateWire::of).orElse(null),
                plan.flush()
                        .map(f -> new FlushDueWire(f.on(), f.litres(), f.asker().id()))
                        .orElse(null),
                line,
                averageFrom,
                Stream.concat(labelNote.stream(), care.notes().stream().map(Note::id))
                        .toList(),
                care.notes().stream().filter(Note::mayBeSetAside).map(Note::id).toList(),
                care.cautions().stream().map(c -> c.id()).toList(),
                recorder == null ? null : StepWire.all(recorder));
    }
}
