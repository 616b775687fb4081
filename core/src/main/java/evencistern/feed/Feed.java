package evencistern.feed;

import evencistern.chemistry.AtomicWeights;
import evencistern.fault.Faults;
import evencistern.label.HowGiven;
import evencistern.label.Measure;
import evencistern.label.Product;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.label.Terms;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A product as it stands on the shelf, with what its label tells.
 *
 * @param density kg/L: of the liquid, or of the powder as it lies in a spoon; 0.2–2.5; empty where unknown
 * @param ecPerGramPerLitre conductivity in mS/cm of 1 g of product per litre, if the label states it; 0–3
 * @param coated how it releases, where it is coated
 * @param terms the seasons, shares and rarer months of its label
 */
public record Feed(
        Analysis analysis,
        ProductForm form,
        OptionalDouble density,
        OptionalDouble ecPerGramPerLitre,
        Rate rate,
        Rhythm rhythm,
        Optional<CoatedRelease> coated,
        Terms terms) {
    /** Liquids run from 1.1 to 1.3 kg/L (from memory, typical); that range is the uncertainty when none is stated. */
    private static final Uncertain LIQUID_DENSITY = Uncertain.uniform(1.1, 1.3);
    /** Soluble powders as spooned, kg/L; from memory, typical. */
    private static final Uncertain POWDER_DENSITY = Uncertain.uniform(0.75, 1.15);
    /** A stated density is good to about 3 %, a level spoon to about 10 %; common practice, no source. */
    private static final double LIQUID_PLUS_MINUS = 0.03;

    private static final double SPOONED_PLUS_MINUS = 0.10;

    /** A feed whose label makes no terms. */
    public Feed(
            Analysis analysis,
            ProductForm form,
            OptionalDouble density,
            OptionalDouble ecPerGramPerLitre,
            Rate rate,
            Rhythm rhythm,
            Optional<CoatedRelease> coated) {
        this(analysis, form, density, ecPerGramPerLitre, rate, rhythm, coated, Terms.NONE);
    }

    /** A feed that is not coated. */
    public Feed(
            Analysis analysis,
            ProductForm form,
            OptionalDouble density,
            OptionalDouble ecPerGramPerLitre,
            Rate rate,
            Rhythm rhythm) {
        this(analysis, form, density, ecPerGramPerLitre, rate, rhythm, Optional.empty());
    }

    public Feed {
        Faults faults = new Faults();
        density.ifPresent(d -> faults.within("feed.density", d, 0.2, 2.5, "kg/L"));
        ecPerGramPerLitre.ifPresent(e -> faults.within("feed.ec_factor", e, 0, 3, "mS/cm"));
        faults.throwIfAny();
    }

    /** kg/L with its uncertainty, from what was stated or else from what is usual. */
    public Uncertain densityKgPerL() {
        return densityKgPerL(form, density);
    }

    /** The same of a product of which nothing else is known yet. */
    public static Uncertain densityKgPerL(ProductForm form, OptionalDouble density) {
        if (density.isEmpty()) {
            return form == ProductForm.LIQUID ? LIQUID_DENSITY : POWDER_DENSITY;
        }
        double share = form == ProductForm.LIQUID ? LIQUID_PLUS_MINUS : SPOONED_PLUS_MINUS;
        return Uncertain.plusMinus95(density.getAsDouble(), density.getAsDouble() * share);
    }

    /** The density as an input of a working: the person's own figure, or the table's. */
    public Working.Input densityInput() {
        double kgPerL = densityKgPerL().value();
        return density.isPresent()
                ? Working.Input.typed("ρ", kgPerL, Unit.KILOGRAM_PER_LITRE, "feed.density")
                : Working.Input.table("ρ", kgPerL, Unit.KILOGRAM_PER_LITRE, "feed:density");
    }

    /** What a product is read with: what is in a gram of it, or in a millilitre of a liquid; of nothing, where that is nought. */
    public static Product product(Analysis analysis, ProductForm form, OptionalDouble density, OptionalDouble ownMl) {
        Measure measure = form == ProductForm.DRY ? Measure.GRAMS : Measure.MILLILITRES;
        Nutrients each = new Feed(
                        analysis,
                        form,
                        density,
                        OptionalDouble.empty(),
                        new Rate.PerWater(1, 1, measure),
                        new Rhythm.EveryWatering())
                .contentsPer(measure);
        Product.Holds holds = new Product.Holds(each.n(), each.p(), each.k());
        boolean any = holds.nMg() + holds.pMg() + holds.kMg() > 0;
        return new Product(form, ownMl, any ? Optional.of(holds) : Optional.empty());
    }

    /** Where it goes: into the water, on the leaves, on the mix, or into it before it is filled in. */
    public HowGiven how() {
        if (rate instanceof Rate.PerWater) {
            return HowGiven.WATERED;
        }
        if (rate instanceof Rate.PerMix mix && mix.mixedIn()) {
            return HowGiven.MIXED_IN;
        }
        return rate instanceof Rate.PerSpray ? HowGiven.SPRAYED : HowGiven.STREWN;
    }

    public boolean watered() {
        return how() == HowGiven.WATERED;
    }

    public boolean sprayed() {
        return how() == HowGiven.SPRAYED;
    }

    /** Whether it lies on the mix or in it, and gives from there. */
    public boolean strewn() {
        return how() == HowGiven.STREWN || mixedIn();
    }

    /** Whether its label has it go in with fresh mix. */
    public boolean mixedIn() {
        return how() == HowGiven.MIXED_IN;
    }

    /** Grams in one unit (g or mL) of the product. */
    public Uncertain gramsPer(Measure measure) {
        return measure == Measure.GRAMS ? Uncertain.exact(1) : densityKgPerL();
    }

    /** The label's top rate in a litre of feed, g or mL; empty where the product is not watered on. */
    public OptionalDouble mostPerLitre(Measure measure) {
        return rate instanceof Rate.PerWater water
                ? OptionalDouble.of(water.max()
                        * gramsPer(water.measure()).value()
                        / gramsPer(measure).value())
                : OptionalDouble.empty();
    }

    /**
     * What one unit (g or mL) of the product brings, mg. Where the per cents are of weight a millilitre needs the density,
     * where they are of volume a gram does; {@link #contentsSpread} says how sure that is.
     */
    public Nutrients contentsPer(Measure measure) {
        return analysis.contents().times(unitsPer(measure).value());
    }

    /**
     * The share of its nitrogen that is ammonium or urea, 0–1. Where a label tells nothing of it, all that is not the nitrate
     * of its potassium may be.
     */
    public double slowShare() {
        Nutrients contents = analysis.contents();
        double untold = contents.of(Nutrient.UNTOLD_N);
        double nitrate = contents.k() / AtomicWeights.K * AtomicWeights.N;
        double slow = contents.of(Nutrient.AMMONIUM_N) + contents.of(Nutrient.UREA_N) + Math.max(0, untold - nitrate);
        return contents.n() > 0 ? slow / contents.n() : 0;
    }

    /** Standard deviation of the contents of a unit, as a share of them. */
    public double contentsSpread(Measure measure) {
        Uncertain units = unitsPer(measure);
        return units.sd() / units.value();
    }

    /** How many of the analysis' own units, g or mL, are in one of the measure's. */
    private Uncertain unitsPer(Measure measure) {
        boolean byVolume = analysis.basis() == Analysis.Basis.BY_VOLUME;
        if (byVolume == (measure == Measure.MILLILITRES)) {
            return Uncertain.exact(1);
        }
        Uncertain density = densityKgPerL();
        return byVolume
                ? new Uncertain(1 / density.value(), density.sd() / (density.value() * density.value()))
                : density;
    }
}
