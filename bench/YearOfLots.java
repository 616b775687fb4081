import evencistern.climate.Place;
import evencistern.feed.Analysis;
import evencistern.feed.Feed;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.Recipes;
import evencistern.plan.LotYear;
import evencistern.need.Situation;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/** Times the year plan of many lots, all different, on all cores; see bench/README.md. */
final class YearOfLots {
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 14);

    private static Place place(int i) {
        List<Double> lows = new ArrayList<>();
        List<Double> highs = new ArrayList<>();
        for (int m = 0; m < 12; m++) {
            double swing = -Math.cos(2 * Math.PI * (m + 0.5) / 12);
            lows.add(6 + 0.3 * i + 6 * swing);
            highs.add(14 + 0.3 * i + 8 * swing);
        }
        return new Place(
                48 + 0.2 * i, Place.Kind.values()[i % 3], lows, highs, 70, 0.5, 0.4, Optional.empty(), Optional.empty());
    }

    private static Situation lot(int i, List<Place> places, Feed feed) {
        List<Species> kinds = SpeciesGuide.all().stream().filter(s -> !s.group().equals("carnivore")).toList();
        double width = 0.09 + 0.0001 * (i % 400);
        return new Situation(
                kinds.get(i % kinds.size()),
                Pot.filled(new RoundTaper(width, 0.8 * width, 0.9 * width)),
                Recipes.require(Recipes.all().get(i % Recipes.all().size()).key()),
                places.get(i % places.size()),
                Optional.of(feed),
                TODAY.minusDays(100 + i % 200),
                Optional.empty(),
                Optional.of(TODAY.minusDays(i % 9)),
                Optional.of(TODAY.minusDays(i % 13)));
    }

    public static void main(String[] args) {
        Feed feed = new Feed(
                Analysis.npk(15, 7, 20),
                ProductForm.DRY,
                OptionalDouble.of(0.95),
                OptionalDouble.empty(),
                new Rate.PerWater(1, 1, Measure.GRAMS),
                new Rhythm.EveryDays(10, 14));
        List<Place> places = IntStream.range(0, 20).mapToObj(YearOfLots::place).toList();
        for (int lots : new int[] {1_000, 1_000, 1_000, 2_000, 5_000, 10_000, 10_000, 10_000}) {
            List<Situation> all =
                    IntStream.range(0, lots).mapToObj(i -> lot(i, places, feed)).toList();
            long start = System.nanoTime();
            long feeds = all.parallelStream()
                    .mapToLong(s -> LotYear.of(s, TODAY).feeds().size())
                    .sum();
            System.out.printf(
                    Locale.ROOT, "%,7d lots, %,8d feeds: %6.0f ms%n", lots, feeds, (System.nanoTime() - start) / 1e6);
        }
    }
}
