package gladtile.formats.table;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * Tables as comma-separated values (RFC 4180), for spreadsheets. What a spreadsheet would take for a formula is written with
 * an apostrophe before it: a name must not run anything on the machine of whoever opens the file.
 */
public final class CsvTable {
    private static final String MARK = "\uFEFF";

    private CsvTable() {}

    /** @param rows each a list of texts and numbers; a null is an empty cell */
    public static String write(List<? extends List<?>> rows) {
        StringBuilder out = new StringBuilder(MARK);
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            for (List<?> row : rows) {
                printer.printRecord(row.stream().map(CsvTable::safe).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException("a text in memory could not be written", e);
        }
        return out.toString();
    }

    /** Numbers are numbers; a text that begins as formulas do is kept from being one. */
    private static Object safe(Object cell) {
        if (!(cell instanceof String text) || text.isEmpty()) {
            return cell == null ? "" : cell;
        }
        return "=+-@\t\r".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }
}
