package evencistern.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.caution.Caution;
import evencistern.climate.Place;
import evencistern.feed.Analysis;
import evencistern.feed.Declared;
import evencistern.feed.Feed;
import evencistern.feed.HandMeasure;
import evencistern.label.Measure;
import evencistern.label.Rate;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.need.Condition;
import evencistern.need.Learned;
import evencistern.need.Note;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.need.Situations;
import evencistern.need.WaterNeed;
import evencistern.plant.Size;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Material;
import evencistern.pot.Mount;
import evencistern.pot.Pot;
import evencistern.water.SourceWater;
import evencistern.watering.Watering;
import evencistern.watering.Way;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The plan of lots that are not watered from above with a can. */
class WaysOfWateringTest {
    private static final LocalDate MAY = Situations.MAY;

    private static Situation in(Situation s, Way way) {
        return s.with(s.particulars().with(Watering.of(way)));
    }

    private static Situation bare(String species, Place place) {
        Situation s = Situations.at(species, Situations.pot(0.15, 0.12), "sphagnum_pure", place, MAY);
        return in(
                new Situation(
                        s.species(),
                        s.pot(),
                        Mix.NONE,
                        s.place(),
                        s.feed(),
                        s.startedOn(),
                        s.repottedOn(),
                        s.lastWatered(),
                        s.lastFed(),
                        s.particulars()),
                Way.DUNKED);
    }

    private static Place warm() {
        return new Place(
                52.4,
                Place.Kind.UNDER_GLASS,
                Collections.nCopies(12, 20.0),
                Collections.nCopies(12, 31.0),
                60,
                0.5,
                0.45,
                Optional.empty(),
                Optional.empty());
    }

    private static WaterNeed need(Situation s) {
        return new WaterNeed(
                new PotWater(s.mix(), s.pot()), s.pot(), s.species(), s.place(), s.particulars(), Working.off());
    }

    private static Care care(Situation s) {
        return Care.on(
                MAY.plusDays(3),
                s,
                new Care.Tools(5, HandMeasure.SCALE, Set.of(), SourceWater.of(0.3, 7.2), OptionalDouble.empty()),
                Working.off());
    }

    private static double strength(Situation s) {
        return ((Care.Watered) care(s).feeding().orElseThrow()).dose().perLitre();
    }

    /** What stands in the reservoir is what may go, and filling it up pours no more than that. */
    @Test
    void aReservoirLastsAsLongAsWhatItHolds() {
        Situation s = Situations.fed();
        Situation small = s.with(s.particulars().with(held(0.2)));
        Situation large = s.with(s.particulars().with(held(0.4)));
        assertThat(need(small).usableLitres()).isCloseTo(0.2, within(1e-9));
        assertThat(need(large).fullPour(Working.off())).isCloseTo(0.4, within(1e-9));
        WaterNeed.Dry shorter = need(small).dryDown(MAY);
        WaterNeed.Dry longer = need(large).dryDown(MAY);
        assertThat((double) longer.days()).isBetween(1.8 * shorter.days(), 2.3 * shorter.days());
    }

    private static Watering held(double litres) {
        return new Watering(
                Way.RESERVOIR,
                false,
                OptionalDouble.of(litres),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }

    /** A mix that is fed from a reservoir stays moist: its surface loses more than that of a pot half dried out. */
    @Test
    void aMixOverAReservoirStaysMoist() {
        Situation s = Situations.fed();
        assertThat(need(in(s, Way.RESERVOIR)).useOn(MAY)).isGreaterThanOrEqualTo(need(s).useOn(MAY));
    }

    /** In no way of watering does more go than may, whatever the lot; a property over seeded lots. */
    @ParameterizedTest
    @EnumSource(Way.class)
    void noWayIsLeftLongerThanItMayBe(Way way) {
        for (long seed = 0; seed < 60; seed++) {
            Situation s = in(SeededSituations.of(seed), way);
            WaterNeed need = need(s);
            WaterNeed.Dry dry = need.dryDown(MAY);
            boolean kept = MAY.plusDays(1).datesUntil(dry.on().plusDays(1)).anyMatch(need::keptDry);
            if (dry.days() > 1 && !kept) {
                assertThat(dry.missingLitres()).isLessThanOrEqualTo(need.usableLitres() + 1e-9);
            }
        }
    }

    /** Common practice: a quarter to half strength in a reservoir, and rinsed after four to eight weeks. */
    @Test
    void aReservoirIsFedAtAQuarterToHalfAndRinsed() {
        Situation s = Situations.fed();
        double share = strength(in(s, Way.RESERVOIR)) / strength(s);
        assertThat(share).isBetween(0.25, 0.5);
        LocalDate rinse =
                care(in(s, Way.RESERVOIR)).plan().flush().orElseThrow().on();
        assertThat(rinse).isBetween(MAY.plusDays(28), MAY.plusDays(56));
        assertThat(strength(in(s, Way.FROM_BELOW))).isEqualTo(strength(s));
    }

    /** From below nothing runs through, so nothing is added for it. */
    @Test
    void fromBelowAPotTakesNoMoreThanItLost() {
        Situation s = in(Situations.fed(), Way.FROM_BELOW);
        Care care = care(s);
        assertThat(care.litresNow()).isCloseTo(care.missingLitres(), within(1e-9));
        assertThat(care(Situations.fed()).litresNow()).isCloseTo(care.missingLitres() / 0.85, within(1e-9));
        assertThat(care.notes()).contains(Note.FRESH_FOR_EACH);
    }

    /** Society practice: vandas without mix daily in warmth, every two or three days in a cool room. */
    @Test
    void rootsInTheAirAreWateredByTheDay() {
        assertThat(need(bare("vanda", warm())).dryDown(MAY).days()).isLessThanOrEqualTo(1);
        assertThat(days("vanda", Situations.SILL)).isBetween(1.5, 4.0);
    }

    /** Society practice: air plants are soaked about once a week indoors. */
    @Test
    void anAirPlantIsSoakedAboutOnceAWeek() {
        assertThat(days("air_plant", Situations.SILL)).isBetween(4.0, 10.0);
    }

    private static double days(String species, Place place) {
        WaterNeed need = need(bare(species, place));
        return need.usableLitres() / need.useOn(MAY);
    }

    /** Without mix there is nothing to hold salt, to flush, or to strew on; limits of the solution hold. */
    @Test
    void whereThereIsNoMixItsLimitsFallAway() {
        Situation s = bare("vanda", Situations.SILL);
        Care care = care(s);
        assertThat(care.plan().flush()).isEmpty();
        assertThat(care.plan().potWater().mixLitres()).isZero();
        assertThat(strength(s))
                .isLessThanOrEqualTo(strength(
                        Situations.at("vanda", Situations.pot(0.15, 0.12), "bark_charcoal", Situations.SILL, MAY)));
        Feed f = Situations.FORTNIGHTLY;
        Feed strewn = new Feed(
                f.analysis(),
                f.form(),
                f.density(),
                OptionalDouble.empty(),
                new Rate.PerMix(1, 2, Measure.GRAMS),
                f.rhythm());
        Care left = care(s.with(Optional.of(strewn)));
        assertThat(left.feeding()).isEmpty();
        assertThat(left.notes()).contains(Note.FEED_LEFT_OUT_NO_MIX);
    }

    /** Common practice: nothing in clay balls makes organic nitrogen available, and it rots in their water. */
    @Test
    void organicFeedIsNotGivenInClayBalls() {
        Feed f = Situations.FORTNIGHTLY;
        Feed organic = new Feed(
                new Analysis(
                        Map.of(
                                Declared.N,
                                4.0,
                                Declared.P2O5,
                                2.0,
                                Declared.K2O,
                                3.0,
                                Declared.NITRATE_N,
                                0.5,
                                Declared.SLOW_N,
                                3.5),
                        Analysis.Basis.BY_WEIGHT),
                f.form(),
                f.density(),
                OptionalDouble.empty(),
                new Rate.PerWater(2, 4, Measure.GRAMS),
                f.rhythm());
        Situation fed = Situations.fed(Optional.of(organic));
        assertThat(care(in(fed, Way.CLAY_BALLS)).notes()).contains(Note.FEED_LEFT_OUT_ORGANIC);
        assertThat(care(in(fed, Way.CLAY_BALLS)).feeding()).isEmpty();
        assertThat(care(fed).notes()).doesNotContain(Note.FEED_LEFT_OUT_ORGANIC);
        assertThat(care(in(Situations.fed(), Way.CLAY_BALLS)).notes()).doesNotContain(Note.FEED_LEFT_OUT_ORGANIC);
    }

    /** The water that stands below a pot is as salty as it: a rinse begins with tipping it away. */
    @Test
    void aRinseEmptiesTheReservoirFirst() {
        Situation crusted = Situations.fed()
                .with(new Particulars(
                        Size.Told.NOTHING, Learned.NOTHING, true, Map.of(Condition.CRUST, MAY), Optional.empty()));
        assertThat(care(crusted).notes()).contains(Note.FLUSH_FIRST);
        assertThat(care(in(crusted, Way.RESERVOIR)).notes())
                .contains(Note.RINSE_STORE)
                .doesNotContain(Note.FLUSH_FIRST);
    }

    /** A mount dries over its whole face, so it is watered far sooner than the same moss in a pot. */
    @Test
    void aMountDriesSoonerThanItsMossInAPot() {
        Pot mount = new Pot(new Mount(0.1, 0.01, 0.2), 0, OptionalDouble.empty(), Material.PLASTIC);
        Pot pot = Pot.measured(Situations.pot(0.08, 0.07).shape(), mount.mixLitres());
        assertThat(onMoss(mount).useOn(MAY)).isGreaterThan(2 * onMoss(pot).useOn(MAY));
    }

    private static WaterNeed onMoss(Pot pot) {
        Situation s = Situations.at("cattleya", pot, "sphagnum_pure", Situations.SILL, MAY);
        Situation sized = s.with(Particulars.sized(Size.Told.of(0.05, 0.05)));
        return need(sized);
    }

    @Test
    void plantsThatRotAreNotLeftStandingInWater() {
        Situation wet = in(
                Situations.at("jade", Situations.pot(0.12, 0.1), "gritty_succulent", Situations.SILL, MAY),
                Way.STANDING);
        assertThat(care(wet).notes()).contains(Note.ROOTS_STAND_WET);
        assertThat(SpeciesGuide.require("flytrap").rots()).isFalse();
    }

    @ParameterizedTest
    @EnumSource(Way.class)
    void whatStandsOpenOrSpraysIsCautioned(Way way) {
        boolean said = care(in(Situations.fed(), way)).cautions().stream()
                .anyMatch(c -> c == Caution.STANDING_WATER || c == Caution.FRESH_MIST || c == Caution.BACKFLOW);
        assertThat(said).isEqualTo(way != Way.TOP);
    }
}
