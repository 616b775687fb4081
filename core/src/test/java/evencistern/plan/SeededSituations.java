package evencistern.plan;

import evencistern.climate.Place;
import evencistern.feed.Analysis;
import evencistern.feed.Feed;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.label.Terms;
import evencistern.media.Recipes;
import evencistern.need.AfterReading;
import evencistern.need.Condition;
import evencistern.need.Course;
import evencistern.need.FeedRhythm;
import evencistern.need.Flushing;
import evencistern.need.Hold;
import evencistern.need.Learned;
import evencistern.need.Lifted;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.plant.Appetite;
import evencistern.plant.Size;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.watering.Watering;
import evencistern.watering.Way;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Lots of all kinds, in all places, with all that can be known of a lot; the same ones each time. */
public final class SeededSituations {
    private static final List<Way> WAYS = List.of(Way.values());
    static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    private SeededSituations() {}

    public static Stream<Situation> two_hundred() {
        return IntStream.range(0, 200).mapToObj(SeededSituations::of);
    }

    public static Situation of(long seed) {
        Random r = new Random(seed * 7919 + 17);
        List<Species> guide = SpeciesGuide.all();
        Species species = guide.get(r.nextInt(guide.size()));
        double top = 0.08 + 0.3 * r.nextDouble();
        boolean fed = species.appetite() != Appetite.NONE && r.nextInt(5) > 0;
        LocalDate watered = TODAY.minusDays(r.nextInt(12));
        Optional<LocalDate> lastFed = maybe(r, 0.7, watered.minusDays(r.nextInt(40)));
        return new Situation(
                species,
                Pot.filled(new RoundTaper(top, top * (0.6 + 0.4 * r.nextDouble()), top * (0.7 + 0.6 * r.nextDouble()))),
                Recipes.require(
                        Recipes.all().get(r.nextInt(Recipes.all().size())).key()),
                place(r),
                fed ? programme(r, lastFed) : List.of(),
                TODAY.minusDays(20L + r.nextInt(300)),
                maybe(r, 0.2, TODAY.minusDays(r.nextInt(60))),
                maybe(r, 0.9, watered),
                lastFed,
                particulars(r));
    }

    /** One feed mostly, sometimes two or three, each with a share, months and days of its own. */
    private static List<Course> programme(Random r, Optional<LocalDate> lastFed) {
        FeedRhythm[] rhythms = FeedRhythm.values();
        int feeds = r.nextInt(3) > 0 ? 1 : 2 + r.nextInt(2);
        List<Course> programme = new ArrayList<>();
        for (int i = 0; i < feeds; i++) {
            Optional<Terms.Season> season =
                    maybe(r, feeds > 1 ? 0.3 : 0, Terms.Season.through(1 + r.nextInt(12), 1 + r.nextInt(12)));
            Optional<LocalDate> begins = maybe(r, feeds > 1 ? 0.2 : 0, TODAY.plusDays(r.nextInt(80) - 40L));
            Optional<LocalDate> ends = maybe(r, feeds > 1 ? 0.2 : 0, TODAY.plusDays(40L + r.nextInt(80)));
            programme.add(new Course(
                    "feed " + i,
                    feed(r),
                    feeds > 1 ? 0.25 * (1 + r.nextInt(4)) : 1,
                    rhythms[r.nextInt(rhythms.length)],
                    new Course.When(season, Optional.empty(), begins, ends),
                    i == 0 ? lastFed : lastFed.map(f -> f.minusDays(3L + r.nextInt(30)))));
        }
        return programme;
    }

    private static <T> Optional<T> maybe(Random r, double share, T value) {
        return r.nextDouble() < share ? Optional.of(value) : Optional.empty();
    }

    private static Particulars particulars(Random r) {
        Map<Condition, LocalDate> conditions = new EnumMap<>(Condition.class);
        for (Condition c : Condition.values()) {
            maybe(r, 0.08, TODAY.minusDays(r.nextInt(30))).ifPresent(since -> conditions.put(c, since));
        }
        double factor = Math.exp(0.4 * r.nextGaussian());
        List<LocalDate> calendar = new ArrayList<>();
        if (r.nextInt(3) == 0) {
            for (int d = r.nextInt(9); d < 56; d += 5 + r.nextInt(12)) {
                calendar.add(TODAY.plusDays(d));
            }
        }
        return new Particulars(
                Size.Told.tall(OptionalDouble.of(0.2 + r.nextDouble())),
                r.nextInt(6) == 0 ? OptionalDouble.of(5 + 20 * r.nextDouble()) : OptionalDouble.empty(),
                new Learned(factor, factor * 0.8, factor * 1.25, 5),
                r.nextInt(5) > 0 ? Watering.POURED : Watering.of(WAYS.get(r.nextInt(WAYS.size()))),
                conditions,
                maybe(r, 0.4, TODAY.minusDays(r.nextInt(50))),
                new AfterReading(
                        maybe(r, 0.15, new AfterReading.Salty(TODAY.minusDays(r.nextInt(9)), OptionalDouble.of(0.5))),
                        maybe(r, 0.15, TODAY.plusDays(r.nextInt(30))),
                        0.5,
                        maybe(r, 0.2, TODAY.plusDays(r.nextInt(40))),
                        Optional.empty()),
                r.nextInt(4) == 0
                        ? new Flushing(true, maybe(r, 0.5, TODAY.plusDays(r.nextInt(60))), OptionalDouble.of(0.8))
                        : Flushing.BY_RHYTHM,
                calendar,
                r.nextInt(6) == 0
                        ? new Lifted(
                                Map.of(
                                        List.of(Hold.values()).get(r.nextInt(Hold.values().length)),
                                        TODAY.plusDays(r.nextInt(60))),
                                Map.of())
                        : Lifted.NOTHING);
    }

    private static Feed feed(Random r) {
        double low = 0.2 + r.nextDouble();
        Rate rate = r.nextInt(4) == 0
                ? new Rate.PerMix(1 + low, 1 + 2 * low, Measure.GRAMS)
                : new Rate.PerWater(low, low * (1 + r.nextDouble()), Measure.GRAMS);
        int min = 7 + r.nextInt(21);
        return new Feed(
                Analysis.npk(5 + r.nextInt(16), r.nextInt(15), r.nextInt(21)),
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                rate,
                r.nextInt(5) == 0 ? new Rhythm.EveryWatering() : new Rhythm.EveryDays(min, min + r.nextInt(15)));
    }

    private static Place place(Random r) {
        double latitude = -75 + 150 * r.nextDouble();
        boolean outdoors = r.nextBoolean();
        List<Double> lows = new ArrayList<>();
        List<Double> highs = new ArrayList<>();
        double mean = outdoors ? 27 - Math.abs(latitude) / 3 : 19;
        double swing = outdoors ? Math.abs(latitude) / 5 : 1;
        for (int m = 0; m < 12; m++) {
            double season = -Math.cos((m - 0.5) * Math.PI / 6) * Math.signum(latitude) * swing;
            lows.add(mean + season - 4);
            highs.add(mean + season + 4);
        }
        boolean frosts = outdoors && Math.abs(latitude) > 35;
        Place place = new Place(
                latitude,
                outdoors ? Place.Kind.OUTDOORS : Place.Kind.INDOORS,
                lows,
                highs,
                40 + 40 * r.nextDouble(),
                outdoors ? 1 : 0.05 + 0.4 * r.nextDouble(),
                0.4,
                Optional.empty(),
                frosts
                        ? Optional.of(
                                latitude > 0
                                        ? new Place.Frosts(MonthDay.of(10, 25), MonthDay.of(4, 28))
                                        : new Place.Frosts(MonthDay.of(5, 15), MonthDay.of(10, 5)))
                        : Optional.empty());
        return outdoors && r.nextBoolean() ? place.knowing(weather(r, mean)) : place;
    }

    private static Map<LocalDate, Place.Weather> weather(Random r, double mean) {
        Map<LocalDate, Place.Weather> days = new java.util.HashMap<>();
        for (int d = -21; d <= 7; d++) {
            days.put(
                    TODAY.plusDays(d),
                    new Place.Weather(
                            mean - 5,
                            mean + 6,
                            50 + 40 * r.nextDouble(),
                            5 + 20 * r.nextDouble(),
                            0,
                            1 + r.nextDouble()));
        }
        return days;
    }
}
