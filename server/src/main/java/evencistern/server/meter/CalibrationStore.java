package evencistern.server.meter;

import evencistern.server.GardenId;
import evencistern.server.history.OwnedTable;
import evencistern.server.typed.TypedFields;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of calibrations. */
@Repository
class CalibrationStore {
    private final OwnedTable<CalibrationWire> calibrations;

    CalibrationStore(JdbcClient db, JdbcTemplate batch) {
        this.calibrations = OwnedTable.named("calibration", CalibrationWire.class, CalibrationStore::row)
                .fixed("meter_id", CalibrationWire::meterId)
                .column("made_on", CalibrationWire::on)
                .column("celsius", CalibrationWire::celsius)
                .column("ph4", CalibrationWire::ph4)
                .column("ph7", CalibrationWire::ph7)
                .column("ph10", CalibrationWire::ph10)
                .column("ec", CalibrationWire::ec)
                .column("compensated", CalibrationWire::compensated)
                .column("adjusted", CalibrationWire::adjusted)
                .typed(CalibrationWire::typed)
                .in(db, batch);
    }

    OwnedTable<CalibrationWire> calibrations() {
        return calibrations;
    }

    /** Those that stand, newest first. */
    List<CalibrationWire> listCalibrations(GardenId garden) {
        return calibrations.list(garden, "and not retired order by made_on desc, id limit 2000");
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
                TypedFields.kept(r),
                r.getInt("version"),
                r.getBoolean("retired"));
    }
}
