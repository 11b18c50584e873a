package gladtile.formats.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvTableTest {
    @Test
    void commas_quotes_line_ends_and_other_letters_come_back_as_they_were() throws IOException {
        List<List<String>> rows =
                List.of(List.of("name", "said"), List.of("Ada, B", "\"up\"\nand down"), List.of("شمس", "🔭"));
        String csv = CsvTable.write(rows);
        assertThat(csv).startsWith("\uFEFF").contains("\r\n");
        List<List<String>> back = new ArrayList<>();
        for (CSVRecord one : CSVFormat.RFC4180.parse(new java.io.StringReader(csv.substring(1)))) {
            back.add(one.toList());
        }
        assertThat(back).isEqualTo(rows);
    }

    /** Common practice against formulas in names; numbers below zero stay numbers. */
    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+1", "-1", "@sum(a1)", "\t=1", "=cmd|' /C calc'!A0"})
    void what_a_spreadsheet_would_run_is_only_text(String name) {
        assertThat(CsvTable.write(List.of(List.of(name)))).contains("'" + name);
    }

    @Test
    void numbers_stay_numbers_and_nothing_is_an_empty_cell() {
        assertThat(CsvTable.write(List.of(Arrays.asList(-1.5, null, 3, "")))).isEqualTo("\uFEFF-1.5,,3,\r\n");
    }
}
