package evencistern.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.climate.Place;
import evencistern.feed.Analysis;
import evencistern.feed.Feed;
import evencistern.food.Portion;
import evencistern.label.LabelReader;
import evencistern.label.LabelReading;
import evencistern.label.Product;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.media.Recipes;
import evencistern.need.Condition;
import evencistern.need.FeedRhythm;
import evencistern.need.Hold;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.plant.Size;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.working.Working;
import java.time.LocalDate;
import java.time.Month;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What a label says beside its dose is kept to by the plan. */
class LabelTermsTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);

    private static Place sill(double latitude) {
        return new Place(
                latitude,
                Place.Kind.INDOORS,
                Collections.nCopies(12, 18.0),
                Collections.nCopies(12, 24.0),
                50,
                0.3,
                0.4,
                Optional.of(new Place.Lamps(12, 200)),
                Optional.empty());
    }

    private static Situation with(String species, String label, double latitude, Optional<LocalDate> lastFed) {
        LabelReading reading = LabelReader.read(label, Product.of(ProductForm.DRY), Map.of());
        Feed feed = new Feed(
                Analysis.npk(5, 5, 5),
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                reading.rate().orElseThrow(),
                reading.rhythm().orElseThrow(),
                Optional.empty(),
                reading.terms());
        return new Situation(
                SpeciesGuide.require(species),
                Pot.filled(new RoundTaper(0.15, 0.11, 0.135)),
                Recipes.require("peat_perlite"),
                sill(latitude),
                Optional.of(feed),
                MAY.minusYears(1),
                Optional.empty(),
                Optional.of(MAY),
                lastFed);
    }

    private static double perLitre(Situation s, LocalDate day) {
        Feed feed = s.feed().orElseThrow();
        return Portion.perLitre(feed, (Rate.PerWater) feed.rate(), s, day, 7);
    }

    @Test
    void nothingIsFedOutOfTheLabelsMonths() {
        String label = "0.5 g per litre weekly March to September";
        Situation s = with("boston_fern", label, 52, Optional.of(MAY));
        assertThat(Hold.on(LocalDate.of(2026, 12, 1), s)).contains(Hold.OFF_SEASON);
        assertThat(Hold.on(LocalDate.of(2026, 6, 1), s)).isEmpty();
        List<LocalDate> feeds = LotYear.of(s, MAY).feeds();
        assertThat(feeds)
                .isNotEmpty()
                .allMatch(d ->
                        d.getMonth().compareTo(Month.MARCH) >= 0 && d.getMonth().compareTo(Month.SEPTEMBER) <= 0);
        // and a person may feed all the same
        assertThat(LotYear.of(with("boston_fern", "0.5 g per litre weekly", 52, Optional.of(MAY)), MAY)
                        .feeds())
                .anyMatch(d -> d.getMonth() == Month.DECEMBER);
    }

    @Test
    void aSeasonIsThePlacesOwn() {
        String label = "0.5 g per litre weekly in summer";
        assertThat(Hold.on(LocalDate.of(2026, 1, 10), with("boston_fern", label, -34, Optional.of(MAY))))
                .isEmpty();
        assertThat(Hold.on(LocalDate.of(2026, 1, 10), with("boston_fern", label, 52, Optional.of(MAY))))
                .contains(Hold.OFF_SEASON);
    }

    /** Half of it for orchids: of the same dose, half in the can; a fern has all of it. */
    @Test
    void somePlantsGetTheLabelsShare() {
        String plain = "0.2 g per litre weekly";
        String half = "0.2 g per litre weekly; half for orchids";
        assertThat(perLitre(with("moth_orchid", half, 52, Optional.of(MAY)), MAY))
                .isCloseTo(perLitre(with("moth_orchid", plain, 52, Optional.of(MAY)), MAY) / 2, within(1e-9));
        assertThat(perLitre(with("boston_fern", half, 52, Optional.of(MAY)), MAY))
                .isCloseTo(perLitre(with("boston_fern", plain, 52, Optional.of(MAY)), MAY), within(1e-9));
    }

    /** A rooted seedling has half anyway: the label's half is no second one, its quarter is less. */
    @Test
    void aShareForSeedlingsIsNotTakenTwice() {
        Particulars seedling = new Particulars(
                Size.Told.NOTHING,
                Particulars.NONE.learned(),
                true,
                Map.of(Condition.SEEDLING, MAY.minusDays(60)),
                Optional.empty());
        Situation plain = with("boston_fern", "0.2 g per litre weekly", 52, Optional.of(MAY))
                .with(seedling);
        Situation half = with(
                        "boston_fern", "0.2 g per litre weekly, half strength for seedlings", 52, Optional.of(MAY))
                .with(seedling);
        Situation quarter = with(
                        "boston_fern", "0.2 g per litre weekly, quarter strength for seedlings", 52, Optional.of(MAY))
                .with(seedling);
        assertThat(perLitre(half, MAY)).isCloseTo(perLitre(plain, MAY), within(1e-9));
        assertThat(perLitre(quarter, MAY)).isCloseTo(perLitre(plain, MAY) / 2, within(1e-9));
    }

    /** With every third watering: two plain ones between two feeds, whatever the days. */
    @Test
    void countedWateringsLieBetweenFeeds() {
        Situation s = with("boston_fern", "0.5 g per litre with every third watering", 52, Optional.of(MAY));
        DaysAhead ahead = DaysAhead.of(s, MAY);
        int plain = 0;
        for (int i = 0; i < 30; i++) {
            DaysAhead.Watering next = ahead.next();
            if (next.kind() == DaysAhead.Kind.FEED) {
                assertThat(plain).isGreaterThanOrEqualTo(2);
                assertThat(next.binding()).isNotEqualTo(LotPlan.Binding.EVERY_WATERING);
                plain = 0;
            } else {
                plain++;
                assertThat(plain).isLessThanOrEqualTo(4); // a flush may come between
            }
        }
    }

    /** A dozen waterings a hundred days apart are more than two years: the dose is still worked out. */
    @Test
    void manyRareWateringsAreNoFurtherApartThanADoseMayLie() {
        Situation s = with("snake_plant", "0.2 g per litre with every 12 waterings", 52, Optional.of(MAY))
                .in(FeedRhythm.WEEKLY);
        Feed feed = s.feed().orElseThrow();
        assertThat(Portion.perLitre(feed, (Rate.PerWater) feed.rate(), s, MAY, 100))
                .isPositive();
    }

    @Test
    void whatIsGivenOnceIsNotGivenAgainBeforeFreshMix() {
        String label = "2 g per litre of mix, once at potting";
        assertThat(LotPlan.of(with("boston_fern", label, 52, Optional.of(MAY)), MAY, Working.off())
                        .nextFeed())
                .isEmpty();
        Situation never = with("boston_fern", label, 52, Optional.empty());
        assertThat(LotYear.of(never, MAY).feeds()).hasSize(1);
        Situation repotted = new Situation(
                never.species(),
                never.pot(),
                never.mix(),
                never.place(),
                never.feed(),
                never.startedOn(),
                Optional.of(MAY),
                Optional.of(MAY),
                Optional.of(MAY.minusDays(100)));
        assertThat(LotYear.of(repotted, MAY).feeds()).hasSize(1);
    }

    /** Weekly, in winter every four weeks: in December no two feeds lie closer. */
    @Test
    void winterIsRarerWhereTheLabelSaysSo() {
        Situation s = with("boston_fern", "0.5 g per litre weekly; in winter every 4 weeks", 52, Optional.of(MAY));
        List<LocalDate> feeds = LotYear.of(s, MAY).feeds();
        for (int i = 1; i < feeds.size(); i++) {
            if (feeds.get(i).getMonth() == Month.DECEMBER || feeds.get(i).getMonth() == Month.JANUARY) {
                assertThat(feeds.get(i)).isAfterOrEqualTo(feeds.get(i - 1).plusDays(28));
            }
        }
        assertThat(feeds.stream().filter(d -> d.getMonth() == Month.JUNE).count())
                .isGreaterThan(2);
    }
}
