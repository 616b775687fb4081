package evencistern.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import evencistern.round.RoundPlace.By;
import evencistern.round.RoundPlace.Kind;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CarryingTest {
    /** Arithmetic: 21 L in a 9 L can is three cans, two trips with two hands. */
    @Test
    void aFewCansAreCarried() {
        Carrying few = Carrying.of(21, 9, OptionalDouble.of(1));
        assertThat(few.cans()).isEqualTo(3);
        assertThat(few.trips()).isEqualTo(2);
        assertThat(few.tankLitres()).isEmpty();
        assertThat(Carrying.of(18, 9, OptionalDouble.empty()).cans()).isEqualTo(2);
        assertThat(Carrying.of(0.1, 9, OptionalDouble.empty()).cans()).isEqualTo(1);
    }

    /** Arithmetic: 200 L at 0.8 g/L through an injector at 1:100 wants 2 L of stock at 80 g/L. */
    @Test
    void manyCansAreATankOrAnInjector() {
        Carrying many = Carrying.of(200, 9, OptionalDouble.of(0.8));
        assertThat(many.cans()).isEqualTo(23);
        assertThat(many.tankLitres()).hasValue(200);
        assertThat(many.stockLitres().orElseThrow()).isCloseTo(2, within(1e-9));
        assertThat(many.stockPerLitre().orElseThrow()).isCloseTo(80, within(1e-9));
        assertThat(Carrying.of(200, 9, OptionalDouble.empty()).stockPerLitre()).isEmpty();
    }

    @Test
    void aCanThatHoldsNothingIsRefused() {
        assertThatThrownBy(() -> Carrying.of(1, 0, OptionalDouble.empty())).isInstanceOf(FaultException.class);
    }

    @Test
    void theRoundGoesFromPlainToStrongAndEndsWithTheSick() {
        List<RoundPlace> order = List.of(
                new RoundPlace(false, Kind.WATER, By.CAN, 0, "tap"),
                new RoundPlace(false, Kind.WATER, By.TUB, 0, "tap"),
                new RoundPlace(false, Kind.WATER, By.LINE, 0, "tap"),
                new RoundPlace(false, Kind.FLUSH, By.CAN, 0, "tap"),
                new RoundPlace(false, Kind.FEED, By.CAN, 3, "orchid drops"),
                new RoundPlace(false, Kind.FEED, By.CAN, 9, "crystals"),
                new RoundPlace(false, Kind.STREWN, By.CAN, 0, "granules"),
                new RoundPlace(true, Kind.WATER, By.CAN, 0, "tap"));
        List<RoundPlace> mixed = new ArrayList<>(order);
        Collections.shuffle(mixed, new Random(3));
        Collections.sort(mixed);
        assertThat(mixed).isEqualTo(order);
    }
}
