package evencistern.media;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.table;
import static evencistern.working.Working.Input.typed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.pot.Pot;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A batch of a mix for a list of pots.
 *
 * <p><b>Answers</b> how much of each component is tipped into the tub, in how many loads, and how many packs are opened?
 * <p><b>Formula</b> mix = Σ count·V·(1 + waste); put in = mix/(1 − shrinkage); of a part = share·put in, before sieving ÷ (1 − reject); loads = ⌈put
 * in/tub⌉; cost = taken·price of a pack/its litres; water = moisture·capacity·mix
 * <p><b>Units</b> litres, loose; shovels, handfuls and packs as the person's are
 * <p><b>Valid for</b> 0.05–20 000 L of mix; waste 0–50 %
 * <p><b>Source</b> [COMMON] arithmetic; moist enough to fill is about half of what it can hold, from memory
 * <p><b>Checked by</b> BatchTest
 */
public record Batch(double mixLitres, double putLitres, int loads, double waterLitres, List<Amount> amounts) {
    private static final double MOIST = 0.5;
    private static final double EYE = 3;
    private static final double HALF = 0.5;
    private static final double QUARTER = 0.25;

    /** So many pots of one kind. */
    public record Fill(Pot pot, int count) {
        public Fill {
            Faults.require("batch.count", count, 1, 100_000, "");
        }
    }

    /** What the person measures with: litres a shovel and a handful take, litres the tub mixes at once. */
    public record Measures(double shovelLitres, double handfulLitres, double tubLitres) {
        /** Where nobody has measured their own; typical, from memory. */
        public static final Measures USUAL = new Measures(2.5, 0.15, 40);

        public Measures {
            Faults faults = new Faults();
            shovel(shovelLitres, faults);
            handful(handfulLitres, faults);
            faults.within("measure.tub", tubLitres, 0.2, 5000, "L");
            faults.throwIfAny();
        }

        /** Litres that a shovel takes; notes a fault where no shovel takes so much or so little. */
        public static double shovel(double litres, Faults faults) {
            return faults.within("measure.shovel", litres, 0.1, 50, "L");
        }

        /** Litres that a handful takes; notes a fault where no hand takes so much or so little. */
        public static double handful(double litres, Faults faults) {
            return faults.within("measure.handful", litres, 0.02, 2, "L");
        }
    }

    /**
     * So many fillings of a measure.
     *
     * @param errorPercent by which rounding misses what is wanted; 0 of nothing is a miss of 100
     */
    public record Counted(double count, double errorPercent) {
        static Counted of(double exact, double step) {
            double count = Math.rint(exact / step) * step;
            return new Counted(count, exact > 0 ? (count / exact - 1) * 100 : 0);
        }
    }

    /**
     * What goes in of one component.
     *
     * @param takenLitres loose, before sieving takes some of it away; as much as goes in where it is not sieved
     * @param litresEachLoad loose, for each of the loads
     * @param packs to open, from what one pack gives
     */
    public record Amount(Component component, double litres, double takenLitres, double litresEachLoad, double packs) {
        /** Shovels for a load, to the quarter as one can be filled by eye; beyond three to the half. */
        public Counted shovelsEachLoad(Measures measures) {
            double exact = litresEachLoad / measures.shovelLitres();
            return Counted.of(exact, exact > EYE ? HALF : QUARTER);
        }

        /** Handfuls for a load, whole ones. */
        public Counted handfulsEachLoad(Measures measures) {
            return Counted.of(litresEachLoad / measures.handfulLitres(), 1);
        }

        /** What it costs, where its packs have a price; in the money they are priced in. */
        public Optional<Double> cost() {
            return component.pack().costPerLitre().map(c -> takenLitres * c);
        }

        public int packsToOpen() {
            return (int) Math.ceil(packs - 1e-9);
        }

        /** Packs to buy when so many loose litres are on the shelf, 0 or more. */
        public int packsToBuy(double litresOnHand) {
            Faults.require("stock.amount", litresOnHand, 0, 1e7, "L");
            double missing = Math.max(0, takenLitres - litresOnHand);
            return (int) Math.ceil(missing / component.pack().looseLitres() - 1e-9);
        }
    }

    /** Litres of mix that these pots take, spills included. */
    public static double litresFor(List<Fill> fills, double waste) {
        Faults.require("batch.waste", waste * 100, 0, 50, "%");
        if (fills.isEmpty()) {
            throw new FaultException(Fault.of(FaultCode.MISSING, "batch.pots", ""));
        }
        return fills.stream().mapToDouble(f -> f.count() * f.pot().mixLitres()).sum() * (1 + waste);
    }

    /**
     * The batch that gives so many litres of mix.
     *
     * @param capacity that the mix holds in these pots, as a fraction; for the water it is moistened with
     * @param rejects share of a component that a sieve takes away before it goes in, 0–0.9 by its key
     */
    public static Batch of(
            Mix mix, double litres, double capacity, Measures measures, Map<String, Double> rejects, Working working) {
        Faults faults = new Faults();
        faults.within("batch.litres", litres, 0.05, 20_000, "L");
        rejects.values().forEach(r -> faults.within("batch.reject", r * 100, 0, 90, "%"));
        faults.throwIfAny();
        double put = working.step(
                "batch.put",
                "put in = mix/(1 − shrinkage)",
                litres * mix.litresPut(),
                Unit.LITRE,
                "DELARRARD1999",
                typed("mix", litres, Unit.LITRE, "batch.litres"),
                table("shrinkage", mix.shrinkage() * 100, Unit.PER_CENT, "mix:shrinkage"));
        int loads = (int) Math.ceil(put / measures.tubLitres() - 1e-9);
        List<Amount> amounts = new ArrayList<>();
        for (Mix.Part part : mix.parts()) {
            if (part.parts() > 0) {
                double of = working.step(
                        "batch.part",
                        "of a part = share·put in",
                        mix.share(part) * put,
                        Unit.LITRE,
                        "COMMON",
                        table(
                                "share",
                                mix.share(part) * 100,
                                Unit.PER_CENT,
                                "components:" + part.component().key()),
                        earlier("put in", put, Unit.LITRE, "batch.put"));
                double taken = of / (1 - rejects.getOrDefault(part.component().key(), 0.0));
                amounts.add(new Amount(
                        part.component(),
                        of,
                        taken,
                        of / loads,
                        taken / part.component().pack().looseLitres()));
            }
        }
        return new Batch(litres, put, loads, MOIST * capacity * litres, List.copyOf(amounts));
    }
}
