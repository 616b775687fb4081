package evencistern.tank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import evencistern.tank.DeviceCurve.Point;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Straight lines between what was measured, by the stock in the feed. */
class DeviceCurveTest {
    /** Set to 0.5, 1 and 2 %, it gave 1 in 250, 1 in 110 and 1 in 60. */
    private final DeviceCurve curve =
            new DeviceCurve(List.of(new Point(1, 110), new Point(0.5, 250), new Point(2, 60)));

    @Test
    void theSettingLiesBetweenThePointsAroundIt() {
        assertThat(curve.settingFor(110)).hasValueCloseTo(1.0, within(1e-9));
        // 1 in 100: 0.01 of stock, between 0.00909 at 1 % and 0.01667 at 2 %
        assertThat(curve.settingFor(100))
                .hasValueCloseTo(1 + (0.01 - 0.0090909) / (0.0166667 - 0.0090909), within(1e-3));
    }

    @Test
    void outsideWhatWasMeasuredNothingIsTold() {
        assertThat(curve.settingFor(40)).isEmpty();
        assertThat(curve.settingFor(400)).isEmpty();
    }

    @Test
    void aCurveThatTurnsIsMeasuredAgain() {
        assertThatThrownBy(() -> new DeviceCurve(List.of(new Point(1, 100), new Point(2, 50), new Point(3, 80))))
                .isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> new DeviceCurve(List.of(new Point(1, 100), new Point(1, 50))))
                .isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> new DeviceCurve(List.of(new Point(1, 100)))).isInstanceOf(FaultException.class);
    }
}
