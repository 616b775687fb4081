package evencistern.server.feed;

import evencistern.fault.FaultCode;
import evencistern.fault.Faults;
import evencistern.feed.Analysis;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Declared;
import evencistern.feed.Feed;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import evencistern.units.Dimension;
import evencistern.units.Unit;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The feed form as it stands on the screen.
 *
 * @param id made by the page, so that sending a new feed twice makes one
 * @param n,p2o5,k2o the three numbers; not needed where there is a formula
 * @param elements whether the label names P and K as elements
 * @param contents the other lines of the analysis
 * @param formula of a single salt
 * @param coatedMonths rated life of a coated feed; the temperature is 21 °C where nothing is said
 * @param own what its own cap, scoop or handful holds
 * @param readAs what its sentence came to before, where nobody has chosen between that and what it comes to now
 * @param version the version it was changed from; 0 for a new one
 */
public record FeedInput(
        UUID id,
        String name,
        @Nullable Typed n,
        @Nullable Typed p2o5,
        @Nullable Typed k2o,
        @Nullable Boolean elements,
        @Nullable Map<Declared, Typed> contents,
        FeedWire.@Nullable Basis basis,
        FeedWire.@Nullable Chelate chelate,
        @Nullable String formula,
        @Nullable Typed purity,
        FeedWire.Form form,
        @Nullable Typed density,
        @Nullable Typed ecFactor,
        @Nullable Typed own,
        @Nullable Typed coatedMonths,
        @Nullable Typed coatedCelsius,
        String label,
        List<FeedWire.Answer> answers,
        boolean wordsSeen,
        @Nullable String readAs,
        int version) {

    private static final double USUAL_RATING_C = 21;
    private static final double ML_PER_L = 1000;

    /** The feed it describes; refused with every fault of every field. */
    public FeedWire read() {
        Faults faults = new Faults();
        String checkedName = faults.text("feed.name", name, 80);
        OptionalDouble kgPerL = Typed.optional(density, "feed.density", faults, Dimension.DENSITY);
        OptionalDouble factor = Typed.optional(ecFactor, "feed.ec_factor", faults, Dimension.CONDUCTIVITY);
        OptionalDouble ownMl = readOwn(faults);
        OptionalDouble months = Typed.optional(coatedMonths, "feed.coated_months", faults, Dimension.NUMBER);
        OptionalDouble celsius = Typed.optional(coatedCelsius, "feed.coated_celsius", faults, Dimension.TEMPERATURE);
        Parts parts = parts(faults);
        FeedWire feed = new FeedWire(
                id,
                checkedName,
                parts.n(),
                parts.p2o5(),
                parts.k2o(),
                parts.elements(),
                parts.contents(),
                parts.basis(),
                chelate,
                parts.formula(),
                parts.purity(),
                form,
                kgPerL.isPresent() ? kgPerL.getAsDouble() : null,
                factor.isPresent() ? factor.getAsDouble() : null,
                ownMl.isPresent() ? ownMl.getAsDouble() : null,
                months.isPresent() ? months.getAsDouble() : null,
                months.isPresent() ? celsius.orElse(USUAL_RATING_C) : null,
                label,
                answers,
                wordsSeen,
                readAs,
                typed(),
                version,
                false);
        if (!faults.any() || parts.formula() == null) {
            faults.attempt(feed::toFeed);
        }
        faults.attempt(feed::coated);
        faults.throwIfAny();
        return feed.asRead();
    }

    /** What the analysis comes to, whatever else of the form is filled in; refused with every fault of its fields. */
    public Analysis readAnalysis() {
        Faults faults = new Faults();
        Parts parts = parts(faults);
        faults.throwIfAny();
        return FeedWire.analysis(
                parts.n(), parts.p2o5(), parts.k2o(), parts.contents(), parts.basis(), parts.formula(), parts.purity());
    }

    /** What its own cap, scoop or handful holds, mL: by volume, or weighed once. */
    OptionalDouble readOwn(Faults faults) {
        OptionalDouble read = Typed.optional(own, "feed.own", faults, Dimension.VOLUME, Dimension.MASS);
        if (read.isEmpty() || own == null) {
            return OptionalDouble.empty();
        }
        boolean weighed = Unit.ofSymbol(own.unit())
                .filter(u -> u.dimension() == Dimension.MASS)
                .isPresent();
        OptionalDouble kgPerL = Typed.optional(density, "feed.density", new Faults(), Dimension.DENSITY);
        double ml = weighed
                ? read.getAsDouble() / Feed.densityKgPerL(form.toForm(), kgPerL).value()
                : read.getAsDouble() * ML_PER_L;
        return OptionalDouble.of(faults.within("feed.own", ml, 0.1, 2000, "mL"));
    }

    /** How it releases, whatever else is filled in; empty where it is not coated. */
    Optional<CoatedRelease> readCoating() {
        Faults faults = new Faults();
        OptionalDouble months = Typed.optional(coatedMonths, "feed.coated_months", faults, Dimension.NUMBER);
        OptionalDouble celsius = Typed.optional(coatedCelsius, "feed.coated_celsius", faults, Dimension.TEMPERATURE);
        faults.throwIfAny();
        return months.isPresent()
                ? Optional.of(new CoatedRelease(months.getAsDouble(), celsius.orElse(USUAL_RATING_C)))
                : Optional.empty();
    }

    /** The analysis as it is kept. */
    private record Parts(
            double n,
            double p2o5,
            double k2o,
            boolean elements,
            Map<Declared, Double> contents,
            FeedWire.Basis basis,
            @Nullable String formula,
            @Nullable Double purity) {}

    private Parts parts(Faults faults) {
        String written = formula == null ? "" : formula.strip();
        if (!written.isEmpty()) {
            double pure = Typed.optional(purity, "feed.purity", faults, Dimension.FRACTION)
                    .orElse(100);
            Optional<Analysis> salt = faults.attempt(() -> Analysis.ofSalt(written, pure));
            return new Parts(
                    salt.map(Analysis::n).orElse(0.0),
                    salt.map(Analysis::p2o5).orElse(0.0),
                    salt.map(Analysis::k2o).orElse(0.0),
                    false,
                    Map.of(),
                    FeedWire.Basis.by_weight,
                    written,
                    pure);
        }
        boolean asElements = Boolean.TRUE.equals(elements);
        return new Parts(
                number(n, "feed.n", faults),
                number(p2o5, "feed.p2o5", faults) / (asElements ? Declared.P2O5.element() : 1),
                number(k2o, "feed.k2o", faults) / (asElements ? Declared.K2O.element() : 1),
                asElements,
                lines(faults),
                basis == null ? FeedWire.Basis.by_weight : basis,
                null,
                null);
    }

    /** A number that every label has; 0 in its place after a fault, so that the others are looked at too. */
    private static double number(@Nullable Typed typed, String field, Faults faults) {
        if (typed == null) {
            faults.add(FaultCode.MISSING, field, "");
            return 0;
        }
        double value = typed.read(field, faults, Dimension.FRACTION);
        return Double.isNaN(value) ? 0 : value;
    }

    private Map<Declared, Double> lines(Faults faults) {
        Map<Declared, Double> lines = new EnumMap<>(Declared.class);
        if (contents != null) {
            contents.forEach((line, typed) -> Typed.optional(typed, "feed." + line.id(), faults, Dimension.FRACTION)
                    .ifPresent(percent -> lines.put(line, percent)));
        }
        return lines;
    }

    private Map<String, Typed> typed() {
        Map<String, Typed> fields = new HashMap<>();
        put(fields, "n", n);
        put(fields, "p2o5", p2o5);
        put(fields, "k2o", k2o);
        put(fields, "purity", purity);
        put(fields, "density", density);
        put(fields, "ecFactor", ecFactor);
        put(fields, "own", own);
        put(fields, "coatedMonths", coatedMonths);
        put(fields, "coatedCelsius", coatedCelsius);
        if (contents != null) {
            contents.forEach((line, typed) -> fields.put(line.name(), typed));
        }
        return TypedFields.filled(fields);
    }

    private static void put(Map<String, Typed> fields, String field, @Nullable Typed typed) {
        if (typed != null) {
            fields.put(field, typed);
        }
    }
}
