package evencistern.server.lot;

import evencistern.need.Condition;
import evencistern.pot.Material;
import evencistern.pot.Topping;
import evencistern.pot.Walls;
import evencistern.reading.Judgement;
import evencistern.server.GardenId;
import evencistern.server.history.OwnedTable;
import evencistern.server.pot.PotInput;
import evencistern.server.typed.Told;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import evencistern.watering.Way;
import java.sql.Array;
import java.sql.Date;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** All SQL of lots and of their derived state. */
@Repository
class LotStore {
    private static final String STATE = """
            , s.last_watered_on, s.last_fed_on, s.water_item, s.feed_item, s.next_water_on, s.water_gap_days,
              s.next_feed_on, s.feed_binding, s.feed_earliest, s.feed_latest, s.due_on, s.ph_finding,
              s.ec_finding, s.feed_per_day, s.learned, s.learned_low, s.learned_high, s.learned_from,
              s.last_flushed_on, s.next_flush_on, s.salty_on, s.salty_litres, s.no_feed_until, s.feed_share,
              s.feed_share_until, s.account_flush_on, s.account_flush_litres, s.lifted, s.salt_in_order_on, s.stale,
              s.computed_on, s.course_feeds, s.course_fed, s.course_per_day, s.water_due_on, s.beside_due_on,
              (select array_agg(d.feed_on order by d.feed_on) from calendar_day d
               where d.garden_id = lot.garden_id and d.lot_id = lot.id) as calendar_days
            from lot
            join place p on p.garden_id = lot.garden_id and p.id = lot.place_id
            left join lot_state s on s.garden_id = lot.garden_id and s.lot_id = lot.id
            """;

    /** How the name of work begins that was done at the person's own time, outside the list. */
    static final String OWN_TIME = "own:";

    private static final int MOST_LOTS = 20_000;

    private final OwnedTable<Lot> lots;
    private final JdbcClient db;
    private final JdbcTemplate batch;
    /** Lots with what is kept of them. */
    private final String standing;

    LotStore(JdbcClient db, JdbcTemplate batch) {
        this.db = db;
        this.batch = batch;
        this.lots = OwnedTable.named("lot", Lot.class, LotStore::lot)
                .column("name", Lot::name)
                .column("pots", Lot::pots)
                .column("species", Lot::species)
                .column("shape", l -> l.pot().shape().name())
                .column("top_m", l -> l.pot().measures().topM())
                .column("base_m", l -> l.pot().measures().baseM())
                .column("height_m", l -> l.pot().measures().heightM())
                .column("across_m", l -> l.pot().measures().acrossM())
                .column("measured_litres", l -> l.pot().measures().litres())
                .column("material", l -> l.pot().toPot().material().id())
                .column("topping", l -> l.pot().toPot().topping().id())
                .column("walls", l -> l.pot().toPot().walls().id())
                .column("mix", Lot::mix)
                .column("place_id", Lot::placeId)
                .column("water_id", Lot::waterId)
                .column("started_on", Lot::startedOn)
                .column("repotted_on", Lot::repottedOn)
                .column("watered_before", Lot::wateredBefore)
                .column("fed_before", Lot::fedBefore)
                .column("spread_m", Lot::spreadM)
                .column("tall_m", Lot::tallM)
                .column("sized_on", Lot::sizedOn)
                .column("mix_c", Lot::mixC)
                .column("lasts_days", Lot::lastsDays)
                .column("lasts_on", Lot::lastsOn)
                .column("way", l -> watering(l).way().id())
                .column("holds_l", l -> orNull(l.watered().holdsLitres()))
                .column("soak_min", l -> orNull(l.watered().minutes()))
                .column("emitter_l", l -> orNull(l.watered().emitterLitresPerHour()))
                .column("rate_mm", l -> orNull(l.watered().rateMmPerHour()))
                .column("spacing_m", l -> orNull(l.watered().spacingM()))
                .column("undrained", l -> Boolean.TRUE.equals(l.undrained()))
                .column("flush_by", Lot::flushBy)
                .column(
                        "assumed",
                        l -> l.assumed().stream().map(Enum::name).sorted().toArray(String[]::new))
                .column("split_from", Lot::splitFrom)
                .column("retired_on", Lot::retiredOn)
                .column("retired_why", Lot::retiredWhy)
                .typed(LotStore::typed)
                .texts("traits", "lot_trait", "lot_id", "trait", Lot::traits)
                .rows("lot_condition", "lot_id", List.of("condition", "since"), LotStore::conditions)
                .alsoRead(
                        "select jsonb_object_agg(c.condition, c.since) from lot_condition c"
                                + " where c.garden_id = lot.garden_id and c.lot_id = lot.id",
                        "conditions")
                .rows(
                        "lot_course",
                        "lot_id",
                        List.of(
                                "place",
                                "feed_id",
                                "share",
                                "rhythm",
                                "from_month",
                                "to_month",
                                "only_while",
                                "begins_on",
                                "ends_on",
                                "whole"),
                        LotStore::courses)
                .alsoRead(
                        "select jsonb_agg(jsonb_build_array(k.feed_id, k.share, k.rhythm, k.from_month, k.to_month,"
                                + " k.only_while, k.begins_on, k.ends_on, k.whole) order by k.place) from lot_course k"
                                + " where k.garden_id = lot.garden_id and k.lot_id = lot.id",
                        "courses")
                .rows("lot_move", "lot_id", List.of("move_on", "place_id"), LotStore::moves)
                .alsoRead(
                        "select array_agg(m.move_on order by m.move_on) from lot_move m"
                                + " where m.garden_id = lot.garden_id and m.lot_id = lot.id",
                        "move_days")
                .alsoRead(
                        "select array_agg(m.place_id order by m.move_on) from lot_move m"
                                + " where m.garden_id = lot.garden_id and m.lot_id = lot.id",
                        "move_places")
                .in(db, batch);
        this.standing = "select " + lots.selected() + STATE;
    }

    OwnedTable<Lot> lots() {
        return lots;
    }

    private static Map<String, Typed> typed(Lot l) {
        Map<String, Typed> typed = l.pot().typed();
        typed.putAll(watering(l).typed());
        TypedFields.and(typed, "spread", l.spread());
        TypedFields.and(typed, "tall", l.tall());
        TypedFields.and(typed, "lasts", l.lasts());
        return TypedFields.and(typed, "mixWarmth", l.mixWarmth());
    }

    private static WateringInput watering(Lot l) {
        return l.watering() == null ? WateringInput.POURED : l.watering();
    }

    private static @Nullable Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    private static List<List<Object>> conditions(Lot l) {
        Map<Condition, LocalDate> since = l.conditions();
        return since == null
                ? List.of()
                : since.entrySet().stream()
                        .map(c -> List.<Object>of(c.getKey().id(), c.getValue()))
                        .toList();
    }

    private static List<List<Object>> moves(Lot l) {
        return l.moves().stream().map(m -> List.<Object>of(m.on(), m.placeId())).toList();
    }

    private static List<List<Object>> courses(Lot l) {
        List<List<Object>> rows = new ArrayList<>();
        for (LotCourse c : l.courses()) {
            Condition only = c.only();
            rows.add(Arrays.asList(
                    rows.size(),
                    c.feedId(),
                    c.share(),
                    c.rhythm(),
                    c.fromMonth(),
                    c.toMonth(),
                    only == null ? null : only.id(),
                    c.begins(),
                    c.ends(),
                    Boolean.TRUE.equals(c.whole())));
        }
        return rows;
    }

    private static List<LotCourse> courses(@Nullable String rows) {
        return Told.listed(rows).stream()
                .map(c -> new LotCourse(
                        UUID.fromString(c.get(0).asString()),
                        c.get(1).asInt(),
                        c.get(2).asStringOpt().orElse(null),
                        c.get(8).asBoolean() ? true : null,
                        c.get(3).isNull() ? null : c.get(3).asInt(),
                        c.get(4).isNull() ? null : c.get(4).asInt(),
                        c.get(5)
                                .asStringOpt()
                                .map(id -> Condition.valueOf(id.toUpperCase(Locale.ROOT)))
                                .orElse(null),
                        c.get(6).asStringOpt().map(LocalDate::parse).orElse(null),
                        c.get(7).asStringOpt().map(LocalDate::parse).orElse(null)))
                .toList();
    }

    private static Set<Lot.Assumed> assumed(ResultSet r) throws SQLException {
        return Arrays.stream((String[]) r.getArray("assumed").getArray())
                .map(Lot.Assumed::valueOf)
                .collect(Collectors.toUnmodifiableSet());
    }

    private static Lot lot(ResultSet r, int n) throws SQLException {
        List<Lot.Move> moves = new ArrayList<>();
        List<LocalDate> days = days(r, "move_days");
        if (!days.isEmpty()) {
            UUID[] places = (UUID[]) r.getArray("move_places").getArray();
            for (int i = 0; i < places.length; i++) {
                moves.add(new Lot.Move(days.get(i), places[i]));
            }
        }
        Map<String, Typed> typed = TypedFields.kept(r);
        return new Lot(
                r.getObject("id", UUID.class),
                r.getString("name"),
                r.getInt("pots"),
                r.getString("species"),
                PotInput.of(
                        PotInput.Shape.valueOf(r.getString("shape")),
                        typed,
                        Material.valueOf(r.getString("material").toUpperCase(Locale.ROOT)),
                        Topping.valueOf(r.getString("topping").toUpperCase(Locale.ROOT)),
                        Walls.valueOf(r.getString("walls").toUpperCase(Locale.ROOT))),
                r.getString("mix"),
                r.getObject("place_id", UUID.class),
                r.getObject("water_id", UUID.class),
                courses(r.getString("courses")),
                r.getObject("started_on", LocalDate.class),
                r.getObject("repotted_on", LocalDate.class),
                r.getObject("watered_before", LocalDate.class),
                r.getObject("fed_before", LocalDate.class),
                r.getObject("spread_m", Double.class),
                typed.get("spread"),
                r.getObject("tall_m", Double.class),
                typed.get("tall"),
                r.getObject("sized_on", LocalDate.class),
                r.getObject("mix_c", Double.class),
                typed.get("mixWarmth"),
                r.getObject("lasts_days", Double.class),
                typed.get("lasts"),
                r.getObject("lasts_on", LocalDate.class),
                Told.kept(r.getString("traits")),
                Lot.since(Told.kept(r.getString("conditions"))),
                WateringInput.of(Way.named(r.getString("way")), typed),
                r.getBoolean("undrained"),
                r.getString("flush_by"),
                assumed(r),
                moves,
                r.getObject("split_from", UUID.class),
                r.getBoolean("retired"),
                r.getObject("retired_on", LocalDate.class),
                r.getString("retired_why"),
                r.getInt("version"));
    }

    /**
     * A lot with the state that is kept of it.
     *
     * @param stale whether it is to be worked out again
     * @param computedOn the day for which it was worked out
     */
    record Kept(
            LotWithState standing, boolean stale, @Nullable LocalDate computedOn) {
        /** Whether it is to be worked out again before anybody sees it: what was late on another day is later now. */
        boolean old(LocalDate today) {
            boolean late = standing.state().dueOn().isBefore(today);
            return stale || (late && (computedOn == null || computedOn.isBefore(today)));
        }
    }

    private static Kept kept(ResultSet r, int n) throws SQLException {
        return new Kept(standing(r), r.getBoolean("stale"), r.getObject("computed_on", LocalDate.class));
    }

    private static List<LotState.Given> given(ResultSet r) throws SQLException {
        UUID[] feeds = array(r, "course_feeds", new UUID[0]);
        @Nullable Date[] fed = array(r, "course_fed", new Date[0]);
        Double[] perDay = array(r, "course_per_day", new Double[0]);
        List<LotState.Given> given = new ArrayList<>();
        for (int i = 0; i < feeds.length; i++) {
            Date last = fed[i];
            given.add(new LotState.Given(feeds[i], last == null ? null : last.toLocalDate(), perDay[i]));
        }
        return given;
    }

    /** An array of a row; empty for a lot of which nothing is kept yet. */
    @SuppressWarnings("unchecked")
    private static <T extends @Nullable Object> T[] array(ResultSet r, String column, T[] none) throws SQLException {
        Array array = r.getArray(column);
        return array == null ? none : (T[]) array.getArray();
    }

    private static List<LocalDate> days(ResultSet r, String column) throws SQLException {
        Array days = r.getArray(column);
        return days == null
                ? List.of()
                : Arrays.stream((Date[]) days.getArray()).map(Date::toLocalDate).toList();
    }

    private static LotWithState standing(ResultSet r) throws SQLException {
        return new LotWithState(
                lot(r, 0),
                new LotState(
                        r.getObject("last_watered_on", LocalDate.class),
                        r.getObject("last_fed_on", LocalDate.class),
                        r.getString("water_item"),
                        r.getString("feed_item"),
                        r.getObject("next_water_on", LocalDate.class),
                        r.getInt("water_gap_days"),
                        r.getObject("next_feed_on", LocalDate.class),
                        r.getString("feed_binding"),
                        given(r),
                        r.getObject("feed_earliest", LocalDate.class),
                        r.getObject("feed_latest", LocalDate.class),
                        r.getObject("due_on", LocalDate.class),
                        r.getObject("water_due_on", LocalDate.class),
                        r.getObject("beside_due_on", LocalDate.class),
                        r.getString("ph_finding"),
                        r.getString("ec_finding"),
                        r.getDouble("learned"),
                        r.getDouble("learned_low"),
                        r.getDouble("learned_high"),
                        r.getInt("learned_from"),
                        r.getObject("last_flushed_on", LocalDate.class),
                        r.getObject("next_flush_on", LocalDate.class),
                        r.getObject("salty_on", LocalDate.class),
                        r.getObject("salty_litres", Double.class),
                        r.getObject("no_feed_until", LocalDate.class),
                        r.getDouble("feed_share"),
                        r.getObject("feed_share_until", LocalDate.class),
                        r.getObject("account_flush_on", LocalDate.class),
                        r.getObject("account_flush_litres", Double.class),
                        days(r, "calendar_days"),
                        Told.kept(r.getString("lifted")),
                        r.getObject("salt_in_order_on", LocalDate.class)));
    }

    /**
     * What of the bench is looked at.
     *
     * @param find part of a name; empty for all
     * @param species those whose own name was looked for
     * @param state all, due, thirsty, over, retired
     */
    record Looked(
            String find, List<String> species, @Nullable UUID place, String state, LocalDate today) {
        Looked named(String name) {
            return new Looked(name, species, place, state, today);
        }

        Looked in(UUID onlyPlace) {
            return new Looked(find, species, onlyPlace, state, today);
        }
    }

    /** Which lots are looked at, as a condition on lot_state with the values for its marks. */
    private static final class Narrow {
        private final StringBuilder sql = new StringBuilder();
        private final List<Object> values = new ArrayList<>();

        Narrow(GardenId garden, Looked l) {
            sql.append(l.state().equals("retired") ? "s.retired" : "not s.retired");
            switch (l.state()) {
                case "due" -> and("s.due_on <= ?", l.today());
                case "thirsty" -> and("s.next_water_on <= ?", l.today());
                case "over" -> and("(" + OVER_BAND + ")");
                default -> {}
            }
            UUID place = l.place();
            if (place != null) {
                and("s.place_id = ?", place);
            }
            if (!l.find().isEmpty()) {
                String find = "%"
                        + l.find()
                                .toLowerCase(Locale.ROOT)
                                .replace("\\", "\\\\")
                                .replace("%", "\\%")
                                .replace("_", "\\_")
                        + "%";
                and(
                        "(s.name_folded like ? or s.species = any (?) or s.place_id in"
                                + " (select m.id from place m where m.garden_id = ? and lower(m.name) like ?))",
                        find,
                        l.species().toArray(String[]::new),
                        garden.value(),
                        find);
            }
        }

        private void and(String condition, Object... marks) {
            sql.append(" and ").append(condition);
            values.addAll(List.of(marks));
        }
    }

    private static final String OVER_BAND = "s.ph_finding in (" + ids(Judgement.Finding::offPh)
            + ") or s.ec_finding in (" + ids(Judgement.Finding::high) + ")";

    private static String ids(Predicate<Judgement.Finding> which) {
        return Arrays.stream(Judgement.Finding.values())
                .filter(which)
                .map(f -> "'" + f.id() + "'")
                .collect(Collectors.joining(", "));
    }

    /**
     * How many lots of a place are looked at, and how many of each state there are.
     *
     * @param found which are looked at, by name, where a name was looked for: a second search would cost as much again
     */
    record InPlace(UUID place, int lots, List<UUID> found, Lots.Counts counts) {}

    /** The places of the lots, by name, with how many stand there. */
    List<InPlace> countByPlace(GardenId garden, Looked looked) {
        Map<UUID, List<UUID>> found = looked.find().isEmpty() ? Map.of() : findByPlace(garden, looked);
        Narrow narrow = new Narrow(garden, looked.find().isEmpty() ? looked : looked.named(""));
        List<Object> values = new ArrayList<>(narrow.values);
        values.addAll(List.of(looked.today(), looked.today(), garden.value(), garden.value()));
        return db.sql("select c.* from (select s.place_id, count(*) filter (where " + narrow.sql
                        + """
                           ) as lots,
                               count(*) filter (where not s.retired) as all_lots,
                               count(*) filter (where not s.retired and s.due_on <= ?) as due,
                               count(*) filter (where not s.retired and s.next_water_on <= ?) as thirsty,
                               count(*) filter (where not s.retired and (%s)) as over_band,
                               count(*) filter (where s.retired) as retired
                        from lot_state s where s.garden_id = ? group by s.place_id) c
                        join place p on p.id = c.place_id
                        left join walk w on w.garden_id = p.garden_id and not w.retired
                        where p.garden_id = ? order by array_position(w.places, p.id), p.name collate "C", p.id
                        """.formatted(OVER_BAND))
                .params(values)
                .query((r, n) -> {
                    UUID place = r.getObject("place_id", UUID.class);
                    List<UUID> here = found.getOrDefault(place, List.of());
                    int lots = looked.find().isEmpty() ? r.getInt("lots") : here.size();
                    return new InPlace(
                            place,
                            lots,
                            here,
                            new Lots.Counts(
                                    lots,
                                    r.getInt("all_lots"),
                                    r.getInt("due"),
                                    r.getInt("thirsty"),
                                    r.getInt("over_band"),
                                    r.getInt("retired")));
                })
                .list();
    }

    /** Which lots of each place are found, by name; only those found are sorted. */
    private Map<UUID, List<UUID>> findByPlace(GardenId garden, Looked looked) {
        Narrow narrow = new Narrow(garden, looked);
        return db
                .sql("select s.place_id, s.lot_id from lot_state s where s.garden_id = ? and " + narrow.sql
                        + " order by s.name collate \"C\", s.lot_id")
                .params(Stream.concat(Stream.of(garden.value()), narrow.values.stream())
                        .toList())
                .query((r, n) -> Map.entry(r.getObject("place_id", UUID.class), r.getObject("lot_id", UUID.class)))
                .list()
                .stream()
                .collect(Collectors.groupingBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
    }

    /** The lots of a place by name, in the order of an index: first which they are, then all of those. */
    List<Kept> listLots(GardenId garden, Looked looked, int offset, int limit) {
        Narrow narrow = new Narrow(garden, looked);
        List<UUID> ids = db.sql("select s.lot_id from lot_state s where s.garden_id = ? and " + narrow.sql
                        + " order by s.name collate \"C\", s.lot_id offset ? limit ?")
                .params(Stream.of(Stream.of(garden.value()), narrow.values.stream(), Stream.of(offset, limit))
                        .flatMap(v -> v)
                        .toList())
                .query(UUID.class)
                .list();
        return listLots(garden, ids);
    }

    /** These lots, by name. */
    List<Kept> listLots(GardenId garden, List<UUID> ids) {
        return db.sql(standing
                        + " where lot.garden_id = ? and lot.id = any (?) order by lot.name collate \"C\", lot.id")
                .params(garden.value(), ids.toArray(UUID[]::new))
                .query(LotStore::kept)
                .list();
    }

    /** Which lots are due, in the order of the walk; by an index in each place, so that few are sorted. */
    List<UUID> listDue(GardenId garden, LocalDate by, int limit) {
        return db.sql("""
                        select s.lot_id from place p
                        left join walk w on w.garden_id = p.garden_id and not w.retired
                        cross join lateral (
                          select d.lot_id, d.name from lot_state d
                          where d.garden_id = p.garden_id and d.place_id = p.id and not d.retired and d.due_on <= ?
                          order by d.name collate "C", d.lot_id limit ?) s
                        where p.garden_id = ?
                        order by array_position(w.places, p.id), p.name collate "C", p.id, s.name collate "C", s.lot_id
                        limit ?
                        """)
                .params(by, limit, garden.value(), limit)
                .query(UUID.class)
                .list();
    }

    int countDue(GardenId garden, LocalDate by) {
        return db.sql("select count(*) from lot_state where garden_id = ? and not retired and due_on <= ?")
                .params(garden.value(), by)
                .query(Integer.class)
                .single();
    }

    List<Kept> listAll(GardenId garden) {
        return listStanding(garden, "");
    }

    /** Of them those that have a feed. */
    List<Kept> listFed(GardenId garden) {
        return listStanding(
                garden,
                "and exists (select 1 from lot_course k where k.garden_id = lot.garden_id and k.lot_id = lot.id)");
    }

    private List<Kept> listStanding(GardenId garden, String which) {
        return db.sql(standing + " where lot.garden_id = ? and not lot.retired " + which + " order by lot.id limit "
                        + MOST_LOTS)
                .param(garden.value())
                .query(LotStore::kept)
                .list();
    }

    /** When the next lot falls due, if any does. */
    Optional<LocalDate> findNextDue(GardenId garden) {
        return db.sql("""
                        select min(s.due_on) as next from lot_state s
                        join lot l on l.garden_id = s.garden_id and l.id = s.lot_id
                        where s.garden_id = ? and not l.retired
                        """)
                .param(garden.value())
                .query((r, n) -> Optional.ofNullable(r.getObject("next", LocalDate.class)))
                .single();
    }

    /** Lots whose next move has come. */
    List<Kept> listMoving(GardenId garden, LocalDate by, int limit) {
        return db.sql(standing + """
                          where lot.garden_id = ? and not lot.retired
                            and exists (select 1 from lot_move m
                                        where m.garden_id = lot.garden_id and m.lot_id = lot.id and m.move_on <= ?)
                          order by p.name, lot.name, lot.id limit ?
                          """)
                .params(garden.value(), by, limit)
                .query(LotStore::kept)
                .list();
    }

    Optional<Kept> findKept(GardenId garden, UUID lot) {
        return db.sql(standing + " where lot.garden_id = ? and lot.id = ? and s.lot_id is not null")
                .params(garden.value(), lot)
                .query(LotStore::kept)
                .optional();
    }

    /** The lots that rest on a thing: those in a place, with a feed, of a garden. */
    List<UUID> listLotsWith(GardenId garden, String kind, UUID thing) {
        String rests = switch (kind) {
            case "place" ->
                "place_id = ? or exists (select 1 from lot_move m where m.garden_id = lot.garden_id"
                        + " and m.lot_id = lot.id and m.place_id = ?)";
            case "water" -> "water_id = ? or water_id = ?";
            case "feed" ->
                "exists (select 1 from lot_course k where k.garden_id = lot.garden_id and k.lot_id = lot.id"
                        + " and k.feed_id in (?, ?))";
            default -> "garden_id = ? or garden_id = ?";
        };
        return db.sql("select id from lot where garden_id = ? and not retired and (" + rests + ") order by id")
                .params(garden.value(), thing, thing)
                .query(UUID.class)
                .list();
    }

    /** The lots of a kind of plant. */
    List<UUID> listLotsOf(GardenId garden, String species) {
        return db.sql("select id from lot where garden_id = ? and not retired and species = ? order by id")
                .params(garden.value(), species)
                .query(UUID.class)
                .list();
    }

    /** The lots that stand in one of these mixes. */
    List<UUID> listLotsIn(GardenId garden, List<String> mixes) {
        return db.sql("select id from lot where garden_id = ? and not retired and mix = any (?) order by id")
                .params(garden.value(), mixes.toArray(String[]::new))
                .query(UUID.class)
                .list();
    }

    /** Takes lots for this transaction, always in the same order, so that nobody waits for each other's. */
    List<Lot> lockLots(GardenId garden, Collection<UUID> lots) {
        return this.lots.list(
                garden, "and lot.id = any (?) order by lot.id for update", (Object) lots.toArray(UUID[]::new));
    }

    /** Marks what is kept of lots as to be worked out again. */
    void markStale(GardenId garden, Collection<UUID> lots) {
        int marked = db.sql("update lot_state set stale = true where garden_id = ? and lot_id = any (?)")
                .params(garden.value(), lots.toArray(UUID[]::new))
                .update();
        if (marked > 0) {
            db.sql("""
                            insert into recalculation (garden_id, lots, begun_at) values (?, ?, now())
                            on conflict (garden_id) do update
                            set lots = greatest(excluded.lots, recalculation.lots)
                            """).params(garden.value(), marked).update();
        }
    }

    /** Lots that are late and were worked out for an earlier day: what is late on one day is later on the next. */
    List<UUID> listLate(GardenId garden, LocalDate today) {
        return db.sql("""
                        select lot_id from lot_state
                        where garden_id = ? and not retired and not stale and due_on < ? and computed_on < ?
                        """)
                .params(garden.value(), today, today)
                .query(UUID.class)
                .list();
    }

    /**
     * A plan before and after a change of rules.
     *
     * @param perDay product one pot takes in a day on average, in the label's measure
     */
    record Changed(
            UUID lot,
            LocalDate waterBefore,
            LocalDate water,
            @Nullable LocalDate feedBefore,
            @Nullable LocalDate feed,
            double perDayBefore,
            double perDay,
            @Nullable String binding) {}

    /** What a change of rules did to plans, where they differ: in a date, or by more than 5 % in what they are fed. */
    List<Changed> listChanged(GardenId garden, int limit) {
        return db.sql("""
                        select b.* from rules_change b
                        join lot l on l.garden_id = b.garden_id and l.id = b.lot_id
                        where b.garden_id = ? and not l.retired and b.new_water_on is not null
                          and (b.new_feed_on is distinct from b.feed_on or b.new_water_on <> b.water_on
                               or abs(b.new_feed_per_day - b.feed_per_day)
                                  > 0.05 * greatest(b.new_feed_per_day, b.feed_per_day))
                        order by lower(l.name), b.lot_id limit ?
                        """)
                .params(garden.value(), limit)
                .query((r, n) -> new Changed(
                        r.getObject("lot_id", UUID.class),
                        r.getObject("water_on", LocalDate.class),
                        r.getObject("new_water_on", LocalDate.class),
                        r.getObject("feed_on", LocalDate.class),
                        r.getObject("new_feed_on", LocalDate.class),
                        r.getDouble("feed_per_day"),
                        r.getDouble("new_feed_per_day"),
                        r.getString("new_binding")))
                .list();
    }

    /** Notes what the rules of now make of plans that are kept as older ones had them. */
    void noteChanged(GardenId garden) {
        db.sql("""
                        update rules_change b
                        set new_water_on = s.next_water_on, new_feed_on = s.next_feed_on,
                            new_feed_per_day = s.feed_per_day, new_binding = s.feed_binding
                        from lot_state s
                        where b.garden_id = ? and b.new_water_on is null
                          and s.garden_id = b.garden_id and s.lot_id = b.lot_id and not s.stale
                        """).param(garden.value()).update();
    }

    /** What a change of rules did has been seen. */
    void forgetChanged(GardenId garden) {
        db.sql("delete from rules_change where garden_id = ?")
                .param(garden.value())
                .update();
    }

    /** Marks what other rules than these worked out, and keeps what they said until that has been seen. */
    void markGardensOld(int rules) {
        db.sql("""
                        insert into rules_change (garden_id, lot_id, water_on, feed_on, feed_per_day)
                        select garden_id, lot_id, next_water_on, next_feed_on, feed_per_day from lot_state
                        where rules <> ? and rules > 0 and not stale and not retired
                        on conflict (garden_id, lot_id) do nothing
                        """).param(rules).update();
        db.sql("""
                        with marked as (update lot_state set stale = true where rules <> ? and not stale returning garden_id)
                        insert into recalculation (garden_id, lots, begun_at)
                        select garden_id, count(*), now() from marked group by garden_id
                        on conflict (garden_id) do update set lots = greatest(excluded.lots, recalculation.lots)
                        """).param(rules).update();
    }

    List<GardenId> listGardensMarked() {
        return db.sql("select garden_id from recalculation order by begun_at, garden_id limit 1000")
                .query((r, n) -> new GardenId(r.getObject("garden_id", UUID.class)))
                .list();
    }

    /** Some of the lots of a garden that are marked. */
    List<UUID> takeStale(GardenId garden, int most) {
        return db.sql("select lot_id from lot_state where garden_id = ? and stale order by lot_id limit ?")
                .params(garden.value(), most)
                .query(UUID.class)
                .list();
    }

    /** How far it is, if lots of the garden are being worked out again. */
    Optional<LotStates.Progress> findRecalculation(GardenId garden) {
        return db.sql("""
                        select r.lots, (select count(*) from lot_state s where s.garden_id = r.garden_id and s.stale) as left
                        from recalculation r where r.garden_id = ?
                        """)
                .param(garden.value())
                .query((r, n) ->
                        new LotStates.Progress(Math.max(0, r.getInt("lots") - r.getInt("left")), r.getInt("lots")))
                .optional();
    }

    /** Ends it where nothing is left; whether something is. */
    boolean endRecalculation(GardenId garden) {
        return db.sql("""
                        delete from recalculation where garden_id = ?
                          and not exists (select 1 from lot_state s
                                          where s.garden_id = recalculation.garden_id and s.stale)
                        """).param(garden.value()).update() == 0
                && db.sql("select 1 from recalculation where garden_id = ?")
                        .param(garden.value())
                        .query(Integer.class)
                        .optional()
                        .isPresent();
    }

    private static final String SAVE = """
            insert into lot_state (garden_id, lot_id, last_watered_on, last_fed_on, water_item, feed_item,
                                   next_water_on, water_gap_days, next_feed_on, feed_binding,
                                   course_feeds, course_fed, course_per_day, water_due_on, beside_due_on, feed_earliest, feed_latest, due_on, ph_finding, ec_finding,
                                   feed_per_day, learned, learned_low, learned_high, learned_from,
                                   last_flushed_on, next_flush_on, salty_on, salty_litres, no_feed_until, feed_share,
                                   feed_share_until, account_flush_on, account_flush_litres, lifted,
                                   salt_in_order_on, rules, stale, computed_on,
                                   retired, place_id, species, name, name_folded)
            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?::jsonb, ?, ?, false,
                    ?, ?, ?, ?, ?, lower(?))
            on conflict (garden_id, lot_id) do update set
              last_watered_on = excluded.last_watered_on, last_fed_on = excluded.last_fed_on,
              water_item = excluded.water_item, feed_item = excluded.feed_item,
              next_water_on = excluded.next_water_on, water_gap_days = excluded.water_gap_days,
              next_feed_on = excluded.next_feed_on, feed_binding = excluded.feed_binding,
              course_feeds = excluded.course_feeds, course_fed = excluded.course_fed,
              course_per_day = excluded.course_per_day, water_due_on = excluded.water_due_on,
              beside_due_on = excluded.beside_due_on, feed_earliest = excluded.feed_earliest, feed_latest = excluded.feed_latest,
              due_on = excluded.due_on, ph_finding = excluded.ph_finding,
              ec_finding = excluded.ec_finding, feed_per_day = excluded.feed_per_day,
              learned = excluded.learned, learned_low = excluded.learned_low,
              learned_high = excluded.learned_high, learned_from = excluded.learned_from,
              last_flushed_on = excluded.last_flushed_on, next_flush_on = excluded.next_flush_on,
              salty_on = excluded.salty_on, salty_litres = excluded.salty_litres,
              no_feed_until = excluded.no_feed_until,
              feed_share = excluded.feed_share, feed_share_until = excluded.feed_share_until,
              account_flush_on = excluded.account_flush_on,
              account_flush_litres = excluded.account_flush_litres,
              lifted = excluded.lifted, salt_in_order_on = excluded.salt_in_order_on,
              rules = excluded.rules, stale = false, computed_on = excluded.computed_on,
              retired = excluded.retired, place_id = excluded.place_id, species = excluded.species,
              name = excluded.name, name_folded = excluded.name_folded
            """;

    /** Keeps what was worked out of lots for a day. */
    void saveStates(GardenId garden, List<LotWithState> standings, LocalDate day, int rules) {
        batch.batchUpdate(
                SAVE,
                standings.stream()
                        .map(s -> values(garden, s.lot(), s.state(), day, rules))
                        .toList());
    }

    private static Object[] values(GardenId garden, Lot lot, LotState s, LocalDate day, int rules) {
        return new Object[] {
            garden.value(),
            lot.id(),
            s.lastWateredOn(),
            s.lastFedOn(),
            s.waterItem(),
            s.feedItem(),
            s.nextWaterOn(),
            s.waterGapDays(),
            s.nextFeedOn(),
            s.feedBinding(),
            s.courses().stream().map(LotState.Given::feedId).toArray(UUID[]::new),
            s.courses().stream()
                    .map(LotState.Given::lastFedOn)
                    .map(d -> d == null ? null : Date.valueOf(d))
                    .toArray(Date[]::new),
            s.courses().stream().map(LotState.Given::perDay).toArray(Double[]::new),
            s.waterDueOn(),
            s.besideDueOn(),
            s.feedEarliest(),
            s.feedLatest(),
            s.dueOn(),
            s.phFinding(),
            s.ecFinding(),
            s.feedPerDay(),
            s.learned(),
            s.learnedLow(),
            s.learnedHigh(),
            s.learnedFrom(),
            s.lastFlushedOn(),
            s.nextFlushOn(),
            s.saltyOn(),
            s.saltyLitres(),
            s.noFeedUntil(),
            s.feedShare(),
            s.feedShareUntil(),
            s.accountFlushOn(),
            s.accountFlushLitres(),
            Told.stored(s.lifted()),
            s.saltInOrderOn(),
            rules,
            day,
            lot.retired(),
            lot.placeId(),
            lot.species(),
            lot.name(),
            lot.name()
        };
    }
}
