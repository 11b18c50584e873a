package gladtile.core.starter;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import java.util.ArrayList;
import java.util.List;

/** Cuts text into what readers take for letters (extended grapheme clusters, UAX 29), or into words. */
public final class Graphemes {
    private Graphemes() {}

    /** Every letter with its accents and joined signs; together they are the text. */
    public static List<String> letters(String text) {
        return cut(BreakIterator.getCharacterInstance(ULocale.ROOT), text);
    }

    /** Words with the punctuation that clings to them, without the white space between. */
    public static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        boolean joins = false;
        for (String part : cut(BreakIterator.getWordInstance(ULocale.ROOT), text)) {
            if (part.isBlank()) {
                joins = false;
                continue;
            }
            boolean letters = part.codePoints().anyMatch(Character::isLetterOrDigit);
            boolean clings = joins && !letters && !words.isEmpty();
            boolean opened = joins
                    && !words.isEmpty()
                    && words.get(words.size() - 1).codePoints().noneMatch(Character::isLetterOrDigit);
            boolean joined = joins && !words.isEmpty() && endsInside(words.get(words.size() - 1));
            if (clings || opened || joined) {
                words.set(words.size() - 1, words.get(words.size() - 1) + part);
            } else {
                words.add(part);
            }
            joins = true;
        }
        return words;
    }

    /** A hyphen or an apostrophe within a word joins what comes behind it. */
    private static boolean endsInside(String word) {
        char last = word.charAt(word.length() - 1);
        return last == '-' || last == '\'' || last == '’' || last == '/';
    }

    private static List<String> cut(BreakIterator breaks, String text) {
        breaks.setText(text);
        List<String> parts = new ArrayList<>();
        int from = breaks.first();
        for (int to = breaks.next(); to != BreakIterator.DONE; to = breaks.next()) {
            parts.add(text.substring(from, to));
            from = to;
        }
        return parts;
    }
}
