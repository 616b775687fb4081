package evencistern.chore;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.caution.Caution;
import evencistern.climate.Place;
import evencistern.feed.Feed;
import evencistern.need.Condition;
import evencistern.need.Learned;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.need.Situations;
import evencistern.plant.Size;
import evencistern.plant.SpeciesGuide;
import evencistern.plant.Trait;
import evencistern.plant.Traits;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rhythms and thresholds are common practice, no source. */
class ChoreTest {
    private static final LocalDate MAY = LocalDate.of(2026, 5, 1);
    /** Means of a mild town near 52° north, from memory. */
    private static final List<Double> LOWS = List.of(2.0, 2.0, 4.0, 6.0, 9.0, 12.0, 14.0, 14.0, 11.0, 8.0, 5.0, 3.0);

    private static final List<Double> HIGHS =
            List.of(8.0, 9.0, 12.0, 15.0, 18.0, 21.0, 23.0, 23.0, 20.0, 16.0, 11.0, 9.0);

    private static Place place(
            Place.Kind kind, Optional<Place.Lamps> lamps, double latitude, List<Double> lows, List<Double> highs) {
        return new Place(latitude, kind, lows, highs, 70, 0.9, 0.4, lamps, Optional.empty());
    }

    private static Place room(Optional<Place.Lamps> lamps) {
        return place(Place.Kind.INDOORS, lamps, 52, Collections.nCopies(12, 17.0), Collections.nCopies(12, 22.0));
    }

    private static final Place BENCH = place(Place.Kind.OUTDOORS, Optional.empty(), 52, LOWS, HIGHS);

    private static Situation lot(String key, Place place, LocalDate started, Map<Condition, LocalDate> conditions) {
        Situation plain = Situations.fed(Optional.<Feed>empty());
        return new Situation(
                SpeciesGuide.require(key),
                plain.pot(),
                plain.mix(),
                place,
                Optional.empty(),
                started,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new Particulars(Size.Told.NOTHING, Learned.NOTHING, true, conditions, Optional.empty()));
    }

    private static Map<Chore, LocalDate> next(String key, Place place, Map<Chore, LocalDate> done) {
        return Chore.next(lot(key, place, MAY, Map.of()), done);
    }

    @Test
    void rhythmsCountFromTheLastTimeOrFromTheStart() {
        assertThat(next("fuchsia", BENCH, Map.of()))
                .containsEntry(Chore.LOOK_OVER, MAY.plusDays(10))
                .containsEntry(Chore.PINCH, MAY.plusDays(21))
                .containsEntry(Chore.STAKE, MAY.plusDays(28))
                .doesNotContainKey(Chore.TURN);
        assertThat(next("fuchsia", BENCH, Map.of(Chore.PINCH, MAY.plusDays(30))))
                .containsEntry(Chore.PINCH, MAY.plusDays(51));
    }

    @Test
    void aRhythmOfNothingIsNever() {
        Situation fuchsia = lot("fuchsia", BENCH, MAY, Map.of());
        Situation never = new Situation(
                fuchsia.species()
                        .with(fuchsia.species().traits().over(Map.of(Trait.PINCH_DAYS, "0"), Traits.Teller.LOT)),
                fuchsia.pot(),
                fuchsia.mix(),
                fuchsia.place(),
                Optional.empty(),
                MAY,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(Chore.next(never, Map.of())).doesNotContainKey(Chore.PINCH).containsKey(Chore.LOOK_OVER);
        assertThat(Chore.PINCH.inSeason(never, MAY)).isFalse();
    }

    /** What falls due where it does not grow waits for the season, and passes if nobody did it. */
    @Test
    void tipsArePinchedWhileItGrows() {
        LocalDate november = LocalDate.of(2026, 11, 1);
        Situation autumn = lot("fuchsia", BENCH, november, Map.of());
        LocalDate pinched = Chore.next(autumn, Map.of()).get(Chore.PINCH);
        assertThat(pinched).isBetween(LocalDate.of(2027, 3, 1), LocalDate.of(2027, 6, 15));
        assertThat(Chore.PINCH.inSeason(autumn, november.plusDays(40))).isFalse();
    }

    @Test
    void flowersAreDeadheadedFromTheDayTheyOpenAndThenTipsAreLeft() {
        LocalDate open = MAY.plusDays(40);
        Map<Chore, LocalDate> next = Chore.next(
                lot("fuchsia", BENCH, MAY, Map.of(Condition.FLOWERING, open)), Map.of(Chore.DEADHEAD, MAY.plusDays(2)));
        assertThat(next).containsEntry(Chore.DEADHEAD, open.plusDays(7)).doesNotContainKey(Chore.PINCH);
        assertThat(next("fuchsia", BENCH, Map.of())).doesNotContainKey(Chore.DEADHEAD);
    }

    @Test
    void onlyAWindowMakesPlantsLean() {
        assertThat(next("streptocarpus", room(Optional.empty()), Map.of())).containsEntry(Chore.TURN, MAY.plusDays(7));
        assertThat(next("streptocarpus", room(Optional.of(new Place.Lamps(12, 150))), Map.of()))
                .doesNotContainKey(Chore.TURN);
        assertThat(next("christmas_cactus", room(Optional.empty()), Map.of())).doesNotContainKey(Chore.TURN);
    }

    @Test
    void sickPlantsAreLookedOverTwiceAsOftenAndRestingOnesHalfAsOften() {
        assertThat(Chore.next(lot("fuchsia", BENCH, MAY, Map.of(Condition.SICK, MAY)), Map.of()))
                .containsEntry(Chore.LOOK_OVER, MAY.plusDays(5));
        LocalDate december = LocalDate.of(2026, 12, 1);
        assertThat(Chore.next(lot("fuchsia", BENCH, december, Map.of()), Map.of()))
                .containsEntry(Chore.LOOK_OVER, december.plusDays(20));
    }

    /** The half-hardy one is wrapped, what is only chilled comes in earlier, and the hardy heath is left alone. */
    @ParameterizedTest
    @CsvSource({"fuchsia,WRAP,2026-10-01,2026-11-15", "hoya,BRING_IN,2026-09-15,2026-10-25"})
    void coldIsMetInTime(String key, Chore chore, LocalDate earliest, LocalDate latest) {
        LocalDate summer = LocalDate.of(2026, 7, 1);
        Map<Chore, LocalDate> next = Chore.next(lot(key, BENCH, summer, Map.of()), Map.of());
        assertThat(next.get(chore)).isBetween(earliest, latest);
        assertThat(next).doesNotContainKey(chore == Chore.WRAP ? Chore.BRING_IN : Chore.WRAP);
        assertThat(Chore.next(lot("heather", BENCH, summer, Map.of()), Map.of()))
                .doesNotContainKeys(Chore.WRAP, Chore.BRING_IN);
    }

    @Test
    void inTheSouthWinterComesInMay() {
        List<Double> lows = List.of(14.0, 14.0, 12.0, 9.0, 6.0, 3.0, 2.0, 3.0, 5.0, 7.0, 10.0, 12.0);
        List<Double> highs = List.of(26.0, 25.0, 23.0, 19.0, 15.0, 12.0, 11.0, 13.0, 16.0, 19.0, 22.0, 24.0);
        Place south = place(Place.Kind.OUTDOORS, Optional.empty(), -38, lows, highs);
        assertThat(Chore.next(lot("fuchsia", south, LocalDate.of(2026, 1, 1), Map.of()), Map.of())
                        .get(Chore.WRAP))
                .isBetween(LocalDate.of(2026, 4, 20), LocalDate.of(2026, 5, 31));
    }

    @Test
    void whatWasWrappedIsUnwrappedInSpringAndWrappedAgainInAutumn() {
        LocalDate wrapped = LocalDate.of(2026, 11, 3);
        Situation fuchsia = lot("fuchsia", BENCH, LocalDate.of(2021, 6, 1), Map.of());
        Map<Chore, LocalDate> next = Chore.next(fuchsia, Map.of(Chore.WRAP, wrapped));
        LocalDate off = next.get(Chore.UNWRAP);
        assertThat(off).isBetween(LocalDate.of(2027, 4, 1), LocalDate.of(2027, 5, 25));
        assertThat(next.get(Chore.WRAP)).isBetween(LocalDate.of(2027, 10, 1), LocalDate.of(2027, 11, 15));
        assertThat(Chore.next(fuchsia, Map.of(Chore.WRAP, wrapped, Chore.UNWRAP, off)))
                .doesNotContainKey(Chore.UNWRAP);
    }

    /** A last cool night of spring is no winter; frost in February still is. */
    @ParameterizedTest
    @CsvSource({"2026-02-10, true", "2026-05-01, false", "2026-11-20, true", "2026-07-10, false"})
    void potsAreWrappedAgainstTheColdToCome(LocalDate day, boolean wanted) {
        assertThat(Chore.WRAP.inSeason(lot("fuchsia", BENCH, MAY, Map.of()), day))
                .isEqualTo(wanted);
    }

    @Test
    void nothingIsWrappedInTheTropics() {
        Place warm = place(
                Place.Kind.OUTDOORS, Optional.empty(), 5, Collections.nCopies(12, 23.0), Collections.nCopies(12, 31.0));
        assertThat(next("clivia", warm, Map.of())).doesNotContainKeys(Chore.WRAP, Chore.BRING_IN, Chore.UNWRAP);
    }

    /** A product is never prescribed: its label, the bees and what is eaten are named where pests are looked for. */
    @Test
    void whereAProductMayComeInItsLabelIsNamed() {
        Situation fern = lot("boston_fern", BENCH, MAY, Map.of());
        assertThat(Chore.LOOK_OVER.cautions(fern))
                .contains(Caution.PESTICIDE_LABEL, Caution.NOT_IN_FLOWER, Caution.NOT_ON_FOOD);
        assertThat(Chore.PINCH.cautions(lot("oleander", BENCH, MAY, Map.of()))).contains(Caution.PLANT_MAY_KILL);
        assertThat(Chore.TURN.cautions(fern)).isEmpty();
        Situation tub = new Situation(
                fern.species(),
                Pot.filled(new RoundTaper(0.6, 0.5, 0.5)),
                fern.mix(),
                BENCH,
                Optional.empty(),
                MAY,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(Chore.BRING_IN.cautions(tub)).containsExactly(Caution.TOO_HEAVY_FOR_ONE);
    }
}
