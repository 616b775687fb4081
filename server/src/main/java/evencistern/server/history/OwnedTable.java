package evencistern.server.history;

import evencistern.server.GardenId;
import evencistern.server.typed.Told;
import evencistern.server.typed.Typed;
import evencistern.server.typed.TypedFields;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * A table whose rows are things of a garden: how they are found, listed, added and written over. Each row has a
 * {@code garden_id}, an {@code id}, a {@code version} that counts its edits and {@code retired}; the other columns are named
 * once, with what of the thing they hold.
 */
public final class OwnedTable<T extends Owned> implements Keeping<T> {
    private final String name;
    private final Class<T> type;
    private final RowMapper<T> reader;
    private final List<Column<T>> columns;
    private final List<Column<T>> changing;
    private final List<String> alsoRead;
    private final List<Rows<T>> rows;
    private final JdbcClient db;
    private final JdbcTemplate batch;

    private record Column<T>(String name, String mark, boolean changes, Function<T, @Nullable Object> of) {}

    /** Rows of another table that belong to a thing, such as the moves of a lot. */
    private record Rows<T>(String table, String owner, List<String> columns, Function<T, List<List<Object>>> of) {}

    private OwnedTable(Builder<T> b, JdbcClient db, JdbcTemplate batch) {
        this.name = b.name;
        this.type = b.type;
        this.reader = b.reader;
        this.columns = List.copyOf(b.columns);
        this.changing = columns.stream().filter(Column::changes).toList();
        this.alsoRead = List.copyOf(b.alsoRead);
        this.rows = List.copyOf(b.rows);
        this.db = db;
        this.batch = batch;
    }

    /**
     * Begins the description of a table.
     *
     * @param name of the table, and of its kind of thing in the history
     * @param reader makes a thing of a row
     */
    public static <T extends Owned> Builder<T> named(String name, Class<T> type, RowMapper<T> reader) {
        return new Builder<>(name, type, reader);
    }

    /** Describes a table, column by column. */
    public static final class Builder<T extends Owned> {
        private final String name;
        private final Class<T> type;
        private final RowMapper<T> reader;
        private final List<Column<T>> columns = new ArrayList<>();
        private final List<String> alsoRead = new ArrayList<>();
        private final List<Rows<T>> rows = new ArrayList<>();

        private Builder(String name, Class<T> type, RowMapper<T> reader) {
            this.name = name;
            this.type = type;
            this.reader = reader;
        }

        public Builder<T> column(String column, Function<T, @Nullable Object> of) {
            columns.add(new Column<>(column, "?", true, of));
            return this;
        }

        /** A column that stays as it was when the thing was added. */
        public Builder<T> fixed(String column, Function<T, @Nullable Object> of) {
            columns.add(new Column<>(column, "?", false, of));
            return this;
        }

        /** What was typed into its number fields: the column {@code typed}. */
        public Builder<T> typed(Function<T, @Nullable Map<String, Typed>> of) {
            columns.add(new Column<>("typed", "?::jsonb", true, t -> TypedFields.stored(of.apply(t))));
            return this;
        }

        /**
         * Short texts by a key, each a row of a table of their own, read as one object.
         *
         * @param as the name they are read by
         * @param owner,key the columns that name the thing, and the text, beside {@code value}
         */
        public Builder<T> texts(
                String as, String table, String owner, String key, Function<T, @Nullable Map<String, String>> of) {
            alsoRead(
                    "select jsonb_object_agg(r." + key + ", r.value) from " + table + " r where r.garden_id = " + name
                            + ".garden_id and r." + owner + " = " + name + ".id",
                    as);
            return rows(table, owner, List.of(key, "value"), t -> Told.rows(of.apply(t)));
        }

        /** Something that is read with each row and written elsewhere: an expression with the name it is read by. */
        public Builder<T> alsoRead(String expression, String as) {
            alsoRead.add("(" + expression + ") as " + as);
            return this;
        }

        /**
         * Rows of a table of their own, written with the thing; how they are read is told by {@link #alsoRead}.
         *
         * @param owner the column that names the thing
         * @param of the values of each row, in the order of the columns
         */
        public Builder<T> rows(String table, String owner, List<String> of, Function<T, List<List<Object>>> values) {
            rows.add(new Rows<>(table, owner, of, values));
            return this;
        }

        public OwnedTable<T> in(JdbcClient db, JdbcTemplate batch) {
            return new OwnedTable<>(this, db, batch);
        }
    }

    /** A column that holds one value of each part of a thing. */
    public static <P, V> V[] array(List<P> parts, Function<P, @Nullable V> of, IntFunction<V[]> array) {
        return parts.stream().map(of).toArray(array);
    }

    @Override
    public String kind() {
        return name;
    }

    @Override
    public Class<T> type() {
        return type;
    }

    /** What the reader wants to see of a row, for a statement that joins more to it. */
    public String selected() {
        Stream<String> own = Stream.of(
                        Stream.of("id"), columns.stream().map(Column::name), Stream.of("version", "retired"))
                .flatMap(c -> c)
                .map(c -> name + "." + c);
        return Stream.concat(own, alsoRead.stream()).collect(Collectors.joining(", "));
    }

    /**
     * Things of a garden.
     *
     * @param tail what follows {@code where garden_id = ?}: further conditions, order and limit
     */
    public List<T> list(GardenId garden, String tail, @Nullable Object... values) {
        List<Object> all = new ArrayList<>(Arrays.asList(values));
        all.add(0, garden.value());
        return db.sql("select " + selected() + " from " + name + " where " + name + ".garden_id = ? " + tail)
                .params(all)
                .query(reader)
                .list();
    }

    @Override
    public List<T> find(GardenId garden, Collection<UUID> ids) {
        return list(garden, "and " + name + ".id = any (?)", (Object) ids.toArray(UUID[]::new));
    }

    public Optional<T> find(GardenId garden, UUID id) {
        return list(garden, "and " + name + ".id = ?", id).stream().findFirst();
    }

    @Override
    public void insert(GardenId garden, List<T> things) {
        String named = columns.stream().map(Column::name).collect(Collectors.joining(", "));
        String marks = columns.stream().map(Column::mark).collect(Collectors.joining(", "));
        batch.batchUpdate(
                "insert into " + name + " (" + named + ", retired, garden_id, id, version) values (" + marks
                        + ", ?, ?, ?, 1)",
                things.stream().map(t -> values(columns, t, garden).toArray()).toList());
        insertRows(garden, things);
    }

    @Override
    public List<T> update(GardenId garden, List<T> things) {
        if (things.isEmpty()) {
            return things;
        }
        String set =
                changing.stream().map(c -> c.name() + " = " + c.mark() + ", ").collect(Collectors.joining());
        int[] written = batch.batchUpdate(
                "update " + name + " set " + set
                        + "retired = ?, version = version + 1 where garden_id = ? and id = ? and version = ?",
                things.stream()
                        .map(t -> Stream.concat(values(changing, t, garden), Stream.of(t.version()))
                                .toArray())
                        .toList());
        List<T> gone = new ArrayList<>();
        List<T> current = new ArrayList<>();
        for (int i = 0; i < written.length; i++) {
            (written[i] == 1 ? current : gone).add(things.get(i));
        }
        for (Rows<T> r : rows) {
            db.sql("delete from " + r.table() + " where garden_id = ? and " + r.owner() + " = any (?)")
                    .params(garden.value(), current.stream().map(Owned::id).toArray(UUID[]::new))
                    .update();
        }
        insertRows(garden, current);
        return gone;
    }

    private void insertRows(GardenId garden, List<T> things) {
        for (Rows<T> r : rows) {
            batch.batchUpdate(
                    "insert into " + r.table() + " (garden_id, " + r.owner() + ", " + String.join(", ", r.columns())
                            + ") values (?, ?" + ", ?".repeat(r.columns().size()) + ")",
                    things.stream()
                            .flatMap(t -> r.of().apply(t).stream()
                                    .map(row -> Stream.concat(Stream.of(garden.value(), t.id()), row.stream())
                                            .toArray()))
                            .toList());
        }
    }

    private static <T extends Owned> Stream<@Nullable Object> values(
            List<Column<T>> columns, T thing, GardenId garden) {
        Stream<@Nullable Object> own = columns.stream().map(c -> c.of().apply(thing));
        return Stream.concat(own, Stream.of(thing.retired(), garden.value(), thing.id()));
    }
}
