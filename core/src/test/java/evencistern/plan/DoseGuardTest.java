package evencistern.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.climate.Place;
import evencistern.feed.Analysis;
import evencistern.feed.Ceiling;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Declared;
import evencistern.feed.Dose;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.feed.Target;
import evencistern.food.Portion;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.Recipes;
import evencistern.need.Note;
import evencistern.need.Situation;
import evencistern.plant.Appetite;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** No dose can hurt, whatever the way it is given. */
class DoseGuardTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);
    private static final Analysis EVEN = Analysis.npk(20, 20, 20);

    private static Feed watered(Analysis analysis, double low, double high) {
        return feed(analysis, new Rate.PerWater(low, high, Measure.GRAMS));
    }

    private static Feed feed(Analysis analysis, Rate rate) {
        return new Feed(
                analysis,
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                rate,
                new Rhythm.EveryDays(14, 14));
    }

    private static Feed coated(Analysis analysis, Rate rate) {
        return new Feed(
                analysis,
                ProductForm.DRY,
                OptionalDouble.of(1.0),
                OptionalDouble.empty(),
                rate,
                new Rhythm.EveryDays(180, 240),
                Optional.of(new CoatedRelease(8, 21)));
    }

    private static Situation pot(String species, double top, Feed feed) {
        return place(species, top, feed, 21);
    }

    private static Situation place(String species, double top, Feed feed, double meanC) {
        Place sill = new Place(
                52,
                Place.Kind.INDOORS,
                Collections.nCopies(12, meanC - 3),
                Collections.nCopies(12, meanC + 3),
                60,
                0.3,
                0.4,
                Optional.empty(),
                Optional.empty());
        return new Situation(
                SpeciesGuide.require(species),
                Pot.filled(new RoundTaper(top, top * 0.8, top)),
                Recipes.require("peat_perlite"),
                sill,
                Optional.of(feed),
                MAY,
                Optional.empty(),
                Optional.of(MAY.minusDays(3)),
                Optional.of(MAY.minusDays(30)));
    }

    private static Care care(Situation s, OptionalDouble share) {
        return care(s, share, SourceWater.of(0.4, 7.2));
    }

    private static Care care(Situation s, OptionalDouble share, SourceWater water) {
        return Care.on(
                MAY, s, new Care.Tools(9, HandMeasure.SPOONS, HandMeasure.FULL_SET, water, share), Working.off());
    }

    private static Care.Tools tools() {
        return new Care.Tools(
                9, HandMeasure.SPOONS, HandMeasure.FULL_SET, SourceWater.of(0.4, 7.2), OptionalDouble.empty());
    }

    // --- a share weakens ---

    static Stream<Species> fedKinds() {
        return SpeciesGuide.all().stream().filter(k -> k.appetite() != Appetite.NONE);
    }

    /** For every kind and every reason: at a share s never more than s of the dose there would be without it. */
    @ParameterizedTest
    @MethodSource("fedKinds")
    void atAShareADoseIsNeverMoreThanThatShareOfIt(Species kind) {
        Target full = new Target.ByAppetite(kind.appetite().placeInRange());
        for (Feed feed : List.of(
                watered(EVEN, 1, 2), watered(Analysis.npk(4, 3, 8), 1, 1), watered(Analysis.npk(24, 8, 16), 0.5, 3))) {
            Rate.PerWater rate = (Rate.PerWater) feed.rate();
            double whole = Dose.choose(feed, rate, kind.cap(), full, 0.35, Working.off())
                    .perLitre();
            for (double share : new double[] {0.1, 0.25, 0.5, 0.75, 0.99}) {
                for (Target.Why why : Target.Why.values()) {
                    assertThat(Dose.choose(feed, rate, kind.cap(), full.weakened(share, why), 0.35, Working.off())
                                    .perLitre())
                            .as("%s %s %s", kind.key(), why, share)
                            .isLessThanOrEqualTo(share * whole * (1 + 1e-9));
                }
            }
        }
    }

    /** Arithmetic: 80 mg/L of nitrogen, the most a moth orchid is given (society sheets: 30–85), is 0.4 g/L; half is 0.2. */
    @ParameterizedTest
    @CsvSource({"1, 0.4", "0.75, 0.3", "0.5, 0.2", "0.25, 0.1"})
    void halfOfWhatTheKindStandsIsHalf(double share, double perLitre) {
        Situation orchid = pot("moth_orchid", 0.12, watered(EVEN, 1, 2));
        Care.Watered dose =
                (Care.Watered) care(orchid, OptionalDouble.of(share)).feeding().orElseThrow();
        assertThat(dose.dose().perLitre()).isCloseTo(perLitre, within(1e-9));
        if (share < 1) {
            assertThat(dose.can().hand().practical())
                    .as("the spoon is rounded down, or up by a hair")
                    .isLessThanOrEqualTo(dose.can().hand().exact() * 1.02);
        }
    }

    /** Dry air and slow growth are one cause: the one that weakens more counts. */
    @Test
    void oneCauseCountsOnce() {
        Feed feed = watered(EVEN, 0.2, 0.2);
        Target both = new Target.ByAppetite(0).weakened(0.5, Target.Why.DRY_AIR).weakened(0.25, Target.Why.SLOW_GROWTH);
        Species kind = SpeciesGuide.require("kalanchoe");
        assertThat(Dose.choose(feed, (Rate.PerWater) feed.rate(), kind.cap(), both, 0, Working.off())
                        .perLitre())
                .isCloseTo(0.05, within(1e-9));
    }

    // --- what is strewn is bounded by the pot ---

    /** Soluble-salt arithmetic: 56–160 mg of quick nitrogen a litre of mix; 100 g of 5-5-10 would be 5 g of it. */
    @Test
    void aRateForOpenGroundIsBoundedByThePot() {
        Situation lemon = pot("lemon", 0.12, feed(Analysis.npk(5, 5, 10), new Rate.PerPlant(100, 100, Measure.GRAMS)));
        Care.Strewn given =
                (Care.Strewn) care(lemon, OptionalDouble.empty()).feeding().orElseThrow();
        double litres = lemon.pot().mixLitres();
        assertThat(given.pot().exact() * 50 / litres).isBetween(56.0, 160.0);
        assertThat(given.pot().practical()).isLessThanOrEqualTo(160 * litres / 50);
        assertThat(given.heldBack()).isTrue();
        assertThat(given.ceiling()).isEqualTo(Ceiling.POT_QUICK);
    }

    /** Label norms: 1.2–3.2 g/L of a coated 16-9-12 for sensitive plants, 6–9 never passed by any. */
    @ParameterizedTest
    @CsvSource({"heather, 1.2, 3.2", "boston_fern, 1.2, 3.2", "fuchsia, 1.2, 7", "tomato, 1.2, 7"})
    void coatedFeedStaysWithinWhatTheMixMayHold(String species, double low, double high) {
        Feed feed = coated(Analysis.npk(16, 9, 12), new Rate.PerMix(8, 10, Measure.GRAMS));
        Situation s = pot(species, 0.2, feed);
        Care.Strewn given =
                (Care.Strewn) care(s, OptionalDouble.empty()).feeding().orElseThrow();
        assertThat(given.pot().exact() / s.pot().mixLitres()).isBetween(low, high);
        assertThat(given.ceiling()).isEqualTo(Ceiling.POT_COATED);
    }

    /** What the label would have is given where the pot stands it. */
    @Test
    void aLabelWithinTheLimitsIsFollowed() {
        Situation s = pot("fuchsia", 0.2, coated(Analysis.npk(16, 9, 12), new Rate.PerMix(2, 2, Measure.GRAMS)));
        Care.Strewn given =
                (Care.Strewn) care(s, OptionalDouble.empty()).feeding().orElseThrow();
        assertThat(given.heldBack()).isFalse();
        assertThat(given.pot().exact()).isCloseTo(2 * s.pot().mixLitres(), within(1e-9));
    }

    @Test
    void ureaGranulesAreNotStrewnInAPot() {
        Analysis urea = new Analysis(Map.of(Declared.N, 46.0, Declared.UREA_N, 46.0), Analysis.Basis.BY_WEIGHT);
        Care care = care(pot("fuchsia", 0.2, feed(urea, new Rate.PerMix(1, 1, Measure.GRAMS))), OptionalDouble.empty());
        assertThat(care.feeding()).isEmpty();
        assertThat(care.notes()).contains(Note.FEED_LEFT_OUT_UREA);
        assertThat(care.plan().nextFeed()).isEmpty();
    }

    /**
     * What a label has mixed in is due while the mix that was filled in is fresh, once; then it waits for the next. Common
     * practice, no source.
     */
    @Test
    void whatIsMixedInGoesInWithFreshMixAlone() {
        Feed feed = coated(Analysis.npk(16, 9, 12), new Rate.PerMix(2, 2, Measure.GRAMS, true));
        Care unknown = care(
                pot("fuchsia", 0.2, feed).past(Optional.empty(), Optional.<LocalDate>empty(), Optional.empty()),
                OptionalDouble.empty());
        assertThat(unknown.notes()).contains(Note.FEED_LEFT_OUT_FILLED);
        Situation s = repotted(feed);
        Care fresh = care(s, OptionalDouble.empty());
        assertThat(((Care.Strewn) fresh.feeding().orElseThrow()).pot().exact())
                .isCloseTo(2 * s.pot().mixLitres(), within(1e-9));
        assertThat(fresh.plan().nextFeed().orElseThrow().date()).isEqualTo(MAY);
        assertThat(LotYear.of(s, MAY).feeds()).containsExactly(MAY);
        Care settled = Care.on(MAY.plusDays(8), s, tools(), Working.off());
        assertThat(settled.feeding()).isEmpty();
        assertThat(settled.notes()).contains(Note.FEED_LEFT_OUT_FILLED);
        assertThat(settled.plan().nextFeed()).isEmpty();
        Situation otherwiseFed = s.past(
                Optional.of(MAY.plusDays(5)),
                new Situation.Fed(Optional.of(MAY.plusDays(5)), Map.of("other", MAY.plusDays(5))),
                Optional.empty());
        assertThat(Care.on(MAY.plusDays(8), otherwiseFed, tools(), Working.off())
                        .notes())
                .contains(Note.FEED_LEFT_OUT_FILLED);
        Situation given =
                s.with(s.courses().stream().map(c -> c.given(Optional.of(MAY))).toList());
        Care after = Care.on(MAY.plusDays(8), given, tools(), Working.off());
        assertThat(after.notes()).doesNotContain(Note.FEED_LEFT_OUT_FILLED);
        assertThat(after.plan().nextFeed()).isEmpty();
    }

    /** Fresh mix is no reason to wait with what belongs in it; what is poured waits, as fresh mix feeds for some weeks. */
    @Test
    void freshMixHoldsBackWhatIsPouredAndNotWhatIsMixedIn() {
        Rate mixedIn = new Rate.PerMix(2, 2, Measure.GRAMS, true);
        assertThat(care(repotted(coated(Analysis.npk(16, 9, 12), mixedIn)), OptionalDouble.empty())
                        .plan()
                        .nextFeed()
                        .orElseThrow()
                        .date())
                .isEqualTo(MAY);
        assertThat(care(repotted(watered(EVEN, 1, 1)), OptionalDouble.empty())
                        .plan()
                        .nextFeed()
                        .orElseThrow()
                        .date())
                .isAfter(MAY.plusDays(14));
    }

    private static Situation repotted(Feed feed) {
        Situation s = pot("fuchsia", 0.2, feed);
        return new Situation(
                s.species(),
                s.pot(),
                s.mix(),
                s.place(),
                s.feed(),
                MAY.minusDays(300),
                Optional.of(MAY),
                Optional.of(MAY.minusDays(3)),
                Optional.empty());
    }

    /** Granules for plants that phosphorus harms have about 1 % of it (from memory): 9 % of P₂O₅ is 3.9 % of P, 2 % is 0.9. */
    @Test
    void whatIsStrewnHasNoPhosphorusForPlantsThatItHarms() {
        String banksia = SpeciesGuide.all().stream()
                .filter(k -> k.hates(evencistern.plant.Trait.PHOSPHORUS))
                .findFirst()
                .orElseThrow()
                .key();
        Rate label = new Rate.PerMix(2, 2, Measure.GRAMS);
        Care harmed = care(pot(banksia, 0.2, coated(Analysis.npk(16, 9, 12), label)), OptionalDouble.empty());
        assertThat(harmed.feeding()).isEmpty();
        assertThat(harmed.notes()).contains(Note.FEED_LEFT_OUT_PHOSPHORUS);
        assertThat(care(pot(banksia, 0.2, coated(Analysis.npk(17, 2, 9), label)), OptionalDouble.empty())
                        .feeding())
                .isPresent();
    }

    // --- limits of the plant ---

    /** Society practice: a few mg/L of phosphorus kill a banksia; an even feed would bring 17 with the least nitrogen. */
    @Test
    void aPlantThatPhosphorusHarmsIsNotGivenIt() {
        Species banksia = SpeciesGuide.all().stream()
                .filter(k -> k.hates(evencistern.plant.Trait.PHOSPHORUS))
                .findFirst()
                .orElseThrow();
        Care even = care(pot(banksia.key(), 0.2, watered(EVEN, 0.3, 1)), OptionalDouble.empty());
        assertThat(even.feeding()).isEmpty();
        assertThat(even.notes()).contains(Note.FEED_LEFT_OUT_PHOSPHORUS);
        Care low = care(pot(banksia.key(), 0.2, watered(Analysis.npk(18, 1, 10), 0.3, 1)), OptionalDouble.empty());
        Care.Watered dose = (Care.Watered) low.feeding().orElseThrow();
        assertThat(dose.can().mgPerL().p()).isLessThanOrEqualTo(5 * 1.01);
    }

    /** Extension guides: harm from boron begins at 0.5–1 mg/L; this feed has 0.1 % of it. */
    @Test
    void boronIsBounded() {
        Analysis rich = new Analysis(Map.of(Declared.N, 10.0, Declared.B, 0.1), Analysis.Basis.BY_WEIGHT);
        Care.Watered dose = (Care.Watered) care(pot("fuchsia", 0.2, watered(rich, 1, 2)), OptionalDouble.empty())
                .feeding()
                .orElseThrow();
        assertThat(dose.can().mgPerL().of(evencistern.feed.Nutrient.B)).isLessThanOrEqualTo(1);
        assertThat(dose.dose().ceiling()).isEqualTo(Ceiling.BORON);
    }

    /** Common practice, no source: cold roots turn ammonium over slowly; at 10 °C two fifths of the nitrogen, at 15 °C all. */
    @Test
    void ammoniumAtColdRootsIsBounded() {
        Analysis ammonium = new Analysis(Map.of(Declared.N, 20.0, Declared.AMMONIUM_N, 20.0), Analysis.Basis.BY_WEIGHT);
        Analysis nitrate = new Analysis(Map.of(Declared.N, 20.0, Declared.NITRATE_N, 20.0), Analysis.Basis.BY_WEIGHT);
        double cap =
                pot("fuchsia", 0.2, watered(ammonium, 1, 1)).species().cap().nMgPerL();
        Dose cold = dose(place("fuchsia", 0.2, watered(ammonium, 1, 1), 10));
        assertThat(cold.ceiling()).isEqualTo(Ceiling.SLOW_N);
        assertThat(cold.mgPerL().n()).isCloseTo(0.4 * cap, within(1e-6));
        assertThat(dose(place("fuchsia", 0.2, watered(ammonium, 1, 1), 12.5))
                        .mgPerL()
                        .n())
                .isCloseTo(0.7 * cap, within(1e-6));
        assertThat(dose(place("fuchsia", 0.2, watered(ammonium, 1, 1), 15)).ceiling())
                .isNotEqualTo(Ceiling.SLOW_N);
        assertThat(dose(place("fuchsia", 0.2, watered(nitrate, 1, 1), 10)).ceiling())
                .isNotEqualTo(Ceiling.SLOW_N);
    }

    /** Common practice, no source: on a heated mat the roots are warm in cold air, on a cold floor cold in warm air. */
    @Test
    void aMixThatWasMeasuredCountsInPlaceOfTheAir() {
        Analysis ammonium = new Analysis(Map.of(Declared.N, 20.0, Declared.AMMONIUM_N, 20.0), Analysis.Basis.BY_WEIGHT);
        Situation cold = place("fuchsia", 0.2, watered(ammonium, 1, 1), 10);
        Situation mat = cold.with(cold.particulars().inMixOf(OptionalDouble.of(20)));
        assertThat(dose(mat).ceiling()).isNotEqualTo(Ceiling.SLOW_N);
        Situation warm = place("fuchsia", 0.2, watered(ammonium, 1, 1), 20);
        Situation floor = warm.with(warm.particulars().inMixOf(OptionalDouble.of(10)));
        assertThat(dose(floor).ceiling()).isEqualTo(Ceiling.SLOW_N);
        assertThat(dose(floor).mgPerL().n())
                .isCloseTo(0.4 * warm.species().cap().nMgPerL(), within(1e-6));
    }

    /** A coated feed that lasts six months at 21 °C is sooner given out on a mat of 28 °C. */
    @Test
    void coatedFeedGoesByTheWarmthOfTheMix() {
        Feed feed = coated(Analysis.npk(16, 9, 12), new Rate.PerMix(2, 3, Measure.GRAMS));
        Situation s = place("fuchsia", 0.2, feed, 16);
        Situation mat = s.with(s.particulars().inMixOf(OptionalDouble.of(28)));
        assertThat(((Rhythm.EveryDays) Portion.rhythm(feed, mat)).min())
                .isLessThan(((Rhythm.EveryDays) Portion.rhythm(feed, s)).min());
    }

    /** Where the label does not tell, what is not the nitrate of its potassium may be ammonium: 20-20-20 has 70 % of it. */
    @Test
    void nitrogenThatIsNotToldCountsAsWhatItMayBe() {
        Feed untold = watered(Analysis.npk(20, 20, 20), 1, 1);
        assertThat(untold.slowShare()).isCloseTo(0.70, within(0.01));
        assertThat(dose(place("fuchsia", 0.2, untold, 10)).ceiling()).isEqualTo(Ceiling.SLOW_N);
    }

    private static Dose dose(Situation s) {
        return ((Care.Watered) care(s, OptionalDouble.empty()).feeding().orElseThrow()).dose();
    }

    @Test
    void ammoniumAtColdRootsIsTold() {
        Analysis ammonium = new Analysis(Map.of(Declared.N, 20.0, Declared.AMMONIUM_N, 20.0), Analysis.Basis.BY_WEIGHT);
        assertThat(care(place("fuchsia", 0.2, watered(ammonium, 0.5, 1), 10), OptionalDouble.empty())
                        .notes())
                .contains(Note.COLD_AMMONIUM);
        assertThat(care(place("fuchsia", 0.2, watered(ammonium, 0.5, 1), 20), OptionalDouble.empty())
                        .notes())
                .doesNotContain(Note.COLD_AMMONIUM);
    }

    @Test
    void aBoneDryPotIsMoistenedFirst() {
        Situation wet = pot("fuchsia", 0.2, watered(EVEN, 0.5, 1));
        Situation dry = wet.past(Optional.of(MAY.minusDays(60)), wet.lastFed(), Optional.empty());
        assertThat(care(dry, OptionalDouble.empty()).notes()).contains(Note.MOISTEN_FIRST);
        assertThat(care(wet, OptionalDouble.empty()).notes()).doesNotContain(Note.MOISTEN_FIRST);
        Situation cactus = pot("snake_plant", 0.2, watered(EVEN, 0.5, 1))
                .past(Optional.of(MAY.minusDays(300)), Optional.of(MAY.minusDays(300)), Optional.empty());
        assertThat(care(cactus, OptionalDouble.empty()).notes()).doesNotContain(Note.MOISTEN_FIRST);
    }

    /** Society practice: carnivores get rain, distilled or reverse-osmosis water, below 0.1 mS/cm. */
    @ParameterizedTest
    @CsvSource({"0.6, true", "0.03, false"})
    void aCarnivoreGetsPureWaterOnly(double msCm, boolean refused) {
        Situation s = pot("pitcher_plant", 0.12, watered(EVEN, 0.5, 1)).with(Optional.<Feed>empty());
        assertThat(care(s, OptionalDouble.empty(), SourceWater.of(msCm, 6.5))
                        .notes()
                        .contains(Note.PURE_WATER_ONLY))
                .isEqualTo(refused);
    }
}
