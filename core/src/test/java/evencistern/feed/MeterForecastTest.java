package evencistern.feed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.label.Measure;
import evencistern.label.ProductForm;
import evencistern.label.Rate;
import evencistern.label.Rhythm;
import evencistern.units.Uncertain;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeterForecastTest {
    private static Feed feed(Analysis analysis, ProductForm form, OptionalDouble density) {
        return new Feed(
                analysis,
                form,
                density,
                OptionalDouble.empty(),
                new Rate.PerWater(1, 1, form == ProductForm.DRY ? Measure.GRAMS : Measure.MILLILITRES),
                new Rhythm.EveryWatering());
    }

    private static Feed salt(String formula) {
        return feed(Analysis.ofSalt(formula, 100), ProductForm.DRY, OptionalDouble.empty());
    }

    private static Nutrients of(String formula, double grams) {
        return salt(formula).contentsPer(Measure.GRAMS).times(grams);
    }

    /** Hoagland and Arnon (1950), solution 1, in g/L; elements from memory: N 210, P 31, K 235, Ca 200, Mg 48.6, S 64. */
    @Test
    void hoaglandsFirstSolution() {
        Nutrients mg = of("KNO3", 0.5055)
                .plus(of("Ca(NO3)2·4H2O", 1.181))
                .plus(of("KH2PO4", 0.136))
                .plus(of("MgSO4·7H2O", 0.493));
        assertThat(mg.n()).isCloseTo(210, within(0.5));
        assertThat(mg.p()).isCloseTo(31, within(0.5));
        assertThat(mg.k()).isCloseTo(235, within(0.6));
        assertThat(mg.of(Nutrient.CA)).isCloseTo(200, within(0.6));
        assertThat(mg.of(Nutrient.MG)).isCloseTo(48.6, within(0.05));
        assertThat(mg.of(Nutrient.S)).isCloseTo(64, within(0.3));
    }

    /** Steiner (1961), meq/L NO3 12, H2PO4 1, SO4 7, K 7, Ca 9, Mg 4; elements from memory: N 168, P 31, S 112, K 274. */
    @Test
    void steinersSolutionFromItsSalts() {
        // by charge: 9 meq Ca(NO3)2, 4 meq MgSO4, 1 mmol KH2PO4, 3 mmol KNO3, 1.5 mmol K2SO4
        Nutrients mg = of("Ca(NO3)2", 4.5 * 0.16409)
                .plus(of("MgSO4", 2 * 0.12036))
                .plus(of("KH2PO4", 0.13608))
                .plus(of("KNO3", 3 * 0.10110))
                .plus(of("K2SO4", 1.5 * 0.17425));
        assertThat(mg.n()).isCloseTo(168, within(0.5));
        assertThat(mg.p()).isCloseTo(31, within(0.5));
        assertThat(mg.of(Nutrient.S)).isCloseTo(112, within(0.5));
        assertThat(mg.k()).isCloseTo(274, within(0.5));
        assertThat(mg.of(Nutrient.CA)).isCloseTo(180, within(0.5));
        assertThat(mg.of(Nutrient.MG)).isCloseTo(48.6, within(0.1));
    }

    @Test
    void ureaIsSilentAndNitrateIsHeard() {
        assertThat(added(salt("CO(NH2)2"), 1)).isZero();
        assertThat(added(salt("KNO3"), 1)).isCloseTo(1.35, within(0.135));
        Feed unread = feed(Analysis.npk(20, 20, 20), ProductForm.DRY, OptionalDouble.empty());
        assertThat(MeterForecast.by(unread)).isEqualTo(MeterForecast.By.THREE_NUMBERS);
        Feed mostlyUrea = feed(
                new Analysis(
                        Map.of(
                                Declared.N,
                                20.0,
                                Declared.UREA_N,
                                15.0,
                                Declared.NITRATE_N,
                                5.0,
                                Declared.P2O5,
                                20.0,
                                Declared.K2O,
                                20.0),
                        Analysis.Basis.BY_WEIGHT),
                ProductForm.DRY,
                OptionalDouble.empty());
        assertThat(MeterForecast.by(mostlyUrea)).isEqualTo(MeterForecast.By.IONS);
        assertThat(added(mostlyUrea, 1)).isLessThan(added(unread, 1));
    }

    /** Soluble powders as their makers' tables have them, mS/cm per g/L; typical, from memory. */
    @ParameterizedTest
    @CsvSource({
        "20, 10, 20, 0.75, 0.85, 1.15",
        "20, 20, 20, 1, 0.65, 1.05",
        "30, 10, 10, 1, 0.45, 0.85",
        "15, 5, 15, 1, 0.85, 1.4"
    })
    void threeNumbersAreReadAsTheSaltsTheyAreCommonlyMadeOf(
            double n, double p2o5, double k2o, double gramsPerLitre, double low, double high) {
        Feed powder = feed(Analysis.npk(n, p2o5, k2o), ProductForm.DRY, OptionalDouble.empty());
        assertThat(added(powder, gramsPerLitre)).isBetween(low, high);
    }

    /** 46 % N can only be urea, 0-0-50 tells all: neither leaves room for a guess, and what may be either says so. */
    @Test
    void howSureItIsGoesByWhatTheNitrogenMayBe() {
        Feed urea = feed(Analysis.npk(46, 0, 0), ProductForm.DRY, OptionalDouble.empty());
        assertThat(added(urea, 1)).isZero();
        Uncertain either = MeterForecast.added(
                feed(Analysis.npk(20, 10, 20), ProductForm.DRY, OptionalDouble.empty()), 1, Measure.GRAMS, 0);
        assertThat(either.halfWidth95() / either.value()).isBetween(0.15, 0.35);
    }

    private static double added(Feed feed, double perLitre) {
        return MeterForecast.added(feed, perLitre, Measure.GRAMS, 0).value();
    }

    /** 200 mg/L N as nitrate reads about 1.3 mS/cm and more with its cations; common practice, no source. */
    @Test
    void aHeavyFeedersNitrogenAsNitrateReadsOverOne() {
        assertThat(added(salt("KNO3"), 200 / 138.5)).isBetween(1.3, 2.1);
    }

    @Test
    void whatTheLabelLeavesOutMakesItLessSure() {
        Uncertain whole = MeterForecast.added(salt("KNO3"), 1, Measure.GRAMS, 0);
        Uncertain filled = MeterForecast.added(
                feed(Analysis.npk(0, 0, 46), ProductForm.DRY, OptionalDouble.empty()), 1, Measure.GRAMS, 0);
        assertThat(whole.halfWidth95() / whole.value()).isCloseTo(0.07, within(1e-3));
        assertThat(filled.halfWidth95() / filled.value()).isGreaterThan(0.2);
    }

    /** % by volume is g in 100 mL: 6 % is 60 mg N in each mL, whatever the density; by weight 1.2 times as much. */
    @ParameterizedTest
    @CsvSource({"BY_VOLUME, 60", "BY_WEIGHT, 72"})
    void perCentByVolumeNeedsNoDensity(Analysis.Basis basis, double mgPerMl) {
        Feed liquid = feed(new Analysis(Map.of(Declared.N, 6.0), basis), ProductForm.LIQUID, OptionalDouble.of(1.2));
        assertThat(liquid.contentsPer(Measure.MILLILITRES).n()).isCloseTo(mgPerMl, within(1e-9));
        assertThat(liquid.contentsPer(Measure.GRAMS).n()).isCloseTo(mgPerMl / 1.2, within(1e-9));
        assertThat(liquid.contentsSpread(Measure.MILLILITRES) == 0).isEqualTo(basis == Analysis.Basis.BY_VOLUME);
    }
}
