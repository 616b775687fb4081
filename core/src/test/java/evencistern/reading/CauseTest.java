package evencistern.reading;

import static org.assertj.core.api.Assertions.assertThat;

import evencistern.meter.Meter;
import evencistern.reading.Cause.Fact;
import evencistern.reading.Cause.Kind;
import evencistern.reading.Cause.What;
import evencistern.reading.Circumstances.Days;
import evencistern.units.Unit;
import evencistern.water.SourceWater;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Which fact bears on which cause: common practice, no source. */
class CauseTest {
    private static final Sample SAMPLE = Cases.sample(Method.RUNOFF, 5.9, 3, new Meter(null, 0.1, 5));

    private static Days days(int sinceFed, int sinceWatered, int sinceFlushed) {
        return new Days(
                OptionalInt.of(sinceFed),
                OptionalInt.of(14),
                OptionalInt.of(sinceWatered),
                OptionalInt.of(6),
                OptionalInt.of(sinceFlushed));
    }

    private static List<Kind> kinds(List<Cause> causes) {
        return causes.stream().map(Cause::kind).toList();
    }

    private static Cause the(Kind kind, List<Cause> causes) {
        return causes.stream().filter(c -> c.kind() == kind).findFirst().orElseThrow();
    }

    @Test
    void whatNothingSpeaksForIsNotNamed() {
        assertThat(Cause.ofHighEc(3, SAMPLE, Cases.PLAIN)).isEmpty();
        assertThat(Cause.ofLowPh(SAMPLE, Cases.PLAIN)).isEmpty();
    }

    @Test
    void aStrongCanIsNamedWithItsFigure() {
        List<Cause> causes = Cause.ofHighEc(3, SAMPLE, Cases.fedWith(2.4, 0, 1));
        assertThat(the(Kind.FEED_STRONG, causes).speaksFor())
                .containsExactly(new Fact(What.CAN_EC, OptionalDouble.of(2.4), Unit.MILLISIEMENS_PER_CM));
    }

    @Test
    void saltsAboveWhatGoesInSpeakForTooLittleDrainingAndAFlushLatelyAgainstIt() {
        Cause drains = the(
                Kind.LITTLE_DRAINS,
                Cause.ofHighEc(3, SAMPLE, Cases.days(Optional.of(Cases.fed(1.2, 0, 1, 0)), days(10, 4, 5))));
        assertThat(drains.speaksFor()).extracting(Fact::id).containsExactly(What.OUT_OVER_IN);
        assertThat(drains.speaksAgainst()).extracting(Fact::id).containsExactly(What.SINCE_FLUSHED);
    }

    @Test
    void saltyWaterADryPotAndAFeedOfTheDayEachSpeakForThemselves() {
        assertThat(kinds(Cause.ofHighEc(3, SAMPLE, Cases.watered(SourceWater.of(1.1, 7)))))
                .containsExactly(Kind.WATER_SALTY);
        assertThat(kinds(Cause.ofHighEc(3, SAMPLE, Cases.days(Optional.empty(), days(20, 10, 20)))))
                .containsExactly(Kind.POT_DRY);
        assertThat(kinds(Cause.ofHighEc(3, SAMPLE, Cases.days(Optional.empty(), days(0, 4, 20)))))
                .containsExactly(Kind.JUST_FED);
    }

    @Test
    void whatAPenCannotSeeIsAskedBeforeThePotIsCalledHungry() {
        List<Cause> causes = Cause.ofLowEc(SAMPLE, Cases.days(Optional.of(Cases.fed(0.6, 0, 30, 70)), days(3, 6, 40)));
        assertThat(kinds(causes)).containsExactly(Kind.UNSEEN_FEED);
        assertThat(kinds(Cause.ofLowEc(SAMPLE, Cases.days(Optional.of(Cases.fed(1, 0, 1, 0)), days(40, 1, 3)))))
                .containsExactly(Kind.HUNGRY, Kind.TOO_WET, Kind.JUST_FLUSHED);
    }

    @Test
    void alkalinityAndNitrateRaiseAmmoniumAndDecayLower() {
        assertThat(kinds(Cause.ofHighPh(SAMPLE, Cases.watered(Cases.water(240)))))
                .containsExactly(Kind.ALKALINE_WATER);
        assertThat(kinds(Cause.ofHighPh(SAMPLE, Cases.fedWith(1, 5, 95)))).containsExactly(Kind.NITRATE_FEED);
        assertThat(kinds(Cause.ofLowPh(SAMPLE, Cases.fedWith(1, 60, 40)))).containsExactly(Kind.ACID_FEED);
        assertThat(kinds(Cause.ofLowPh(SAMPLE, Cases.spent(0.8)))).containsExactly(Kind.MIX_DECAYED);
        assertThat(kinds(Cause.ofLowPh(SAMPLE, Cases.watered(Cases.water(8))))).containsExactly(Kind.SOFT_WATER);
    }

    @Test
    void aPenNeverCalibratedIsAlwaysOneOfThem() {
        Sample wild = new Sample(Method.RUNOFF, SAMPLE.ph(), SAMPLE.ec(), false, false);
        assertThat(kinds(Cause.ofHighPh(wild, Cases.PLAIN))).containsExactly(Kind.PEN_OFF);
        assertThat(kinds(Cause.ofLowEc(wild, Cases.PLAIN))).containsExactly(Kind.HUNGRY, Kind.PEN_OFF);
    }
}
