package evencistern.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.feed.Analysis;
import evencistern.feed.Ceiling;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.need.Condition;
import evencistern.need.Course;
import evencistern.need.FeedRhythm;
import evencistern.need.Learned;
import evencistern.need.Note;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.need.Situations;
import evencistern.plan.Care;
import evencistern.plan.FeedYear;
import evencistern.plan.Given;
import evencistern.plan.LotPlan;
import evencistern.plan.LotYear;
import evencistern.plant.Size;
import evencistern.plant.SpeciesGuide;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is sprayed on leaves; volumes are common practice, no source: 20 to 60 mL for a plant of 30 cm, 0.2 to 0.5 L for a bush. */
class SprayTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);

    private static Feed feed(double n, double min, double max) {
        return new Feed(
                Analysis.npk(n, 0, 0),
                ProductForm.DRY,
                OptionalDouble.of(1),
                OptionalDouble.empty(),
                new Rate.PerSpray(min, max, Measure.GRAMS),
                new Rhythm.EveryDays(14, 14));
    }

    private static Situation lot(String species, double spreadM, Feed feed, Map<Condition, LocalDate> told) {
        Situation s = Situations.fed();
        return new Situation(
                        SpeciesGuide.require(species),
                        s.pot(),
                        s.mix(),
                        s.place(),
                        Optional.empty(),
                        MAY.minusDays(60),
                        Optional.empty(),
                        Optional.of(MAY.minusDays(3)),
                        Optional.empty(),
                        new Particulars(Size.Told.of(spreadM, spreadM), Learned.NOTHING, true, told, Optional.empty()))
                .with(List.of(new Course("leaf", feed, 1, FeedRhythm.LABEL, Course.When.ALWAYS, Optional.empty())));
    }

    private static Spray spray(Situation s) {
        Feed feed = s.feed().orElseThrow();
        return Spray.of(feed, (Rate.PerSpray) feed.rate(), s, MAY, OptionalDouble.empty(), Working.off());
    }

    private static Care care(Situation s) {
        Care.Tools tools = new Care.Tools(
                5, HandMeasure.SCALE, HandMeasure.FULL_SET, SourceWater.of(0.3, 7), OptionalDouble.empty());
        return Care.on(MAY, s, tools, Working.off());
    }

    @ParameterizedTest
    @CsvSource({"monstera,0.3,20,60", "tomato,0.3,20,60", "tomato,0.8,200,500", "gardenia,0.8,200,500"})
    void theVolumeWetsAPlantOfThatSize(String species, double spreadM, double leastMl, double mostMl) {
        assertThat(spray(lot(species, spreadM, feed(20, 1, 1), Map.of())).litres() * 1000)
                .isBetween(leastMl, mostMl);
    }

    /** A plant that covers π/4·0.4² = 0.1257 m² with so many layers of leaves: 0.25 L on each m² of leaf; 2 g/L of that. */
    @Test
    void theAmountIsStrengthTimesVolume() {
        Situation s = lot("tomato", 0.4, feed(20, 2, 2), Map.of());
        double litres = 0.25 * s.species().leafAreaIndex() * 0.12566;
        assertThat(spray(s).litres()).isCloseTo(litres, within(1e-4));
        assertThat(spray(s).product()).isCloseTo(2 * litres, within(1e-3));
        // half a litre is mixed: 1 g in it, of which this plant gets its part
        Care.Sprayed made = (Care.Sprayed) care(s).feeding().orElseThrow();
        assertThat(made.can().litres()).isEqualTo(0.5);
        assertThat(made.can().hand().practical()).isCloseTo(1, within(0.05));
        assertThat(made.plantAmount()).isCloseTo(2 * litres, within(0.01));
        // 2 g/L of 20 % N
        assertThat(made.spray().dose().mgPerL().n()).isCloseTo(400, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"0.02,0.5", "0.5,0.5", "0.51,1", "1.2,1.5"})
    void halfLitresAreMixed(double litres, double mixed) {
        assertThat(Spray.mixed(litres)).isEqualTo(mixed);
    }

    /** 10 g/L at most, 5 for what stands little salt, whatever its label has. */
    @Test
    void leavesBearNoMoreThanTheyBear() {
        Spray hungry = spray(lot("tomato", 0.4, feed(20, 15, 15), Map.of()));
        assertThat(hungry.dose().perLitre()).isCloseTo(10, within(1e-9));
        assertThat(hungry.dose().ceiling()).isEqualTo(Ceiling.LEAVES);
        assertThat(hungry.dose().heldBack()).isTrue();
        Situation fern = lot("boston_fern", 0.4, feed(20, 15, 15), Map.of());
        assertThat(spray(fern).dose().perLitre()).isCloseTo(5, within(1e-9));
    }

    /** It is no watering, and none of it comes to the roots. */
    @Test
    void aSprayIsNoWatering() {
        Situation s = lot("streptocarpus", 0.3, feed(20, 2, 2), Map.of());
        Situation plain = s.with(List.of());
        assertThat(LotYear.of(s, MAY).waterings())
                .isEqualTo(LotYear.of(plain, MAY).waterings());
        Given given = Given.fed(care(s), OptionalDouble.empty());
        assertThat(given.litres()).isZero();
        assertThat(given.nMgPerL()).isEmpty();
        assertThat(given.product()).isPositive();
        FeedYear year = FeedYear.of(s, MAY, List.of());
        assertThat(year.saltGrams()).isZero();
        assertThat(year.totalMg()).isPositive();
        assertThat(care(s).notes()).contains(Note.SPRAY_HOW, Note.SPRAY_TEST_LEAF);
    }

    /** Open flowers are not sprayed, whatever the kind; what is watered on goes on for a kind that is fed in flower. */
    @Test
    void openFlowersAreNotSprayed() {
        Map<Condition, LocalDate> flowering = Map.of(Condition.FLOWERING, MAY.minusDays(2));
        Situation s = lot("streptocarpus", 0.3, feed(20, 2, 2), flowering);
        assertThat(LotYear.of(s, MAY).feeds()).isEmpty();
        assertThat(LotPlan.of(s, MAY, Working.off()).nextFeed().orElseThrow().binding())
                .isEqualTo(LotPlan.Binding.HOLD_FLOWERING);
        Course can =
                new Course("can", Situations.FORTNIGHTLY, 1, FeedRhythm.LABEL, Course.When.ALWAYS, Optional.empty());
        assertThat(LotYear.of(s.with(List.of(can)), MAY).feeds()).isNotEmpty();
    }

    /** A trace goes through thin leaves; through leathery ones it does not, and food hardly does. */
    @Test
    void whatThickLeavesDoNotTakeIsLeftOut() {
        assertThat(FeedFitness.against(feed(0, 1, 1), lot("streptocarpus", 0.3, feed(0, 1, 1), Map.of()), MAY))
                .isEmpty();
        Situation thick = lot("moth_orchid", 0.3, feed(0, 1, 1), Map.of());
        assertThat(FeedFitness.against(feed(0, 1, 1), thick, MAY)).contains(FeedFitness.LEATHERY);
        assertThat(care(thick).feeding()).isEmpty();
        assertThat(care(lot("moth_orchid", 0.3, feed(20, 1, 1), Map.of())).notes())
                .contains(Note.SPRAY_THICK_LEAF);
    }

    /** Sun from 6 to 18: not between 9 and 16. */
    @ParameterizedTest
    @CsvSource({
        "07:30,12,false",
        "09:30,12,true",
        "12:00,12,true",
        "15:30,12,true",
        "16:30,12,false",
        "06:30,16,false",
        "08:00,16,true",
        "17:30,16,true",
        "18:30,16,false"
    })
    void theSunIsHighInTheMiddleOfTheDay(LocalTime bySun, double daylength, boolean high) {
        assertThat(Spray.sunIsHigh(bySun, daylength)).isEqualTo(high);
    }
}
