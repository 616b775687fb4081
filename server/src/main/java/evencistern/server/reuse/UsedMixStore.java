package evencistern.server.reuse;

import evencistern.mixlife.LastPlant;
import evencistern.server.GardenId;
import evencistern.server.history.OwnedTable;
import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of used mix. */
@Repository
class UsedMixStore {
    private final OwnedTable<UsedMixWire> used;

    UsedMixStore(JdbcClient db, JdbcTemplate batch) {
        this.used = OwnedTable.named("used_mix", UsedMixWire.class, UsedMixStore::row)
                .fixed("lot_id", UsedMixWire::lotId)
                .fixed("lot_name", UsedMixWire::lotName)
                .fixed("plant", UsedMixWire::plant)
                .fixed("mix_name", UsedMixWire::mixName)
                .fixed("taken_on", UsedMixWire::takenOn)
                .fixed("litres", UsedMixWire::litres)
                .fixed("last_plant", u -> u.lastPlant().id())
                .fixed("coated_left", UsedMixWire::coatedLeft)
                .column("ph_plus_minus", UsedMixWire::phPlusMinus)
                .column("ec_plus_minus", UsedMixWire::ecPlusMinus)
                .column("steps", u -> OwnedTable.array(u.steps(), s -> s.step().name(), String[]::new))
                .column("step_days", u -> OwnedTable.array(u.steps(), s -> Date.valueOf(s.on()), Date[]::new))
                .column("step_amounts", u -> OwnedTable.array(u.steps(), UsedMixWire.StepTaken::amount, Double[]::new))
                .column("notes", UsedMixWire::notes)
                .in(db, batch);
    }

    OwnedTable<UsedMixWire> used() {
        return used;
    }

    private static UsedMixWire row(ResultSet r, int n) throws SQLException {
        String[] steps = (String[]) r.getArray("steps").getArray();
        Date[] days = (Date[]) r.getArray("step_days").getArray();
        Double[] amounts = (Double[]) r.getArray("step_amounts").getArray();
        List<UsedMixWire.StepTaken> taken = new ArrayList<>();
        for (int i = 0; i < steps.length; i++) {
            taken.add(new UsedMixWire.StepTaken(UsedMixWire.Step.valueOf(steps[i]), days[i].toLocalDate(), amounts[i]));
        }
        return new UsedMixWire(
                r.getObject("id", UUID.class),
                r.getObject("lot_id", UUID.class),
                r.getString("lot_name"),
                r.getString("plant"),
                r.getString("mix_name"),
                r.getObject("taken_on", LocalDate.class),
                r.getDouble("litres"),
                LastPlant.valueOf(r.getString("last_plant").toUpperCase(Locale.ROOT)),
                r.getDouble("coated_left"),
                r.getDouble("ph_plus_minus"),
                r.getDouble("ec_plus_minus"),
                taken,
                r.getString("notes"),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    List<UsedMixWire> listUsed(GardenId garden) {
        return used.list(garden, "and not retired order by taken_on desc, id limit 500");
    }
}
