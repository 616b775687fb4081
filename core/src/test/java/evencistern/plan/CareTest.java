package evencistern.plan;

import static evencistern.need.Situations.FORTNIGHTLY;
import static evencistern.need.Situations.MAY;
import static evencistern.need.Situations.SILL;
import static evencistern.need.Situations.at;
import static evencistern.need.Situations.fed;
import static evencistern.need.Situations.pot;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.caution.Caution;
import evencistern.climate.Place;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.feed.Analysis;
import evencistern.feed.Ceiling;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.food.Portion;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.Recipes;
import evencistern.need.Hold;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.plant.Size;
import evencistern.pot.Material;
import evencistern.pot.Pot;
import evencistern.pot.SquareTaper;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CareTest {
    private static final LocalDate JANUARY = LocalDate.of(2026, 1, 10);

    private static final Place BENCH = new Place(
            52.4,
            Place.Kind.OUTDOORS,
            List.of(1.0, 1.0, 3.0, 4.0, 7.0, 10.0, 12.0, 12.0, 10.0, 7.0, 4.0, 2.0),
            List.of(7.0, 8.0, 11.0, 14.0, 17.0, 20.0, 23.0, 22.0, 19.0, 15.0, 10.0, 7.0),
            75,
            1,
            0.4,
            Optional.empty(),
            Optional.of(new Place.Frosts(MonthDay.of(10, 25), MonthDay.of(5, 5))));

    private static final Care.Tools SPOONS = new Care.Tools(
            5, HandMeasure.SPOONS, HandMeasure.FULL_SET, SourceWater.of(0.4, 7.2), OptionalDouble.empty());

    private static int days(Situation s) {
        return LotPlan.of(s, Working.off()).days().likely();
    }

    private static double litres(Situation s) {
        return LotPlan.of(s, Working.off()).need().usableLitres();
    }

    // --- each input moves the answer the right way ---

    @Test
    void aTallerPotOfTheSameWidthTakesMoreAndLastsLonger() {
        Situation tall = at("streptocarpus", pot(0.12, 0.18), "peat_perlite", SILL, MAY);
        assertThat(litres(tall)).isGreaterThan(litres(fed()));
        assertThat(days(tall)).isGreaterThan(days(fed()));
    }

    @Test
    void aSquarePotHoldsMoreThanTheRoundOneInsideIt() {
        Pot square = Pot.filled(new SquareTaper(0.12, 0.12 * 0.7, 0.11));
        assertThat(litres(at("streptocarpus", square, "peat_perlite", SILL, MAY)))
                .isGreaterThan(litres(fed()));
    }

    @Test
    void anAiryMixIsWateredSooner() {
        assertThat(days(at("streptocarpus", pot(0.12, 0.11), "bark_charcoal", SILL, MAY)))
                .isLessThan(days(fed()));
    }

    @Test
    void aFernIsWateredSoonerThanAnOlive() {
        assertThat(days(at("maidenhair", pot(0.12, 0.11), "peat_perlite", SILL, MAY)))
                .isLessThan(days(at("olive", pot(0.12, 0.11), "peat_perlite", SILL, MAY)));
    }

    @Test
    void theOpenBenchInSummerDrinksFasterThanTheSill() {
        LocalDate july = LocalDate.of(2026, 7, 10);
        assertThat(days(at("fuchsia", pot(0.2, 0.18), "peat_perlite", BENCH, july)))
                .isLessThan(days(at("fuchsia", pot(0.2, 0.18), "peat_perlite", SILL, july)));
    }

    @ParameterizedTest
    @CsvSource({"52.4, 2026-01-10, 2026-06-21", "-34, 2026-06-21, 2026-01-10"})
    void winterLastsLongerThanSummerInBothHemispheres(double latitude, LocalDate winter, LocalDate summer) {
        Place sill = new Place(
                latitude,
                Place.Kind.INDOORS,
                SILL.lows(),
                SILL.highs(),
                SILL.humidityPercent(),
                0.25,
                0.4,
                Optional.empty(),
                Optional.empty());
        assertThat(days(at("streptocarpus", pot(0.12, 0.11), "peat_perlite", sill, winter)))
                .isGreaterThan(days(at("streptocarpus", pot(0.12, 0.11), "peat_perlite", sill, summer)));
    }

    /** Arithmetic: on the day before the interval ends no more is gone than may go; a day later more would be. */
    @Test
    void theIntervalNeverPassesWhatMayGo() {
        for (String species : List.of("streptocarpus", "maidenhair", "olive", "fuchsia", "snake_plant")) {
            LotPlan plan = LotPlan.of(at(species, pot(0.15, 0.14), "peat_perlite", SILL, MAY), Working.off());
            int days = plan.days().likely();
            assertThat(days).as(species).isGreaterThan(1);
            assertThat(plan.need().deficit(MAY, MAY.plusDays(days)))
                    .as(species)
                    .isLessThanOrEqualTo(plan.need().usableLitres());
            assertThat(plan.need().deficit(MAY, MAY.plusDays(days + 1L)))
                    .as(species)
                    .isGreaterThan(plan.need().usableLitres());
        }
    }

    @Test
    void theRangeOfDaysHoldsTheLikelyOne() {
        WaterNeed.Days days = LotPlan.of(fed(), Working.off()).days();
        assertThat(days.shortest()).isLessThanOrEqualTo(days.likely());
        assertThat(days.longest()).isGreaterThan(days.shortest()).isGreaterThanOrEqualTo(days.likely());
    }

    /** Water balance: what is poured less the leaching fraction is what was missing. */
    @Test
    void whatIsPouredMakesUpTheDeficitAndLeachesFifteenPerCent() {
        Care care = Care.on(MAY.plusDays(3), fed(), SPOONS, Working.off());
        double used = 0;
        for (int i = 1; i <= 3; i++) {
            used += care.plan().need().useOn(MAY.plusDays(i));
        }
        assertThat(care.missingLitres()).isCloseTo(used, within(1e-9));
        assertThat(care.litresNow() * 0.85).isCloseTo(used, within(1e-9));
    }

    @Test
    void aPotForgottenForMonthsMissesNoMoreThanItHeld() {
        Care care = Care.on(MAY.plusDays(200), fed(), SPOONS, Working.off());
        assertThat(care.missingLitres())
                .isCloseTo(
                        new evencistern.media.PotWater(Recipes.require("peat_perlite"), pot(0.12, 0.11))
                                .availableLitres(),
                        within(1e-9));
    }

    // --- the feed's date and the rule that set it ---

    private static LotPlan.FeedDate feed(Situation s) {
        return LotPlan.of(s, Working.off()).nextFeed().orElseThrow();
    }

    private static Situation with(
            Situation s, Optional<Feed> feed, Optional<LocalDate> repotted, Optional<LocalDate> fed) {
        return new Situation(
                s.species(), s.pot(), s.mix(), s.place(), feed, s.startedOn(), repotted, s.lastWatered(), fed);
    }

    @Test
    void aFeedFallsOnAWateringDayInsideTheLabelsWindow() {
        Situation s = with(fed(), Optional.of(FORTNIGHTLY), Optional.empty(), Optional.of(MAY));
        LotPlan plan = LotPlan.of(s, Working.off());
        LotPlan.FeedDate date = feed(s);
        assertThat(date.binding()).isEqualTo(LotPlan.Binding.WATERING_IN_WINDOW);
        assertThat(date.date()).isBetween(MAY.plusDays(14), MAY.plusDays(28));
        assertThat(LotYear.of(s, MAY).waterings()).contains(date.date(), plan.nextWater());
    }

    @Test
    void withEveryWateringTheFeedIsTheNextWatering() {
        Feed always = new Feed(
                FORTNIGHTLY.analysis(),
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                FORTNIGHTLY.rate(),
                new Rhythm.EveryWatering());
        Situation s = with(fed(), Optional.of(always), Optional.empty(), Optional.of(MAY));
        assertThat(feed(s).date()).isEqualTo(LotPlan.of(s, Working.off()).nextWater());
        assertThat(feed(s).binding()).isEqualTo(LotPlan.Binding.EVERY_WATERING);
    }

    @Test
    void repottingHoldsTheFeedForTheSpeciesDays() {
        Situation s = with(fed(), Optional.of(FORTNIGHTLY), Optional.of(MAY), Optional.of(MAY.minusDays(20)));
        assertThat(feed(s).date())
                .isBetween(
                        MAY.plusDays(28),
                        MAY.plusDays(28 + LotPlan.of(s, Working.off()).days().longest()));
        assertThat(feed(s).held()).containsExactly(new LotPlan.Held(Hold.REPOTTED, Optional.of(MAY.plusDays(28))));
        assertThat(feed(s).binding()).isEqualTo(LotPlan.Binding.HOLD_REPOTTED);
    }

    @Test
    void nothingIsFedOutdoorsFromSevenWeeksBeforeTheFrostUntilSpring() {
        LocalDate october = LocalDate.of(2026, 10, 1);
        Situation s = at("heather", pot(0.09, 0.09), "peat_perlite", BENCH, october);
        LotPlan.FeedDate date =
                feed(with(s, Optional.of(FORTNIGHTLY), Optional.empty(), Optional.of(october.minusDays(20))));
        assertThat(date.date()).isBetween(LocalDate.of(2027, 3, 1), LocalDate.of(2027, 5, 5));
        assertThat(date.binding()).isIn(LotPlan.Binding.HOLD_FROST_NEAR, LotPlan.Binding.HOLD_COLD);
    }

    @Test
    void inTheTropicsNoSeasonHolds() {
        Place tropics = new Place(
                5,
                Place.Kind.OUTDOORS,
                Collections.nCopies(12, 23.0),
                Collections.nCopies(12, 31.0),
                80,
                0.6,
                0.4,
                Optional.empty(),
                Optional.empty());
        for (int month = 1; month <= 12; month++) {
            assertThat(Hold.on(
                            LocalDate.of(2026, month, 10),
                            at("fuchsia", pot(0.12, 0.11), "peat_perlite", tropics, MAY)))
                    .isEmpty();
        }
    }

    @Test
    void theSamePlanComesOutOnWhicheverDayItIsAsked() {
        assertThat(Care.on(MAY, fed(), SPOONS, Working.off()).plan().nextWater())
                .isEqualTo(Care.on(MAY.plusDays(40), fed(), SPOONS, Working.off())
                        .plan()
                        .nextWater());
    }

    // --- the dose ---

    private static Care.Watered watered(Situation s, Care.Tools tools) {
        return (Care.Watered) Care.on(MAY, s, tools, Working.off()).feeding().orElseThrow();
    }

    /** Arithmetic: middle of 0.5–1 g/L is 0.75; 5 L · 0.75 = 3.75 g; at 0.9 g/mL 4.17 mL is nearest 7/8 tsp = 3.94 g. */
    @Test
    void theCanGetsTheNearestSpoonWithItsError() {
        Care.Watered w = watered(fed(), SPOONS);
        assertThat(w.can().hand().exact()).isCloseTo(3.75, within(1e-9));
        assertThat(w.can().hand().practical()).isCloseTo(0.875 * 5 * 0.9, within(1e-9));
        assertThat(w.can().hand().errorPercent()).isCloseTo(5, within(0.01));
        assertThat(w.can().mgPerL().n()).isCloseTo(78.75, within(1e-6));
        assertThat(w.dose().ceiling()).isEqualTo(Ceiling.LABEL_TOP);
    }

    @Test
    void thePotsShareIsItsShareOfTheCan() {
        Care care = Care.on(MAY.plusDays(6), fed(), SPOONS, Working.off());
        Care.Watered w = (Care.Watered) care.feeding().orElseThrow();
        double poured = care.plan().waterMissing() / 0.85;
        assertThat(care.feedPourLitres()).isCloseTo(poured, within(1e-9));
        assertThat(w.potAmount()).isCloseTo(w.can().hand().practical() * poured / 5, within(1e-9));
    }

    @Test
    void aShyPlantIsCappedBelowTheLabel() {
        Feed strong = new Feed(
                Analysis.npk(20, 20, 20),
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                new Rate.PerWater(1.5, 2, Measure.GRAMS),
                new Rhythm.EveryDays(14, 14));
        Situation fern = with(
                at("maidenhair", pot(0.12, 0.11), "peat_perlite", SILL, MAY),
                Optional.of(strong),
                Optional.empty(),
                Optional.of(MAY));
        Care.Watered w = watered(fern, SPOONS);
        assertThat(w.dose().heldBack()).isTrue();
        assertThat(w.can().mgPerL().n()).isLessThanOrEqualTo(70 + 1e-9);
    }

    /** Arithmetic: 2.5 mL for 4 in of pot, 12 cm across: 2.5 · 12/10.16 = 2.95 mL. */
    @Test
    void aStrewnFeedFollowsTheWidthOfThePot() {
        Feed granules = new Feed(
                Analysis.npk(15, 9, 12),
                ProductForm.DRY,
                OptionalDouble.of(1.0),
                OptionalDouble.empty(),
                new Rate.PerPotWidth(2.5, 2.5, Measure.MILLILITRES, 0.1016),
                new Rhythm.EveryDays(35, 49),
                Optional.of(new CoatedRelease(4, 21)));
        Situation s = with(fed(), Optional.of(granules), Optional.empty(), Optional.of(MAY));
        Care care = Care.on(MAY, s, SPOONS, Working.off());
        Care.Strewn strewn = (Care.Strewn) care.feeding().orElseThrow();
        assertThat(strewn.pot().exact()).isCloseTo(2.9528, within(1e-3));
        assertThat(strewn.gramsPerPot().n()).isCloseTo(strewn.pot().practical() * 0.15, within(1e-9));
        assertThat(care.cautions()).contains(Caution.LABEL_FIRST, Caution.GRANULES_AND_PETS);
    }

    @Test
    void aCarnivoreIsNotFedAtTheRoots() {
        assertThatThrownBy(() -> Care.on(
                        MAY, at("pitcher_plant", pot(0.12, 0.11), "peat_perlite", BENCH, MAY), SPOONS, Working.off()))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .singleElement()
                                .satisfies(f -> assertThat(f.code()).isEqualTo(FaultCode.NO_ROOT_FEED)));
    }

    @Test
    void everyDoseSaysThatTheLabelComesFirstAndABigPotIsHeavy() {
        Care care = Care.on(
                JANUARY, at("olive", pot(0.40, 0.36), "clay_pumice_lava", SILL, JANUARY), SPOONS, Working.off());
        assertThat(care.cautions()).startsWith(Caution.LABEL_FIRST).contains(Caution.TOO_HEAVY_FOR_ONE);
    }

    @Test
    void theWorkingNamesEveryStepFromPotToCan() {
        Working.Recorder working = new Working.Recorder();
        Care.on(MAY, fed(), SPOONS, working);
        assertThat(working.steps())
                .extracting(Working.Step::id)
                .contains(
                        "pot.volume",
                        "media.capacity",
                        "media.available",
                        "water.usable",
                        "water.reference",
                        "water.daily",
                        "water.days",
                        "water.pour",
                        "feed.ceiling",
                        "feed.strength",
                        "feed.rounding",
                        "feed.nitrogen",
                        "feed.meter");
        List<String> ids = working.steps().stream().map(Working.Step::id).toList();
        working.steps()
                .forEach(step -> step.inputs().stream()
                        .filter(i -> i.origin() == Working.Origin.EARLIER)
                        .forEach(i -> assertThat(ids)
                                .as(step.id() + " rests on " + i.from())
                                .contains(i.from())));
    }

    /** Handbook: clay dries by 1.5 to 2 times the evaporation of a plastic pot; glazed is as tight as plastic. */
    @Test
    void aClayPotDriesFasterThanAPlasticOneAndAGlazedOneDoesNot() {
        assertThat(daysIn(Material.CLAY)).isLessThan(daysIn(Material.PLASTIC));
        assertThat(daysIn(Material.FABRIC)).isLessThanOrEqualTo(daysIn(Material.CLAY));
        assertThat(daysIn(Material.GLAZED)).isEqualTo(daysIn(Material.PLASTIC));
    }

    private static int daysIn(Material material) {
        Situation s = fed();
        Pot pot = new Pot(s.pot().shape(), s.pot().headspace(), s.pot().measuredLitres(), material);
        return LotPlan.of(
                        new Situation(
                                s.species(),
                                pot,
                                s.mix(),
                                s.place(),
                                s.feed(),
                                s.startedOn(),
                                s.repottedOn(),
                                Optional.of(s.startedOn()),
                                s.lastFed()),
                        Working.off())
                .days()
                .likely();
    }

    // --- what is strewn by plant and by area ---

    private static Care.Strewn strewn(Rate rate) {
        Situation s = fed();
        Feed feed = new Feed(
                Analysis.npk(10, 5, 15),
                ProductForm.DRY,
                OptionalDouble.of(0.9),
                OptionalDouble.empty(),
                rate,
                new Rhythm.EveryDays(60, 60));
        return (Care.Strewn) Care.on(
                        MAY,
                        new Situation(
                                s.species(),
                                s.pot(),
                                s.mix(),
                                s.place(),
                                Optional.of(feed),
                                MAY,
                                Optional.empty(),
                                Optional.of(MAY),
                                Optional.empty()),
                        new Care.Tools(
                                5,
                                HandMeasure.SCALE,
                                HandMeasure.FULL_SET,
                                SourceWater.of(0.4, 7.2),
                                OptionalDouble.empty()),
                        Working.off())
                .feeding()
                .orElseThrow();
    }

    @Test
    void aRateByThePlantIsForOnePotAndOneByTheSquareMetreForItsSurface() {
        assertThat(strewn(new Rate.PerPlant(0.5, 0.5, Measure.GRAMS)).pot().exact())
                .isCloseTo(0.5, within(1e-9));
        double surface =
                Math.PI * Math.pow(fed().pot().shape().widthM(fed().pot().mixHeightM()) / 2, 2);
        assertThat(strewn(new Rate.PerArea(30, 30, Measure.GRAMS)).pot().exact())
                .isCloseTo(30 * surface, within(0.01 * 30 * surface));
    }

    @Test
    void aRateByHeightIsRefusedUntilTheHeightIsTold() {
        Rate byHeight = new Rate.PerHeight(10, 10, Measure.GRAMS);
        assertThatThrownBy(() -> strewn(byHeight))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .singleElement()
                                .satisfies(f -> assertThat(f.code()).isEqualTo(FaultCode.LABEL_BY_HEIGHT)));
        Situation s = fed();
        Situation tall = s.with(Particulars.sized(Size.Told.tall(OptionalDouble.of(1.5))));
        assertThat(Portion.scale(byHeight, tall.pot(), tall.tallM())).isEqualTo(1.5);
    }
}
