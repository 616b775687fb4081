package evencistern.server.feed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.Analysis;
import evencistern.feed.CoatedRelease;
import evencistern.feed.Declared;
import evencistern.feed.Feed;
import evencistern.label.InWords;
import evencistern.label.LabelReading;
import evencistern.label.Product;
import evencistern.label.ProductForm;
import evencistern.label.Question;
import evencistern.label.Reread;
import evencistern.server.history.Owned;
import evencistern.server.typed.Typed;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A feed as it goes over the wire, its label's sentence as typed with the answers given to what it left open.
 *
 * @param p2o5,k2o in % of the oxide, whatever the label names
 * @param elements whether the label names P and K as elements
 * @param contents % of the other lines of the analysis, as the label names them
 * @param formula of a single salt, whose analysis then follows from it
 * @param purity of a single salt, %
 * @param ownMl what the product's own cap, scoop or handful holds
 * @param coatedMonths rated life of a coated feed, and the temperature it is rated at
 * @param readAs what the sentence came to when it was saved, in plain words; until a person has chosen the smaller dose counts
 */
public record FeedWire(
        UUID id,
        String name,
        double n,
        double p2o5,
        double k2o,
        @Nullable Boolean elements,
        @Nullable Map<Declared, Double> contents,
        @Nullable Basis basis,
        @Nullable Chelate chelate,
        @Nullable String formula,
        @Nullable Double purity,
        Form form,
        @Nullable Double density,
        @Nullable Double ecFactor,
        @Nullable Double ownMl,
        @Nullable Double coatedMonths,
        @Nullable Double coatedCelsius,
        String label,
        List<Answer> answers,
        boolean wordsSeen,
        @Nullable String readAs,
        @Nullable Map<String, Typed> typed,
        int version,
        boolean retired)
        implements Owned {

    /** Dry or liquid. */
    public enum Form {
        dry,
        liquid;

        public ProductForm toForm() {
            return ProductForm.valueOf(name().toUpperCase(Locale.ROOT));
        }
    }

    /** Of what the per cents are; by weight where nothing is said. */
    public enum Basis {
        by_weight,
        by_volume
    }

    /** What holds the iron and its kin. */
    public enum Chelate {
        edta,
        dtpa,
        hedta,
        eddha,
        other
    }

    /** What a person answered to a question that the label leaves open. */
    public record Answer(Question question, Question.Choice choice) {
        static Map<Question, Question.Choice> byQuestion(List<Answer> answers) {
            Map<Question, Question.Choice> map = new EnumMap<>(Question.class);
            answers.forEach(a -> map.put(a.question(), a.choice()));
            return map;
        }
    }

    /** What its own cap, scoop or handful holds, mL. */
    public OptionalDouble holdsMl() {
        return optional(ownMl);
    }

    /** How its label's sentence reads with what was answered. */
    private LabelReading reading() {
        OptionalDouble own = optional(ownMl);
        return LabelsRead.read(
                label, product(this::toAnalysis, form.toForm(), optional(density), own), Answer.byQuestion(answers));
    }

    /** What a label is read with; an analysis that is not filled in, or wrong, does not keep the rest from being read. */
    static Product product(
            Supplier<Analysis> analysis, ProductForm form, OptionalDouble density, OptionalDouble ownMl) {
        return new Faults()
                .attempt(() -> Feed.product(analysis.get(), form, density, ownMl))
                .orElseGet(() -> new Product(form, ownMl, Optional.empty()));
    }

    static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** What the label says is in it. */
    Analysis toAnalysis() {
        return analysis(n, p2o5, k2o, contents, basis, formula, purity);
    }

    static Analysis analysis(
            double n,
            double p2o5,
            double k2o,
            @Nullable Map<Declared, Double> contents,
            @Nullable Basis basis,
            @Nullable String formula,
            @Nullable Double purity) {
        if (formula != null) {
            return Analysis.ofSalt(formula, purity == null ? 100 : purity);
        }
        Map<Declared, Double> stated = new EnumMap<>(Declared.class);
        if (contents != null) {
            stated.putAll(contents);
        }
        stated.put(Declared.N, n);
        stated.put(Declared.P2O5, p2o5);
        stated.put(Declared.K2O, k2o);
        return new Analysis(stated, basis == Basis.by_volume ? Analysis.Basis.BY_VOLUME : Analysis.Basis.BY_WEIGHT);
    }

    /** The feed for the rules; a label that is not settled is refused with every reason. */
    public Feed toFeed() {
        Faults faults = new Faults();
        Optional<Analysis> analysis = faults.attempt(this::toAnalysis);
        LabelReading reading = reading();
        reading.refusals().forEach(faults::add);
        if (reading.hasOpenQuestions()) {
            faults.add(FaultCode.LABEL_QUESTION_OPEN, "label", "");
        }
        if (reading.hasUnknownWords() && !wordsSeen) {
            faults.add(Fault.of(FaultCode.LABEL_WORDS_OPEN, "label", unknownWords(reading)));
        }
        faults.throwIfAny();
        Reread counts = counts(reading);
        return new Feed(
                analysis.orElseThrow(),
                form.toForm(),
                optional(density),
                optional(ecFactor),
                counts.rate(),
                counts.rhythm(),
                coated(),
                reading.terms());
    }

    /** What counts of what was saved and what is read now. */
    private Reread counts(LabelReading now) {
        LabelReading before = before(readAs, form, now);
        return Reread.smaller(before, now)
                .orElseThrow(() -> new FaultException(Fault.of(FaultCode.LABEL_READ_OTHERWISE, "label", label)));
    }

    /** What was read when it was saved; where that is not known, or still the same, what is read now. */
    static LabelReading before(@Nullable String readAs, Form form, LabelReading now) {
        if (readAs == null) {
            return now;
        }
        LabelReading before = LabelsRead.read(readAs, Product.of(form.toForm()), Map.of());
        return Reread.differ(before, now) ? before : now;
    }

    /** Whether its sentence comes to something else now than when it was saved, and nobody has chosen. */
    public boolean readOtherwise() {
        LabelReading now = reading();
        return !before(readAs, form, now).equals(now);
    }

    /** The same with what its sentence comes to now; or came to before, where that differs and nobody has chosen. */
    FeedWire asRead() {
        LabelReading counted = before(readAs, form, reading());
        if (counted.rate().isEmpty() || counted.rhythm().isEmpty()) {
            return this;
        }
        return new FeedWire(
                id,
                name,
                n,
                p2o5,
                k2o,
                elements,
                contents,
                basis,
                chelate,
                formula,
                purity,
                form,
                density,
                ecFactor,
                ownMl,
                coatedMonths,
                coatedCelsius,
                label,
                answers,
                wordsSeen,
                InWords.of(counted.rate().get(), counted.rhythm().get()),
                typed,
                version,
                retired);
    }

    /** The same of one that was saved; empty where its label now asks or forbids something, until that is settled. */
    public Optional<Feed> settled() {
        return new Faults().attempt(this::toFeed);
    }

    /** How it releases, where it is coated. */
    public Optional<CoatedRelease> coated() {
        return coatedMonths == null || coatedCelsius == null
                ? Optional.empty()
                : Optional.of(new CoatedRelease(coatedMonths, coatedCelsius));
    }

    private String unknownWords(LabelReading reading) {
        return String.join(
                " ",
                reading.spans().stream()
                        .filter(s -> s.role() == LabelReading.Role.UNKNOWN)
                        .map(s -> label.substring(s.start(), s.end()))
                        .toList());
    }
}
