package evencistern.watering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import evencistern.plant.Size;
import evencistern.plant.Species;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.working.Working;
import java.util.Arrays;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class WateringTest {
    private static final Pot POT = Pot.filled(new RoundTaper(0.2, 0.15, 0.18));

    private static Size size(String kind) {
        return Size.of(Size.Told.NOTHING, SpeciesGuide.require(kind), POT.acrossM());
    }

    private static Watering told(Way way, double holds, double minutes) {
        return new Watering(
                way,
                false,
                OptionalDouble.of(holds),
                OptionalDouble.of(minutes),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }

    private static Watering sprinklers(double rate, double spacing) {
        return new Watering(
                Way.OVERHEAD,
                false,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.of(rate),
                OptionalDouble.of(spacing));
    }

    /** Arithmetic: 1.9 L through emitters of 7.6 L/h takes a quarter of an hour; 25 such pots draw 190 L/h. */
    @Test
    void adripLineRunsUntilEachPotHasItsWater() {
        Line line = Line.drip(1.9, 7.6, 25, Working.off());
        assertThat(line.minutes()).isCloseTo(15, within(1e-9));
        assertThat(line.drawLitresPerHour()).isCloseTo(190, within(1e-9));
        assertThat(line.overlong()).isFalse();
        assertThat(Line.drip(1.9, 7.6, 31, Working.off()).overlong()).isTrue();
        assertThatThrownBy(() -> Line.drip(1, 0, 1, Working.off())).isInstanceOf(FaultException.class);
    }

    /**
     * Arithmetic: 0.3 L into a mouth of 0.03 m² is 10 mm; at 20 mm/h that is half an hour. A pot every 0.3 m stands on
     * 0.09 m², so a third of the water reaches the pots, and ten draw 0.9 m² times 20 mm/h, 18 L/h.
     */
    @Test
    void ofWhatSprinklersGiveTheShareOverThePotsReachesThem() {
        Line line = Line.overhead(0.3, 0.03, sprinklers(20, 0.3), POT, 10, Working.off());
        assertThat(line.mm().getAsDouble()).isCloseTo(10, within(1e-9));
        assertThat(line.minutes()).isCloseTo(30, within(1e-9));
        assertThat(line.reaches()).isCloseTo(1.0 / 3, within(1e-9));
        assertThat(line.drawLitresPerHour()).isCloseTo(18, within(1e-9));
    }

    /** Pots cannot stand closer than they are wide. */
    @Test
    void potsUnderSprinklersStandAtMostSideBySide() {
        assertThat(sprinklers(20, 0.05).spacing(POT)).isCloseTo(0.2, within(1e-9));
    }

    @Test
    void whatAVesselHoldsIsTakenAsTold() {
        assertThat(told(Way.RESERVOIR, 1.5, 1).besideLitres(POT, size("peace_lily")))
                .isEqualTo(1.5);
        assertThat(told(Way.TOP, 1.5, 1).besideLitres(POT, size("peace_lily"))).isZero();
    }

    /** Usual vessels, common practice: a quarter of the pot; a saucer of 30 cm filled 2 cm deep less the pot's floor. */
    @Test
    void anUntoldVesselIsTakenAsSuchVesselsUsuallyAre() {
        assertThat(Watering.of(Way.RESERVOIR).besideLitres(POT, size("peace_lily")))
                .isCloseTo(0.25 * POT.mixLitres(), within(1e-9));
        double saucer = Math.PI / 4 * (0.3 * 0.3 - 0.15 * 0.15) * 0.02 * 1000;
        assertThat(Watering.of(Way.STANDING).besideLitres(POT, size("flytrap"))).isCloseTo(saucer, within(1e-9));
    }

    @Test
    void aDunkLeavesMoreOnThePlantThanAMist() {
        Size vanda = size("vanda");
        double dunked = Watering.of(Way.DUNKED).besideLitres(POT, vanda);
        assertThat(dunked).isGreaterThan(2 * Watering.of(Way.MISTED).besideLitres(POT, vanda));
        // a film of one and a half millimetres on its leaves
        assertThat(dunked).isCloseTo(1.5 * vanda.crownM2() * vanda.leafShare(), within(1e-12));
    }

    @Test
    void aTallPotSoaksLonger() {
        Pot tall = Pot.filled(new RoundTaper(0.2, 0.15, 0.28));
        Watering below = Watering.of(Way.FROM_BELOW);
        assertThat(below.soak(tall).getAsDouble()).isGreaterThan(below.soak(POT).getAsDouble());
        assertThat(below.soak(POT).getAsDouble()).isBetween(15.0, 60.0);
        assertThat(told(Way.FROM_BELOW, 1, 45).soak(POT)).hasValue(45);
        assertThat(Watering.POURED.soak(POT)).isEmpty();
    }

    /** Salt leaves only where water runs through; what is poured into a cachepot or a reservoir stays. */
    @Test
    void saltLeavesOnlyWhereWaterRunsThrough() {
        assertThat(Arrays.stream(Way.values()).filter(w -> Watering.of(w).drains()))
                .containsExactly(Way.TOP, Way.DUNKED, Way.DRIP, Way.OVERHEAD);
        assertThat(Watering.poured(false).drains()).isFalse();
        assertThat(Watering.poured(false).lost()).isZero();
    }

    @Test
    void whatNoVesselHoldsIsRefused() {
        assertThatThrownBy(() -> told(Way.RESERVOIR, 0, 10))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("lot.holds"));
        assertThatThrownBy(() -> Way.named("bucket")).isInstanceOf(FaultException.class);
    }

    /** Society practice: flytraps and temperate sundews stand in a tray, tropical pitchers never; air plants are soaked. */
    @Test
    void kindsAreUsuallyWateredAsTheirSocietiesSay() {
        assertThat(way("flytrap")).isEqualTo(Way.STANDING);
        assertThat(way("tropical_pitcher")).isEqualTo(Way.TOP);
        assertThat(way("air_plant")).isEqualTo(Way.DUNKED);
        assertThat(way("vanda")).isEqualTo(Way.DUNKED);
        assertThat(way("peace_lily")).isEqualTo(Way.TOP);
    }

    private static Way way(String kind) {
        Species species = SpeciesGuide.require(kind);
        return Watering.usual(species).way();
    }
}
