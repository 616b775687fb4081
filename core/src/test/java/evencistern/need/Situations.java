package evencistern.need;

import evencistern.climate.Place;
import evencistern.feed.Analysis;
import evencistern.feed.Feed;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.media.Recipes;
import evencistern.plant.SpeciesGuide;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import java.time.LocalDate;
import java.util.Collections;
import java.util.Optional;
import java.util.OptionalDouble;

/** A plain lot for tests: streptocarpus in a 12 cm pot on a sill, watered in the middle of May and fed every second week. */
public final class Situations {
    public static final LocalDate MAY = LocalDate.of(2026, 5, 14);

    public static final Place SILL = new Place(
            52.4,
            Place.Kind.INDOORS,
            Collections.nCopies(12, 17.0),
            Collections.nCopies(12, 22.0),
            50,
            0.25,
            0.4,
            Optional.empty(),
            Optional.empty());

    public static final Feed FORTNIGHTLY = new Feed(
            Analysis.npk(10, 5, 15),
            ProductForm.DRY,
            OptionalDouble.of(0.9),
            OptionalDouble.empty(),
            new Rate.PerWater(0.5, 1, Measure.GRAMS),
            new Rhythm.EveryDays(14, 28));

    private Situations() {}

    /** Another kind, pot, mix, place or day. */
    public static Situation at(String species, Pot pot, String mix, Place place, LocalDate watered) {
        return new Situation(
                SpeciesGuide.require(species),
                pot,
                Recipes.require(mix),
                place,
                Optional.of(FORTNIGHTLY),
                watered,
                Optional.empty(),
                Optional.of(watered),
                Optional.of(watered.minusDays(20)));
    }

    /** A round pot, in metres. */
    public static Pot pot(double top, double height) {
        return Pot.filled(new RoundTaper(top, top * 0.7, height));
    }

    /** The plain lot. */
    public static Situation fed() {
        return at("streptocarpus", pot(0.12, 0.11), "peat_perlite", SILL, MAY);
    }

    /** The plain lot with another feed, or with none. */
    public static Situation fed(Optional<Feed> feed) {
        return fed().with(feed);
    }
}
