package evencistern.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;

class DataFileTest {

    @Test
    void commentsAndBlankLinesArePassedOverAndCellsGoByTheirColumn() {
        List<DataFile.Row> rows = DataFile.read(DataFileTest.class, "good.csv");
        assertThat(rows).hasSize(2);
        assertThat(rows.get(1).text("key")).isEqualTo("tray");
        assertThat(rows.get(1).number("height")).isEqualTo(6.5);
    }

    @Test
    void aShortLineFailsTheLoadNamingFileAndLine() {
        assertThatThrownBy(() -> DataFile.read(DataFileTest.class, "short-line.csv"))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("short-line.csv line 3");
    }

    @Test
    void aWordWhereANumberBelongsAndAMissingColumnOrFileAreNamed() {
        DataFile.Row row = DataFile.read(DataFileTest.class, "no-number.csv").get(0);
        assertThatThrownBy(() -> row.number("height"))
                .hasMessageContaining("no-number.csv line 2")
                .hasMessageContaining("tall");
        assertThatThrownBy(() -> row.text("width")).hasMessageContaining("no column width");
        assertThatThrownBy(() -> DataFile.read(DataFileTest.class, "none.csv")).hasMessageContaining("none.csv");
    }
}
