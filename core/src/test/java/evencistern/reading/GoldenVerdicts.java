package evencistern.reading;

import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.meter.Meter;
import evencistern.plant.SpeciesGuide;
import evencistern.working.Working;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** Verdicts on the readings of the golden scenarios. */
public final class GoldenVerdicts {
    private GoldenVerdicts() {}

    /** On a pour-through of an established pot. */
    public static Verdict pourThrough(String species, Mix mix, double ph, double msCm) {
        Circumstances c = new Circumstances(
                SpeciesGuide.require(species),
                mix,
                new PotWater(mix, Cases.POT.pot()),
                Cases.TAP,
                Optional.empty(),
                Circumstances.Days.UNKNOWN,
                OptionalDouble.empty(),
                OptionalInt.of(200),
                true);
        return Verdict.of(Cases.sample(Method.POUR_THROUGH, ph, msCm, new Meter(null, 0.1, 5)), c, Working.off());
    }

    public static boolean asks(Verdict verdict, Verdict.Action action) {
        return verdict.advice().stream().anyMatch(a -> a.action() == action);
    }

    /** The most that an advice names. */
    public static double most(Verdict verdict, Verdict.Action action) {
        return verdict.advice().stream()
                .filter(a -> a.action() == action)
                .findFirst()
                .orElseThrow()
                .most()
                .orElseThrow();
    }
}
