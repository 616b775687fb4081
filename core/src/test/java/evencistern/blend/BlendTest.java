package evencistern.blend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultException;
import evencistern.feed.Analysis;
import evencistern.feed.Nutrient;
import evencistern.feed.Nutrients;
import evencistern.solver.SecondSolver;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BlendTest {
    private static final List<String> SALTS = List.of(
            "KNO3", "Ca(NO3)2·4H2O", "KH2PO4", "MgSO4·7H2O", "K2SO4", "NH4NO3", "CO(NH2)2", "NH4H2PO4", "KCl", "CaCl2");

    private static List<Blend.Product> products(String... formulas) {
        List<Blend.Product> products = new ArrayList<>();
        for (String f : formulas) {
            products.add(new Blend.Product(
                    f, Analysis.ofSalt(f, 100).contents(), OptionalDouble.empty(), OptionalDouble.empty()));
        }
        return products;
    }

    private static Blend blend(List<Blend.Product> products, Map<Goal, Double> targets) {
        return Blend.of(products, targets, Nutrients.NONE, OptionalDouble.empty());
    }

    private static Blend.Miss miss(Blend blend, Goal goal) {
        return blend.misses().stream().filter(m -> m.goal() == goal).findFirst().orElseThrow();
    }

    /**
     * Hoagland and Arnon (1950), solution 1, from memory: N 210, P 31, K 235, Ca 200, Mg 48.6, S 64 mg/L come of KNO3
     * 0.5055, Ca(NO3)2·4H2O 1.181, KH2PO4 0.136 and MgSO4·7H2O 0.493 g/L.
     */
    @Test
    void hoaglandsSaltsAreFoundFromItsElements() {
        List<Blend.Product> salts = products("KNO3", "Ca(NO3)2·4H2O", "KH2PO4", "MgSO4·7H2O");
        Blend blend = blend(
                salts, Map.of(Goal.N, 210.0, Goal.P, 31.0, Goal.K, 235.0, Goal.CA, 200.0, Goal.MG, 48.6, Goal.S, 64.0));
        Map<String, Double> grams = blend.amounts(salts);
        assertThat(grams.get("KNO3")).isCloseTo(0.5055, within(0.01));
        assertThat(grams.get("Ca(NO3)2·4H2O")).isCloseTo(1.181, within(0.012));
        assertThat(grams.get("KH2PO4")).isCloseTo(0.136, within(0.003));
        assertThat(grams.get("MgSO4·7H2O")).isCloseTo(0.493, within(0.005));
        assertThat(blend.misses()).allSatisfy(m -> assertThat(m.why()).isEqualTo(Blend.Why.HIT));
        assertThat(blend.nitrateShare()).isCloseTo(1, within(1e-9));
    }

    /** The programmes against the simplex solver of Hipparchus, on 200 seeded shelves and targets. */
    @Test
    void theOptimumIsThatOfAnotherLibrary() {
        for (int seed = 0; seed < 200; seed++) {
            Random random = new Random(seed);
            List<String> chosen = new ArrayList<>(SALTS);
            java.util.Collections.shuffle(chosen, random);
            List<Blend.Product> shelf =
                    products(chosen.subList(0, 2 + random.nextInt(8)).toArray(String[]::new));
            Map<Goal, Double> targets = new EnumMap<>(Goal.class);
            for (Goal goal : List.of(Goal.N, Goal.P, Goal.K, Goal.CA, Goal.MG, Goal.S)) {
                if (random.nextInt(4) > 0) {
                    targets.put(goal, 10 + 200 * random.nextDouble());
                }
            }
            targets.putIfAbsent(Goal.N, 100.0);
            Nutrients water = new Nutrients(Map.of(Nutrient.CA, 60 * random.nextDouble()));
            SecondSolver.agrees(
                    Blend.programme(
                            shelf,
                            List.copyOf(targets.keySet()),
                            targets,
                            water,
                            OptionalDouble.of(random.nextDouble()),
                            Optional.empty()),
                    "seed " + seed);
        }
    }

    @Test
    void theWatersOwnIsCountedIn() {
        List<Blend.Product> salts = products("Ca(NO3)2·4H2O", "KNO3");
        Map<Goal, Double> targets = Map.of(Goal.N, 150.0, Goal.CA, 100.0);
        Blend soft = blend(salts, targets);
        Blend hard = Blend.of(salts, targets, new Nutrients(Map.of(Nutrient.CA, 60.0)), OptionalDouble.empty());
        assertThat(hard.amounts(salts).get("Ca(NO3)2·4H2O"))
                .isCloseTo(soft.amounts(salts).get("Ca(NO3)2·4H2O") * 0.4, within(0.01));
        Blend tooHard = Blend.of(salts, targets, new Nutrients(Map.of(Nutrient.CA, 160.0)), OptionalDouble.empty());
        assertThat(miss(tooHard, Goal.CA).why()).isEqualTo(Blend.Why.WATER_HAS_MORE);
    }

    @Test
    void everyMissHasItsCause() {
        Blend nobody = blend(products("KNO3"), Map.of(Goal.N, 100.0, Goal.MG, 20.0));
        assertThat(miss(nobody, Goal.MG).why()).isEqualTo(Blend.Why.NOBODY_HAS_IT);
        // phosphorus comes only with potassium here
        Blend spoil = blend(products("KH2PO4"), Map.of(Goal.P, 100.0, Goal.K, 60.0));
        Blend.Miss missed = spoil.misses().stream()
                .filter(m -> m.why() != Blend.Why.HIT)
                .findFirst()
                .orElseThrow();
        assertThat(missed.other()).isPresent();
        assertThat(missed.why()).isIn(Blend.Why.WOULD_SPOIL, Blend.Why.COMES_WITH);
    }

    @Test
    void nitrateIsKeptAtItsShare() {
        List<Blend.Product> salts = products("KNO3", "CO(NH2)2", "NH4NO3");
        Map<Goal, Double> targets = Map.of(Goal.N, 200.0, Goal.K, 50.0);
        Blend free = blend(salts, targets);
        Blend cool = Blend.of(
                salts, targets, Nutrients.NONE, OptionalDouble.of(NitrogenSchool.BY_TEMPERATURE.nitrateShare(12)));
        assertThat(cool.nitrateShare()).isGreaterThanOrEqualTo(0.8 - 1e-6);
        assertThat(free.nitrateShare()).isLessThan(0.8);
    }

    /** Common practice, no source: the colder the roots, the more of the nitrogen as nitrate. */
    @ParameterizedTest
    @CsvSource({"10, 0.8", "17, 0.65", "25, 0.5"})
    void coldRootsWantNitrate(double celsius, double share) {
        assertThat(NitrogenSchool.BY_TEMPERATURE.nitrateShare(celsius)).isEqualTo(share);
        assertThat(NitrogenSchool.MOSTLY_NITRATE.nitrateShare(celsius)).isEqualTo(0.9);
    }

    /** 3-1-2 at 100 mg/L N by arithmetic: 33.3 P2O5 is 14.5 P, 66.7 K2O is 55.3 K. */
    @Test
    void aRatioAtAStrengthIsATable() {
        Map<Goal, Double> targets = Blend.ofRatio(3, 1, 2, 100);
        assertThat(targets.get(Goal.P)).isCloseTo(14.55, within(0.01));
        assertThat(targets.get(Goal.K)).isCloseTo(55.34, within(0.01));
    }

    @Test
    void ofTwoWaysTheCheaperIsTaken() {
        List<Blend.Product> dear = List.of(
                new Blend.Product(
                        "dear", Analysis.ofSalt("KNO3", 100).contents(), OptionalDouble.of(9), OptionalDouble.empty()),
                new Blend.Product(
                        "cheap",
                        Analysis.ofSalt("KNO3", 100).contents(),
                        OptionalDouble.of(1),
                        OptionalDouble.empty()));
        Blend blend = blend(dear, Map.of(Goal.N, 100.0));
        assertThat(blend.amounts(dear)).containsOnlyKeys("cheap");
        assertThat(blend.costPerLitre().getAsDouble()).isCloseTo(100 / 138.5, within(0.01));
    }

    @Test
    void noProductGoesAboveItsLabel() {
        List<Blend.Product> bottle = List.of(new Blend.Product(
                "bottle", Analysis.ofSalt("KNO3", 100).contents(), OptionalDouble.empty(), OptionalDouble.of(0.4)));
        Blend blend = blend(bottle, Map.of(Goal.N, 100.0));
        assertThat(blend.amounts(bottle).get("bottle")).isCloseTo(0.4, within(1e-6));
        assertThat(miss(blend, Goal.N).off()).isLessThan(-0.4);
        assertThat(miss(blend, Goal.N).why()).isEqualTo(Blend.Why.LABEL_TOP);
    }

    /** Every salt that ships: its formula reads, and it feeds something. */
    @Test
    void theSaltsThatShipAreWhatTheirFormulasSay() {
        assertThat(Salt.all())
                .hasSizeGreaterThan(10)
                .allSatisfy(s -> assertThat(s.analysis().contents().amounts()).isNotEmpty());
    }

    @Test
    void nothingToAimAtIsRefused() {
        assertThatThrownBy(() -> blend(products("KNO3"), Map.of())).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> blend(List.of(), Map.of(Goal.N, 100.0))).isInstanceOf(FaultException.class);
        assertThatThrownBy(() -> blend(products("KNO3"), Map.of(Goal.N, -5.0))).isInstanceOf(FaultException.class);
    }
}
