package evencistern.food;

import evencistern.fault.FaultCode;
import evencistern.feed.Ceiling;
import evencistern.feed.Dose;
import evencistern.feed.Feed;
import evencistern.feed.Nutrient;
import evencistern.feed.Nutrients;
import evencistern.feed.Target;
import evencistern.label.Rate;
import evencistern.need.Course;
import evencistern.need.Situation;
import evencistern.plant.Trait;
import evencistern.watering.Way;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Optional;

/**
 * Why a lot is not given its feed at all.
 *
 * <p><b>Answers</b> can this plant have this feed, or is plain water better?
 * <p><b>Formula</b> left out: what its phosphorus keeps below half of the label's least; what is strewn and has more than 1 %
 * of phosphorus, for plants that it harms; what the limits bring below 10 mg/L
 * of nitrogen; granules whose nitrogen is urea alone, strewn in a pot; what is strewn, where there is no mix; what
 * its label has mixed in, in a pot without fresh mix on record within the last week; what is mostly
 * organic or slow, in clay balls; what is sprayed and brings no nitrogen, on thick leaves
 * <p><b>Units</b> mg/L
 * <p><b>Valid for</b> feeds with nitrogen; what has none is bounded, and not left out for being weak
 * <p><b>Source</b> [COMMON] so weak a feed is not worth its salt; urea granules burn the roots of a pot; fresh mix is loose for a week
 * <p><b>Checked by</b> DoseGuardTest
 */
public enum FeedFitness {
    /** It harms this kind before it feeds it. */
    PHOSPHORUS,
    /** What is left of it after the limits feeds nothing. */
    WEAK,
    /** Urea granules in a pot. */
    UREA,
    /** Something to strew, and no mix to strew it on. */
    NO_MIX,
    /** Something to mix in, and no fresh mix on record that is still loose. */
    FILLED,
    /** Something organic in water that stands among clay balls: nothing there makes it available, and it rots. */
    ORGANIC,
    /** A trace or a mineral to be sprayed on leaves so thick that it does not get through. */
    LEATHERY;

    private static final double UREA_ALONE = 0.95;
    private static final double MOSTLY = 0.5;
    private static final double UREA_PRODUCT_MG = 400;
    /** Of what is strewn, the phosphorus that plants which it harms stand: feeds for them have about 1 % (from memory). */
    private static final double LOW_P_MG_PER_G = 10;

    /** So long fresh mix is loose enough to work something in. */
    private static final int LOOSE_DAYS = 7;

    /** Why it may not be put into a mix either. */
    public FaultCode fault() {
        return switch (this) {
            case PHOSPHORUS -> FaultCode.PHOSPHORUS_HATED;
            case UREA -> FaultCode.UREA_BURNS;
            case NO_MIX -> FaultCode.NO_MIX_HERE;
            default -> FaultCode.NOT_INTO_THE_MIX;
        };
    }

    /** What speaks against this feed for this lot on a day; empty where nothing does. */
    public static Optional<FeedFitness> against(Feed feed, Situation s, LocalDate today) {
        if (feed.sprayed()) {
            boolean food = feed.contentsPer(feed.rate().measure()).n() > 0;
            return s.species().traits().is(Trait.LEAF, "thick") && !food ? Optional.of(LEATHERY) : Optional.empty();
        }
        if (!(feed.rate() instanceof Rate.PerWater rate)) {
            if (s.bare()) {
                return Optional.of(NO_MIX);
            }
            Nutrients contents = feed.contentsPer(feed.rate().measure());
            double gramsEach = feed.gramsPer(feed.rate().measure()).value();
            if (s.species().hates(Trait.PHOSPHORUS) && contents.p() > LOW_P_MG_PER_G * gramsEach) {
                return Optional.of(PHOSPHORUS);
            }
            boolean urea = contents.n() >= UREA_PRODUCT_MG
                    && contents.of(Nutrient.UREA_N) >= UREA_ALONE * contents.n()
                    && feed.coated().isEmpty();
            if (urea) {
                return Optional.of(UREA);
            }
            return feed.mixedIn() && !inFreshMix(s, today) ? Optional.of(FILLED) : Optional.empty();
        }
        Nutrients contents = feed.contentsPer(rate.measure());
        if (s.particulars().watering().way() == Way.CLAY_BALLS
                && contents.of(Nutrient.SLOW_N) >= MOSTLY * contents.n()
                && contents.n() > 0) {
            return Optional.of(ORGANIC);
        }
        Dose dose = Dose.choose(
                feed,
                rate,
                s.species().cap(),
                new Target.ByAppetite(s.species().appetite().placeInRange())
                        .weakened(RootsInAir.strength(s.species(), s.place().humidityPercent()), Target.Why.DRY_AIR),
                0,
                Working.off());
        if (dose.ceiling() == Ceiling.CLASS_P && dose.ceilingPerLitre() < rate.min() / 2) {
            return Optional.of(PHOSPHORUS);
        }
        return dose.tooWeak() ? Optional.of(WEAK) : Optional.empty();
    }

    /** Fresh mix that nobody has told of is not counted on: it has to be on record, or to have got the feed already. */
    private static boolean inFreshMix(Situation s, LocalDate today) {
        boolean given = s.course()
                .flatMap(Course::lastFed)
                .filter(fed -> s.repottedOn().stream().noneMatch(fed::isBefore))
                .isPresent();
        return given || s.repottedOn().stream().anyMatch(filled -> !today.isAfter(filled.plusDays(LOOSE_DAYS)));
    }
}
