package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import evencistern.testkit.Api;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Readings as a sheet, out and in. */
@Timeout(60)
class ReadingFileTest {
    private final Api api = App.api();
    private final JsonNode garden = api.freshGarden();
    private final String home = "/api/gardens/" + garden.path("id").asString();
    private String lot = "";

    @BeforeEach
    void aLot() {
        lot = api.put(home + "/lots", Bodies.lot(garden, null)).ok().path("id").asString();
    }

    private JsonNode progress(String text, boolean apply) {
        return ended(begun(text, apply, Bodies.key()));
    }

    private String begun(String text, boolean apply, String key) {
        return api.post(home + "/readings/files", Map.of("text", text, "apply", apply, "clientKey", key))
                .ok()
                .path("id")
                .asString();
    }

    private JsonNode ended(String id) {
        while (true) {
            JsonNode now = api.get(home + "/readings/files/" + id).ok();
            if (now.has("read") || now.has("faults")) {
                return now;
            }
            Thread.onSpinWait();
        }
    }

    private JsonNode read(String text, boolean apply) {
        return progress(text, apply).path("read");
    }

    private JsonNode readings() {
        return api.get(home + "/lots/" + lot + "/readings").ok().path("readings");
    }

    private static List<String> bad(JsonNode read) {
        List<String> bad = new ArrayList<>();
        read.path("badTold")
                .forEach(b ->
                        bad.add(b.path("line").asInt() + ": " + b.path("detail").asString()));
        return bad;
    }

    private static final String SHEET = """
            lot,at,method,ph,ec,ec_unit
            Cape primrose,2026-04-01T08:00:00Z,runoff,6.1,1.2,mS/cm
            cape primrose,2026-04-11 08:00,pour_through,6.0,2100,µS/cm
            Cape primrose,2026-04-21,,5.9,,
            """;

    @Test
    void aSheetIsLookedAtFirstAndThenKept() {
        JsonNode looked = read(SHEET, false);
        assertThat(looked.path("fresh").asInt()).isEqualTo(3);
        assertThat(looked.path("bad").asInt()).isZero();
        assertThat(readings().size()).isZero();
        read(SHEET, true);
        assertThat(readings().size()).isEqualTo(3);
        assertThat(readings().get(1).path("ec").asDouble()).isCloseTo(2.1, within(1e-9));
        assertThat(readings().get(1).path("method").asString()).isEqualTo("pour_through");
        // a day without an hour is taken as noon there
        assertThat(readings().get(2).path("at").asString()).startsWith("2026-04-21T1");
    }

    @Test
    void theSameFileTwiceChangesNothingAndItsRowsTwiceCountOnce() {
        read(SHEET, true);
        JsonNode again = read(SHEET + SHEET.substring(SHEET.indexOf('\n') + 1), true);
        assertThat(again.path("fresh").asInt()).isZero();
        assertThat(again.path("same").asInt()).isEqualTo(6);
        assertThat(again.has("act")).isFalse();
        assertThat(readings().size()).isEqualTo(3);
    }

    @Test
    void aSheetSentTwiceWithOneKeyIsOneSheet() {
        String key = Bodies.key();
        String id = begun(SHEET, true, key);
        assertThat(begun(SHEET, true, key)).isEqualTo(id);
        JsonNode read = ended(id).path("read");
        assertThat(read.path("fresh").asInt()).isEqualTo(3);
        assertThat(read.has("act")).isTrue();
        assertThat(readings().size()).isEqualTo(3);
    }

    /** A sheet whose program was killed is taken up again, by any other: its row is held for a while only. */
    @Test
    void aSheetThatAKilledProgramWorkedAtIsBroughtIn() {
        String id = UUID.randomUUID().toString();
        App.bean(JdbcClient.class)
                .sql("""
                        insert into import_job (garden_id, id, client_key, sheet, apply, lines, rows_read, begun_at, tries,
                                                held_until)
                        values (?::uuid, ?::uuid, ?, ?, true, 3, 2, now() - interval '1 minute', 1,
                                timestamptz '2026-01-01T00:00:00Z')
                        """)
                .params(garden.path("id").asString(), id, Bodies.key(), SHEET)
                .update();
        JsonNode now = ended(id);
        assertThat(now.path("read").path("fresh").asInt()).isEqualTo(3);
        assertThat(now.path("rows").asInt()).isEqualTo(3);
        assertThat(readings().size()).isEqualTo(3);
        assertThat(App.bean(JdbcClient.class)
                        .sql("select sheet from import_job where id = ?::uuid")
                        .param(id)
                        .query(String.class)
                        .single())
                .isEmpty();
    }

    /** One that was begun three times and never ended does not keep the others waiting. */
    @Test
    void aSheetThatNobodyCanFinishIsGivenUp() {
        String id = UUID.randomUUID().toString();
        App.bean(JdbcClient.class)
                .sql("""
                        insert into import_job (garden_id, id, client_key, sheet, apply, lines, begun_at, tries)
                        values (?::uuid, ?::uuid, ?, ?, true, 3, now(), 3)
                        """)
                .params(garden.path("id").asString(), id, Bodies.key(), SHEET)
                .update();
        assertThat(ended(id).path("faults").get(0).path("code").asString()).isEqualTo("file_invalid");
        assertThat(readings().size()).isZero();
    }

    @Test
    void badRowsAreToldLineByLineAndTheGoodOnesKept() {
        JsonNode read = read("""
                lot,at,ph,ec
                Cape primrose,2026-04-01 08:00,6.1,1.2
                Nobody's plant,2026-04-01 08:00,6.1,1.2
                Cape primrose,04/05/2026,6.1,1.2
                Cape primrose,2026-04-02 08:00,58,1.2
                Cape primrose,2026-04-03 08:00,6.0,1350
                Cape primrose,2026-04-04 08:00,six,
                Cape primrose,2027-04-04 08:00,6.0,
                Cape primrose,2026-04-05 08:00,,
                Cape primrose,2026-04-06 08:00,6.2,1.1
                """, true);
        assertThat(read.path("fresh").asInt()).isEqualTo(2);
        assertThat(read.path("bad").asInt()).isEqualTo(7);
        assertThat(bad(read).get(0)).startsWith("3: ");
        assertThat(bad(read).get(1)).startsWith("4: ").contains("read in more than one way");
        assertThat(bad(read).get(2)).startsWith("5: ").contains("5.8");
        assertThat(bad(read).get(3)).startsWith("6: ").contains("1.35");
        assertThat(readings().size()).isEqualTo(2);
    }

    @Test
    void commaDecimalsSemicolonsAndAByteOrderMarkAreRead() {
        read("\uFEFFLot;At;pH;EC\nCape primrose;14.4.2026 8:10;5,8;1,35\n", true);
        assertThat(readings().get(0).path("ph").asDouble()).isEqualTo(5.8);
        assertThat(readings().get(0).path("ec").asDouble()).isEqualTo(1.35);
        assertThat(readings().get(0).path("at").asString()).startsWith("2026-04-14T");
    }

    @Test
    void aSheetWithoutItsColumnsSaysWhichIsMissing() {
        JsonNode faults =
                progress("plant,when,ph\nCape primrose,2026-04-01,6\n", false).path("faults");
        assertThat(faults.get(0).path("code").asString()).isEqualTo("column_missing");
        assertThat(faults.get(0).path("detail").asString()).contains("“lot”");
    }

    @Test
    void whatGoesOutComesInAgainAsTheSame() {
        read(SHEET, true);
        String out = api.get(home + "/readings.csv").raw().body();
        assertThat(out.lines().count()).isEqualTo(4);
        JsonNode again = read(out, true);
        assertThat(again.path("same").asInt()).isEqualTo(3);
        assertThat(again.path("bad").asInt()).isZero();
    }

    /** A spreadsheet opens the sheet, and no name in it is reckoned with. */
    @Test
    void aNameLikeAFormulaIsTextInTheSheetAndComesBack() {
        Map<String, Object> sly = Bodies.lot(garden, null);
        sly.put("name", "=1+1 fern");
        api.put(home + "/lots", sly).ok();
        read(SHEET.replaceAll("(?i)cape primrose", "=1+1 fern"), true);
        String out = api.get(home + "/readings.csv").raw().body();
        assertThat(out).contains("'=1+1 fern").doesNotContain("\n=").doesNotContain("\n\"=");
        assertThat(read(out, true).path("same").asInt()).isEqualTo(3);
    }

    @Test
    void aWholeSheetIsTakenBackAtOnce() {
        String act = read(SHEET, true).path("act").asString();
        api.post(home + "/acts/" + act + "/undo", Map.of("clientKey", Bodies.key()))
                .ok();
        assertThat(readings().size()).isZero();
        assertThat(read(SHEET, true).path("fresh").asInt()).isEqualTo(3);
    }

    @Test
    void whatWaitedForAReadingEndsWithOneFromASheet() {
        read("lot,at,ec\nCape primrose,2026-05-01 08:00,3.1\n", true);
        String path = home + "/lots/" + lot;
        api.put(path + "/todos", Map.of("id", java.util.UUID.randomUUID().toString(), "action", "retest"))
                .ok();
        read("lot,at,ec\nCape primrose,2026-05-12 08:00,1.4\nCape primrose,2026-04-02 08:00,1.2\n", true);
        assertThat(api.get(path + "/verdict")
                        .ok()
                        .path("todos")
                        .get(0)
                        .path("doneOn")
                        .asString())
                .isEqualTo("2026-05-12");
    }
}
