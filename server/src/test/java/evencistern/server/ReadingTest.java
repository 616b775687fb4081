package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Pens, methods and verdicts. */
class ReadingTest {
    private final Api api = App.api();
    private final JsonNode garden = api.freshGarden();
    private final String home = "/api/gardens/" + garden.path("id").asString();
    private final String pen = garden.path("meters").get(0).path("id").asString();
    private String lot = "";

    @BeforeEach
    void aLotAndAPenOfKnownScale() {
        lot = home + "/lots/"
                + api.put(home + "/lots", Bodies.lot(garden, null))
                        .ok()
                        .path("id")
                        .asString();
        tell(Map.of());
    }

    private void tell(Map<String, Object> more) {
        Map<String, Object> meter = new HashMap<>(Map.of(
                "id",
                pen,
                "name",
                "Pen",
                "scale",
                "ppm700",
                "phPlusMinus",
                Bodies.typed("0.1", "pH"),
                "ecPlusMinus",
                Bodies.typed("5", "%"),
                "version",
                api.get(home).ok().path("meters").get(0).path("version").asInt()));
        meter.putAll(more);
        api.put(home + "/meters", meter).ok();
    }

    private Map<String, Object> reading(Map<String, Object> more) {
        Map<String, Object> reading = new HashMap<>(Map.of("clientKey", Bodies.key(), "meterId", pen));
        reading.putAll(more);
        return reading;
    }

    private Api.Answer judged(Map<String, Object> more) {
        return api.post(lot + "/verdict", Map.of("reading", reading(more), "working", true));
    }

    private Map<String, Object> calibration(String ph4, String ph7, boolean adjusted) {
        return new HashMap<>(Map.of(
                "id",
                UUID.randomUUID().toString(),
                "meterId",
                pen,
                "celsius",
                Bodies.typed("25", "°C"),
                "ph4",
                Bodies.typed(ph4, "pH"),
                "ph7",
                Bodies.typed(ph7, "pH"),
                "adjusted",
                adjusted,
                "version",
                0));
    }

    private JsonNode standing() {
        return api.get(home + "/meters").ok().get(0);
    }

    private static List<String> texts(JsonNode list) {
        List<String> texts = new ArrayList<>();
        list.forEach(n -> texts.add(n.asString()));
        return texts;
    }

    private static List<String> texts(JsonNode list, String field) {
        List<String> texts = new ArrayList<>();
        list.forEach(n -> texts.add(n.path(field).asString()));
        return texts;
    }

    /** Arithmetic: 840 ppm on the 700 scale is 1.2 mS/cm; 1200 µS/cm is 1.2 mS/cm; CF 12 too. */
    @ParameterizedTest
    @CsvSource({
        "840, ppm, 1.2",
        "840 ppm, mS/cm, 1.2",
        "'1,2', mS/cm, 1.2",
        "1200, µS/cm, 1.2",
        "1.2 mS/cm, ppm, 1.2",
        "12 CF, mS/cm, 1.2"
    })
    void aConductivityIsReadInAnyWriting(String text, String unit, double msCm) {
        JsonNode verdict = judged(Map.of("ec", Bodies.typed(text, unit))).ok();
        assertThat(verdict.path("ec").path("value").asDouble()).isCloseTo(msCm, within(1e-9));
        assertThat(verdict.path("band").path("zone").asString()).isEqualTo("peat");
        assertThat(verdict.path("working").size()).isPositive();
    }

    @ParameterizedTest
    @CsvSource({"58, ph_dot_misplaced", "0.6, ph_dot_misplaced", "13, too_large"})
    void aPhThatCannotBeIsExplained(String ph, String fault) {
        assertThat(judged(Map.of("ph", Bodies.typed(ph, "pH"))).faults()).containsExactly(fault);
    }

    @Test
    void whatIsMissingOrOfTheWrongUnitIsSaid() {
        assertThat(judged(Map.of()).faults()).containsExactly("reading_empty");
        assertThat(judged(Map.of("ec", Bodies.typed("1350", "mS/cm"))).faults()).containsExactly("ec_unit_mistaken");
        assertThat(judged(Map.of("method", "guess", "ph", Bodies.typed("6", "pH")))
                        .faults())
                .containsExactly("choice_unknown");
        assertThat(judged(Map.of("method", "soak", "ph", Bodies.typed("6", "pH")))
                        .faults())
                .containsExactly("missing");
    }

    /** Arithmetic: ± 0.1 stated and ± 0.3 never calibrated are ± 0.316; on the day of a calibration ± √(0.1² + 0.02²). */
    @Test
    void aPenNeverCalibratedWidensTheVerdictAndCalibratingNarrowsIt() {
        JsonNode before = judged(Map.of("ph", Bodies.typed("6.6", "pH"))).ok();
        assertThat(before.path("ph").path("plusMinus").asDouble()).isCloseTo(Math.sqrt(0.1), within(1e-9));
        assertThat(texts(before.path("changes"), "id")).contains("calibrate");
        assertThat(texts(before.path("shown").path("findings"))).containsExactly("never_calibrated_ph");
        api.put(home + "/calibrations", calibration("4.01", "7.00", true)).ok();
        JsonNode after = judged(Map.of("ph", Bodies.typed("6.6", "pH"))).ok();
        assertThat(after.path("ph").path("plusMinus").asDouble()).isCloseTo(Math.sqrt(0.0104), within(1e-9));
        assertThat(after.path("ph").path("finding").asString()).isEqualTo("above");
        assertThat(texts(after.path("changes"), "id")).doesNotContain("calibrate");
    }

    @Test
    void aPenThatWasNotSetIsCorrectedAndWhatItShowedIsKept() {
        api.put(home + "/calibrations", calibration("4.31", "7.30", false)).ok();
        api.post(lot + "/readings", reading(Map.of("ph", Bodies.typed("6.3", "pH"))))
                .ok();
        JsonNode only = api.get(lot + "/readings").ok().path("readings").get(0);
        assertThat(only.path("ph").asDouble()).isCloseTo(6.0, within(1e-9));
        assertThat(only.path("phShown").asDouble()).isEqualTo(6.3);
        JsonNode entry = api.get(lot + "/journal").ok().get(0);
        assertThat(entry.at("/event/typed/ph/text").asString()).isEqualTo("6.3");
        assertThat(entry.at("/event/method").asString()).isEqualTo("runoff");
    }

    @Test
    void aCalibrationIsKeptChangedPutAwayAndTakenBack() {
        Map<String, Object> calibration = calibration("4.05", "7.08", true);
        Api.Answer kept = api.put(home + "/calibrations", calibration);
        assertThat(kept.ok().path("typed").path("ph4").path("text").asString()).isEqualTo("4.05");
        assertThat(standing().path("phOffset").asDouble()).isCloseTo(0.08, within(1e-9));
        assertThat(standing().path("phSlope").asDouble()).isCloseTo(100 * 3.03 / 2.99, within(1e-9));
        assertThat(standing().path("phDueOn").asString()).isEqualTo("2026-06-13");
        calibration.put("version", 1);
        calibration.put("ph7", Bodies.typed("7.00", "pH"));
        calibration.put("on", "2026-04-01");
        String act = api.put(home + "/calibrations", calibration)
                .raw()
                .headers()
                .firstValue("Act-Id")
                .orElseThrow();
        assertThat(standing().path("phOn").asString()).isEqualTo("2026-04-01");
        assertThat(texts(standing().path("findings"))).contains("ph_due");
        assertThat(texts(api.get(home + "/today").ok().path("pensDue"))).containsExactly("Pen");
        assertThat(api.get(home + "/calendar.ics").raw().body()).contains("Calibrate: Pen");
        api.post(home + "/acts/" + act + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(standing().path("phOffset").asDouble()).isCloseTo(0.08, within(1e-9));
        assertThat(api.get(home + "/today").ok().path("pensDue").size()).isZero();
    }

    @Test
    void aCalibrationThatCannotBeIsRefusedWithWhatToDo() {
        assertThat(api.put(home + "/calibrations", calibration("7.0", "4.0", true))
                        .faults())
                .containsExactly("buffers_swapped");
        Map<String, Object> tomorrow = calibration("4.0", "7.0", true);
        tomorrow.put("on", "2026-05-15");
        assertThat(api.put(home + "/calibrations", tomorrow).faults()).containsExactly("time_in_future");
        Map<String, Object> micro = calibration("4.0", "7.0", true);
        micro.put("ec", Bodies.typed("1413", "mS/cm"));
        assertThat(api.put(home + "/calibrations", micro).faults()).containsExactly("standard_far");
    }

    /** OIML R 56, from memory: potassium chloride of 1.278 at 20 °C has 1.413 at 25 °C. */
    @Test
    void aPenThatDoesNotCompensateIsCorrectedForTheWarmthOnce() {
        Map<String, Object> cold = Map.of("ec", Bodies.typed("1.278", "mS/cm"), "celsius", Bodies.typed("20", "°C"));
        assertThat(judged(cold).ok().path("ec").path("value").asDouble()).isEqualTo(1.278);
        tell(Map.of("compensates", false));
        JsonNode verdict = judged(cold).ok();
        assertThat(verdict.path("ec").path("value").asDouble()).isCloseTo(1.413, within(0.005));
        assertThat(verdict.path("shown").path("ec").asDouble()).isEqualTo(1.278);
        assertThat(judged(Map.of("ec", Bodies.typed("1.278", "mS/cm")))
                        .ok()
                        .path("ec")
                        .path("plusMinus")
                        .asDouble())
                .isGreaterThan(verdict.path("ec").path("plusMinus").asDouble() * 1.15);
    }

    @Test
    void everyMethodHasItsStepsAndItsBandForThisPot() {
        JsonNode procedures = api.get(lot + "/procedures").ok();
        assertThat(texts(procedures, "method"))
                .containsExactly("can", "runoff", "pour_through", "extract", "paste", "soak");
        JsonNode pour = procedures.get(2);
        assertThat(texts(pour.path("steps"), "id"))
                .containsExactly(
                        "water_to_capacity", "let_it_drain", "saucer", "pour_distilled", "catch", "rinse_and_measure");
        assertThat(pour.path("band").path("ecHigh").asDouble()).isEqualTo(3.6);
        assertThat(procedures.get(1).path("band").path("ecHigh").asDouble()).isEqualTo(2.2);
    }

    @Test
    void eachMethodIsJudgedByItsOwnBandAndWhatWasDoneByTheNextReading() {
        read("runoff", "3.1", "2026-05-10T08:00:00Z");
        read("pour_through", "3.1", "2026-05-11T08:00:00Z");
        read("can", "3.1", "2026-05-11T09:00:00Z");
        read("runoff", "1.3", "2026-05-13T08:00:00Z");
        JsonNode series = api.get(lot + "/readings").ok();
        JsonNode readings = series.path("readings");
        assertThat(texts(readings, "ecFinding")).containsExactly("above", "inside", "", "inside");
        assertThat(readings.get(3).path("ecOutcome").path("kind").asString()).isEqualTo("worked");
        assertThat(readings.get(1).path("ecOutcome").isMissingNode()).isTrue();
        assertThat(texts(series.path("bands"), "method")).containsExactlyInAnyOrder("can", "runoff", "pour_through");
    }

    private void read(String method, String ec, String at) {
        api.post(
                        lot + "/readings",
                        reading(Map.of("method", method, "ec", Bodies.typed(ec, "mS/cm"), "occurredAt", at)))
                .ok();
    }

    @Test
    void aSoakKeepsTheWaterBeforeAndItsHours() {
        api.post(
                        lot + "/readings",
                        reading(Map.of(
                                "method",
                                "soak",
                                "ph",
                                Bodies.typed("5.4", "pH"),
                                "beforePh",
                                Bodies.typed("7.1", "pH"),
                                "hours",
                                Bodies.typed("4.5", "h"))))
                .ok();
        JsonNode only = api.get(lot + "/readings").ok().path("readings").get(0);
        assertThat(only.path("beforePh").asDouble()).isEqualTo(7.1);
        assertThat(only.path("hours").asDouble()).isCloseTo(4.5, within(1e-9));
    }

    private JsonNode take(String action) {
        return api.put(lot + "/todos", Map.of("id", UUID.randomUUID().toString(), "action", action))
                .ok();
    }

    private JsonNode state() {
        return api.get(lot).ok().path("state");
    }

    private void feedIt() {
        String feed = api.put(home + "/feeds", Bodies.feed()).ok().path("id").asString();
        lot = home + "/lots/"
                + api.put(home + "/lots", Bodies.lot(garden, feed))
                        .ok()
                        .path("id")
                        .asString();
    }

    @Test
    void whatAVerdictAsksForGoesIntoThePlanWithOneTapAndOutAgain() {
        feedIt();
        assertThat(api.put(lot + "/todos", Map.of("id", UUID.randomUUID().toString(), "action", "retest"))
                        .faults())
                .containsExactly("not_found");
        read("runoff", "3.1", "2026-05-12T08:00:00Z");
        JsonNode last = api.get(lot + "/verdict").ok();
        assertThat(last.path("readOn").asString()).isEqualTo("2026-05-12");
        assertThat(texts(last.path("verdict").path("advice"), "action"))
                .startsWith("flush", "skip_next_feed")
                .contains("retest");
        assertThat(take("retest").path("dueOn").asString()).isEqualTo("2026-05-22");
        assertThat(api.put(lot + "/todos", Map.of("id", UUID.randomUUID().toString(), "action", "carry_on"))
                        .faults())
                .containsExactly("choice_unknown");
    }

    /** A reading above the band holds the next feed by itself, until the next reading or until a person lifts it. */
    @Test
    void aFeedIsLeftOutOfItselfUntilAReadingOrAPersonSaysOtherwise() {
        feedIt();
        String before = state().path("nextFeedOn").asString();
        read("runoff", "3.1", "2026-05-12T08:00:00Z");
        assertThat(state().path("feedBinding").asString()).isEqualTo("hold_salty");
        assertThat(state().path("nextFeedOn").asString()).isGreaterThan(before);
        assertThat(api.put(lot + "/todos", Map.of("id", UUID.randomUUID().toString(), "action", "skip_next_feed"))
                        .faults())
                .containsExactly("choice_unknown");
        assertThat(lift("2026-05-01", "why").faults()).containsExactly("hold_until");
        assertThat(lift("2026-06-30", " ").faults()).containsExactly("missing");
        String act = lift("2026-06-30", "the pen had been in the feed")
                .ok()
                .path("actId")
                .asString();
        assertThat(state().path("feedBinding").asString()).isNotEqualTo("hold_salty");
        JsonNode row = api.get(lot + "/journal?limit=5").ok().get(0);
        assertThat(row.at("/event/kind").asString()).isEqualTo("lifting");
        assertThat(row.at("/event/hold").asString()).isEqualTo("salty");
        assertThat(row.at("/event/reason").asString()).isEqualTo("the pen had been in the feed");
        api.post(home + "/acts/" + act + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(state().path("feedBinding").asString()).isEqualTo("hold_salty");
        read("runoff", "1.3", "2026-05-14T06:00:00Z");
        assertThat(state().path("feedBinding").asString()).isNotEqualTo("hold_salty");
    }

    /** A warning that a person knows is set aside, with its reason in the journal; poison and a plant's limits are not. */
    @Test
    void aWarningIsSetAsideForAWhile() {
        String act = lift("too_bright_here", "2026-06-30", "it has stood there for years")
                .ok()
                .path("actId")
                .asString();
        assertThat(state().path("lifted").path("too_bright_here").asString()).isEqualTo("2026-06-30");
        assertThat(api.get(lot + "/journal?limit=5")
                        .ok()
                        .get(0)
                        .at("/event/hold")
                        .asString())
                .isEqualTo("too_bright_here");
        assertThat(lift("pure_water_only", "2026-06-30", "he likes it").faults())
                .containsExactly("choice_unknown");
        assertThat(lift("poison", "2026-06-30", "no cats here").faults()).containsExactly("choice_unknown");
        api.post(home + "/acts/" + act + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(state().path("lifted").isEmpty()).isTrue();
    }

    /** A pH below the band is told of an old mix. */
    @Test
    void aPhBelowTheBandSpeaksForFreshMix() {
        assertThat(signs()).doesNotContain("PH_BELOW_BAND");
        api.post(
                        lot + "/readings",
                        reading(Map.of(
                                "method",
                                "runoff",
                                "ph",
                                Bodies.typed("4.4", "pH"),
                                "occurredAt",
                                "2026-05-12T08:00:00Z")))
                .ok();
        assertThat(signs()).contains("PH_BELOW_BAND");
    }

    private List<String> signs() {
        List<String> signs = new ArrayList<>();
        api.get(lot + "/mix-age")
                .ok()
                .path("advice")
                .forEach(a -> a.path("because").forEach(b -> signs.add(b.asString())));
        return signs;
    }

    private Api.Answer lift(String until, String reason) {
        return lift("salty", until, reason);
    }

    private Api.Answer lift(String what, String until, String reason) {
        return api.post(
                home + "/deeds/lift",
                Map.of(
                        "clientKey",
                        Bodies.key(),
                        "lotId",
                        lot.substring(lot.lastIndexOf('/') + 1),
                        "hold",
                        what,
                        "until",
                        until,
                        "reason",
                        reason));
    }

    @Test
    void aWeakerFeedAndARetestEndWithTheNextReading() {
        feedIt();
        read("runoff", "2.9", "2026-05-10T08:00:00Z");
        double share = take("weaken_feed").path("least").asDouble();
        assertThat(state().path("feedShare").asDouble()).isEqualTo(share).isLessThan(1);
        take("retest");
        read("runoff", "1.3", "2026-05-14T06:00:00Z");
        assertThat(state().path("feedShare").asDouble()).isEqualTo(1);
        assertThat(texts(api.get(lot + "/verdict").ok().path("todos"), "doneOn"))
                .containsExactly("2026-05-14", "2026-05-14");
    }

    @Test
    void whatIsToBeDoneStandsInTheRoundUntilItIs() {
        read("runoff", "7", "2026-05-01T08:00:00Z");
        Map<String, Object> acid =
                reading(Map.of("ph", Bodies.typed("8.4", "pH"), "occurredAt", "2026-05-02T08:00:00Z"));
        api.post(lot + "/readings", acid).ok();
        JsonNode todo = take("measure_alkalinity");
        JsonNode due = api.get(home + "/today").ok().path("todos");
        assertThat(due.get(0).path("todo").path("action").asString()).isEqualTo("measure_alkalinity");
        assertThat(due.get(0).path("lot").path("name").asString()).isEqualTo("Cape primrose");
        assertThat(api.get(home + "/calendar.ics").raw().body()).contains("Measure the water's alkalinity");
        String path = home + "/todos/" + todo.path("id").asString();
        api.put(path, Map.of("done", true, "version", 1)).ok();
        assertThat(api.get(home + "/today").ok().path("todos").size()).isZero();
        assertThat(api.put(path, Map.of("done", false, "version", 1)).status()).isEqualTo(409);
        api.put(path, Map.of("done", false, "version", 2)).ok();
        assertThat(api.get(home + "/today").ok().path("todos").size()).isEqualTo(1);
    }

    /** Arithmetic: 0.2 mS/cm in ten days are 0.6 in thirty; from 1.9 on 5 May 2.2 is passed after fifteen days. */
    @Test
    void whereReadingsAreHeadingIsSaidWithTheDayTheBandIsLeft() {
        for (int i = 0; i < 5; i++) {
            read(
                    "runoff",
                    String.valueOf((11 + 2 * i) / 10.0),
                    java.time.LocalDate.of(2026, 3, 26).plusDays(10L * i) + "T08:00:00Z");
        }
        JsonNode trend = api.get(lot + "/readings").ok().path("trends").get(0);
        assertThat(trend.path("quantity").asString()).isEqualTo("ec");
        assertThat(trend.path("perMonth").asDouble()).isCloseTo(0.6, within(1e-6));
        assertThat(trend.path("moves").asBoolean()).isTrue();
        assertThat(trend.path("leavesOn").asString()).isBetween("2026-05-20", "2026-05-21");
        assertThat(trend.path("ahead").get(0).path("on").asString()).isEqualTo("2026-05-05");
    }

    @Test
    void manyLotsAreSeenInSmallAndTheOneThatDiffersIsNamed() {
        String odd = lot;
        for (int i = 0; i < 6; i++) {
            lot = home + "/lots/"
                    + api.put(home + "/lots", Bodies.lot(garden, null))
                            .ok()
                            .path("id")
                            .asString();
            read("runoff", String.valueOf((12 + i % 3) / 10.0), "2026-05-12T08:00:00Z");
        }
        lot = odd;
        read("runoff", "2.9", "2026-05-12T08:00:00Z");
        String place = Bodies.place(garden, "indoors").path("id").asString();
        JsonNode lots =
                api.get(home + "/readings?method=runoff&place=" + place).ok().path("lots");
        assertThat(lots.size()).isEqualTo(7);
        assertThat(lots.valueStream()
                        .filter(l -> l.has("ecDiffers"))
                        .map(l -> l.path("lotId").asString()))
                .containsExactly(odd.substring(odd.lastIndexOf('/') + 1));
        assertThat(api.get(home + "/readings?method=pour_through")
                        .ok()
                        .path("lots")
                        .size())
                .isZero();
        assertThat(api.get(home + "/readings?method=guess").faults()).containsExactly("choice_unknown");
        String act = api.get(lot + "/journal").ok().get(0).path("actId").asString();
        api.post(home + "/acts/" + act + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(api.get(home + "/readings?method=runoff").ok().path("lots").size())
                .as("the only reading of the odd one was taken back")
                .isEqualTo(6);
    }

    @Test
    void aSoakIsHeldAgainstTheBatchsOwnFirst() {
        String batch = UUID.randomUUID().toString();
        Map<String, Object> made = new HashMap<>(Map.of(
                "id",
                batch,
                "recipe",
                "peat_perlite",
                "fills",
                List.of(),
                "litres",
                Bodies.typed("20", "L"),
                "madeOn",
                "2025-05-14",
                "firstPh",
                Bodies.typed("6.2", "pH"),
                "notes",
                "",
                "version",
                0));
        Api.Answer kept = api.put(home + "/batches", made);
        kept.ok();
        Map<String, Object> stands = Bodies.lot(garden, null);
        stands.put("mix", batch);
        lot = home + "/lots/" + api.put(home + "/lots", stands).ok().path("id").asString();
        JsonNode soak = judged(Map.of(
                        "method",
                        "soak",
                        "ph",
                        Bodies.typed("5.5", "pH"),
                        "beforePh",
                        Bodies.typed("7", "pH"),
                        "hours",
                        Bodies.typed("4", "h")))
                .ok()
                .path("soak");
        assertThat(soak.path("fall").asDouble()).isCloseTo(0.7, within(1e-9));
        assertThat(soak.path("standingHigh").asDouble()).isCloseTo(5.5, within(1e-9));
        assertThat(soak.path("standingLow").asDouble()).isLessThan(5.2);
        assertThat(soak.path("firstOn").asString()).isEqualTo("2025-05-14");
    }
}
