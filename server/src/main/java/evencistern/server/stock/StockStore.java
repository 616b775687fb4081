package evencistern.server.stock;

import evencistern.server.GardenId;
import evencistern.server.history.OwnedTable;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of stocks, and of what the journal says was used of them. */
@Repository
class StockStore {
    private final OwnedTable<Stock> stocks;
    private final JdbcClient db;

    StockStore(JdbcClient db, JdbcTemplate batch) {
        this.db = db;
        this.stocks = OwnedTable.named("stock", Stock.class, StockStore::row)
                .column("feed_id", Stock::feedId)
                .column("mix", Stock::mix)
                .column("component", Stock::component)
                .column("additive", Stock::additive)
                .column("amount", Stock::amount)
                .column("counted_on", Stock::countedOn)
                .column("opened_on", Stock::openedOn)
                .column("pack", Stock::pack)
                .column("cost", Stock::cost)
                .column("currency", Stock::currency)
                .typed(s -> TypedFields.and(TypedFields.of("amount", s.amountTyped()), "pack", s.packTyped()))
                .in(db, batch);
    }

    OwnedTable<Stock> stocks() {
        return stocks;
    }

    private static Stock row(ResultSet r, int n) throws SQLException {
        Map<String, Typed> typed = TypedFields.kept(r);
        double amount = r.getDouble("amount");
        return new Stock(
                r.getObject("id", UUID.class),
                r.getObject("feed_id", UUID.class),
                r.getString("mix"),
                r.getString("component"),
                r.getString("additive"),
                amount,
                typed.getOrDefault("amount", Typed.shown(amount, "")),
                r.getObject("counted_on", LocalDate.class),
                r.getObject("opened_on", LocalDate.class),
                r.getObject("pack", Double.class),
                typed.get("pack"),
                r.getObject("cost", Double.class),
                r.getString("currency"),
                r.getInt("version"),
                r.getBoolean("retired"));
    }

    List<Stock> listStocks(GardenId garden) {
        return stocks.list(garden, "and not retired order by id limit 1000");
    }

    /** The stock that is there already of the same as this one. */
    Optional<Stock> findStockOf(GardenId garden, Counted of) {
        return stocks
                .list(
                        garden,
                        "and not retired and (feed_id = cast(? as uuid) or mix = cast(? as text)"
                                + " or component = cast(? as text) or additive = cast(? as text))",
                        of.feedId(),
                        of.mix(),
                        of.component(),
                        of.additive())
                .stream()
                .findFirst();
    }

    /** Grams of an additive that were stirred into batches made since a day. */
    double sumAdditiveUsed(GardenId garden, String additive, LocalDate since) {
        return db.sql("""
                        select coalesce(sum(p.grams), 0) as grams
                        from batch b,
                             unnest(b.added_keys || b.stirred_key, b.added_grams || b.stirred_grams) as p (additive, grams)
                        where b.garden_id = ? and not b.retired and p.additive = ? and b.made_on >= ?
                        """)
                .params(garden.value(), additive, since)
                .query(Double.class)
                .single();
    }

    /** Product used, in one measure. */
    record Used(String measure, double amount) {}

    /** What the journal says was given of a feed since the start of a day, by measure. */
    List<Used> listFeedUsed(GardenId garden, UUID feed, LocalDate since, ZoneId zone) {
        return db.sql("""
                        select f.measure, sum(f.product_each * f.pots) as amount
                        from journal_feeding f
                        join journal_standing j on j.garden_id = f.garden_id and j.id = f.journal_id
                        where f.garden_id = ? and f.feed_id = ? and j.occurred_at >= ?
                        group by f.measure
                        """)
                .params(garden.value(), feed, start(since, zone))
                .query((r, n) -> new Used(r.getString("measure"), r.getDouble("amount")))
                .list();
    }

    /** Litres of a mix, or of batches of it, that went into pots since the start of a day. */
    double sumMixUsed(GardenId garden, String mix, LocalDate since, ZoneId zone) {
        return db.sql("""
                        select coalesce(sum(p.litres_after * p.fresh / 100 * p.pots), 0) as litres
                        from journal_potting p
                        join journal_standing j on j.garden_id = p.garden_id and j.id = p.journal_id
                        where p.garden_id = ? and j.occurred_at >= ?
                          and (p.mix_after = ? or exists (select 1 from batch b
                                                          where b.garden_id = p.garden_id and b.recipe = ?
                                                            and b.id::text = p.mix_after))
                        """)
                .params(garden.value(), start(since, zone), mix, mix)
                .query(Double.class)
                .single();
    }

    /** Litres of a mix that came out of batches made since a day. */
    double sumMixMade(GardenId garden, String mix, LocalDate since) {
        return db.sql("""
                        select coalesce(sum(litres), 0) as litres from batch
                        where garden_id = ? and not retired and recipe = ? and made_on >= ?
                        """)
                .params(garden.value(), mix, since)
                .query(Double.class)
                .single();
    }

    /** Loose litres of a component that went into batches made since a day, and into pots as it is. */
    double sumComponentUsed(GardenId garden, String component, LocalDate since, ZoneId zone) {
        double batched = db.sql("""
                        select coalesce(sum(p.litres), 0) as litres
                        from batch b,
                             unnest(b.components, coalesce(b.litres_taken, b.litres_put)) as p (component, litres)
                        where b.garden_id = ? and not b.retired and p.component = ? and b.made_on >= ?
                        """)
                .params(garden.value(), component, since)
                .query(Double.class)
                .single();
        return batched + sumMixUsed(garden, component, since, zone);
    }

    private static OffsetDateTime start(LocalDate day, ZoneId zone) {
        return day.atStartOfDay(zone).toOffsetDateTime();
    }
}
