package evencistern.tank;

import static evencistern.working.Working.Input.earlier;
import static evencistern.working.Working.Input.typed;

import evencistern.fault.Fault;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.feed.Nutrients;
import evencistern.feed.SolutionGuard;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The stock for an injector.
 *
 * <p><b>Answers</b> how much of each product goes into which tank, does it stay dissolved, and when is it empty?
 * <p><b>Formula</b> amount = dose · DF · V; of what may be dissolved Σ c/c(allowed) ≤ 1, since salts share ions and water;
 * days = V · DF/litres a day
 * <p><b>Units</b> g or mL of product; L; days
 * <p><b>Valid for</b> tanks of 0.2–20 000 L
 * <p><b>Source</b> [COMMON] calcium never with sulfate or phosphate in a concentrate, silicate alone and first
 * <p><b>Checked by</b> TankTest
 *
 * @param daysUntilEmpty of every tank, since they are drawn alike; empty where nothing is told of the use
 */
public record StockTanks(List<Tank> tanks, Injector injector, OptionalDouble daysUntilEmpty) {
    private static final double FULL = 1 + 1e-9;

    /** Which tank. */
    public enum Named {
        ONE,
        A,
        B,
        C,
        SILICATE;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Why a product stands where it does. */
    public enum Why {
        TOGETHER,
        CALCIUM_APART,
        SULFATE_OR_PHOSPHATE_APART,
        CHELATE_WITH_CALCIUM,
        BOTH_IN_ONE_PRODUCT,
        SILICATE_ALONE;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** How the limit of a product is known. */
    public enum Known {
        BY_TEMPERATURE,
        AT_20_ONLY,
        BY_LABEL,
        NOT_KNOWN;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A product in its tank.
     *
     * @param amount for the tank, g or mL
     * @param perLitre of stock, g or mL
     * @param allowedPerLitre of stock; empty where it is not known
     */
    public record Put(
            Stocked product, double amount, double perLitre, OptionalDouble allowedPerLitre, Known known, Why why) {
        /** Of what may be dissolved, 0 where nothing is known. */
        double share() {
            return allowedPerLitre.isPresent() ? perLitre / allowedPerLitre.getAsDouble() : 0;
        }
    }

    /**
     * One tank, its products in the order in which they go into the water.
     *
     * @param share of what may be dissolved, all products together, 0–1
     * @param known whether that is known of every product
     * @param chills whether dissolving it makes the water cold
     */
    public record Tank(Named named, List<Put> puts, double share, boolean known, boolean chills) {}

    public StockTanks {
        tanks = List.copyOf(tanks);
    }

    /**
     * Works out the tanks.
     *
     * @param oneTank whether all must go into one; refused where that cannot be
     * @param litres of each tank
     * @param coldestCelsius of the nights it stands through, 0–40
     * @param litresPerDay of finished feed, if told
     */
    public static StockTanks of(
            List<Stocked> products,
            Injector injector,
            boolean oneTank,
            double litres,
            double coldestCelsius,
            OptionalDouble litresPerDay,
            Working working) {
        Faults faults = new Faults();
        faults.within("tank.litres", litres, 0.2, 20_000, "L");
        faults.within("coldest", coldestCelsius, 0, 40, "°C");
        litresPerDay.ifPresent(l -> faults.within("tank.per_day", l, 0.01, 1e7, "L"));
        if (products.isEmpty()) {
            faults.add(FaultCode.MISSING, "stock.products", "");
        }
        faults.throwIfAny();
        SolutionGuard.require(products.stream()
                .map(p -> p.feed().contentsPer(p.measure()).times(p.perLitre()))
                .reduce(Nutrients.NONE, Nutrients::plus));
        if (oneTank) {
            refuseTogether(products);
        }
        Map<Named, List<Put>> sorted = new LinkedHashMap<>();
        for (Stocked product : products) {
            Why why = oneTank ? Why.TOGETHER : why(product, products);
            sorted.computeIfAbsent(oneTank ? Named.ONE : named(why), n -> new ArrayList<>())
                    .add(put(product, why, injector, litres, coldestCelsius));
        }
        boolean alone = sorted.size() == 1;
        List<Tank> tanks = sorted.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> tank(alone ? Named.ONE : e.getKey(), e.getValue(), injector))
                .toList();
        Put first = tanks.get(0).puts().get(0);
        Unit unit = first.product().measure().unit();
        working.step(
                "tank.amount",
                "amount = dose·DF·V",
                first.amount(),
                unit,
                "COMMON",
                typed("dose", first.product().perLitre(), unit, "stock.per_litre"),
                typed("DF", injector.dilutionFactor(), Unit.ONE, "dilution_factor"),
                typed("V", litres, Unit.LITRE, "tank.litres"));
        OptionalDouble days = OptionalDouble.empty();
        if (litresPerDay.isPresent()) {
            days = OptionalDouble.of(working.step(
                    "tank.days",
                    "days = V·DF/litres a day",
                    litres * injector.dilutionFactor() / litresPerDay.getAsDouble(),
                    Unit.DAY,
                    "COMMON",
                    typed("V", litres, Unit.LITRE, "tank.litres"),
                    earlier("DF", injector.dilutionFactor(), Unit.ONE, "tank.amount"),
                    typed("litres a day", litresPerDay.getAsDouble(), Unit.LITRE, "tank.per_day")));
        }
        return new StockTanks(tanks, injector, days);
    }

    private static void refuseTogether(List<Stocked> products) {
        for (Stocked one : products) {
            for (Stocked other : products) {
                if (one.equals(other)) {
                    continue;
                }
                if (one.calcium() && (other.sulfate() || other.phosphate())) {
                    throw new FaultException(new Fault(
                            other.sulfate() ? FaultCode.CALCIUM_WITH_SULFATE : FaultCode.CALCIUM_WITH_PHOSPHATE,
                            "stock.products",
                            one.name(),
                            other.name(),
                            ""));
                }
                if (one.silicate()) {
                    throw new FaultException(
                            new Fault(FaultCode.SILICATE_ALONE, "stock.products", one.name(), other.name(), ""));
                }
            }
        }
    }

    private static Why why(Stocked product, List<Stocked> all) {
        List<Stocked> others = all.stream().filter(p -> !p.equals(product)).toList();
        boolean calciumThere = others.stream().anyMatch(Stocked::calcium);
        boolean foesThere = others.stream().anyMatch(p -> p.sulfate() || p.phosphate());
        boolean foe = product.sulfate() || product.phosphate();
        if (product.silicate() && !others.isEmpty()) {
            return Why.SILICATE_ALONE;
        }
        if (product.calcium() && foe && (calciumThere || foesThere)) {
            return Why.BOTH_IN_ONE_PRODUCT;
        }
        if (product.calcium() && foesThere) {
            return Why.CALCIUM_APART;
        }
        if (foe && calciumThere) {
            return Why.SULFATE_OR_PHOSPHATE_APART;
        }
        return product.chelate() && calciumThere && foesThere ? Why.CHELATE_WITH_CALCIUM : Why.TOGETHER;
    }

    private static Named named(Why why) {
        return switch (why) {
            case TOGETHER, CALCIUM_APART, CHELATE_WITH_CALCIUM -> Named.A;
            case SULFATE_OR_PHOSPHATE_APART -> Named.B;
            case BOTH_IN_ONE_PRODUCT -> Named.C;
            case SILICATE_ALONE -> Named.SILICATE;
        };
    }

    private static Put put(Stocked product, Why why, Injector injector, double litres, double coldest) {
        double perLitre = product.perLitre() * injector.dilutionFactor();
        Optional<Solubility> salt = product.formula().flatMap(f -> Solubility.of(f, coldest));
        OptionalDouble allowed = product.limitPerLitre().isPresent()
                ? product.limitPerLitre()
                : salt.map(s -> OptionalDouble.of(s.allowedPerLitre())).orElse(OptionalDouble.empty());
        Known known = product.limitPerLitre().isPresent()
                ? Known.BY_LABEL
                : salt.map(s -> s.at20Only() ? Known.AT_20_ONLY : Known.BY_TEMPERATURE)
                        .orElse(Known.NOT_KNOWN);
        return new Put(product, perLitre * litres, perLitre, allowed, known, why);
    }

    private static Tank tank(Named named, List<Put> puts, Injector injector) {
        double share = puts.stream().mapToDouble(Put::share).sum();
        if (share > FULL) {
            // what the whole tank would stand, by the same shares
            double most = injector.dilutionFactor() / share;
            Put worst = puts.stream()
                    .reduce((a, b) -> a.share() >= b.share() ? a : b)
                    .orElseThrow();
            throw new FaultException(new Fault(
                    FaultCode.STOCK_TOO_STRONG,
                    "dilution_factor",
                    worst.product().name(),
                    Faults.plain(Math.floor(most)),
                    ""));
        }
        return new Tank(
                named,
                puts.stream().sorted(StockTanks::order).toList(),
                share,
                puts.stream().noneMatch(p -> p.known() == Known.NOT_KNOWN),
                puts.stream().anyMatch(p -> p.product().chills()));
    }

    /** What dissolves worst first, while there is most water; chelates last. */
    private static int order(Put a, Put b) {
        int chelates = Boolean.compare(a.product().chelate(), b.product().chelate());
        return chelates != 0 ? chelates : Double.compare(b.share(), a.share());
    }
}
