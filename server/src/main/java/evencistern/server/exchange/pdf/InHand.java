package evencistern.server.exchange.pdf;

import com.ibm.icu.text.DateFormat;
import com.ibm.icu.util.TimeZone;
import com.ibm.icu.util.ULocale;
import evencistern.server.dose.CareWire.MeasuredWire;
import evencistern.server.dose.CareWire.PieceWire;
import evencistern.server.garden.GardenWire;
import evencistern.server.words.Words;
import evencistern.units.Unit;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Date;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Amounts and days as a person reads them on paper, in the units of the garden, to two figures. */
final class InHand {
    private static final List<String> EIGHTHS = List.of("", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞");
    private static final double GALLONS_FROM_L = 3.6;
    private static final double OUNCES_FROM_L = 0.03;

    private final GardenWire.UnitHabit habit;
    private final Words.Spoken words;

    InHand(GardenWire garden, Words words) {
        this.habit = garden.unitHabit();
        this.words = words.in(garden.language());
    }

    /** A message for paper. */
    String says(String id, Map<String, ?> values) {
        return words.of("paper", id, values);
    }

    /** The words for an id. */
    String word(String section, String id) {
        return words.of(section, id);
    }

    /** Rounds to what is known, as the page does: so many significant figures, noughts that are known among them. */
    static String figures(double value, int significant) {
        if (value == 0) {
            return "0";
        }
        BigDecimal rounded = new BigDecimal(value).round(new MathContext(significant));
        int decimals = significant - (rounded.precision() - rounded.scale());
        return rounded.setScale(Math.max(0, decimals), RoundingMode.HALF_UP).toPlainString();
    }

    /** A vessel, as it was stated: 5 L, not 5.0; in US units as one says it: 2⅜ gal, or 27 fl oz. */
    String vessel(double litres) {
        if (habit != GardenWire.UnitHabit.us) {
            return new BigDecimal(litres)
                            .round(new MathContext(3))
                            .stripTrailingZeros()
                            .toPlainString()
                    + " L";
        }
        double gallons = Unit.US_GALLON.fromCanonical(litres);
        if (gallons < 0.95) {
            return Math.round(Unit.US_FLUID_OUNCE.fromCanonical(litres)) + " fl oz";
        }
        double nearest = Math.round(gallons * 8) / 8.0;
        return (gallons >= 10 || Math.abs(nearest / gallons - 1) > 0.01 ? figures(gallons, 2) : eighths(nearest))
                + " gal";
    }

    String litres(double litres) {
        boolean us = habit == GardenWire.UnitHabit.us;
        Unit unit = us
                ? litres >= GALLONS_FROM_L
                        ? Unit.US_GALLON
                        : litres >= OUNCES_FROM_L ? Unit.US_FLUID_OUNCE : Unit.US_TEASPOON
                : litres < 1 ? Unit.MILLILITRE : Unit.LITRE;
        return figures(unit.fromCanonical(litres), 2) + " " + unit.symbol().replace("US ", "");
    }

    /** Spoons, or a weighing: 1 tbsp + 1½ tsp. */
    String measured(MeasuredWire m) {
        return m.pieces().isEmpty()
                ? words.of("paper", "less_than_the_smallest")
                : m.pieces().stream().map(this::piece).collect(Collectors.joining(" + "));
    }

    /** So much of a product, by weight or by volume. */
    String product(double amount, String measure) {
        return measure.equals("grams") ? figures(amount, 2) + " g" : litres(amount / 1000);
    }

    /** What was wanted to the point. */
    String exactly(MeasuredWire m) {
        return m.measure().equals("grams") ? figures(m.exact(), 3) + " g" : litres(m.exact() / 1000);
    }

    private String piece(PieceWire piece) {
        boolean weighed = piece.tool().equals("scale") || piece.tool().equals("syringe");
        return (weighed ? figures(piece.count(), 4) : eighths(piece.count())) + " " + words.of("tools", piece.tool());
    }

    private static String eighths(double count) {
        long whole = (long) (count + 1e-9);
        String part = EIGHTHS.get((int) Math.round((count - whole) * 8) % 8);
        return whole == 0 ? part : whole + part;
    }

    String longDay(LocalDate day) {
        return written(day, "yMMMMEEEEd");
    }

    String day(LocalDate day) {
        return written(day, "yMMMd");
    }

    /** A date with the parts that are named, in the order of the language. */
    private String written(LocalDate day, String parts) {
        DateFormat format = DateFormat.getInstanceForSkeleton(
                parts, ULocale.forLocale(words.language().locale()));
        format.setTimeZone(TimeZone.GMT_ZONE);
        return format.format(Date.from(day.atStartOfDay(ZoneOffset.UTC).toInstant()));
    }
}
