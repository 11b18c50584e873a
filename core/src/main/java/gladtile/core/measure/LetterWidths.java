package gladtile.core.measure;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import gladtile.core.page.WordWidths;
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

    /** The width of the text without kerning, in the unit of {@code size}; measured words by their measure. */
    double of(String text, double size, WordWidths measured) {
        if (text.codePoints().allMatch(perThousand::containsKey)) {
            return text.codePoints().mapToLong(perThousand::get).sum() * size / 1000;
        }
        double sum = 0;
        int spaces = 0;
        for (String word : text.split(" ", -1)) {
            Double em = measured.ems().get(word);
            sum += em == null ? bySigns(word, measured) : em * 1000;
            spaces++;
        }
        return (sum + (spaces - 1) * perThousand.get((int) ' ')) * size / 1000;
    }

    private double bySigns(String word, WordWidths measured) {
        BreakIterator signs = BreakIterator.getCharacterInstance(ULocale.ROOT);
        signs.setText(word);
        double sum = 0;
        int from = signs.first();
        for (int to = signs.next(); to != BreakIterator.DONE; from = to, to = signs.next()) {
            String sign = word.substring(from, to);
            Double em = measured.ems().get(sign);
            boolean known = sign.codePoints().allMatch(perThousand::containsKey);
            sum += known ? sign.codePoints().mapToLong(perThousand::get).sum() : em == null ? UNKNOWN : em * 1000;
        }
        return sum;
    }
}
