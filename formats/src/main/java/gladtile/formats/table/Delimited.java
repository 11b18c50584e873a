package gladtile.formats.table;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Tables with commas, semicolons or tabs, as people and programs write them. */
final class Delimited {
    private Delimited() {}

    /** The cells of each row; empty where a quotation never ends. A byte order mark is passed over. */
    static Optional<List<List<String>>> rows(String text) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(delimiter(plain))
                .setIgnoreSurroundingSpaces(true)
                .build();
        List<List<String>> rows = new ArrayList<>();
        try {
            for (CSVRecord one : format.parse(new StringReader(plain))) {
                rows.add(one.toList());
            }
        } catch (IOException | UncheckedIOException | IllegalStateException brokenQuotes) {
            return Optional.empty();
        }
        return Optional.of(rows);
    }

    /** The sign that stands most often in the first line; a comma where none does. */
    static char delimiter(String text) {
        String first = text.lines().findFirst().orElse("");
        char best = ',';
        for (char sign : new char[] {';', '\t'}) {
            if (count(first, sign) > count(first, best)) {
                best = sign;
            }
        }
        return best;
    }

    private static long count(String text, char sign) {
        return text.chars().filter(c -> c == sign).count();
    }
}
