package evencistern.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.climate.Place;
import evencistern.feed.Analysis;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.food.Portion;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.PotWater;
import evencistern.media.Recipes;
import evencistern.need.AfterReading;
import evencistern.need.Condition;
import evencistern.need.FeedRhythm;
import evencistern.need.Flushing;
import evencistern.need.Hold;
import evencistern.need.Learned;
import evencistern.need.Lifted;
import evencistern.need.Note;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.plan.LotPlan.Binding;
import evencistern.plant.Size;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.pot.Walls;
import evencistern.water.SourceWater;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Rhythms, holds, flushes and roots in the air. Rules of thumb are common practice, no source. */
class FeedProgrammeTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 14);
    private static final Care.Tools TOOLS =
            new Care.Tools(5, HandMeasure.SPOONS, HandMeasure.FULL_SET, SourceWater.of(0, 7), OptionalDouble.empty());
    private static final Rhythm FORTNIGHT = new Rhythm.EveryDays(14, 14);

    /** A kind, where it stands, and what is told of the lot; watered and fed two weeks before. */
    private record Lot(
            String species,
            double humidity,
            double lowC,
            double highC,
            Map<Condition, LocalDate> conditions,
            FeedRhythm rhythm,
            boolean strewn,
            boolean drains,
            LocalDate startedOn,
            Optional<LocalDate> flushed) {
        static Lot of(String species) {
            return new Lot(
                    species, 60, 16, 22, Map.of(), FeedRhythm.LABEL, false, true, MAY.minusDays(20), Optional.empty());
        }

        Lot in(Condition condition, LocalDate since) {
            return new Lot(
                    species,
                    humidity,
                    lowC,
                    highC,
                    Map.of(condition, since),
                    rhythm,
                    strewn,
                    drains,
                    startedOn,
                    flushed);
        }

        Lot by(FeedRhythm how) {
            return new Lot(species, humidity, lowC, highC, conditions, how, strewn, drains, startedOn, flushed);
        }

        Lot onTheMix() {
            return new Lot(species, humidity, lowC, highC, conditions, rhythm, true, drains, startedOn, flushed);
        }

        Lot at(double rh, double low, double high) {
            return new Lot(species, rh, low, high, conditions, rhythm, strewn, drains, startedOn, flushed);
        }

        Lot since(LocalDate start, boolean draining) {
            return new Lot(species, humidity, lowC, highC, conditions, rhythm, strewn, draining, start, flushed);
        }

        Situation situation() {
            Place place = new Place(
                    52,
                    Place.Kind.INDOORS,
                    Collections.nCopies(12, lowC),
                    Collections.nCopies(12, highC),
                    humidity,
                    0.6,
                    0.4,
                    Optional.empty(),
                    Optional.empty());
            Feed feed = new Feed(
                    Analysis.npk(10, 5, 15),
                    ProductForm.DRY,
                    OptionalDouble.of(0.9),
                    OptionalDouble.empty(),
                    strewn ? new Rate.PerPlant(5, 5, Measure.GRAMS) : new Rate.PerWater(0.4, 1, Measure.GRAMS),
                    FORTNIGHT);
            return new Situation(
                            SpeciesGuide.require(species),
                            Pot.filled(new RoundTaper(0.14, 0.1, 0.13)),
                            Recipes.require("peat_perlite"),
                            place,
                            Optional.of(feed),
                            startedOn,
                            Optional.empty(),
                            Optional.of(MAY),
                            Optional.of(MAY.minusDays(14)),
                            new Particulars(Size.Told.NOTHING, Learned.NOTHING, drains, conditions, flushed))
                    .in(rhythm);
        }

        LotPlan plan() {
            return LotPlan.of(situation(), Working.off());
        }

        LotPlan.FeedDate feed() {
            return plan().nextFeed().orElseThrow();
        }

        double perLitre() {
            return FeedProgrammeTest.perLitre(situation());
        }

        List<Note> notes() {
            return care(situation()).notes();
        }
    }

    private static Care care(Situation s) {
        return Care.on(MAY, s, TOOLS, Working.off());
    }

    private static double perLitre(Situation s) {
        return ((Care.Watered) care(s).feeding().orElseThrow()).dose().perLitre();
    }

    // --- rhythms at equal food ---

    /** Arithmetic: fed twice as often, half as strong; the food of a fortnight stays what it was. */
    @Test
    void theWeekIsHalfAsStrongAsTheFortnight() {
        Lot lot = Lot.of("kalanchoe");
        assertThat(lot.by(FeedRhythm.WEEKLY).perLitre()).isCloseTo(lot.perLitre() / 2, within(1e-9));
        assertThat(lot.by(FeedRhythm.FORTNIGHTLY).perLitre()).isCloseTo(lot.perLitre(), within(1e-9));
    }

    /** Strength and days between keep their ratio unless the label's top or the kind's limit stops the strength. */
    @ParameterizedTest
    @EnumSource(FeedRhythm.class)
    void noRhythmGivesMoreFoodThanTheLabel(FeedRhythm rhythm) {
        Lot lot = Lot.of("kalanchoe").by(rhythm);
        double watering = lot.plan().days().likely();
        double days = FeedRhythm.days(rhythm.over(FORTNIGHT), watering);
        assertThat(lot.perLitre() / days)
                .isLessThanOrEqualTo(Lot.of("kalanchoe").perLitre() / 14 * (1 + 1e-9));
        assertThat(lot.perLitre()).isLessThanOrEqualTo(1);
    }

    @Test
    void aStrewnFeedKeepsItsLabelsRhythm() {
        assertThat(Portion.rhythm(
                        Lot.of("kalanchoe").onTheMix().situation().feed().orElseThrow(),
                        Lot.of("kalanchoe").onTheMix().by(FeedRhythm.WEEKLY).situation()))
                .isEqualTo(FORTNIGHT);
    }

    // --- holds ---

    @ParameterizedTest
    @CsvSource({"azalea_bonsai, FLOWERING, HOLD_FLOWERING", "olive, FRUIT_SET, HOLD_FRUIT_SET", "olive, SICK, HOLD_SICK"
    })
    void aConditionHoldsUntilItIsSaidToBeOver(String species, Condition condition, Binding binding) {
        LotPlan.FeedDate feed = Lot.of(species).in(condition, MAY).feed();
        assertThat(feed.binding()).isEqualTo(binding);
        assertThat(feed.held())
                .filteredOn(h -> h.hold().open())
                .singleElement()
                .satisfies(h -> assertThat(h.until()).isEmpty());
        assertThat(Lot.of(species).feed().binding()).isNotEqualTo(binding);
    }

    @Test
    void aKindThatIsFedInFlowerIsFedInFlower() {
        assertThat(Lot.of("kalanchoe").in(Condition.FLOWERING, MAY).feed().held())
                .isEmpty();
    }

    /** The first year after grafting: nothing strewn, liquid as ever; 365 days from the day are over on that day. */
    @Test
    void aFreshGraftTakesOnlyLiquidFeed() {
        LocalDate grafted = MAY.minusDays(100);
        Lot lot = Lot.of("lemon").in(Condition.GRAFTED, grafted);
        assertThat(lot.feed().held()).isEmpty();
        LotPlan.FeedDate strewn = lot.onTheMix().feed();
        assertThat(strewn.binding().holds()).isTrue();
        assertThat(strewn.date()).isAfterOrEqualTo(grafted.plusDays(365));
        assertThat(strewn.held()).contains(new LotPlan.Held(Hold.GRAFTED, Optional.of(grafted.plusDays(365))));
        assertThat(lot.notes()).contains(Note.GRAFTED_LIQUID_ONLY);
    }

    @Test
    void whatDriedOutIsWateredPlainFirst() {
        LotPlan.FeedDate feed =
                Lot.of("kalanchoe").in(Condition.DRIED_OUT, MAY.plusDays(1)).feed();
        LotPlan plain = Lot.of("kalanchoe").plan();
        assertThat(feed.binding()).isEqualTo(Binding.AFTER_DRYING_OUT);
        assertThat(feed.date())
                .isEqualTo(LotYear.of(Lot.of("kalanchoe").situation(), MAY)
                        .waterings()
                        .get(1))
                .isAfter(plain.nextWater());
        assertThat(Lot.of("kalanchoe")
                        .in(Condition.DRIED_OUT, MAY.minusDays(1))
                        .feed()
                        .binding())
                .as("watered since")
                .isNotEqualTo(Binding.AFTER_DRYING_OUT);
    }

    /** Each hold is told with the day it ends; the one that lasts longest binds. */
    @Test
    void everyHoldIsNamedWithItsEnd() {
        Lot cold = Lot.of("lemon").at(60, 8, 12).in(Condition.GRAFTED, MAY).onTheMix();
        assertThat(cold.feed().held()).extracting(LotPlan.Held::hold).contains(Hold.COLD, Hold.DORMANT, Hold.GRAFTED);
        assertThat(cold.feed().held())
                .filteredOn(h -> h.hold() == Hold.GRAFTED)
                .singleElement()
                .satisfies(h -> assertThat(h.until()).contains(MAY.plusDays(365)));
    }

    /** Cool growers rest in heat and grow in the cool; a warm one the other way round. */
    @Test
    void whatGrowsInTheCoolRestsInTheHeat() {
        assertThat(Lot.of("cyclamen").at(60, 20, 28).feed().held())
                .extracting(LotPlan.Held::hold)
                .contains(Hold.DORMANT);
        assertThat(Lot.of("cyclamen").at(60, 10, 16).feed().held()).isEmpty();
        assertThat(Lot.of("kalanchoe").at(60, 20, 28).feed().held()).isEmpty();
    }

    /** Short days put a larch to rest in mid-winter at 52° north, and in June at 52° south, whatever the warmth. */
    @ParameterizedTest
    @CsvSource({"52, 2026-12-21, true", "52, 2026-06-21, false", "-52, 2026-06-21, true", "2, 2026-12-21, false"})
    void shortDaysPutToRest(double latitude, LocalDate date, boolean rests) {
        Situation s = Lot.of("larch_bonsai").situation();
        Place place = new Place(
                latitude,
                Place.Kind.OUTDOORS,
                Collections.nCopies(12, 14.0),
                Collections.nCopies(12, 20.0),
                60,
                1,
                0.4,
                Optional.empty(),
                Optional.empty());
        Situation there = new Situation(
                s.species(),
                s.pot(),
                s.mix(),
                place,
                s.feed(),
                s.startedOn(),
                s.repottedOn(),
                s.lastWatered(),
                s.lastFed(),
                s.particulars());
        assertThat(Hold.on(date, there).contains(Hold.DORMANT)).isEqualTo(rests);
    }

    // --- flushes ---

    /** Arithmetic: a kind flushed every 12 weeks, put up 90 days before: due 84 days after; twice the held water. */
    @Test
    void aFlushComesAfterTheKindsWeeksAndBeforeTheFeed() {
        Lot old = Lot.of("kalanchoe").since(MAY.minusDays(90), true);
        LotPlan plan = old.plan();
        assertThat(plan.flush().orElseThrow().on()).isBetween(MAY.minusDays(6), plan.nextWater());
        assertThat(plan.flush().orElseThrow().litres())
                .isCloseTo(2 * plan.potWater().capacity() * plan.potWater().mixLitres(), within(1e-9));
        assertThat(old.feed().binding()).isEqualTo(Binding.AFTER_FLUSH);
        assertThat(old.feed().date()).isAfter(plan.nextWater());
        assertThat(old.notes()).contains(Note.FLUSH_FIRST);
    }

    /** Twice the held water, once: common practice, no source. A flush, fresh mix or a reading in order has answered it. */
    @Test
    void aCrustThatWasSeenIsFlushedOnceAndAnsweredByAReadingInOrder() {
        Lot crusted = Lot.of("kalanchoe").in(Condition.CRUST, MAY.minusDays(1));
        LotPlan plan = crusted.plan();
        LotPlan.Flush flush = plan.flush().orElseThrow();
        assertThat(flush.asker()).isEqualTo(LotPlan.Flush.Asker.CRUST);
        assertThat(flush.on()).isEqualTo(MAY.minusDays(1));
        assertThat(flush.litres())
                .isCloseTo(2 * plan.potWater().capacity() * plan.potWater().mixLitres(), within(1e-9));
        assertThat(crusted.notes()).contains(Note.CRUST, Note.FLUSH_FIRST);
        assertThat(crusted.feed().binding()).isEqualTo(Binding.AFTER_FLUSH);
        Situation s = crusted.situation();
        assertThat(LotPlan.of(s.with(s.particulars().flushed(Optional.of(MAY))), Working.off())
                        .flush()
                        .map(LotPlan.Flush::asker))
                .isNotEqualTo(Optional.of(LotPlan.Flush.Asker.CRUST));
        AfterReading inOrder =
                new AfterReading(Optional.empty(), Optional.empty(), 1, Optional.empty(), Optional.of(MAY));
        assertThat(LotPlan.of(s.with(s.particulars().with(inOrder)), Working.off())
                        .flush()
                        .map(LotPlan.Flush::asker))
                .isNotEqualTo(Optional.of(LotPlan.Flush.Asker.CRUST));
    }

    @Test
    void mouldIsMindedAndChangesNoDate() {
        Lot mouldy = Lot.of("kalanchoe").in(Condition.MOULD, MAY);
        assertThat(mouldy.notes()).contains(Note.MOULD);
        assertThat(mouldy.plan().nextWater())
                .isEqualTo(Lot.of("kalanchoe").plan().nextWater());
    }

    @Test
    void whereNothingDrainsTheFlushComesSoonerAndOverADrain() {
        Lot kept = Lot.of("kalanchoe").since(MAY.minusDays(40), false);
        assertThat(kept.plan().flush().orElseThrow().on()).isEqualTo(MAY.minusDays(12));
        assertThat(kept.notes()).contains(Note.FLUSH_OVER_A_DRAIN);
        assertThat(Lot.of("pitcher_plant").plan().flush()).isEmpty();
    }

    /** Common practice, no source: wet roots at rest do more harm than a little salt. */
    @Test
    void whatRestsIsNotFlushedByTheWeeksOfItsKindUntilItGrows() {
        Lot cold = Lot.of("lemon").at(60, 5, 9).since(MAY.minusDays(200), true);
        Lot warm = Lot.of("lemon").since(MAY.minusDays(200), true);
        assertThat(warm.plan().flush().orElseThrow().on()).isBefore(MAY);
        assertThat(cold.plan().flush().orElseThrow().on()).isAfter(MAY);
    }

    /** Arithmetic: 0.5 L for a drained pot, and what it has dried out by; on the account's day, or not at all. */
    @Test
    void byTheAccountAFlushIsOnTheDayThatItNames() {
        Situation s = Lot.of("kalanchoe").since(MAY.minusDays(90), true).situation();
        LocalDate day = MAY.plusDays(33);
        LotPlan.Flush flush = LotPlan.of(
                        s.with(s.particulars().with(new Flushing(true, Optional.of(day), OptionalDouble.of(0.5)))),
                        Working.off())
                .flush()
                .orElseThrow();
        assertThat(flush.on()).isEqualTo(day);
        assertThat(flush.asker()).isEqualTo(LotPlan.Flush.Asker.ACCOUNT);
        double available = new PotWater(s.mix(), s.pot()).availableLitres();
        assertThat(flush.litres()).isCloseTo(0.5 + available * s.species().depletion(), within(1e-9));
        assertThat(LotPlan.of(
                                s.with(s.particulars()
                                        .with(new Flushing(true, Optional.empty(), OptionalDouble.empty()))),
                                Working.off())
                        .flush())
                .isEmpty();
    }

    // --- roots in the air ---

    /** Common practice: half as strong at 30 % humidity, full strength from 50 %. */
    @ParameterizedTest
    @CsvSource({"20, 0.5", "30, 0.5", "40, 0.75", "50, 1", "75, 1"})
    void dryAirWeakensTheFeedOfRootsInTheAir(double humidity, double share) {
        Lot orchid = Lot.of("moth_orchid");
        assertThat(orchid.at(humidity, 16, 22).perLitre())
                .isCloseTo(share * orchid.at(60, 16, 22).perLitre(), within(1e-9));
        assertThat(Lot.of("kalanchoe").at(humidity, 16, 22).perLitre())
                .isEqualTo(Lot.of("kalanchoe").perLitre());
    }

    @Test
    void rootsInTheAirAreFedWithCare() {
        assertThat(Lot.of("moth_orchid").notes())
                .contains(Note.VELAMEN_A_MINUTE, Note.VELAMEN_FRESH_EACH)
                .doesNotContain(Note.VELAMEN_PLAIN_LATER, Note.DRY_AIR_WEAKER);
        assertThat(Lot.of("moth_orchid").at(30, 18, 28).notes())
                .contains(Note.VELAMEN_PLAIN_LATER, Note.DRY_AIR_WEAKER);
        assertThat(Lot.of("kalanchoe").notes()).doesNotContain(Note.VELAMEN_A_MINUTE);
    }

    @Test
    void aPlaceThatDoesNotSuitIsTold() {
        assertThat(Lot.of("moth_orchid").at(60, 8, 18).notes()).contains(Note.TOO_COLD_HERE);
        assertThat(Lot.of("maidenhair").notes()).contains(Note.TOO_BRIGHT_HERE);
    }

    private static List<Note> notes(Situation s, Walls walls) {
        Situation stood = new Situation(
                s.species(),
                s.pot().with(walls),
                s.mix(),
                s.place(),
                s.feed(),
                s.startedOn(),
                s.repottedOn(),
                s.lastWatered(),
                s.lastFed(),
                s.particulars());
        return Care.on(MAY, stood, TOOLS, Working.off()).notes();
    }

    /** Roots at a dark wall in the sun die where the air alone would do them no harm; Ingram and others 2015, from memory. */
    @Test
    void aDarkWallInTheSunIsToldOnAHotDayOnly() {
        Situation hot = Lot.of("golden_barrel").at(40, 22, 36).situation();
        assertThat(notes(hot, Walls.DARK)).contains(Note.WALLS_HOT);
        assertThat(notes(hot, Walls.SHADED)).doesNotContain(Note.WALLS_HOT);
        assertThat(notes(Lot.of("golden_barrel").at(40, 8, 16).situation(), Walls.DARK))
                .doesNotContain(Note.WALLS_HOT);
    }

    /** Who has grown it there for years knows better than a table, until the day that they named. */
    @Test
    void aWarningThatAPersonKnowsIsSetAsideForAWhile() {
        Situation s = Lot.of("maidenhair").situation();
        Lifted known = new Lifted(Map.of(), Map.of(Note.TOO_BRIGHT_HERE, MAY));
        Situation told = s.with(s.particulars().lifting(known));
        assertThat(Care.on(MAY, told, TOOLS, Working.off()).notes()).doesNotContain(Note.TOO_BRIGHT_HERE);
        assertThat(Care.on(MAY.plusDays(1), told, TOOLS, Working.off()).notes()).contains(Note.TOO_BRIGHT_HERE);
    }

    /** Common practice, no source: first feed at the second true leaf, at a quarter; half once the cell is rooted. */
    @Test
    void aSeedlingIsFedAtAQuarterAndLaterAtHalf() {
        Lot grown = Lot.of("streptocarpus");
        Lot young = grown.in(Condition.SEEDLING, MAY);
        assertThat(young.perLitre()).isCloseTo(grown.perLitre() / 4, within(1e-9));
        Lot rooted = grown.in(Condition.SEEDLING, MAY.minusDays(30));
        assertThat(rooted.perLitre()).isCloseTo(grown.perLitre() / 2, within(1e-9));
        assertThat(young.notes()).contains(Note.SEEDLING);
    }

    @Test
    void aReadingOfTooMuchSaltIsAnsweredAtOnceUnlessPlainWaterRanThroughSince() {
        Situation s = Lot.of("streptocarpus").situation();
        LocalDate read = MAY.plusDays(3);
        assertThat(flush(s, Optional.of(read), Optional.empty())).contains(read);
        assertThat(flush(s, Optional.of(read), Optional.of(read.plusDays(1))).orElseThrow())
                .isAfter(read.plusDays(28));
    }

    private static Situation after(Situation s, AfterReading reading) {
        return s.with(Particulars.NONE.with(reading));
    }

    @Test
    void aFeedLeftOutAfterAReadingWaitsForItsDayAndIsNamed() {
        Situation s = Lot.of("streptocarpus").situation();
        LocalDate until = MAY.plusDays(40);
        LotPlan.FeedDate fed = LotPlan.of(
                        after(
                                s,
                                new AfterReading(
                                        Optional.empty(), Optional.of(until), 1, Optional.empty(), Optional.empty())),
                        Working.off())
                .nextFeed()
                .orElseThrow();
        assertThat(fed.date()).isAfterOrEqualTo(until);
        assertThat(fed.binding()).isEqualTo(LotPlan.Binding.HOLD_READING);
    }

    /** Arithmetic: at half of its strength until the day, in full from it on. */
    @Test
    void aFeedWeakenedAfterAReadingIsStrongAgainOnItsDay() {
        Situation s = Lot.of("streptocarpus").situation();
        double full = perLitre(s);
        assertThat(perLitre(after(
                        s,
                        new AfterReading(
                                Optional.empty(),
                                Optional.empty(),
                                0.5,
                                Optional.of(MAY.plusDays(60)),
                                Optional.empty()))))
                .isCloseTo(full / 2, within(1e-9));
        assertThat(perLitre(after(
                        s,
                        new AfterReading(Optional.empty(), Optional.empty(), 0.5, Optional.of(MAY), Optional.empty()))))
                .isCloseTo(full, within(1e-9));
    }

    /** Arithmetic: 0.4 L for a drained pot, and what the roots have taken of the water at hand by the next watering. */
    @Test
    void aFlushByReadingIsWhatTheReadingAsksForAndWhatThePotHasDriedOutBy() {
        Situation s = Lot.of("streptocarpus").situation();
        double available = new PotWater(s.mix(), s.pot()).availableLitres();
        AfterReading salty = new AfterReading(
                Optional.of(new AfterReading.Salty(MAY, OptionalDouble.of(0.4))),
                Optional.empty(),
                1,
                Optional.empty(),
                Optional.empty());
        assertThat(LotPlan.of(after(s, salty), Working.off())
                        .flush()
                        .orElseThrow()
                        .litres())
                .isCloseTo(0.4 + available * s.species().depletion(), within(1e-9));
    }

    private static Optional<LocalDate> flush(Situation s, Optional<LocalDate> salty, Optional<LocalDate> flushed) {
        Particulars told = new Particulars(Size.Told.NOTHING, Learned.NOTHING, true, Map.of(), flushed)
                .with(new AfterReading(
                        salty.map(on -> new AfterReading.Salty(on, OptionalDouble.of(0.4))),
                        Optional.empty(),
                        1,
                        Optional.empty(),
                        Optional.empty()));
        return LotPlan.of(s.with(told), Working.off()).flush().map(LotPlan.Flush::on);
    }

    /** Feed follows growth: common practice, no source. With every watering it is weaker by quarters, and never nothing. */
    @ParameterizedTest
    @CsvSource({"16, 22, 1", "10, 18, 0.5", "9, 13, 0.25"})
    void inEveryWateringTheFeedFollowsGrowth(double low, double high, double share) {
        Lot weak = Lot.of("streptocarpus").by(FeedRhythm.EVERY_WATERING);
        Lot there = weak.at(60, low, high);
        assertThat(there.notes().contains(Note.SLOW_GROWTH_WEAKER)).isEqualTo(share < 1);
        double gapThere = there.plan().days().likely();
        double gap = weak.plan().days().likely();
        // the same food over the weeks, at the days between waterings there, and a share of it by growth
        assertThat(there.perLitre() / weak.perLitre()).isCloseTo(share * gapThere / gap, within(0.02));
    }
}
