package evencistern.wish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.media.Component;
import evencistern.media.Mix;
import evencistern.media.PotWater;
import evencistern.media.Recipes;
import evencistern.mixlife.Suitability.School;
import evencistern.pot.Material;
import evencistern.pot.Pot;
import evencistern.pot.RoundTaper;
import evencistern.solver.LinearModel;
import evencistern.solver.SecondSolver;
import evencistern.working.Working;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class FormulationTest {
    private static final Pot POT =
            new Pot(new RoundTaper(0.15, 0.11, 0.15), 0.02, OptionalDouble.empty(), Material.PLASTIC);

    private static Wish.Range from(Quality quality, double low, double high) {
        return new Wish.Range(quality, OptionalDouble.of(low), OptionalDouble.of(high));
    }

    private static Wish.Range atLeast(Quality quality, double low) {
        return new Wish.Range(quality, OptionalDouble.of(low), OptionalDouble.empty());
    }

    private static Wish.Range atMost(Quality quality, double high) {
        return new Wish.Range(quality, OptionalDouble.empty(), OptionalDouble.of(high));
    }

    private static List<Component> ticked(String... keys) {
        return Stream.of(keys).map(Recipes::component).toList();
    }

    private static Component priced(String key, double cost) {
        Component c = Recipes.component(key);
        return new Component(
                c.key(),
                c.family(),
                c.grain(),
                c.hold(),
                c.densityKgPerL(),
                c.chemistry(),
                c.wear(),
                new Component.Pack(
                        c.pack().kind(),
                        c.pack().printed(),
                        c.pack().looseLitres(),
                        Optional.of(cost * c.pack().looseLitres())));
    }

    private static Formulation formulate(List<Component> atHand, boolean mayLime, Wish... wishes) {
        return Formulation.of(new Wishes(atHand, List.of(wishes), POT, mayLime, 4, Wishes.USUAL_PARTS));
    }

    /** A quality as the mix itself has it in the pot, by the rules that recipes are shown with. */
    private static double of(Quality quality, Mix mix) {
        PotWater water = new PotWater(mix, POT);
        return switch (quality) {
            case AIR -> water.air() * 100;
            case CAPACITY -> water.capacity() * 100;
            case AVAILABLE -> water.availableLitres() / water.mixLitres() * 100;
            case WET_KG -> water.wetKg();
            case PH -> mix.ph(Working.off()).value();
            case EC -> mix.ec();
            case ORGANIC -> mix.organicShare() * 100;
            case LIFE -> mix.cycledYears();
            case COST -> mix.costPerLitre().orElse(Double.NaN);
        };
    }

    private static double missed(Wish.Range range, Mix mix) {
        double value = of(range.quality(), mix);
        double below = range.low().orElse(-1) - value;
        double above = value - range.high().orElse(1e9);
        return Math.max(0, Math.max(below, above));
    }

    @Test
    void everyOfferMeetsEveryWishInWholePartsAndIsBestAtSomething() {
        List<Wish.Range> wishes = List.of(
                from(Quality.AIR, 20, 30),
                atLeast(Quality.AVAILABLE, 25),
                atMost(Quality.WET_KG, 1.9),
                atLeast(Quality.LIFE, 3));
        Formulation f = formulate(
                ticked("peat_medium", "coir_pith", "perlite_coarse", "pumice", "pine_bark_aged", "coarse_sand"),
                true,
                wishes.toArray(new Wish[0]));
        assertThat(f.conflict()).isEmpty();
        assertThat(f.offers())
                .extracting(o -> o.mix().parts().size())
                .as("one at least of each number of components that can meet them")
                .contains(2, 3, 4);
        assertThat(f.offers()).isNotEmpty().allSatisfy(offer -> {
            assertThat(offer.mix().parts())
                    .hasSizeBetween(1, 4)
                    .allSatisfy(p -> assertThat(p.parts())
                            .isEqualTo(Math.rint(p.parts()))
                            .isPositive());
            assertThat(offer.mix().parts().stream().mapToDouble(Mix.Part::parts).sum())
                    .isLessThanOrEqualTo(Wishes.USUAL_PARTS);
            wishes.forEach(w -> assertThat(missed(w, offer.mix())).isLessThan(1e-9));
        });
    }

    /**
     * The second solver: every recipe in whole parts put through the rules for mixes and pots one by one, sharing nothing
     * with the search but these. 200 seeded cases of five components at hand.
     */
    @Test
    void agreesWithTryingEveryRecipeOneByOne() {
        int met = 0;
        for (int seed = 0; seed < 200; seed++) {
            Random random = new Random(seed);
            List<Component> all = new ArrayList<>(Recipes.components());
            Collections.shuffle(all, random);
            List<Component> atHand = all.subList(0, 5);
            double air = 5 + 40 * random.nextDouble();
            double ph = 4.5 + 2.5 * random.nextDouble();
            List<Wish.Range> wishes = List.of(
                    from(Quality.AIR, air, air + 8),
                    atLeast(Quality.CAPACITY, 20 + 30 * random.nextDouble()),
                    from(Quality.PH, ph, ph + 0.8),
                    atMost(Quality.WET_KG, 1.2 + 1.5 * random.nextDouble()));
            Formulation f = Formulation.of(new Wishes(atHand, List.copyOf(wishes), POT, false, 3, 6));

            int fewest = Integer.MAX_VALUE;
            double[] least = new double[wishes.size()];
            Arrays.fill(least, Double.MAX_VALUE);
            for (int[] parts : everyWay(5, 6)) {
                List<Mix.Part> put = new ArrayList<>();
                for (int i = 0; i < parts.length; i++) {
                    if (parts[i] > 0) {
                        put.add(new Mix.Part(atHand.get(i), parts[i]));
                    }
                }
                if (put.size() > 3) {
                    continue;
                }
                Mix mix = Mix.of("tried", put);
                double[] missed =
                        wishes.stream().mapToDouble(w -> missed(w, mix)).toArray();
                long broken = DoubleStream.of(missed).filter(m -> m > 0).count();
                if (broken == 0) {
                    fewest = Math.min(fewest, put.size());
                }
                for (int w = 0; w < missed.length; w++) {
                    if (broken == 1 && missed[w] > 0) {
                        least[w] = Math.min(least[w], missed[w]);
                    }
                }
            }
            if (fewest < Integer.MAX_VALUE) {
                met++;
                assertThat(f.conflict()).as("seed %d", seed).isEmpty();
                assertThat(f.offers().stream()
                                .filter(o -> o.goals().contains(Formulation.Goal.SIMPLEST))
                                .findFirst()
                                .orElseThrow()
                                .mix()
                                .parts())
                        .as("seed %d", seed)
                        .hasSize(fewest);
            } else {
                Formulation.Conflict conflict = f.conflict().orElseThrow();
                for (int w = 0; w < least.length; w++) {
                    Wish.Range wish = wishes.get(w);
                    double nearest = conflict.limits().stream()
                            .filter(l -> l.wish().equals(wish))
                            .mapToDouble(l -> missed(wish, l.without().mix()))
                            .findFirst()
                            .orElse(Double.MAX_VALUE);
                    assertThat(nearest).as("seed %d, wish %d", seed, w).isCloseTo(least[w], within(1e-9));
                }
            }
        }
        assertThat(met).as("cases that can be met").isBetween(40, 160);
    }

    /** Every way to take up to {@code most} parts of {@code n} things that is in lowest terms. */
    private static List<int[]> everyWay(int n, int most) {
        List<int[]> ways = new ArrayList<>();
        int[] parts = new int[n];
        while (true) {
            int at = 0;
            while (at < n && parts[at] == most) {
                parts[at++] = 0;
            }
            if (at == n) {
                return ways;
            }
            parts[at]++;
            int sum = Arrays.stream(parts).sum();
            int common = Arrays.stream(parts)
                    .reduce((a, b) ->
                            BigInteger.valueOf(a).gcd(BigInteger.valueOf(b)).intValue())
                    .orElseThrow();
            if (sum <= most && common == 1) {
                ways.add(parts.clone());
            }
        }
    }

    /** The linear programmes against the simplex solver of Hipparchus, on 200 seeded sets of wishes. */
    @Test
    void theLinearModelsAreSolvedAsAnotherLibrarySolvesThem() {
        AtHand bench = new AtHand(Recipes.components(), POT, true);
        for (int seed = 0; seed < 200; seed++) {
            Random random = new Random(seed);
            double air = 5 + 45 * random.nextDouble();
            List<Wish> wishes = List.of(
                    from(Quality.AIR, air, air + 10),
                    atLeast(Quality.AVAILABLE, 10 + 40 * random.nextDouble()),
                    atMost(Quality.PH, 4 + 3 * random.nextDouble()),
                    atMost(Quality.WET_KG, 0.8 + 2 * random.nextDouble()),
                    atLeast(Quality.LIFE, 15 * random.nextDouble()),
                    new Wish.Holding("loam"));
            LinearModel p = Narrowing.programme(bench, wishes, 0.8 + 0.2 * random.nextDouble(), w -> 100, -1);
            SecondSolver.agrees(p, "seed " + seed);
        }
    }

    @Test
    void manyComponentsAreNarrowedToTheOnesThatServe() {
        List<Wish.Range> wishes = List.of(
                from(Quality.AIR, 25, 35),
                atLeast(Quality.AVAILABLE, 25),
                from(Quality.PH, 5.4, 6.2),
                atMost(Quality.WET_KG, 1.6),
                atLeast(Quality.LIFE, 3));
        Formulation f = formulate(Recipes.components(), false, wishes.toArray(new Wish[0]));
        assertThat(f.narrowedTo().orElseThrow()).hasSizeLessThanOrEqualTo(9);
        assertThat(f.offers())
                .isNotEmpty()
                .allSatisfy(o ->
                        wishes.forEach(w -> assertThat(missed(w, o.mix())).isLessThan(1e-9)));
    }

    @Test
    void wishesThatContradictEachOtherAreEachNamedWithHowNearTheyCanBeMet() {
        Formulation f = formulate(
                ticked("peat_medium", "perlite_coarse", "coarse_sand"),
                true,
                atLeast(Quality.AIR, 45),
                atLeast(Quality.CAPACITY, 50));
        Formulation.Conflict conflict = f.conflict().orElseThrow();
        assertThat(f.offers()).isEmpty();
        assertThat(conflict.limits())
                .extracting(l -> ((Wish.Range) l.wish()).quality())
                .containsExactlyInAnyOrder(Quality.AIR, Quality.CAPACITY);
        assertThat(conflict.limits()).allSatisfy(l -> {
            Wish.Range other = ((Wish.Range) l.wish()).quality() == Quality.AIR
                    ? atLeast(Quality.CAPACITY, 50)
                    : atLeast(Quality.AIR, 45);
            assertThat(missed(other, l.without().mix())).isZero();
        });
        assertThat(conflict.missed()).isNotEmpty();
    }

    @Test
    void aComponentThatIsToBeInItIsAndOneThatIsNotIsNot() {
        List<Component> atHand = ticked("peat_medium", "coir_pith", "perlite_coarse", "charcoal");
        Formulation f = formulate(
                atHand, true, from(Quality.AIR, 18, 40), new Wish.Holding("charcoal"), new Wish.Free("peat_medium"));
        assertThat(f.offers())
                .isNotEmpty()
                .allSatisfy(o -> assertThat(o.mix().parts())
                        .extracting(p -> p.component().key())
                        .contains("charcoal")
                        .doesNotContain("peat_medium"));
        Formulation none = formulate(ticked("peat_medium"), true, new Wish.Free("peat_medium"));
        assertThat(none.conflict().orElseThrow().limits())
                .singleElement()
                .extracting(Formulation.Limit::wish)
                .isEqualTo(new Wish.Free("peat_medium"));
    }

    @ParameterizedTest
    @EnumSource(School.class)
    void aWayOfGrowingIsKeptTo(School school) {
        Formulation f = formulate(
                ticked("peat_medium", "orchid_bark_medium", "pumice", "lava", "perlite_coarse"),
                true,
                new Wish.Way(school));
        assertThat(f.offers()).isNotEmpty().allSatisfy(o -> {
            double organic = of(Quality.ORGANIC, o.mix());
            double air = of(Quality.AIR, o.mix());
            School is = organic < 10 ? School.MINERAL : air >= 35 ? School.OPEN : School.HOLDING;
            assertThat(is).isEqualTo(school);
        });
    }

    @Test
    void aSourMixIsOfferedToBeLimedWhereLimeIsAllowed() {
        Wish band = from(Quality.PH, 5.5, 6.0);
        List<Component> sour = ticked("peat_medium", "orchid_bark_fine");
        assertThat(formulate(sour, true, band).offers())
                .isNotEmpty()
                .allSatisfy(o -> assertThat(o.limedTo()).hasValue(5.75));
        assertThat(formulate(sour, false, band).conflict()).isPresent();
    }

    @Test
    void theCheapestCostsLeastAndWhatHasNoPriceIsLeftOut() {
        Formulation f = formulate(
                List.of(priced("peat_medium", 0.1), priced("perlite_coarse", 0.3), Recipes.component("pumice")),
                true,
                atLeast(Quality.AIR, 20),
                atMost(Quality.COST, 0.25));
        assertThat(f.unpriced()).containsExactly("pumice");
        Map<Boolean, List<Double>> costs = f.offers().stream()
                .collect(Collectors.partitioningBy(
                        o -> o.goals().contains(Formulation.Goal.CHEAPEST),
                        Collectors.mapping(o -> of(Quality.COST, o.mix()), Collectors.toList())));
        double cheapest = costs.get(true).get(0);
        assertThat(costs.get(false)).allMatch(cost -> cost >= cheapest);
        assertThat(cheapest).isLessThanOrEqualTo(0.25);
    }

    @Test
    void limitsTheWrongWayRoundAndWishesForWhatIsNotAtHandAreRefused() {
        assertThatThrownBy(() -> from(Quality.AIR, 40, 20))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .singleElement()
                                .satisfies(x -> assertThat(x.code()).isEqualTo(FaultCode.LIMITS_REVERSED)));
        assertThatThrownBy(() -> new Wish.Range(Quality.PH, OptionalDouble.empty(), OptionalDouble.empty()))
                .isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> formulate(ticked("peat_medium"), true, new Wish.Holding("loam")))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .singleElement()
                                .satisfies(x -> assertThat(x.code()).isEqualTo(FaultCode.COMPONENT_UNKNOWN)));
        assertThatThrownBy(() -> formulate(List.of(), true)).isInstanceOf(FaultException.class);
    }
}
