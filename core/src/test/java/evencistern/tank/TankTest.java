package evencistern.tank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import evencistern.chemistry.Formula;
import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.feed.Analysis;
import evencistern.feed.Declared;
import evencistern.feed.Feed;
import evencistern.feed.FieldFormula;
import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.units.Unit;
import evencistern.working.Working;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TankTest {
    private static final Injector HUNDRED = Injector.oneIn(100);

    private static Stocked salt(String formula, double gramsPerLitre) {
        return new Stocked(
                formula,
                feed(Analysis.ofSalt(formula, 100)),
                gramsPerLitre,
                Measure.GRAMS,
                Optional.of(Formula.of(formula)),
                OptionalDouble.empty());
    }

    private static Stocked blend(String name, Map<Declared, Double> stated) {
        return new Stocked(
                name,
                feed(new Analysis(stated, Analysis.Basis.BY_WEIGHT)),
                0.5,
                Measure.GRAMS,
                Optional.empty(),
                OptionalDouble.empty());
    }

    private static Feed feed(Analysis analysis) {
        return new Feed(
                analysis,
                ProductForm.DRY,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                new Rate.PerWater(1, 2, Measure.GRAMS),
                new Rhythm.EveryWatering());
    }

    private static StockTanks tanks(Injector injector, boolean one, double litres, Stocked... products) {
        return StockTanks.of(List.of(products), injector, one, litres, 20, OptionalDouble.of(50), Working.off());
    }

    private static void refused(FaultCode code, org.assertj.core.api.ThrowableAssert.ThrowingCallable call) {
        assertThatThrownBy(call)
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .anySatisfy(f -> assertThat(f.code()).isEqualTo(code)));
    }

    /** By arithmetic: 1 % apart at 1:100, 6 % at 1:16; 0.5 % is 1 in 200. */
    @Test
    void theTwoConventionsOfARatio() {
        assertThat(Injector.oneAnd(100).dilutionFactor() / Injector.oneIn(100).dilutionFactor())
                .isCloseTo(1.01, within(1e-9));
        assertThat(Injector.oneAnd(16).dilutionFactor() / Injector.oneIn(16).dilutionFactor())
                .isCloseTo(1.0625, within(1e-9));
        assertThat(Injector.percent(0.5).dilutionFactor()).isEqualTo(200);
    }

    /** The field formula's stock table, oz per US gal at 1:100 of a 20 % N feed: 100 ppm 6.68, 150 10.01, 200 13.35. */
    @ParameterizedTest
    @CsvSource({"100, 6.68", "150, 10.01", "200, 13.35"})
    void theStockTablesOunces(double ppm, double ounces) {
        double gramsPerLitre = ppm / 200;
        Stocked twenty = new Stocked(
                "twenty",
                feed(Analysis.npk(20, 5, 10)),
                gramsPerLitre,
                Measure.GRAMS,
                Optional.empty(),
                OptionalDouble.empty());
        double grams = tanks(HUNDRED, true, Unit.US_GALLON.toCanonical(1), twenty)
                .tanks()
                .get(0)
                .puts()
                .get(0)
                .amount();
        assertThat(Unit.OUNCE.fromCanonical(grams)).isCloseTo(ounces, within(0.006));
        assertThat(Unit.OUNCE.fromCanonical(grams))
                .isCloseTo(FieldFormula.ouncesPerUsGallon(ppm, 100, 20), within(1e-9));
    }

    /**
     * Per litre of solution saturated at 20 °C, CRC Handbook by density, from memory: potassium nitrate 279, MAP 318, MKP
     * 212, potassium sulfate 108, Epsom crystals 670, urea 595; held to 2 %.
     */
    @ParameterizedTest
    @CsvSource({"KNO3, 279", "NH4H2PO4, 318", "KH2PO4, 212", "K2SO4, 108", "MgSO4·7H2O, 670", "CO(NH2)2, 595"})
    void solubilityIsPerKilogramOfWaterAndTurnedIntoLitres(String formula, double gramsPerLitre) {
        Solubility s = Solubility.of(Formula.of(formula), 20).orElseThrow();
        assertThat(s.saturatedPerLitre()).isCloseTo(gramsPerLitre, within(gramsPerLitre * 0.02));
        assertThat(s.allowedPerLitre()).isCloseTo(s.saturatedPerLitre() * 0.75, within(1e-9));
    }

    @Test
    void aColdNightAllowsLessAndTheUnknownKeepsBackMore() {
        Formula saltpetre = Formula.of("KNO3");
        double warm = Solubility.of(saltpetre, 20).orElseThrow().allowedPerLitre();
        double cold = Solubility.of(saltpetre, 5).orElseThrow().allowedPerLitre();
        assertThat(cold).isLessThan(warm * 0.65);
        Solubility magnesium = Solubility.of(Formula.of("Mg(NO3)2·6H2O"), 5).orElseThrow();
        assertThat(magnesium.at20Only()).isTrue();
        assertThat(magnesium.allowedPerLitre()).isCloseTo(magnesium.saturatedPerLitre() * 0.6, within(1e-9));
        assertThat(Solubility.of(Formula.of("KHCO3"), 20)).isEmpty();
        refused(FaultCode.TOO_SMALL, () -> Solubility.of(saltpetre, -3));
    }

    /** The tetrahydrate is 164.09 of 236.15 g calcium nitrate; the rest is water. */
    @Test
    void crystalWaterIsKnownForWhatItIs() {
        assertThat(Formula.of("Ca(NO3)2·4H2O").shareOf(Formula.of("Ca(NO3)2")).getAsDouble())
                .isCloseTo(164.09 / 236.15, within(1e-4));
        assertThat(Formula.of("KH2PO4").shareOf(Formula.of("K2SO4"))).isEmpty();
        assertThat(Formula.of("NH4NO3").shareOf(Formula.of("KNO3"))).isEmpty();
    }

    @Test
    void calciumStandsApartFromSulfateAndPhosphate() {
        Stocked calcium = salt("Ca(NO3)2·4H2O", 0.9);
        Stocked epsom = salt("MgSO4·7H2O", 0.5);
        Stocked mkp = salt("KH2PO4", 0.14);
        Stocked saltpetre = salt("KNO3", 0.5);
        refused(FaultCode.CALCIUM_WITH_SULFATE, () -> tanks(HUNDRED, true, 10, calcium, epsom));
        refused(FaultCode.CALCIUM_WITH_PHOSPHATE, () -> tanks(HUNDRED, true, 10, calcium, mkp));
        StockTanks split = tanks(HUNDRED, false, 10, calcium, epsom, mkp, saltpetre);
        assertThat(split.tanks())
                .extracting(t -> t.named() + " "
                        + t.puts().stream()
                                .map(p -> p.product().name())
                                .sorted()
                                .toList())
                .containsExactly("A [Ca(NO3)2·4H2O, KNO3]", "B [KH2PO4, MgSO4·7H2O]");
        assertThat(split.tanks().get(0).chills()).isTrue();
        assertThat(split.daysUntilEmpty().getAsDouble()).isCloseTo(10 * 100 / 50.0, within(1e-9));
        assertThat(tanks(HUNDRED, false, 10, epsom, mkp, saltpetre).tanks()).hasSize(1);
    }

    @Test
    void silicateStandsAloneAndAWholeFeedBesideCalciumToo() {
        Stocked silicate = blend("silicate", Map.of(Declared.SIO2, 20.0, Declared.K2O, 8.0));
        Stocked whole = blend("whole", Map.of(Declared.N, 15.0, Declared.P2O5, 5.0, Declared.CA, 5.0));
        Stocked iron = blend("iron", Map.of(Declared.FE, 6.0));
        refused(FaultCode.SILICATE_ALONE, () -> tanks(HUNDRED, true, 10, silicate, salt("KNO3", 0.5)));
        StockTanks split =
                tanks(HUNDRED, false, 10, silicate, whole, iron, salt("Ca(NO3)2·4H2O", 0.5), salt("K2SO4", 0.2));
        assertThat(split.tanks())
                .extracting(t -> t.named() + " "
                        + t.puts().stream().map(p -> p.product().name()).toList())
                .containsExactly("A [Ca(NO3)2·4H2O, iron]", "B [K2SO4]", "C [whole]", "SILICATE [silicate]");
        // a feed that holds both was made for one tank
        assertThat(tanks(HUNDRED, true, 10, whole).tanks()).hasSize(1);
    }

    /** 1 g/L at 1:200 is 200 g/L of stock; potassium sulfate stands 0.75 · 108 = 81: 1:81 is the most. */
    @Test
    void whatWouldSettleIsRefusedWithTheRatioThatWouldDo() {
        assertThatThrownBy(() -> tanks(Injector.oneIn(200), true, 10, salt("K2SO4", 1)))
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults()).singleElement().satisfies(f -> {
                            assertThat(f.code()).isEqualTo(FaultCode.STOCK_TOO_STRONG);
                            assertThat(Double.parseDouble(f.limit())).isCloseTo(81, within(1.5));
                        }));
        // two salts share the water: each alone would do
        refused(FaultCode.STOCK_TOO_STRONG, () -> tanks(HUNDRED, true, 10, salt("K2SO4", 0.5), salt("KNO3", 1.4)));
    }

    /** The fixture's label ends at 2 g/L. */
    @Test
    void noTankIsMadeAboveALabelsTopRate() {
        assertThat(salt("KNO3", 2).perLitre()).isEqualTo(2);
        refused(FaultCode.ABOVE_LABEL_RATE, () -> salt("KNO3", 2.1));
    }

    @Test
    void anUnknownProductIsSaidToBeUnknown() {
        StockTanks.Tank tank = tanks(HUNDRED, true, 10, blend("mixed", Map.of(Declared.N, 20.0)))
                .tanks()
                .get(0);
        assertThat(tank.known()).isFalse();
        assertThat(tank.puts().get(0).allowedPerLitre()).isEmpty();
    }

    /** By arithmetic: 200 L of feed for 2.5 L of stock is 1 in 80; a pen that reads 1.25 where 1.0 was meant, the same. */
    @Test
    void aTimedRunAndThePenSayWhatItReallyIs() {
        assertThat(Injector.byVolume(200, 2.5).dilutionFactor()).isEqualTo(80);
        assertThat(HUNDRED.byConductivity(1.0, 1.25).dilutionFactor()).isCloseTo(80, within(1e-9));
        refused(FaultCode.TOO_LARGE, () -> Injector.byVolume(10, 20));
    }

    /** Trade rule: 5 US gal/min, so a 5 gal bucket that takes more than 60 s fails. */
    @Test
    void theBucketAndTheWatch() {
        double gallons = Unit.US_GALLON.toCanonical(5);
        assertThat(FlowTest.of(gallons, 59, gallons).enough()).isTrue();
        assertThat(FlowTest.of(gallons, 61, gallons).enough()).isFalse();
    }
}
