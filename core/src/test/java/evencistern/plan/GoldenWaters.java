package evencistern.plan;

import evencistern.climate.Air;
import evencistern.climate.Place;
import evencistern.media.Mix;
import evencistern.need.Particulars;
import evencistern.need.Situation;
import evencistern.need.WaterNeed;
import evencistern.plant.Size;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Material;
import evencistern.pot.Pot;
import evencistern.pot.PotShape;
import evencistern.pot.RoundTaper;
import evencistern.watering.Watering;
import evencistern.watering.Way;
import evencistern.working.Working;
import java.time.LocalDate;
import java.util.Collections;
import java.util.Optional;
import java.util.OptionalDouble;

/** Lots of the golden scenarios whose plant has a size: what they use, and how long they last. */
public final class GoldenWaters {
    private static final double FILLED_TO = 0.1;

    private GoldenWaters() {}

    /**
     * A place that is the same all year, as the month of the scenario has it.
     *
     * @param sunshine share of the possible sun
     */
    public record Weather(
            double latitude,
            Place.Kind kind,
            double light,
            double low,
            double high,
            double humidity,
            double sunshine,
            LocalDate day) {
        Place place(Optional<Place.Lamps> lamps) {
            return new Place(
                    latitude,
                    kind,
                    Collections.nCopies(12, low),
                    Collections.nCopies(12, high),
                    humidity,
                    light,
                    Collections.nCopies(12, sunshine),
                    lamps,
                    Optional.empty(),
                    new Place.Exposure(Optional.<Air>empty(), 0, Optional.empty(), 0));
        }

        /** Light of the day there, mol/m². */
        public double lightMol() {
            return place(Optional.empty()).on(day).lightMol();
        }

        Weather as(double moisture) {
            return new Weather(latitude, kind, light, low, high, moisture, sunshine, day);
        }
    }

    /** A plant of a kind, so wide and tall, in a pot of a mix, somewhere. */
    public record Grown(
            String species,
            double wideCm,
            double tallCm,
            Pot pot,
            Mix mix,
            Weather weather,
            Optional<Place.Lamps> lamps,
            Way way) {
        public Grown(
                String species,
                double wideCm,
                double tallCm,
                Pot pot,
                Mix mix,
                Weather weather,
                Optional<Place.Lamps> lamps) {
            this(species, wideCm, tallCm, pot, mix, weather, lamps, Way.TOP);
        }

        public Grown(String species, double wideCm, double tallCm, Pot pot, Mix mix, Weather weather) {
            this(species, wideCm, tallCm, pot, mix, weather, Optional.empty());
        }

        /** The same so wide. */
        public Grown wide(double cm) {
            return new Grown(species, cm, tallCm, pot, mix, weather, lamps, way);
        }

        /** The same watered in another way. */
        public Grown watered(Way how) {
            return new Grown(species, wideCm, tallCm, pot, mix, weather, lamps, how);
        }

        /** The same in air of this moisture. */
        public Grown in(double humidity) {
            return new Grown(species, wideCm, tallCm, pot, mix, weather.as(humidity), lamps, way);
        }

        private WaterNeed need() {
            Size.Told told = Size.Told.of(wideCm / 100, tallCm / 100);
            Situation s = new Situation(
                    SpeciesGuide.require(species),
                    pot,
                    mix,
                    weather.place(lamps),
                    Optional.empty(),
                    weather.day().minusYears(1),
                    Optional.empty(),
                    Optional.of(weather.day()),
                    Optional.empty(),
                    Particulars.sized(told).with(Watering.of(way)));
            return LotPlan.of(s, weather.day(), Working.off()).need();
        }

        /** Litres a day, plant, mix and wall, half way between two waterings. */
        public double use() {
            return need().useOn(weather.day());
        }

        /** Days between waterings, not rounded. */
        public double days() {
            WaterNeed need = need();
            return need.usableLitres() / need.useOn(weather.day());
        }
    }

    /** A round plastic pot, inside measures in cm, filled to nine tenths. */
    public static Pot pot(double top, double base, double height) {
        return filled(new RoundTaper(top / 100, base / 100, height / 100));
    }

    /** A pot of another shape, filled to nine tenths. */
    public static Pot filled(PotShape shape) {
        return new Pot(shape, FILLED_TO, OptionalDouble.empty(), Material.PLASTIC);
    }
}
