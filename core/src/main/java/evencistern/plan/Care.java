package evencistern.plan;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.caution.Caution;
import evencistern.climate.Place;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.CanDose;
import evencistern.feed.Ceiling;
import evencistern.feed.Dose;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.feed.Measured;
import evencistern.feed.Nutrients;
import evencistern.feed.Target;
import evencistern.food.FeedFitness;
import evencistern.food.GivenBack;
import evencistern.food.Portion;
import evencistern.food.RootWarmth;
import evencistern.food.RootsInAir;
import evencistern.food.Spray;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.need.Condition;
import evencistern.need.Course;
import evencistern.need.FeedRhythm;
import evencistern.need.Growth;
import evencistern.need.Hold;
import evencistern.need.Note;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.need.WaterLeft;
import evencistern.need.WaterNeed;
import evencistern.plant.Appetite;
import evencistern.plant.Trait;
import evencistern.pot.Pot;
import evencistern.units.Unit;
import evencistern.water.SourceWater;
import evencistern.water.WaterLimit;
import evencistern.watering.Way;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;

/**
 * What to do for one pot of a lot on a day.
 *
 * <p><b>Answers</b> how many litres now, how many spoons in the can and for this pot, and what the meter should say?
 * <p><b>Formula</b> for the pot: c · pour; for the can: c · can, rounded to what the hand can measure; a strewn feed:
 * label · width/width(label), or label · mix litres; a spray: c · volume that wets its leaves; a feed in every watering follows growth in quarters of its strength
 * <p><b>Units</b> L; g or mL of product
 * <p><b>Valid for</b> a can of 0.1–1 000 L
 * <p><b>Source</b> [COMMON] a strewn rate per inch of pot is meant in proportion to the width
 * <p><b>Checked by</b> CareTest
 *
 * @param litresNow to pour today into one pot
 * @param nextPourLitres to pour at its next watering, today where that is due
 * @param feedPourLitres to pour with its next feed
 * @param fullPourLitres to pour once the pot has dried to its watering point
 * @param notes what to mind
 * @param missingLitres what the pot has lost by today
 * @param course of the programme, the feed that comes next
 */
public record Care(
        LotPlan plan,
        double litresNow,
        double nextPourLitres,
        double feedPourLitres,
        double fullPourLitres,
        double missingLitres,
        Optional<Course> course,
        Optional<Feeding> feeding,
        List<Note> notes,
        List<Caution> cautions) {
    public Care {
        notes = List.copyOf(notes);
        cautions = List.copyOf(cautions);
    }

    /** Whether it is fed on a day: what is late is fed today. */
    public boolean feedDue(LocalDate today) {
        return feeding.isPresent()
                && plan.nextFeed().filter(f -> !f.date().isAfter(today)).isPresent();
    }

    /** Whether plain water in plenty is due on a day. */
    public boolean flushDue(LocalDate today) {
        return !feedDue(today)
                && plan.flush().filter(f -> !f.on().isAfter(today)).isPresent();
    }

    /** What one pot gets at its next watering: a flush where one is due by then, else what it will have lost. */
    public double nextLitres(LocalDate today) {
        return flushNext(today) ? plan.flush().map(LotPlan.Flush::litres).orElse(nextPourLitres) : nextPourLitres;
    }

    /** Whether its next watering is a flush. */
    public boolean flushNext(LocalDate today) {
        LocalDate next = plan.nextWater().isBefore(today) ? today : plan.nextWater();
        boolean fed = feeding.isPresent()
                && plan.nextFeed().filter(f -> !f.date().isAfter(next)).isPresent();
        return !fed && plan.flush().filter(f -> !f.on().isAfter(next)).isPresent();
    }

    /**
     * What one pot gets at a watering on a day: what goes with the feed, a flush, or what it has lost.
     *
     * @param fed whether feed goes with it
     */
    public double litresOn(LocalDate today, boolean fed) {
        if (fed) {
            return feedPourLitres;
        }
        return plan.flush()
                .filter(f -> !f.on().isAfter(today))
                .map(LotPlan.Flush::litres)
                .orElse(litresNow);
    }

    /** The rhythm in which a limit takes nothing from the food of a lot, as it stands; empty where none does now. */
    public Optional<FeedRhythm> givesBack(Situation s) {
        if (!(feeding.orElse(null) instanceof Watered watered)
                || !watered.dose().heldBack()) {
            return Optional.empty();
        }
        Course next = course.orElseThrow();
        return GivenBack.rhythm(
                next.feed(),
                (Rate.PerWater) next.feed().rate(),
                s.of(next),
                plan.nextWater(),
                plan.days().likely());
    }

    /** Of the water that may go before the next watering, what is left, 0–1. */
    public double leftShare() {
        return WaterLeft.share(missingLitres, plan.need().usableLitres());
    }

    /** Of the water that roots can take, the share that is gone from a pot that is bone dry; common practice, no source. */
    private static final double BONE_DRY = 0.95;

    /** So long new roots take to reach down to the water; common practice, no source. */
    private static final int NEW_ROOTS_DAYS = 21;

    /** Growth below this is slow enough for a reservoir to run dry between two fills. */
    private static final double SLOW = 0.5;

    private static final double FREEZES_C = 0;

    /** Ten degrees above the rating, by what the coating lets through; common practice, no source. */
    private static final double FAR_TOO_FAST = 1.6;

    private static final double SPENT = 0.9;

    /** Above this wet leaves scorch; common practice, no source. */
    private static final double LEAVES_SCORCH_C = 27;

    /** Above this bare roots are rinsed with plain water later; common practice, no source. */
    private static final double HOT_AIR_C = 25;

    /**
     * The tools at hand.
     *
     * @param can litres of the can that so many litres for one pot are carried in
     * @param sprayer litres that are mixed in the sprayer where one plant takes so many
     * @param spoons those that are owned, where spoons are used
     * @param share of the label's top rate the person chose, if any
     */
    public record Tools(
            DoubleUnaryOperator can,
            DoubleUnaryOperator sprayer,
            HandMeasure hand,
            Set<HandMeasure.Spoon> spoons,
            SourceWater water,
            OptionalDouble share) {
        /** With one can for everything. */
        public Tools(
                double canLitres,
                HandMeasure hand,
                Set<HandMeasure.Spoon> spoons,
                SourceWater water,
                OptionalDouble share) {
            this(pour -> canLitres, Spray::mixed, hand, spoons, water, share);
            Faults.require("can", canLitres, 0.1, 1000, "L");
        }
    }

    /** A dose made ready for the hand. */
    public sealed interface Feeding permits Watered, Strewn, Sprayed {}

    /**
     * A feed watered on.
     *
     * @param can as it is mixed
     * @param potAmount product that this pot gets, in the label's measure
     */
    public record Watered(Dose dose, CanDose can, double potAmount) implements Feeding {}

    /**
     * A feed strewn on the mix.
     *
     * @param pot product for this pot, as a hand can measure it
     * @param gramsPerPot nutrients in the practical amount, g
     * @param ceiling the lowest of the limits, and whether it cut what the label would have
     * @param byVolume what a label by width would come to by the pots' volumes instead, in the label's measure
     */
    public record Strewn(
            Measured pot, Nutrients gramsPerPot, Ceiling ceiling, boolean heldBack, OptionalDouble byVolume)
            implements Feeding {}

    /**
     * A feed sprayed on the leaves.
     *
     * @param can as it is mixed in the sprayer
     * @param plantAmount product on this plant, in the label's measure
     */
    public record Sprayed(Spray spray, CanDose can, double plantAmount) implements Feeding {}

    /** Works out today's care of one pot. A carnivore with a feed is refused with the reason. */
    public static Care on(LocalDate today, Situation s, Tools tools, Working working) {
        if (!s.courses().isEmpty() && s.species().appetite() == Appetite.NONE) {
            throw new FaultException(
                    Fault.of(FaultCode.NO_ROOT_FEED, "feed", s.species().key()));
        }
        LotPlan plan = LotPlan.of(s, today, working);
        WaterNeed need = plan.need();
        double missing = s.lastWatered().map(d -> need.deficit(d, today)).orElse(need.usableLitres());
        double pour = need.pour(missing, "water.pour", working);
        double fullPour = need.fullPour(working);
        // a feed that lies ahead goes with what the pot will have lost by then
        double feedMissing = plan.nextFeed()
                .filter(f -> today.isBefore(f.date()) && f.date().isAfter(plan.nextWater()))
                .map(LotPlan.FeedDate::missingLitres)
                .orElse(plan.waterMissing());
        double feedPour = need.pour(feedMissing, "water.feed_pour", working);
        Optional<Course> course = course(s, plan, today);
        Optional<Situation> its = course.map(s::of);
        Optional<FeedFitness> unfit = course.flatMap(c -> FeedFitness.against(c.feed(), s.of(c), today));
        Optional<Feeding> feeding = course.filter(c -> unfit.isEmpty())
                .map(c -> feeding(c.feed(), s.of(c), plan, new Poured(feedPour, "water.feed_pour"), tools, working));
        List<Note> notes = notes(today, its.orElse(s), plan, tools.water(), missing, unfit);
        if (coatedInHeat(s, today)) {
            notes.add(Note.COATED_IN_HEAT);
        }
        List<Caution> cautions = new ArrayList<>();
        course.map(Course::feed).ifPresent(f -> cautions.addAll(Caution.forFeed(f.form(), f.how())));
        cautions.addAll(Caution.forWatering(s.particulars().watering().way()));
        cautions.addAll(Caution.forPot(plan.potWater().wetKg(), s.species()));
        return new Care(
                plan,
                pour,
                need.pour(plan.waterMissing(), "water.next_pour", working),
                feedPour,
                fullPour,
                missing,
                course,
                feeding,
                notes,
                cautions);
    }

    /** The course that comes next; where none is given, the first of those that are not over. */
    private static Optional<Course> course(Situation s, LotPlan plan, LocalDate today) {
        return plan.nextFeed()
                .map(LotPlan.FeedDate::course)
                .or(() -> s.courses().stream().filter(c -> !c.over(today)).findFirst());
    }

    private static List<Note> notes(
            LocalDate today,
            Situation s,
            LotPlan plan,
            SourceWater water,
            double missing,
            Optional<FeedFitness> unfit) {
        List<Note> notes = new ArrayList<>();
        if (s.species().appetite() == Appetite.NONE && water.ecMsCm() >= WaterLimit.EC_PURE.most()) {
            notes.add(Note.PURE_WATER_ONLY);
        }
        if (plan.need().keptDry(today)) {
            notes.add(Note.KEPT_DRY);
        }
        unfit.map(Care::leftOut).ifPresent(notes::add);
        if (unfit.isEmpty() && s.feed().isPresent() && boneDry(s, plan, missing)) {
            notes.add(Note.MOISTEN_FIRST);
        }
        s.feed()
                .filter(f -> unfit.isEmpty() && !f.sprayed() && RootWarmth.tooCoolFor(f, s, today))
                .ifPresent(f -> notes.add(Note.COLD_AMMONIUM));
        if (unfit.isEmpty() && s.feed().filter(Feed::sprayed).isPresent()) {
            notes.addAll(sprayNotes(s, today));
        }
        notes.addAll(rootsInAir(s, today));
        notes.addAll(wayNotes(s, today));
        if (plan.flush().filter(f -> !f.on().isAfter(plan.nextWater())).isPresent()) {
            notes.add(rinse(s.particulars()));
        }
        boolean watered = s.feed().filter(Feed::watered).isPresent();
        if (watered && Portion.school(s) != FeedRhythm.LABEL) {
            notes.add(Note.SAME_FOOD_OTHER_RHYTHM);
        }
        if (watered && s.particulars().conditions().containsKey(Condition.SEEDLING)) {
            notes.add(Note.SEEDLING);
        }
        if (watered && Portion.growthShare(s.feed().get(), s, plan.nextWater()) < 1) {
            notes.add(Note.SLOW_GROWTH_WEAKER);
        }
        if (s.particulars().conditions().containsKey(Condition.GRAFTED)
                && s.species().traits().number(Trait.GRAFT_DAYS) > 0) {
            notes.add(Note.GRAFTED_LIQUID_ONLY);
        }
        if (s.particulars().conditions().containsKey(Condition.CRUST)) {
            notes.add(Note.CRUST);
        }
        if (s.particulars().conditions().containsKey(Condition.MOULD)) {
            notes.add(Note.MOULD);
        }
        Place.Day day = s.place().on(today);
        if (day.lowC() < s.species().traits().number(Trait.COLDEST)) {
            notes.add(Note.TOO_COLD_HERE);
        }
        if (day.lightMol() < s.species().traits().number(Trait.LIGHT_LOW)) {
            notes.add(Note.TOO_DARK_HERE);
        }
        if (day.lightMol() > s.species().traits().number(Trait.LIGHT_HIGH)) {
            notes.add(Note.TOO_BRIGHT_HERE);
        }
        if (s.wallStopsRoots(today)) {
            notes.add(Note.WALLS_HOT);
        }
        notes.removeIf(n -> s.particulars().lifted().on(n, today));
        return notes;
    }

    /** Whether coated feed that is in the pot and not yet spent gives itself away far too fast on a day. */
    private static boolean coatedInHeat(Situation s, LocalDate today) {
        return s.courses().stream()
                .anyMatch(c -> c.feed()
                        .coated()
                        .filter(coated -> coated.speed(s.mixC(today)) >= FAR_TOO_FAST)
                        .flatMap(coated -> c.lastFed()
                                .filter(fed -> fed.isBefore(today) && coated.released(fed, today, s::mixC) < SPENT))
                        .isPresent());
    }

    /** How leaves are sprayed: in fine drops, at the right hour, after a test. */
    private static List<Note> sprayNotes(Situation s, LocalDate today) {
        List<Note> notes = new ArrayList<>(List.of(Note.SPRAY_HOW));
        if (s.place().on(today).highC() > LEAVES_SCORCH_C) {
            notes.add(Note.SPRAY_BEFORE_HEAT);
        }
        if (s.lastFed().isEmpty()) {
            notes.add(Note.SPRAY_TEST_LEAF);
        }
        notes.add(Note.SPRAY_WETTED);
        if (s.species().traits().is(Trait.LEAF, "thick")) {
            notes.add(Note.SPRAY_THICK_LEAF);
        }
        return notes;
    }

    /** How such roots are fed; nothing for others, or for a lot without feed. */
    private static List<Note> rootsInAir(Situation s, LocalDate today) {
        List<Note> notes = new ArrayList<>();
        boolean watered = s.feed().filter(Feed::watered).isPresent()
                && !s.particulars().watering().way().stores();
        if (s.species().velamen() && watered) {
            notes.add(Note.VELAMEN_A_MINUTE);
            notes.add(Note.VELAMEN_FRESH_EACH);
            if (s.place().on(today).highC() > HOT_AIR_C) {
                notes.add(Note.VELAMEN_PLAIN_LATER);
            }
            if (RootsInAir.strength(s.species(), s.place().humidityPercent()) < 1) {
                notes.add(Note.DRY_AIR_WEAKER);
            }
        }
        return notes;
    }

    /** How a flush is done: what stands ready beside the mix is salty too. */
    private static Note rinse(Particulars told) {
        if (told.watering().way().stores()) {
            return Note.RINSE_STORE;
        }
        return told.drains() ? Note.FLUSH_FIRST : Note.FLUSH_OVER_A_DRAIN;
    }

    /** What its way of watering asks to be minded. */
    private static List<Note> wayNotes(Situation s, LocalDate today) {
        Way way = s.particulars().watering().way();
        List<Note> notes = new ArrayList<>();
        if (way == Way.STANDING && s.species().rots()) {
            notes.add(Note.ROOTS_STAND_WET);
        }
        if (way == Way.RESERVOIR || way == Way.CLAY_BALLS) {
            if (s.repottedOn()
                    .filter(r -> today.isBefore(r.plusDays(NEW_ROOTS_DAYS)))
                    .isPresent()) {
                notes.add(Note.NEW_ROOTS_FROM_ABOVE);
            }
            if (!Hold.standsStill(today, s)
                    && Growth.on(today, s.species(), s.place()).factor() < SLOW) {
                notes.add(Note.STORE_MAY_RUN_DRY);
            }
        }
        if (way.stores() && Hold.standsStill(today, s)) {
            notes.add(Note.STORE_EMPTY_AT_REST);
        }
        if (way != Way.TOP
                && s.place().kind() != Place.Kind.INDOORS
                && s.place().on(today).lowC() <= FREEZES_C) {
            notes.add(Note.STORE_BEFORE_FROST);
        }
        if (way.wetsBareRoots() || way == Way.OVERHEAD) {
            notes.add(Note.DRY_BEFORE_NIGHT);
        }
        if (way == Way.FROM_BELOW || (way == Way.DUNKED && rootsInAir(s, today).isEmpty())) {
            notes.add(Note.FRESH_FOR_EACH);
        }
        return notes;
    }

    private static Note leftOut(FeedFitness unfit) {
        return Note.valueOf("FEED_LEFT_OUT_" + unfit.name());
    }

    /** Nearly all that roots can take is gone, from a plant that is not dry by habit, nor fed through its air roots. */
    private static boolean boneDry(Situation s, LotPlan plan, double missing) {
        boolean dryByHabit = s.species().traits().is(Trait.HABIT, "dries_out");
        return !dryByHabit
                && !s.species().velamen()
                && s.lastWatered().isPresent()
                && missing >= BONE_DRY * plan.potWater().availableLitres();
    }

    /** Litres that carry the feed, and the step of the working they come from. */
    private record Poured(double litres, String step) {}

    private static Feeding feeding(Feed feed, Situation s, LotPlan plan, Poured poured, Tools tools, Working working) {
        if (feed.rate() instanceof Rate.PerWater rate) {
            return watered(feed, rate, s, plan, poured, tools, working);
        }
        if (feed.rate() instanceof Rate.PerSpray rate) {
            return sprayed(feed, rate, s, plan, tools, working);
        }
        return strewn(feed, s, tools, working);
    }

    private static Watered watered(
            Feed feed, Rate.PerWater rate, Situation s, LotPlan plan, Poured poured, Tools tools, Working working) {
        Target target = Target.byPerson(
                Portion.target(feed, s, plan.nextWater(), plan.days().likely()), tools.share());
        Dose dose = Dose.choose(
                feed,
                rate,
                RootWarmth.cap(s, plan.nextWater()),
                target,
                tools.water().ecMsCm(),
                working);
        double canLitres = tools.can().applyAsDouble(poured.litres());
        CanDose mixed = CanDose.of(feed, dose, canLitres, tools.hand(), tools.spoons(), tools.water(), working);
        Measured can = mixed.hand();
        Unit shown = rate.measure().unit();
        double forPot = working.step(
                "feed.pot",
                "for the pot = in the can·pour/can",
                can.given() / canLitres * poured.litres(),
                shown,
                "COMMON",
                earlier("in the can", can.given(), shown, "feed.rounding"),
                earlier("pour", poured.litres(), Unit.LITRE, poured.step()),
                typed("can", canLitres, Unit.LITRE, "can"));
        return new Watered(dose, mixed, forPot);
    }

    private static Sprayed sprayed(
            Feed feed, Rate.PerSpray rate, Situation s, LotPlan plan, Tools tools, Working working) {
        Spray spray = Spray.of(feed, rate, s, plan.nextWater(), tools.share(), working);
        double mixed = tools.sprayer().applyAsDouble(spray.litres());
        CanDose can = CanDose.of(feed, spray.dose(), mixed, tools.hand(), tools.spoons(), tools.water(), working);
        return new Sprayed(spray, can, spray.product(can.hand().given(), mixed, working));
    }

    private static Strewn strewn(Feed feed, Situation s, Tools tools, Working working) {
        Pot pot = s.pot();
        if (tools.share().isPresent()) {
            throw new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "share", "strewn"));
        }
        Portion.OnTheMix given = Portion.strewn(feed, s);
        Rate rate = feed.rate();
        double place = s.species().appetite().placeInRange();
        double label = rate.min() + place * (rate.max() - rate.min());
        Unit shown = rate.measure().unit();
        double scale = Portion.scale(rate, s.pot(), s.tallM());
        if (rate instanceof Rate.PerPotWidth perWidth) {
            double width = pot.shape().labelWidthM();
            working.step(
                    "feed.strewn_width",
                    "amount = label·width/width(label)",
                    label * scale,
                    shown,
                    "COMMON",
                    typed("label", label, shown, "feed.label"),
                    typed("width", width * 100, Unit.CENTIMETRE, "pot.top"),
                    typed("width(label)", perWidth.widthM() * 100, Unit.CENTIMETRE, "feed.label"));
        } else if (rate instanceof Rate.PerArea) {
            working.step(
                    "feed.strewn_area",
                    "amount = label·surface",
                    label * scale,
                    shown,
                    "COMMON",
                    typed("label", label, shown, "feed.label"),
                    table("surface", scale, Unit.SQUARE_METRE, "pot:top"));
        } else if (rate instanceof Rate.PerHeight) {
            working.step(
                    "feed.strewn_height",
                    "amount = label·height",
                    label * scale,
                    shown,
                    "COMMON",
                    typed("label", label, shown, "feed.label"),
                    typed("height", scale, Unit.METRE, "lot.tall"));
        } else if (rate instanceof Rate.PerPlant) {
            working.step(
                    "feed.strewn_plant",
                    "amount = label",
                    label,
                    shown,
                    "COMMON",
                    typed("label", label, shown, "feed.label"));
        } else {
            working.step(
                    "feed.strewn_mix",
                    "amount = label·V",
                    label * scale,
                    shown,
                    "COMMON",
                    typed("label", label, shown, "feed.label"),
                    earlier("V", scale, Unit.LITRE, "pot.volume"));
        }
        Unit perLitre = rate.measure().perLitre();
        double capped = working.step(
                "feed.strewn_limit",
                "amount = min(label, limit·V)",
                given.perPot(),
                shown,
                "TYPICAL",
                earlier("label", given.labelPerPot(), shown, "feed.label"),
                table(
                        "limit",
                        given.most() / pot.mixLitres(),
                        perLitre,
                        given.ceiling() == Ceiling.POT_COATED ? "limits:coated" : "limits:quick_n"),
                earlier("V", pot.mixLitres(), Unit.LITRE, "pot.volume"));
        double grams = feed.gramsPer(Measure.MILLILITRES).value();
        Measured amount = tools.hand()
                .nearest(
                        capped,
                        given.most(),
                        rate.measure(),
                        grams,
                        feed.form() == ProductForm.LIQUID,
                        tools.spoons(),
                        working);
        Nutrients inPot = feed.contentsPer(rate.measure()).times(amount.given() / 1000);
        working.step(
                "feed.strewn_nitrogen",
                "N = amount·ρ·%N/100",
                inPot.n(),
                Unit.GRAM,
                "IUPAC",
                earlier("amount", amount.given(), shown, "feed.rounding"),
                feed.densityInput(),
                typed("%N", feed.analysis().n(), Unit.PER_CENT, "feed.n"));
        return new Strewn(
                amount,
                inPot,
                given.ceiling(),
                given.perPot() < given.labelPerPot() * (1 - 1e-9),
                rate instanceof Rate.PerPotWidth w
                        ? OptionalDouble.of(label * pot.mixLitres() / usualLitres(w.widthM()))
                        : OptionalDouble.empty());
    }

    /** Mix in a usual round pot so wide: 0.9 as high, 0.7 as wide at its foot; common practice, no source. */
    private static double usualLitres(double widthM) {
        double height = 0.9 * widthM;
        return Math.PI / 12 * height * widthM * widthM * (1 + 0.7 + 0.49) * 1000;
    }
}
