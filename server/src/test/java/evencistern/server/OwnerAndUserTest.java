package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The application may read and write every table, and change none: that is for their owner, whom it is not. */
class OwnerAndUserTest {
    private static JdbcClient db;

    @BeforeAll
    static void start() {
        App.api();
        db = App.bean(JdbcClient.class);
    }

    private static String ask(String sql) {
        return db.sql(sql).query(String.class).single();
    }

    @Test
    void itIsNoSuperuserAndOwnsNothing() {
        assertThat(ask("select rolsuper or rolcreatedb or rolcreaterole from pg_roles where rolname = current_user"))
                .isEqualTo("f");
        assertThat(ask("select count(*) from pg_class c join pg_roles r on r.oid = c.relowner"
                        + " where r.rolname = current_user"))
                .isEqualTo("0");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "drop table journal_note",
                "alter table lot disable trigger all",
                "truncate journal_note",
                "create table beside (id int)",
                "delete from flyway_schema_history",
                "copy lot to program 'cat'"
            })
    void itChangesNoTable(String sql) {
        assertThatThrownBy(() -> db.sql(sql).update()).isInstanceOf(DataAccessException.class);
    }

    @Test
    void itReadsAndWritesEveryTable() {
        assertThat(db.sql("""
                        select c.relname || ' ' || may from pg_class c
                        cross join unnest(array['select', 'insert', 'update', 'delete']) as may
                        where c.relnamespace = 'public'::regnamespace and c.relkind = 'r'
                          and c.relname <> 'flyway_schema_history' and not has_table_privilege(c.oid, may)""").query(String.class).list()).isEmpty();
    }

    /** What a failing disk changed is noticed, and nothing waits for ever. */
    @Test
    void dataHaveChecksumsAndStatementsAnEnd() {
        assertThat(ask("show data_checksums")).isEqualTo("on");
        assertThat(ask("show statement_timeout")).isEqualTo("15s");
        assertThat(ask("show lock_timeout")).isEqualTo("5s");
    }
}
