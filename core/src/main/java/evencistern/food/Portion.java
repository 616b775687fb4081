package evencistern.food;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.feed.Ceiling;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Dose;
import evencistern.feed.DoseLimit;
import evencistern.feed.Feed;
import evencistern.feed.Target;
import evencistern.label.Measure;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.label.Terms;
import evencistern.need.Condition;
import evencistern.need.Course;
import evencistern.need.FeedRhythm;
import evencistern.need.Growth;
import evencistern.need.Situation;
import evencistern.pot.Pot;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * What a pot takes of its feed, and how often.
 *
 * <p><b>Answers</b> where in the label's range is this lot's portion, in what rhythm, and how much of it does its mix bear?
 * <p><b>Formula</b> strength = label by appetite · air on bare roots or growth in quarters where it is fed with every
 * watering, whichever is less · ¼ for a seedling in its first two weeks, then ½, or the label's share for seedlings where that is less · ¼ to ½ by appetite from a
 * reservoir or a tray · the label's share for such plants or months · what a reading left · its programme's share; strewn = min(label · size · that share, limit · litres of mix); coated feed again
 * once 80 to 90 % of it is out
 * <p><b>Units</b> product in the label's measure, g or mL; days
 * <p><b>Valid for</b> feeds at the roots, watered on or strewn; sprays have rules of their own
 * <p><b>Source</b> [COMMON] appetite places a plant in the label's range; limits by the table of limits
 * <p><b>Checked by</b> CareTest
 */
public final class Portion {
    /** A seedling begins with a quarter at its second true leaf and gets half once it has rooted; a reservoir between them. */
    private static final double FIRST_SHARE = 0.25;

    private static final double ROOTED_SHARE = 0.5;
    private static final int ROOTED_DAYS = 14;
    private static final int QUARTERS = 4;
    /** The share of a coated feed that is out when it is given again, and by when at the latest. */
    private static final double MOSTLY_SPENT = 0.8;

    private static final double SPENT = 0.9;
    private static final int LONGEST_RELEASE_DAYS = 730;

    private Portion() {}

    /** The rhythm in which a lot is fed: its own where it has one and the feed is given in its water. */
    public static Rhythm rhythm(Feed feed, Situation s) {
        if (feed.mixedIn()) {
            return new Rhythm.Once(); // the next comes with the next mix
        }
        if (feed.coated().isPresent()) {
            return spent(feed.coated().get(), s);
        }
        return feed.watered() ? school(s).over(feed.rhythm()) : feed.rhythm();
    }

    /** The rhythm that was chosen for the course a lot is looked at for. */
    public static FeedRhythm school(Situation s) {
        return s.course().map(Course::rhythm).orElse(FeedRhythm.LABEL);
    }

    /** The share of what it would get alone that its programme gives it. */
    static double share(Situation s) {
        return s.course().map(Course::share).orElse(1.0);
    }

    /** Coated feed is given again once it is mostly spent, which heat hastens and cold delays. */
    private static Rhythm spent(CoatedRelease coated, Situation s) {
        LocalDate from = s.lastFed().orElse(s.startedOn());
        ToDoubleFunction<LocalDate> warmth = s::mixC;
        int mostly = Math.max(1, coated.daysTo(MOSTLY_SPENT, from, warmth, LONGEST_RELEASE_DAYS));
        return new Rhythm.EveryDays(mostly, Math.max(mostly, coated.daysTo(SPENT, from, warmth, LONGEST_RELEASE_DAYS)));
    }

    /**
     * By appetite; the same food where the lot is fed in a rhythm of its own; weaker in dry air on bare roots.
     *
     * @param day of the next watering
     * @param days between two of them
     */
    public static Target target(Feed feed, Situation s, LocalDate day, int days) {
        double place = s.species().appetite().placeInRange();
        double gap = Math.max(1, days);
        Target target = school(s) == FeedRhythm.LABEL
                ? new Target.ByAppetite(place)
                : new Target.SameFood(
                        place,
                        apart(feed.rhythm(), gap),
                        apart(rhythm(feed, s), gap),
                        s.course().filter(Course::whole).isPresent());
        return target.weakened(RootsInAir.strength(s.species(), s.place().humidityPercent()), Target.Why.DRY_AIR)
                .weakened(seedlingShare(feed, s, day), Target.Why.SEEDLING)
                .weakened(feed.terms().shareOn(day, s.place().latitude(), kin(s)), Target.Why.LABEL)
                .weakened(growthShare(feed, s, day), Target.Why.SLOW_GROWTH)
                .weakened(s.particulars().reading().shareOn(day), Target.Why.READING)
                .weakened(reservoirShare(s), Target.Why.RESERVOIR)
                .weakened(share(s), Target.Why.PROGRAMME);
    }

    /** What stands ready beside the mix is drunk to the last drop, and no salt ever leaves: a quarter to half, by appetite. */
    private static double reservoirShare(Situation s) {
        return s.particulars().watering().way().stores()
                ? FIRST_SHARE
                        + (ROOTED_SHARE - FIRST_SHARE) * s.species().appetite().placeInRange()
                : 1;
    }

    /** Days between two feeds; many waterings of a plant that seldom drinks are no further apart than a dose may lie. */
    private static double apart(Rhythm rhythm, double gap) {
        return Math.min(Target.SameFood.LONGEST, FeedRhythm.days(rhythm, gap));
    }

    /** What a label that makes exceptions calls such a plant; seedlings have a share of their own. */
    static Set<Terms.Kin> kin(Situation s) {
        return switch (s.species().group()) {
            case "epiphyte", "ground_orchid" -> Set.of(Terms.Kin.ORCHIDS);
            case "fern" -> Set.of(Terms.Kin.FERNS);
            case "cactus" -> Set.of(Terms.Kin.CACTI);
            case "succulent" -> Set.of(Terms.Kin.SUCCULENTS);
            case "bonsai", "conifer_bonsai" -> Set.of(Terms.Kin.BONSAI);
            case "carnivore" -> Set.of(Terms.Kin.CARNIVORES);
            default -> Set.of();
        };
    }

    static double seedlingShare(Feed feed, Situation s, LocalDate day) {
        LocalDate since = s.particulars().conditions().get(Condition.SEEDLING);
        if (since == null) {
            return 1;
        }
        double share = day.isBefore(since.plusDays(ROOTED_DAYS)) ? FIRST_SHARE : ROOTED_SHARE;
        return Math.min(share, feed.terms().shareOn(day, s.place().latitude(), EnumSet.of(Terms.Kin.SEEDLINGS)));
    }

    /**
     * Of a feed in every watering, the share that growth asks for, in quarters so that lots still share a can; a feed with
     * days between them comes less often instead.
     */
    public static double growthShare(Feed feed, Situation s, LocalDate day) {
        if (!(rhythm(feed, s) instanceof Rhythm.EveryWatering)) {
            return 1;
        }
        double growth = Growth.on(day, s.species(), s.place()).factor();
        return Math.max(1, Math.ceil(growth * QUARTERS)) / QUARTERS;
    }

    /** The dose of a feed that is watered on, from water with nothing in it; days as in {@link #target}. */
    public static Dose dose(Feed feed, Rate.PerWater rate, Situation s, LocalDate day, int days) {
        return Dose.choose(feed, rate, RootWarmth.cap(s, day), target(feed, s, day, days), 0, Working.off());
    }

    /** Product in a litre of the can, in the label's measure; days as in {@link #target}. */
    public static double perLitre(Feed feed, Rate.PerWater rate, Situation s, LocalDate day, int days) {
        return dose(feed, rate, s, day, days).perLitre();
    }

    /**
     * What one pot gets of a strewn feed, before any hand measures it.
     *
     * @param perPot in the label's measure
     * @param labelPerPot the same as the label alone would have it
     * @param most of it in this pot, by the label's top and by what its mix may hold
     * @param ceiling what says so
     */
    public record OnTheMix(double perPot, double labelPerPot, double most, Ceiling ceiling) {}

    /** Product for one pot of a feed that is not given in its water, strewn or sprayed, in the label's measure. */
    public static double beside(Feed feed, Situation s, LocalDate day) {
        return feed.rate() instanceof Rate.PerSpray rate
                ? Spray.of(feed, rate, s, day, OptionalDouble.empty(), Working.off())
                        .product()
                : strewn(feed, s).perPot();
    }

    /** A strewn feed for one pot: as the label has it for this plant, and no more than the pot's mix may get at a time. */
    public static OnTheMix strewn(Feed feed, Situation s) {
        Rate rate = feed.rate();
        double scale = scale(rate, s);
        double label =
                (rate.min() + s.species().appetite().placeInRange() * (rate.max() - rate.min())) * scale * share(s);
        double mix = inMix(feed, rate.measure(), s);
        Ceiling ceiling = mix < rate.max() * scale
                ? feed.coated().isPresent() ? Ceiling.POT_COATED : Ceiling.POT_QUICK
                : Ceiling.LABEL_TOP;
        double most = Math.min(rate.max() * scale, mix);
        return new OnTheMix(Math.min(label, most), label, most, ceiling);
    }

    private static double inMix(Feed feed, Measure measure, Situation s) {
        return mostInMix(feed, measure, s.pot().mixLitres(), s.species().stands());
    }

    /** Product that so many litres of mix may get at a time, in that measure, for plants that stand so much. */
    public static double mostInMix(Feed feed, Measure measure, double litres, DoseLimit.Stands stands) {
        double grams = feed.gramsPer(measure).value();
        if (feed.coated().isPresent()) {
            return DoseLimit.COATED.of(stands) * litres / grams;
        }
        double bySalt = DoseLimit.QUICK_SALT.of(stands) * litres / grams;
        double nitrogen = feed.contentsPer(measure).n();
        return nitrogen > 0 ? Math.min(bySalt, DoseLimit.QUICK_N.of(stands) * litres / nitrogen) : bySalt;
    }

    private static double scale(Rate rate, Situation s) {
        return scale(rate, s.pot(), s.tallM());
    }

    /**
     * By how much a strewn label's amount is taken for one pot: widths of the label's pot, litres of mix, plants, m², metres
     * of height. A label by height is refused for a plant of which nobody has said how tall it is.
     */
    public static double scale(Rate rate, Pot pot, OptionalDouble tallM) {
        if (rate instanceof Rate.PerPotWidth w) {
            return pot.shape().labelWidthM() / w.widthM();
        }
        if (rate instanceof Rate.PerPlant) {
            return 1;
        }
        if (rate instanceof Rate.PerHeight) {
            return tallM.orElseThrow(() -> new FaultException(Fault.of(FaultCode.LABEL_BY_HEIGHT, "lot.tall", "")));
        }
        return rate instanceof Rate.PerArea ? pot.surfaceM2() : pot.mixLitres();
    }
}
