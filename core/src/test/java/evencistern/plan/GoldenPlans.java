package evencistern.plan;

import evencistern.climate.Place;
import evencistern.feed.Analysis;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.food.Portion;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.Recipes;
import evencistern.need.Condition;
import evencistern.need.FeedRhythm;
import evencistern.need.Hold;
import evencistern.need.Learned;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.plant.Size;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Lots of the golden scenarios and what their plans come to. */
public final class GoldenPlans {
    private static final LocalDate SPRING = LocalDate.of(2026, 4, 1);
    private static final SourceWater TAP = SourceWater.of(0.35, 7.2);

    private GoldenPlans() {}

    /** 20-20-20 by weight, "dissolve 1 g per litre, every two weeks in growth". */
    public static Feed even() {
        return new Feed(
                Analysis.npk(20, 20, 20),
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                new Rate.PerWater(1, 1, Measure.GRAMS),
                new Rhythm.EveryDays(14, 14));
    }

    /** A windowsill at 52° north with a share of the light outdoors; 17/21 °C in winter, 18/26 °C in summer. */
    public static Place sill(double light) {
        return place(52, Place.Kind.INDOORS, light, 17, 21, 18, 26, 48);
    }

    /** A place between its winter and its summer; all of the year the same where they are. */
    public static Place place(
            double latitude,
            Place.Kind kind,
            double light,
            double winterLow,
            double winterHigh,
            double summerLow,
            double summerHigh,
            double humidity) {
        return place(latitude, kind, light, winterLow, winterHigh, summerLow, summerHigh, humidity, Optional.empty());
    }

    private static Place place(
            double latitude,
            Place.Kind kind,
            double light,
            double winterLow,
            double winterHigh,
            double summerLow,
            double summerHigh,
            double humidity,
            Optional<Place.Frosts> frosts) {
        List<Double> lows = new ArrayList<>();
        List<Double> highs = new ArrayList<>();
        for (int m = 0; m < 12; m++) {
            double summer = (1 - Math.cos((m - 0.5) * Math.PI / 6)) / 2;
            lows.add(winterLow + summer * (summerLow - winterLow));
            highs.add(winterHigh + summer * (summerHigh - winterHigh));
        }
        return new Place(latitude, kind, lows, highs, humidity, light, 0.38, Optional.empty(), frosts);
    }

    /** An open bench whose first frost comes at the end of October and its last in the middle of April. */
    public static Place hardBench(double latitude) {
        return place(
                latitude,
                Place.Kind.OUTDOORS,
                1,
                2,
                7,
                13,
                22,
                75,
                Optional.of(new Place.Frosts(MonthDay.of(10, 25), MonthDay.of(4, 20))));
    }

    /** The same told to be at rest since a day. */
    public static Situation resting(Situation s, LocalDate since) {
        return in(s, Condition.RESTING, since);
    }

    /** The same as seedlings since a day. */
    public static Situation seedlings(Situation s, LocalDate since) {
        return in(s, Condition.SEEDLING, since);
    }

    private static Situation in(Situation s, Condition condition, LocalDate since) {
        return s.with(
                new Particulars(Size.Told.NOTHING, Learned.NOTHING, true, Map.of(condition, since), Optional.empty()));
    }

    /** The same fed in a rhythm of its own. */
    public static Situation every(Situation s, FeedRhythm rhythm) {
        return s.in(rhythm);
    }

    /** Litres a day that a lot uses on a day. */
    public static double use(Situation s, LocalDate day) {
        return LotPlan.of(s, SPRING, Working.off()).need().useOn(day);
    }

    /** Weeks from a day, on which it was watered, to the next watering. */
    public static double weeksDry(Situation s, LocalDate since) {
        return (nextWater(s, since).toEpochDay() - since.toEpochDay()) / 7.0;
    }

    /** The last feed before a day, of the year from spring on. */
    public static LocalDate lastFeed(Situation s, LocalDate before) {
        return LotYear.of(s, SPRING).feeds().stream()
                .filter(before::isAfter)
                .max(LocalDate::compareTo)
                .orElseThrow();
    }

    /** The same with lamps, mol a day. */
    public static Place lamps(double latitude, double hours, double ppfd, double low, double high) {
        return new Place(
                latitude,
                Place.Kind.INDOORS,
                java.util.Collections.nCopies(12, low),
                java.util.Collections.nCopies(12, high),
                45,
                0.01,
                0.38,
                Optional.of(new Place.Lamps(hours, ppfd)),
                Optional.empty());
    }

    /** An established lot in a round pot of so many cm, last watered and fed a fortnight before its year begins. */
    public static Situation lot(
            String species, double top, double base, double height, String mix, Place place, Optional<Feed> feed) {
        return new Situation(
                SpeciesGuide.require(species),
                Pot.filled(new RoundTaper(top / 100, base / 100, height / 100)),
                Recipes.require(mix),
                place,
                feed,
                SPRING.minusYears(1),
                Optional.empty(),
                Optional.of(SPRING.minusDays(1)),
                Optional.of(SPRING.minusDays(14)));
    }

    /** Feeds of a year. */
    public static double feeds(Situation s) {
        return LotYear.of(s, SPRING).feeds().size();
    }

    /** Feeds of an average year, of a feed that is given again when it is spent. */
    public static double feedsOfAnAverageYear(Situation s) {
        Rhythm.EveryDays days = (Rhythm.EveryDays) Portion.rhythm(s.feed().orElseThrow(), s);
        return 365.25 / ((days.min() + days.max()) / 2.0);
    }

    /** Feeds from one day up to another, of the year from spring on. */
    public static double feeds(Situation s, LocalDate from, LocalDate to) {
        return LotYear.of(s, SPRING).feeds().stream()
                .filter(d -> !d.isBefore(from) && d.isBefore(to))
                .count();
    }

    private static Care care(Situation s, OptionalDouble share) {
        return Care.on(
                SPRING, s, new Care.Tools(5, HandMeasure.SCALE, HandMeasure.FULL_SET, TAP, share), Working.off());
    }

    /** Nitrogen put on in a year, mg per litre of mix. */
    public static double nitrogenOfAYear(Situation s, OptionalDouble share) {
        Care care = care(s, share);
        Care.Watered dose = (Care.Watered) care.feeding().orElseThrow();
        return feeds(s)
                * dose.dose().mgPerL().n()
                * care.feedPourLitres()
                / s.pot().mixLitres();
    }

    /** Nitrogen in the can, mg/L. */
    public static double nitrogen(Situation s) {
        return ((Care.Watered) care(s, OptionalDouble.empty()).feeding().orElseThrow())
                .dose()
                .mgPerL()
                .n();
    }

    /** Product strewn on one pot, in the label's measure. */
    public static double strewn(Situation s) {
        return Portion.strewn(s.feed().orElseThrow(), s).perPot();
    }

    /** Whether something holds the feed back on a day. */
    public static boolean held(Situation s, LocalDate day, Hold... by) {
        return Hold.on(day, s).containsAll(List.of(by));
    }

    /** The next watering of a lot that was watered on a day. */
    public static LocalDate nextWater(Situation s, LocalDate watered) {
        return LotPlan.of(
                        s.past(Optional.of(watered), Optional.of(watered), Optional.of(watered)),
                        watered,
                        Working.off())
                .nextWater();
    }

    /** The worst of many lots: shown days times use, against what may go; at most 1, the shown day being a whole one. */
    public static double shownDaysOverExactDays() {
        double worst = 0;
        for (Situation s : SeededSituations.two_hundred().toList()) {
            LotPlan plan = LotPlan.of(s, SeededSituations.TODAY, Working.off());
            LocalDate from = s.lastWatered().orElse(s.startedOn());
            if (plan.days().likely() > 1) {
                worst = Math.max(
                        worst,
                        plan.need().deficit(from, from.plusDays(plan.days().likely()))
                                / plan.need().usableLitres());
            }
        }
        return worst;
    }
}
