package evencistern.server.meter;

import evencistern.server.GardenId;
import evencistern.server.typed.TypedFields;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of calibrations. */
@Repository
class CalibrationStore {
    private static final String CALIBRATIONS = """
            select id, meter_id, made_on, celsius, ph4, ph7, ph10, ec, compensated, adjusted, typed, version, retired
            from calibration where garden_id = ?
            """;

    private final JdbcClient db;

    CalibrationStore(JdbcClient db) {
        this.db = db;
    }

    /** Those that stand, newest first. */
    List<CalibrationWire> listCalibrations(GardenId garden) {
        return db.sql(CALIBRATIONS + " and not retired order by made_on desc, id limit 2000")
                .param(garden.value())
                .query(CalibrationStore::row)
                .list();
    }

    Optional<CalibrationWire> findCalibration(GardenId garden, UUID id) {
        return db.sql(CALIBRATIONS + " and id = ?")
                .params(garden.value(), id)
                .query(CalibrationStore::row)
                .optional();
    }

    private static CalibrationWire row(ResultSet r, int n) throws SQLException {
        return new CalibrationWire(
                r.getObject("id", UUID.class),
                r.getObject("meter_id", UUID.class),
                r.getObject("made_on", LocalDate.class),
                r.getDouble("celsius"),
                r.getObject("ph4", Double.class),
                r.getObject("ph7", Double.class),
                r.getObject("ph10", Double.class),
                r.getObject("ec", Double.class),
                r.getBoolean("compensated"),
                r.getBoolean("adjusted"),
                TypedFields.kept((String[]) r.getArray("typed").getArray()),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    void insertCalibration(GardenId garden, CalibrationWire c) {
        db.sql("""
                        insert into calibration (made_on, celsius, ph4, ph7, ph10, ec, compensated, adjusted, typed,
                                                 retired, meter_id, garden_id, id, version)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 1)
                        """)
                .params(Arrays.asList(
                        c.on(),
                        c.celsius(),
                        c.ph4(),
                        c.ph7(),
                        c.ph10(),
                        c.ec(),
                        c.compensated(),
                        c.adjusted(),
                        TypedFields.stored(c.typed()),
                        c.retired(),
                        c.meterId(),
                        garden.value(),
                        c.id()))
                .update();
    }

    /** Whether the version was still the one the person had seen. */
    boolean updateCalibration(GardenId garden, CalibrationWire c) {
        return db.sql("""
                                update calibration set made_on = ?, celsius = ?, ph4 = ?, ph7 = ?, ph10 = ?, ec = ?,
                                                       compensated = ?, adjusted = ?, typed = ?, retired = ?,
                                                       version = version + 1
                                where garden_id = ? and id = ? and version = ?
                                """)
                        .params(Arrays.asList(
                                c.on(),
                                c.celsius(),
                                c.ph4(),
                                c.ph7(),
                                c.ph10(),
                                c.ec(),
                                c.compensated(),
                                c.adjusted(),
                                TypedFields.stored(c.typed()),
                                c.retired(),
                                garden.value(),
                                c.id(),
                                c.version()))
                        .update()
                == 1;
    }
}
