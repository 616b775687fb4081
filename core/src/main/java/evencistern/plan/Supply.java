package evencistern.plan;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.Ceiling;
import evencistern.feed.Dose;
import evencistern.feed.DoseLimit;
import evencistern.feed.Feed;
import evencistern.label.Measure;
import evencistern.label.Rate;
import evencistern.working.Working;
import java.util.OptionalDouble;

/**
 * How long what is left of a feed lasts.
 *
 * <p><b>Answers</b> is there enough of this feed, and for how many weeks?
 * <p><b>Formula</b> weeks = left / (7 · Σ pots · product each time / days between); days between: the watering days where
 * the label says every watering, else the middle of its window; nothing is used while a hold lasts
 * <p><b>Units</b> product in the label's measure, g or mL; weeks
 * <p><b>Valid for</b> feeding going on as today; growth, holds and new lots change it, so read it as a reminder to buy
 * <p><b>Source</b> [COMMON] arithmetic
 * <p><b>Checked by</b> SupplyTest
 */
public final class Supply {
    private static final double DAYS_PER_WEEK = 7;

    private Supply() {}

    /** What one pot takes in a day on average, in the label's measure; 0 without feed or while feeding is held. */
    public static double perDay(Situation s, LotPlan plan) {
        boolean feeding = plan.nextFeed().filter(f -> !f.binding().holds()).isPresent();
        if (!feeding || s.feed().isEmpty()) {
            return 0;
        }
        Feed feed = s.feed().get();
        double gap = FeedRhythm.days(LotPlan.rhythm(feed, s), plan.days().likely());
        return each(feed, s, plan) / gap;
    }

    private static double each(Feed feed, Situation s, LotPlan plan) {
        if (feed.rate() instanceof Rate.PerWater rate) {
            return strength(feed, rate, s, plan) * plan.need().fullPour(Working.off());
        }
        return strewn(feed, s).perPot();
    }

    /**
     * What one pot gets of a strewn feed, before any hand measures it.
     *
     * @param perPot in the label's measure
     * @param labelPerPot the same as the label alone would have it
     * @param most of it in this pot, by the label's top and by what its mix may hold
     * @param ceiling what says so
     */
    record OnTheMix(double perPot, double labelPerPot, double most, Ceiling ceiling) {}

    /** A strewn feed for one pot: as the label has it for this plant, and no more than the pot's mix may get at a time. */
    static OnTheMix strewn(Feed feed, Situation s) {
        Rate rate = feed.rate();
        double scale = scale(rate, s);
        double label = (rate.min() + s.species().appetite().placeInRange() * (rate.max() - rate.min())) * scale;
        double mix = inMix(feed, rate.measure(), s);
        Ceiling ceiling = mix < rate.max() * scale
                ? feed.coated().isPresent() ? Ceiling.POT_COATED : Ceiling.POT_QUICK
                : Ceiling.LABEL_TOP;
        double most = Math.min(rate.max() * scale, mix);
        return new OnTheMix(Math.min(label, most), label, most, ceiling);
    }

    /** Product that the mix of one pot may get at a time, in the label's measure. */
    private static double inMix(Feed feed, Measure measure, Situation s) {
        double litres = s.pot().mixLitres();
        DoseLimit.Stands stands = s.species().stands();
        double grams = feed.gramsPer(measure).value();
        if (feed.coated().isPresent()) {
            return DoseLimit.COATED.of(stands) * litres / grams;
        }
        double bySalt = DoseLimit.QUICK_SALT.of(stands) * litres / grams;
        double nitrogen = feed.contentsPer(measure).n();
        return nitrogen > 0 ? Math.min(bySalt, DoseLimit.QUICK_N.of(stands) * litres / nitrogen) : bySalt;
    }

    /** Product in a litre of the can, in the label's measure. */
    static double strength(Feed feed, Rate.PerWater rate, Situation s, LotPlan plan) {
        return Dose.choose(feed, rate, s.species().cap(), Care.target(feed, s, plan), 0, Working.off())
                .perLitre();
    }

    /**
     * By how much a strewn label's amount is taken for one pot: widths of the label's pot, litres of mix, plants, m², metres
     * of height. A label by height is refused for a plant of which nobody has said how tall it is.
     */
    static double scale(Rate rate, Situation s) {
        if (rate instanceof Rate.PerPotWidth w) {
            return s.pot().shape().labelWidthM() / w.widthM();
        }
        if (rate instanceof Rate.PerPlant) {
            return 1;
        }
        if (rate instanceof Rate.PerHeight) {
            return s.tallM().orElseThrow(() -> new FaultException(Fault.of(FaultCode.LABEL_BY_HEIGHT, "lot.tall", "")));
        }
        return rate instanceof Rate.PerArea ? s.pot().surfaceM2() : s.pot().mixLitres();
    }

    /**
     * Weeks that {@code left} lasts; empty where nothing is being used.
     *
     * @param left in the label's measure, 0 or more
     * @param perDay of all pots together, 0 or more
     */
    public static OptionalDouble weeks(double left, double perDay) {
        Faults faults = new Faults();
        faults.within("stock.amount", left, 0, Double.MAX_VALUE, "");
        faults.within("stock.per_day", perDay, 0, Double.MAX_VALUE, "");
        faults.throwIfAny();
        return perDay > 0 ? OptionalDouble.of(left / perDay / DAYS_PER_WEEK) : OptionalDouble.empty();
    }
}
