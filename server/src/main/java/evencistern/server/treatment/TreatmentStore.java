package evencistern.server.treatment;

import evencistern.server.GardenId;
import evencistern.server.history.OwnedTable;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of treatments. */
@Repository
public class TreatmentStore {
    private final OwnedTable<TreatmentWire> treatments;

    TreatmentStore(JdbcClient db, JdbcTemplate batch) {
        this.treatments = OwnedTable.named("treatment", TreatmentWire.class, TreatmentStore::row)
                .fixed("lot_id", TreatmentWire::lotId)
                .column("cure", TreatmentWire::cure)
                .column("product", TreatmentWire::product)
                .column("amount", TreatmentWire::amount)
                .column("reason", TreatmentWire::reason)
                .column("ailment", TreatmentWire::ailment)
                .column("read_on", TreatmentWire::readOn)
                .column("due_on", TreatmentWire::dueOn)
                .column("every_days", TreatmentWire::everyDays)
                .column("done_on", TreatmentWire::doneOn)
                .column("look_on", TreatmentWire::lookOn)
                .column("expects", TreatmentWire::expects)
                .column("outcome", t -> t.outcome() == null ? null : t.outcome().name())
                .column("outcome_on", TreatmentWire::outcomeOn)
                .column("outcome_note", TreatmentWire::outcomeNote)
                .in(db, batch);
    }

    OwnedTable<TreatmentWire> treatments() {
        return treatments;
    }

    private static TreatmentWire row(ResultSet r, int n) throws SQLException {
        String outcome = r.getString("outcome");
        return new TreatmentWire(
                r.getObject("id", UUID.class),
                r.getObject("lot_id", UUID.class),
                r.getString("cure"),
                r.getString("product"),
                r.getString("amount"),
                r.getString("reason"),
                r.getString("ailment"),
                r.getObject("read_on", LocalDate.class),
                r.getObject("due_on", LocalDate.class),
                r.getObject("every_days", Integer.class),
                r.getObject("done_on", LocalDate.class),
                r.getObject("look_on", LocalDate.class),
                r.getString("expects"),
                outcome == null ? null : TreatmentWire.Outcome.valueOf(outcome),
                r.getObject("outcome_on", LocalDate.class),
                r.getString("outcome_note"),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    /** Those of a lot, the latest first. */
    public List<TreatmentWire> listOfLot(GardenId garden, UUID lot) {
        return treatments.list(
                garden, "and lot_id = ? and not retired order by coalesce(done_on, due_on) desc, id limit 100", lot);
    }

    /** Ailments that other lots of a garden got better from, one for each treatment; the latest. */
    public List<String> listHelpedElsewhere(GardenId garden, UUID lot) {
        return treatments
                .list(
                        garden,
                        "and lot_id <> ? and ailment is not null and outcome = 'better' and not retired"
                                + " order by outcome_on desc, id limit 100",
                        lot)
                .stream()
                .flatMap(t -> Stream.ofNullable(t.ailment()))
                .toList();
    }

    /** Treatments against a named ailment that are under way on other lots of a place. */
    public List<TreatmentWire> listUnderWayBeside(GardenId garden, UUID lot, UUID place) {
        return treatments.list(garden, """
                and lot_id <> ? and ailment is not null and outcome is null and not retired
                and exists (select 1 from lot l
                            where l.garden_id = treatment.garden_id and l.id = treatment.lot_id
                              and l.place_id = ? and not l.retired)
                order by due_on, id limit 100
                """, lot, place);
    }

    /** Those to be done, or to be looked at again, by a day, of lots on the bench. */
    public List<TreatmentWire> listDue(GardenId garden, LocalDate until, int limit) {
        return treatments.list(garden, """
                and outcome is null and not retired
                and ((due_on <= ? and (done_on is null or done_on < due_on)) or (done_on is not null and look_on <= ?))
                and not exists (select 1 from lot l
                                where l.garden_id = treatment.garden_id and l.id = treatment.lot_id and l.retired)
                order by due_on, id limit ?
                """, until, until, limit);
    }
}
