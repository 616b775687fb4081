package evencistern.media;

import static evencistern.working.Working.Input.table;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.units.Uncertain;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * A mix of components by volume.
 *
 * <p><b>Answers</b> how porous, wet, heavy, sour and salty is the mixture, what does it cost, and how long does it last?
 * <p><b>Formula</b> solids of the parts and the pores inside their grains add, gaps between grains are lost (Packing) with
 * the water in them; the volume is Σ parts · (1 − s); porosity = 1 − Σ fᵢ(1 − φᵢ)/(1 − s); θ(h) = min(porosity, Σ (fᵢ·θᵢ(h)
 * − lostᵢ·gᵢ(h))/(1 − s)), g the share of gaps that hold water; pH = Σ fᵢβᵢpHᵢ/Σ fᵢβᵢ; life = 1/Σ(fᵢ/lifeᵢ)
 * <p><b>Units</b> volume fractions; kg/L; buffer g CaCO3 per litre and pH; CEC meq/100 cm³; EC mS/cm; years
 * <p><b>Valid for</b> at least one part above zero; shrinkage 0–0.4; pH before any lime, ± 0.4
 * <p><b>Source</b> [COMMON] volume balance, buffer-weighted pH; from memory
 * <p><b>Checked by</b> PorometerTest
 *
 * @param packing what is lost in mixing, and of which part
 * @param measured what the mix itself held, soaked and drained; it stands over what its parts let expect
 */
public record Mix(String key, List<Part> parts, Packing packing, Optional<Measured> measured) {
    private static final double MOST_SHRINKAGE = 0.4;
    /** From batch to batch of one material, as a 95 % interval; from memory. */
    private static final double PH_PLUS_MINUS = 0.4;

    /** What the rules of mixing miss of what a porometer shows, as a 95 % interval: PorometerTest. */
    private static final double MIXING_PLUS_MINUS = 0.04;

    /** Of what a column held, roots get a tenth at the least. */
    private static final double MOST_UNAVAILABLE = 0.9;

    private static final double NEUTRAL = 7;
    private static final double LONGEST_YEARS = 100;
    private static final double FINE_EARTH_MM = 0.06;
    private static final double A_GOOD_PART = 0.25;
    private static final double ORGANIC_ENOUGH = 1.0 / 3;

    /** So many parts by volume of a component. */
    public record Part(Component component, double parts) {
        public Part {
            Faults.require("mix.parts", parts, 0, 1e6, "");
        }
    }

    /** The key of no mix at all: roots that hang in the air. */
    public static final String BARE = "bare";

    /** No mix at all. */
    public static final Mix NONE = new Mix(BARE, List.of(), new Packing(0, List.of()), Optional.empty());

    public Mix {
        parts = List.copyOf(parts);
        if (!key.equals(BARE)) {
            requireSome(parts);
        }
    }

    /** Whether there is none: nothing holds water, salt or lime. */
    public boolean none() {
        return parts.isEmpty();
    }

    private static void requireSome(List<Part> parts) {
        if (!(parts.stream().mapToDouble(Part::parts).sum() > 0)) {
            throw new FaultException(Fault.of(FaultCode.PARTS_NOTHING, "mix.parts", "0"));
        }
    }

    /** A mix that loses what its grain sizes say. */
    public static Mix of(String key, List<Part> parts) {
        requireSome(parts);
        return new Mix(key, parts, Packing.of(parts), Optional.empty());
    }

    /**
     * The same mix as somebody measured it: so many litres came out of so many put in.
     *
     * @param yield litres out per litre in, 0.6–1
     */
    public Mix yielding(double yield) {
        double shrinkage = 1 - Faults.require("mix.yield", yield, 1 - MOST_SHRINKAGE, 1, "");
        return new Mix(key, parts, packing.losing(shrinkage, parts), measured);
    }

    /** The same mix as it was soaked and drained, at one height or two. */
    public Mix soaked(List<Soaked> tests) {
        Mix expected = unmeasured();
        return new Mix(key, parts, packing, Optional.of(Measured.of(expected::saturation, tests)));
    }

    /** The same mix as its parts let expect it. */
    public Mix unmeasured() {
        return new Mix(key, parts, packing, Optional.empty());
    }

    /** The same mix without one of its parts, as the others let expect it; empty where nothing is left. */
    public Optional<Mix> without(Part part) {
        List<Part> others = parts.stream().filter(p -> !p.equals(part)).toList();
        return others.stream().anyMatch(p -> p.parts() > 0) ? Optional.of(of(key, others)) : Optional.empty();
    }

    /** Whether it is of the same parts as another: no part's share differs by more than {@code share}. */
    public boolean madeLike(Map<String, Double> shares, double share) {
        Map<String, Double> apart = new HashMap<>(shares);
        parts.forEach(p -> apart.merge(p.component().key(), -share(p), Double::sum));
        return apart.values().stream().allMatch(a -> Math.abs(a) <= share);
    }

    /** Share of the parts' volume lost in mixing. */
    public double shrinkage() {
        return packing.shrinkage();
    }

    /** Share of a part in the volume that is put in. */
    public double share(Part part) {
        return part.parts() / total();
    }

    private double total() {
        double total = 0;
        for (Part p : parts) {
            total += p.parts();
        }
        return total;
    }

    private double put(ToDoubleFunction<Component> of) {
        double sum = 0;
        double total = 0;
        for (Part p : parts) {
            sum += p.parts() * of.applyAsDouble(p.component());
            total += p.parts();
        }
        return total > 0 ? sum / total : 0;
    }

    private double mean(ToDoubleFunction<Component> of) {
        return put(of) / (1 - shrinkage());
    }

    /** Litres of parts that go into a litre of mix. */
    public double litresPut() {
        return 1 / (1 - shrinkage());
    }

    /** Pore space as a fraction of the mixed volume. */
    public double porosity() {
        return measured.isPresent() ? measured.get().porosity() : expectedPorosity();
    }

    private double expectedPorosity() {
        return 1 - mean(c -> 1 - c.hold().porosity());
    }

    /** Water that roots cannot take, as a fraction of the mixed volume. */
    public double unavailable() {
        double most = measured.isPresent() ? measured.get().leastCapacity() * MOST_UNAVAILABLE : porosity();
        return Math.min(most, mean(c -> c.hold().unavailable()));
    }

    /** By how much its water and air may be off, as a 95 % interval of the fraction: its parts' own, and the mixing's. */
    public double waterPlusMinus() {
        if (measured.isPresent()) {
            return measured.get().plusMinus();
        }
        double parted = 0;
        boolean mixed = false;
        for (Part part : parts) {
            parted = Math.hypot(parted, share(part) * part.component().hold().plusMinus());
            mixed |= part.parts() > 0 && share(part) < 1;
        }
        return Math.hypot(parted / (1 - shrinkage()), mixed ? MIXING_PLUS_MINUS : 0);
    }

    public double densityKgPerL() {
        return mean(Component::densityKgPerL);
    }

    /** Water content at a suction of {@code cm}. */
    public double at(double cm) {
        return measured.isPresent() ? measured.get().at(cm, this::saturation) : expectedAt(cm);
    }

    /** Share of its pores that its parts let expect full at a suction of {@code cm}. */
    private double saturation(double cm) {
        return none() ? 0 : Math.min(1, Math.max(0, expectedAt(cm) / expectedPorosity()));
    }

    private double expectedAt(double cm) {
        double water = 0;
        double solid = 0;
        double total = total();
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            double share = part.parts() / total;
            Component.Hold hold = part.component().hold();
            double own = hold.curve().at(cm);
            water += share * own - packing.lost().get(i) * part.component().gapsFilled(own);
            solid += share * (1 - hold.porosity());
        }
        return Math.min(1 - solid / (1 - shrinkage()), water / (1 - shrinkage()));
    }

    /** Lime, as g CaCO3 per litre of mix, that raises its pH by one. */
    public double buffer() {
        return mean(c -> c.chemistry().buffer());
    }

    /** pH before lime: each part weighs by how hard it holds on to its own. */
    public Uncertain ph(Working working) {
        if (none()) {
            return Uncertain.plusMinus95(NEUTRAL, PH_PLUS_MINUS);
        }
        double ph = put(c -> c.chemistry().buffer() * c.chemistry().ph())
                / put(c -> c.chemistry().buffer());
        working.step(
                "media.ph",
                "pH = Σ fβpH/Σ fβ",
                ph,
                Unit.PH_UNIT,
                "COMMON",
                parts.stream()
                        .map(p -> table(
                                p.component().key(),
                                p.component().chemistry().ph(),
                                Unit.PH_UNIT,
                                "components:" + p.component().key()))
                        .toArray(Working.Input[]::new));
        return Uncertain.plusMinus95(ph, PH_PLUS_MINUS);
    }

    public double cec() {
        return mean(c -> c.chemistry().cec());
    }

    public double ec() {
        return put(c -> c.chemistry().ec());
    }

    /** Share of bark and other coarse organic matter in the volume put in. */
    public double barkShare() {
        return put(c -> c.family() == Component.Family.BARK ? 1 : 0);
    }

    /** Whether a good part of it is loam, fine earth that holds on to what feeds. */
    public boolean loam() {
        return put(c -> c.family() == Component.Family.MINERAL && c.grain().fromMm() < FINE_EARTH_MM ? 1 : 0)
                >= A_GOOD_PART;
    }

    /** Share of organic matter in the volume put in. */
    public double organicShare() {
        return put(c -> c.family().organic() ? 1 : 0);
    }

    /** Years it keeps its structure while kept wet; where there is no mix nothing wears out. */
    public double wetYears() {
        return none() ? LONGEST_YEARS : 1 / put(c -> 1 / c.wear().wetYears());
    }

    /** Years it keeps its structure wetted and dried in turn. */
    public double cycledYears() {
        return none() ? LONGEST_YEARS : 1 / put(c -> 1 / c.wear().cycledYears());
    }

    /** The share of its life that it has behind it when it is potted into, by what of it was used before. */
    public double spent() {
        return put(c -> c.wear().spent());
    }

    /** What a litre of mix costs, if the price of every part is known. */
    public Optional<Double> costPerLitre() {
        boolean known = parts.stream()
                .allMatch(p ->
                        p.parts() == 0 || p.component().pack().costPerLitre().isPresent());
        return known ? Optional.of(mean(c -> c.pack().costPerLitre().orElse(0.0))) : Optional.empty();
    }

    /** What it is mainly made of: organic matter decides from a third on, else it is a mineral mix. */
    public Component.Family kind() {
        if (organicShare() < ORGANIC_ENOUGH) {
            return Component.Family.MINERAL;
        }
        return barkShare() > organicShare() / 2 ? Component.Family.BARK : Component.Family.PEAT;
    }
}
