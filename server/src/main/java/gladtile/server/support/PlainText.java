package gladtile.server.support;

import java.text.Normalizer;
import java.util.Locale;
import java.util.regex.Pattern;

/** Words as they are looked for: 'Télescope' and 'telescope' are one, however the accent was typed. */
public final class PlainText {
    /** Accents of Latin, Greek and Cyrillic letters; vowel signs of other scripts are letters to their readers. */
    private static final Pattern ACCENTS = Pattern.compile("[\\u0300-\\u036f]+");

    private PlainText() {}

    /** Small letters without accents, composed (NFC). As the column activity.found. */
    public static String of(String text) {
        String apart = Normalizer.normalize(text, Normalizer.Form.NFD);
        String bare = ACCENTS.matcher(apart).replaceAll("");
        return Normalizer.normalize(bare, Normalizer.Form.NFC).toLowerCase(Locale.ROOT);
    }
}
