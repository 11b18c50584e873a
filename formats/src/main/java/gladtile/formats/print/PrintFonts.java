package gladtile.formats.print;

import java.io.IOException;
import java.io.InputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The letters of printed pages: Andika (SIL Open Font License 1.1), which ships with the app. */
final class PrintFonts {
    private static final String FOLDER = "/gladtile/formats/print/fonts/";
    private static final String NO_SUCH_SIGN = "·";

    final PDFont plain;
    final PDFont bold;

    PrintFonts(PDDocument document) throws IOException {
        plain = load(document, "Andika-Regular.ttf");
        bold = load(document, "Andika-Bold.ttf");
    }

    private static PDFont load(PDDocument document, String name) throws IOException {
        try (InputStream in = PrintFonts.class.getResourceAsStream(FOLDER + name)) {
            return PDType0Font.load(document, in);
        }
    }

    /**
     * Writes text where the stream stands. The library would draw f and i as one sign, which a screen reader reads out,
     * and a search finds, as neither; so it is given them one after the other.
     */
    static void show(PDPageContentStream to, PDFont font, String text) throws IOException {
        for (String part : drawable(text, font).split("(?<=f)")) {
            to.showText(part);
        }
    }

    /** The text with a dot for each sign that the font does not have, such as a picture sign. */
    static String drawable(String text, PDFont font) {
        StringBuilder drawn = new StringBuilder();
        text.codePoints().forEach(sign -> {
            String one = Character.toString(sign);
            drawn.append(has(font, one) ? one : NO_SUCH_SIGN);
        });
        return drawn.toString();
    }

    private static boolean has(PDFont font, String sign) {
        try {
            font.encode(sign);
            return true;
        } catch (IllegalArgumentException | IOException none) {
            return false;
        }
    }

    /** Width in points. */
    static float width(PDFont font, float size, String text) throws IOException {
        return font.getStringWidth(drawable(text, font)) / 1000 * size;
    }

    /** The text, cut at its end so that it is at most that wide. */
    static String fitting(PDFont font, float size, String text, float most) throws IOException {
        String fits = text;
        while (fits.length() > 1 && width(font, size, fits) > most) {
            int end = fits.endsWith("…") ? fits.length() - 1 : fits.length();
            fits = fits.substring(0, fits.offsetByCodePoints(end, -1)) + "…";
        }
        return fits;
    }
}
