package evencistern.blend;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import java.util.Arrays;
import java.util.Locale;

/**
 * How much of the nitrogen should be nitrate.
 *
 * <p><b>Answers</b> at this temperature of the roots, what share of nitrate do growers of this school ask for?
 * <p><b>Formula</b> by temperature: 80 % below 15 °C, 65 % to 20 °C, 50 % above; mostly nitrate: 90 %; sour mix: 40 %
 * <p><b>Units</b> °C of the mix; share of all nitrogen, 0–1
 * <p><b>Valid for</b> 0–40 °C; a lower limit, more is never wrong for the roots
 * <p><b>Source</b> [COMMON] cold roots turn ammonium over too slowly and are poisoned by it; lime haters like some
 * <p><b>Checked by</b> BlendTest
 */
public enum NitrogenSchool {
    BY_TEMPERATURE {
        @Override
        double share(double rootCelsius) {
            return rootCelsius < COOL ? 0.8 : rootCelsius < MILD ? 0.65 : 0.5;
        }
    },
    MOSTLY_NITRATE {
        @Override
        double share(double rootCelsius) {
            return 0.9;
        }
    },
    SOUR_MIX {
        @Override
        double share(double rootCelsius) {
            return rootCelsius < COOL ? 0.7 : 0.4;
        }
    };

    private static final double COOL = 15;
    private static final double MILD = 20;

    abstract double share(double rootCelsius);

    /** The least share of nitrate. */
    public double nitrateShare(double rootCelsius) {
        return share(Faults.require("blend.root", rootCelsius, 0, 40, "°C"));
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The school of this id; any other word is refused. */
    public static NitrogenSchool require(String id) {
        return Arrays.stream(values())
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.CHOICE_UNKNOWN, "blend.school", id)));
    }
}
