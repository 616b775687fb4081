package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import evencistern.fault.FaultCode;
import evencistern.fault.FaultException;
import evencistern.fault.Faults;
import evencistern.server.pot.PotInput;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import evencistern.units.Dimension;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What is typed into number fields: read, kept, and shown again as it was. */
class TypedTest {

    @ParameterizedTest
    @CsvSource({"12, cm", "4¾ in, cm", "a = b|c, in", "'say \"½\"', US gal", "−3, °C"})
    void whatWasKeptIsShownAgain(String text, String unit) {
        Typed typed = new Typed(text, unit);
        String kept = TypedFields.stored(Map.of("one", typed, "blank", new Typed("  ", "cm"), "two", typed));
        Map<String, Typed> again = App.bean(JdbcClient.class)
                .sql("select cast(cast(? as jsonb) as typed_fields) as typed")
                .param(kept)
                .query((r, n) -> TypedFields.kept(r))
                .single();
        assertThat(again).isEqualTo(Map.of("one", typed, "two", typed));
        assertThat(TypedFields.stored(null)).isEqualTo("{}");
    }

    /** The database takes nothing else for what was typed: a text and a unit by field. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "[]",
                "{\"one\": \"12|cm\"}",
                "{\"one\": {\"text\": \"12\"}}",
                "{\"one\": {\"text\": 12, \"unit\": \"cm\"}}",
                "{\"one\": [{\"text\": \"12\", \"unit\": \"cm\"}]}",
                "{\"one\": {\"text\": [\"12\"], \"unit\": \"cm\"}}"
            })
    void whatNobodyCanHaveTypedIsNotKept(String odd) {
        assertThatThrownBy(() -> App.bean(JdbcClient.class)
                        .sql("select cast(cast(? as jsonb) as typed_fields) as typed")
                        .param(odd)
                        .query(String.class)
                        .single())
                .isInstanceOf(DataIntegrityViolationException.class);
    }

    @Test
    void aValueThatNobodyTypedIsShownInItsOwnUnit() {
        assertThat(Typed.shown(0.45, "mS/cm")).isEqualTo(new Typed("0.45", "mS/cm"));
        assertThat(Typed.shown(7, "pH")).isEqualTo(new Typed("7", "pH"));
    }

    @Test
    void aUnitThatIsNotKnownIsTold() {
        Faults faults = new Faults();
        assertThat(new Typed("3", "cubits").read("pot.top", faults, Dimension.LENGTH))
                .isNaN();
        assertThat(faults.any()).isTrue();
    }

    /** A field in which grams or millilitres may stand takes both, and no centimetres; a bare number takes no unit. */
    @Test
    void aFieldKnowsWhatItMeasures() {
        Faults faults = new Faults();
        Dimension[] or = {Dimension.VOLUME_CONCENTRATION};
        assertThat(new Typed("2", "g/L").read("stock.limit", faults, Dimension.MASS_CONCENTRATION, or))
                .isEqualTo(2000);
        assertThat(new Typed("2", "mL/L").read("stock.limit", faults, Dimension.MASS_CONCENTRATION, or))
                .isEqualTo(2);
        assertThat(faults.any()).isFalse();
        assertThat(new Typed("2", "cm").read("stock.limit", faults, Dimension.MASS_CONCENTRATION, or))
                .isNaN();
        assertThat(new Typed("2", "cm").read("lot.pots", faults, Dimension.NUMBER))
                .isNaN();
        assertThatThrownBy(faults::throwIfAny)
                .isInstanceOfSatisfying(
                        FaultException.class,
                        e -> assertThat(e.faults())
                                .extracting(f -> f.code(), f -> f.unit())
                                .containsExactly(
                                        tuple(FaultCode.UNIT_OF_OTHER_KIND, "mg/L"),
                                        tuple(FaultCode.NUMBER_ALONE, "")));
    }

    private static PotInput pot(String shape, String base, String across, String gap) {
        return new PotInput(
                PotInput.Shape.valueOf(shape),
                new Typed("30", "cm"),
                base == null ? null : new Typed(base, "cm"),
                new Typed("15", "cm"),
                across == null ? null : new Typed(across, "cm"),
                null,
                gap == null ? null : new Typed(gap, "%"),
                null,
                null,
                null);
    }

    /** Arithmetic: the volume below the gap. A bag is a cylinder, a basket of 30 by 15 cm half a ball. */
    @ParameterizedTest
    @CsvSource({
        "bag,,, 0, 10.603",
        "bag,,, 20, 8.4823",
        "bag,,, 3 cm, 8.4823",
        "bag,,, 0.03 m, 8.4823",
        "box,, 20, 0, 9.0",
        "oval,, 20, 0, 7.0686",
        "basket,,, 0, 7.0686",
        "square, 30,, 0, 13.5",
        "plug, 30,, 10 %, 12.15",
        "round, 30,, 1.5 cm, 9.5426"
    })
    void everyShapeHoldsWhatItsMeasuresSay(String shape, String base, String across, String gap, double litres) {
        assertThat(pot(shape, base, across, gap).toPot().mixLitres()).isCloseTo(litres, within(litres * 1e-4));
    }

    @ParameterizedTest
    @CsvSource({"box, pot.across", "oval, pot.across"})
    void aMeasureThatTheShapeNeedsIsAskedFor(String shape, String field) {
        try {
            pot(shape, null, null, null).toPot();
            throw new AssertionError("taken without " + field);
        } catch (FaultException e) {
            assertThat(e.faults()).extracting(f -> f.field()).contains(field);
        }
    }

    /** From the width alone: 10 cm across, ¾ of it at the base, 0.95 of it high; a basket half as deep as wide. */
    @ParameterizedTest
    @CsvSource({"round, 0.5750", "square, 0.7323", "basket, 0.2618"})
    void whereOnlyTheWidthIsToldTheRestIsAsSuchPotsUsuallyAre(String shape, double litresToTheRim) {
        PotInput told = new PotInput(
                PotInput.Shape.valueOf(shape),
                new Typed("10", "cm"),
                new Typed(" ", "cm"),
                null,
                null,
                null,
                new Typed("0", "%"),
                null,
                null,
                null);
        assertThat(told.toPot().mixLitres()).isCloseTo(litresToTheRim, within(litresToTheRim * 1e-3));
        assertThat(told.typed()).doesNotContainKey("height");
        assertThat(told.tidy().base()).isNull();
    }

    @ParameterizedTest
    @ValueSource(strings = {"-1", "95", "14 cm", "lots"})
    void aGapThatLeavesNoRoomForMixIsRefused(String gap) {
        try {
            pot("bag", null, null, gap).toPot();
            throw new AssertionError("taken with a gap of " + gap);
        } catch (FaultException e) {
            assertThat(e.faults()).extracting(f -> f.field()).containsOnly("pot.headspace");
        }
    }

    @Test
    void whatDoesNotBelongToAShapeIsLeftOut() {
        PotInput tidy = new PotInput(
                        PotInput.Shape.box,
                        new Typed("30", "cm"),
                        new Typed("20", "cm"),
                        new Typed("6", "cm"),
                        new Typed("22", "cm"),
                        new Typed(" ", "L"),
                        new Typed("", "%"),
                        null,
                        null,
                        null)
                .tidy();
        assertThat(tidy.base()).isNull();
        assertThat(tidy.measured()).isNull();
        assertThat(tidy.gap()).isNull();
        assertThat(List.of(tidy.top(), tidy.height())).isNotEmpty();
        assertThat(tidy.material()).isNotNull();
    }
}
