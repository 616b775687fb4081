package evencistern.reading;

import evencistern.feed.Nutrient;
import evencistern.feed.Nutrients;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.media.Recipes;
import evencistern.meter.Meter;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.reading.Circumstances.Days;
import evencistern.reading.Circumstances.Fed;
import evencistern.water.SourceWater;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** Pots of which readings are judged in tests. */
final class Cases {
    static final Mix PEAT = Recipes.require("peat_perlite");
    static final PotWater POT = new PotWater(PEAT, Pot.filled(new RoundTaper(0.12, 0.09, 0.11)));
    static final SourceWater TAP = SourceWater.of(0.4, 7.2);

    /** A pot of peat of which nothing but its kind and water is known. */
    static final Circumstances PLAIN = watered(TAP);

    private Cases() {}

    record Pots(String kind, SourceWater water, Optional<Fed> feed, Days days, OptionalDouble spent) {
        Circumstances circumstances() {
            return new Circumstances(
                    SpeciesGuide.require(kind), PEAT, POT, water, feed, days, spent, OptionalInt.empty(), true);
        }
    }

    static Sample sample(Method method, double ph, double ec, Meter meter) {
        return new Sample(method, Optional.of(meter.ph(ph)), Optional.of(meter.ec(ec)), true, true);
    }

    static SourceWater water(double alkalinity) {
        return new SourceWater(0.4, 7.2, OptionalDouble.of(alkalinity), Map.of(), SourceWater.Kind.TAP);
    }

    static Circumstances watered(SourceWater water) {
        return new Pots("streptocarpus", water, Optional.empty(), Days.UNKNOWN, OptionalDouble.empty()).circumstances();
    }

    /** One of a kind in peat. */
    static Circumstances of(String kind) {
        return new Pots(kind, TAP, Optional.empty(), Days.UNKNOWN, OptionalDouble.empty()).circumstances();
    }

    /** One of a kind in moss so many days old. */
    static Circumstances aged(String kind, int days) {
        Mix moss = Recipes.require("sphagnum_pure");
        return new Circumstances(
                SpeciesGuide.require(kind),
                moss,
                new PotWater(moss, POT.pot()),
                TAP,
                Optional.empty(),
                Days.UNKNOWN,
                OptionalDouble.empty(),
                OptionalInt.of(days),
                true);
    }

    static Circumstances carnivore() {
        return new Pots("pitcher_plant", TAP, Optional.empty(), Days.UNKNOWN, OptionalDouble.empty()).circumstances();
    }

    /** Fed from a can of so much EC, of whose nitrogen so much is ammonium and nitrate. */
    static Circumstances fedWith(double canMsCm, double ammonium, double nitrate) {
        return new Pots(
                        "streptocarpus",
                        TAP,
                        Optional.of(fed(canMsCm, ammonium, nitrate, 0)),
                        Days.UNKNOWN,
                        OptionalDouble.empty())
                .circumstances();
    }

    static Fed fed(double canMsCm, double ammonium, double nitrate, double urea) {
        return new Fed(
                OptionalDouble.of(canMsCm),
                new Nutrients(
                        Map.of(Nutrient.AMMONIUM_N, ammonium, Nutrient.NITRATE_N, nitrate, Nutrient.UREA_N, urea)),
                false);
    }

    static Circumstances days(Optional<Fed> feed, Days days) {
        return new Pots("streptocarpus", TAP, feed, days, OptionalDouble.empty()).circumstances();
    }

    static Circumstances fed(int daysAgo, int every) {
        return days(
                Optional.of(fed(1.2, 0, 1, 0)),
                new Days(
                        OptionalInt.of(daysAgo),
                        OptionalInt.of(every),
                        OptionalInt.empty(),
                        OptionalInt.empty(),
                        OptionalInt.empty()));
    }

    static Circumstances spent(double share) {
        return new Pots("streptocarpus", TAP, Optional.empty(), Days.UNKNOWN, OptionalDouble.of(share)).circumstances();
    }
}
