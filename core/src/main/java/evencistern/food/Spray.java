package evencistern.food;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.feed.Ceiling;
import evencistern.feed.Dose;
import evencistern.feed.DoseLimit;
import evencistern.feed.Feed;
import evencistern.feed.Target;
import evencistern.label.Rate;
import evencistern.need.Situation;
import evencistern.plant.Size;
import evencistern.units.Quantity;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A feed that is sprayed on the leaves.
 *
 * <p><b>Answers</b> how strong is the spray for this plant, and how much of it wets all its leaves?
 * <p><b>Formula</b> volume = 0.25 mm · LAI · π/4·spread²; strength = min(label's low + appetite·(top − low), limit of leaves)·Π shares
 * of the programme, the label, seedlings and what a reading left
 * <p><b>Units</b> L of spray; g/L or mL/L of product
 * <p><b>Valid for</b> leaves wetted until they just begin to drip; labels that have a rate for leaves; nothing is sprayed by a rate for
 * roots
 * <p><b>Source</b> [COMMON] 20–60 mL wet a plant of 30 cm, 0.2–0.5 L a bush; limit of leaves [TYPICAL], from memory
 * <p><b>Checked by</b> SprayTest
 *
 * @param litres that wet one plant
 * @param sd of the logarithm of those litres
 */
public record Spray(double litres, double sd, Dose dose) {
    /** On a leaf until it begins to drip, an eighth of a millimetre on each side, L/m²; common practice, no source. */
    private static final double FILM_MM = 0.25;

    /** Nozzles and hands differ by so much. */
    private static final double HAND = 0.3;

    private static final double SPRAYER_LITRES = 0.5;
    private static final double SIDES_95 = 1.96;
    private static final double PER_MILLE = 1000;
    /** Hours in which leaves take a spray up and do not scorch; common practice, no source. */
    private static final double AFTER_SUNRISE = 3;

    private static final double BEFORE_SUNSET = 2;
    private static final double NOON = 12;
    private static final double SECONDS = 3600;

    /** A feed for leaves on a day, for one plant. */
    public static Spray of(
            Feed feed, Rate.PerSpray rate, Situation s, LocalDate day, OptionalDouble byPerson, Working working) {
        Size size = s.size();
        double litres = working.step(
                "feed.spray_volume",
                "volume = film·LAI·π/4·spread²",
                wets(size),
                Unit.LITRE,
                "COMMON",
                table("film", FILM_MM, Unit.MILLIMETRE, "feed:spray_film"),
                table("LAI", size.leafAreaIndex(), Unit.ONE, "species:cover"),
                typed("spread", size.spreadM() * 100, Unit.CENTIMETRE, "lot.spread"));
        return new Spray(litres, Math.hypot(size.sd(), HAND), dose(feed, rate, s, day, byPerson, working));
    }

    private static Dose dose(
            Feed feed, Rate.PerSpray rate, Situation s, LocalDate day, OptionalDouble byPerson, Working working) {
        double grams = feed.gramsPer(rate.measure()).value();
        double leaves = DoseLimit.LEAF.of(s.species().stands()) / grams;
        double top = Math.min(rate.max(), leaves);
        double place = s.species().appetite().placeInRange();
        double wanted = rate.min() + place * (rate.max() - rate.min());
        Target target = Target.byPerson(
                new Target.ByAppetite(place)
                        .weakened(Portion.seedlingShare(feed, s, day), Target.Why.SEEDLING)
                        .weakened(feed.terms().shareOn(day, s.place().latitude(), Portion.kin(s)), Target.Why.LABEL)
                        .weakened(s.particulars().reading().shareOn(day), Target.Why.READING)
                        .weakened(Portion.share(s), Target.Why.PROGRAMME),
                byPerson);
        double share = Target.share(target);
        double strength = Math.min(wanted, top) * share;
        Unit per = rate.measure().perLitre();
        List<Working.Input> inputs = new ArrayList<>(List.of(
                typed("low", rate.min(), per, "feed.label"),
                table("appetite", place * 100, Unit.PER_CENT, "species:appetite"),
                typed("label", rate.max(), per, "feed.label"),
                table("leaf limit", leaves, per, "limits:leaf")));
        String shares = Target.shares(target, inputs);
        working.step(
                "feed.spray_strength",
                "c = min(low + appetite·(label − low), leaf limit)" + shares,
                Quantity.of(strength, per),
                "TYPICAL",
                inputs);
        Uncertain spoons = feed.gramsPer(rate.measure());
        return new Dose(
                strength,
                rate.measure(),
                spoons.times(strength),
                feed.contentsPer(rate.measure()).times(strength),
                leaves < rate.max() ? Ceiling.LEAVES : Ceiling.LABEL_TOP,
                top,
                wanted,
                top < wanted * (1 - 1e-9),
                share);
    }

    /** What wets the leaves of a plant of that size, L. */
    public static double wets(Size size) {
        return FILM_MM * size.leafM2();
    }

    /** As little as it may take, so that one in forty takes less. */
    public double least() {
        return litres * Math.exp(-SIDES_95 * sd);
    }

    /** As much as it may take, so that one in forty takes more. */
    public double most() {
        return litres * Math.exp(SIDES_95 * sd);
    }

    /** Whether the sun is high: not from three hours after it rises until two before it sets. */
    public static boolean sunIsHigh(LocalTime bySun, double daylengthHours) {
        double hour = bySun.toSecondOfDay() / SECONDS;
        double rises = NOON - daylengthHours / 2;
        return hour > rises + AFTER_SUNRISE && hour < NOON + daylengthHours / 2 - BEFORE_SUNSET;
    }

    /** Product that goes on one plant, in the label's measure, before any hand measures it. */
    public double product() {
        return dose.perLitre() * litres;
    }

    /** What is mixed so that so many litres can be sprayed: half a litre, or as many halves as it takes. */
    public static double mixed(double litres) {
        return Math.max(1, Math.ceil(litres / SPRAYER_LITRES - 1 / PER_MILLE)) * SPRAYER_LITRES;
    }

    /** Product on one plant once so much was measured into what was mixed. */
    public double product(double inAll, double mixedLitres, Working working) {
        Unit shown = dose.measure().unit();
        return working.step(
                "feed.spray_plant",
                "on the plant = in the sprayer·volume/mixed",
                inAll / mixedLitres * litres,
                shown,
                "COMMON",
                earlier("in the sprayer", inAll, shown, "feed.rounding"),
                earlier("volume", litres, Unit.LITRE, "feed.spray_volume"),
                typed("mixed", mixedLitres, Unit.LITRE, "can"));
    }
}
