package evencistern.feed;

import evencistern.chemistry.Element;
import evencistern.chemistry.Formula;
import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a label says is in the product.
 *
 * <p><b>Answers</b> how many mg of each element are in a gram or a millilitre?
 * <p><b>Formula</b> mg per g (per cent by weight) or per mL (weight by volume) = 10 · % · element in what is named
 * <p><b>Units</b> % of what is named: oxides or elements
 * <p><b>Valid for</b> each line 0–100, all together at most 100 by weight; forms of nitrogen that add up to the total
 * <p><b>Source</b> [IUPAC] for the oxides
 * <p><b>Checked by</b> AnalysisTest
 *
 * @param stated % by the label's own lines; a nutrient is named once, as oxide or as element
 */
public record Analysis(Map<Declared, Double> stated, Basis basis) {
    /** Printed figures are rounded to a tenth, sometimes to a half: so far the forms may miss the total. */
    private static final double ROUNDED = 0.06;
    /** g in 100 mL of the densest liquid that is sold, from memory. */
    private static final double HEAVIEST_BY_VOLUME = 170;

    /** Of what the per cents are. */
    public enum Basis {
        BY_WEIGHT,
        BY_VOLUME;

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    public Analysis {
        Map<Declared, Double> own = new EnumMap<>(Declared.class);
        own.putAll(stated);
        Faults faults = new Faults();
        own.forEach((line, percent) -> faults.within("feed." + line.id(), percent, 0, 100, "%"));
        own.values().removeIf(percent -> percent == 0);
        stated = Collections.unmodifiableMap(own);
        if (!faults.any()) {
            double most = basis == Basis.BY_WEIGHT ? 100 : HEAVIEST_BY_VOLUME;
            double sum = sum(own);
            if (sum > most + 1e-9) {
                faults.add(
                        new Fault(FaultCode.ANALYSIS_ABOVE_100, "feed.n", Faults.plain(sum), Faults.plain(most), "%"));
            }
            twice(own, faults);
            forms(own, faults);
        }
        faults.throwIfAny();
    }

    /** The three numbers alone, by weight. */
    public static Analysis npk(double n, double p2o5, double k2o) {
        return new Analysis(Map.of(Declared.N, n, Declared.P2O5, p2o5, Declared.K2O, k2o), Basis.BY_WEIGHT);
    }

    /**
     * A single salt from its formula.
     *
     * @param purityPercent 20–100; the rest counts as nothing
     */
    public static Analysis ofSalt(String formula, double purityPercent) {
        Formula salt = Formula.of(formula);
        if (salt.bleaches()) {
            throw new FaultException(Fault.of(FaultCode.FORMULA_BLEACHES, "feed.formula", formula));
        }
        Faults.require("feed.purity", purityPercent, 20, 100, "%");
        double pure = purityPercent / 100;
        Map<Declared, Double> stated = new EnumMap<>(Declared.class);
        Map<Declared, Formula.Bound> nitrogen = Map.of(
                Declared.NITRATE_N, Formula.Bound.NITRATE,
                Declared.AMMONIUM_N, Formula.Bound.AMMONIUM,
                Declared.UREA_N, Formula.Bound.UREA);
        nitrogen.forEach((line, bound) -> stated.put(line, salt.percentNitrogen(bound) * pure));
        stated.put(Declared.N, salt.percent(Element.NITROGEN) * pure);
        for (Element element : Element.values()) {
            if (element != Element.NITROGEN) {
                Arrays.stream(Declared.values())
                        .filter(line -> line.name().equalsIgnoreCase(element.symbol()))
                        .forEach(line -> stated.put(line, salt.percent(element) * pure));
            }
        }
        if (stated.values().stream().allMatch(percent -> percent == 0)) {
            throw new FaultException(Fault.of(FaultCode.FORMULA_FEEDS_NOTHING, "feed.formula", formula));
        }
        return new Analysis(stated, Basis.BY_WEIGHT);
    }

    /** Of a liquid that was made: what a millilitre holds, mg, as per cents by volume. */
    public static Analysis ofLiquid(Nutrients mgPerMl) {
        Map<Declared, Double> stated = new EnumMap<>(Declared.class);
        mgPerMl.amounts().forEach((nutrient, mg) -> {
            if (nutrient != Nutrient.UNTOLD_N) {
                stated.put(Declared.valueOf(nutrient.name()), mg / 10);
            }
        });
        stated.put(Declared.N, mgPerMl.n() / 10);
        if (mgPerMl.of(Nutrient.UNTOLD_N) > 0) {
            stated.keySet().removeIf(Declared::nitrogenForm); // not told of all: then of none
        }
        return new Analysis(stated, Basis.BY_VOLUME);
    }

    /** Lines that do not repeat another: without the total of nitrogen where its forms are told. */
    private static double sum(Map<Declared, Double> own) {
        double forms = formsOf(own);
        double total = own.entrySet().stream()
                .filter(e -> !e.getKey().nutrient().nitrogen())
                .mapToDouble(Map.Entry::getValue)
                .sum();
        return total + Math.max(forms, own.getOrDefault(Declared.N, 0.0));
    }

    private static double formsOf(Map<Declared, Double> own) {
        return own.entrySet().stream()
                .filter(e -> e.getKey().nitrogenForm())
                .mapToDouble(Map.Entry::getValue)
                .sum();
    }

    private static void twice(Map<Declared, Double> own, Faults faults) {
        Set<Nutrient> named = new HashSet<>();
        for (Declared line : own.keySet()) {
            if (!line.nutrient().nitrogen() && !named.add(line.nutrient())) {
                faults.add(
                        FaultCode.STATED_TWICE,
                        "feed." + line.id(),
                        line.nutrient().id());
            }
        }
    }

    private static void forms(Map<Declared, Double> own, Faults faults) {
        List<Declared> told =
                own.keySet().stream().filter(Declared::nitrogenForm).toList();
        double total = own.getOrDefault(Declared.N, 0.0);
        double forms = formsOf(own);
        if (!told.isEmpty() && total > 0 && Math.abs(forms - total) > ROUNDED * (told.size() + 1)) {
            faults.add(new Fault(
                    FaultCode.NITROGEN_FORMS, "feed.nitrate_n", Faults.plain(forms), Faults.plain(total), "%"));
        }
    }

    private double percent(Nutrient nutrient) {
        return stated.entrySet().stream()
                .filter(e -> e.getKey().nutrient() == nutrient)
                .mapToDouble(e -> e.getValue() * e.getKey().element())
                .sum();
    }

    /** Per cent nitrogen in all. */
    public double n() {
        return stated.getOrDefault(Declared.N, formsOf(stated));
    }

    public double p() {
        return percent(Nutrient.P);
    }

    public double k() {
        return percent(Nutrient.K);
    }

    public double p2o5() {
        return p() / Declared.P2O5.element();
    }

    public double k2o() {
        return k() / Declared.K2O.element();
    }

    /** What a label may leave out that bears on the dose. */
    public enum Untold {
        /** How its nitrogen is bound. */
        NITROGEN_FORMS,
        /** Boron, of which most feeds with traces hold some. */
        BORON;

        public String id() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /** What the label does not tell: it is neither taken as none nor a reason to refuse the feed. */
    public Set<Untold> untold() {
        EnumSet<Untold> untold = EnumSet.noneOf(Untold.class);
        if (!formsTold()) {
            untold.add(Untold.NITROGEN_FORMS);
        }
        boolean compound = n() > 0 && (p() > 0 || k() > 0);
        if (compound && !stated.containsKey(Declared.B)) {
            untold.add(Untold.BORON);
        }
        return untold;
    }

    /** Whether it is told how all of the nitrogen is bound. */
    public boolean formsTold() {
        return n() == 0 || formsOf(stated) > 0;
    }

    /** mg in a gram (by weight) or in a millilitre (by volume). The total of nitrogen counts, its forms share it. */
    public Nutrients contents() {
        Map<Nutrient, Double> mg = new EnumMap<>(Nutrient.class);
        double forms = formsOf(stated);
        stated.forEach((line, percent) -> {
            if (line.nitrogenForm()) {
                mg.merge(line.nutrient(), 10 * percent * n() / forms, Double::sum);
            } else if (line != Declared.N || forms == 0) {
                mg.merge(line.nutrient(), 10 * percent * line.element(), Double::sum);
            }
        });
        return new Nutrients(mg);
    }
}
