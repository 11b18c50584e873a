package gladtile.core.measure;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;

/** How wide the letters of the shipped page font are, read from the font's own metrics (tools/letter-widths.py). */
final class LetterWidths {
    static final LetterWidths REGULAR = new LetterWidths("andika-400.txt");
    static final LetterWidths BOLD = new LetterWidths("andika-700.txt");
    /**
     * For what the font lacks and the browser takes from another font; common practice, a full em for each sign that is
     * read as one. Marks and vowel signs stand on their letter and need no room of their own.
     */
    private static final int UNKNOWN = 1000;

    private final Map<Integer, Integer> perThousand = new HashMap<>();

    private LetterWidths(String resource) {
        try (InputStream in = LetterWidths.class.getResourceAsStream(resource);
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.US_ASCII))) {
            lines.lines()
                    .map(line -> line.split(" "))
                    .forEach(pair -> perThousand.put(Integer.parseInt(pair[0], 16), Integer.parseInt(pair[1])));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The width of the text without kerning, in the unit of {@code size}. */
    double of(String text, double size) {
        if (text.codePoints().allMatch(perThousand::containsKey)) {
            return text.codePoints().mapToLong(perThousand::get).sum() * size / 1000;
        }
        BreakIterator signs = BreakIterator.getCharacterInstance(ULocale.ROOT);
        signs.setText(text);
        long sum = 0;
        int from = signs.first();
        for (int to = signs.next(); to != BreakIterator.DONE; from = to, to = signs.next()) {
            String sign = text.substring(from, to);
            boolean known = sign.codePoints().allMatch(perThousand::containsKey);
            sum += known ? sign.codePoints().mapToLong(perThousand::get).sum() : UNKNOWN;
        }
        return sum * size / 1000;
    }
}
