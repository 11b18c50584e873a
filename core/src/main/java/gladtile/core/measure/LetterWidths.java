package gladtile.core.measure;

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
    /** For letters that the font lacks and the browser takes from another font; common practice, a full em. */
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
        return text.codePoints()
                        .mapToLong(letter -> perThousand.getOrDefault(letter, UNKNOWN))
                        .sum()
                * size
                / 1000;
    }
}
