package gladtile.formats.print;

import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URL;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** Cards to cut out, ten on a page of A4, by which students come in. */
public final class SignInCards {
    private static final int ACROSS = 2;
    private static final int DOWN = 5;
    private static final float MARGIN = 30;
    private static final float PAD = 12;
    private static final int PICTURE_PIXELS = 192;
    private static final float PICTURE = 40;

    /**
     * One card.
     *
     * @param secret a PIN, or the names of pictures
     */
    public record Card(String name, List<String> secret, boolean pictures) {}

    private final PDDocument document = new PDDocument();
    private final PrintFonts fonts;
    private final Map<String, PDImageXObject> pictures = new HashMap<>();

    private SignInCards() throws IOException {
        fonts = new PrintFonts(document);
    }

    /**
     * A PDF of cards.
     *
     * @param address where one joins, such as {@code http://school.example/join/K4RVT7}
     * @param code the same to type
     */
    public static byte[] pdf(String className, String address, String code, List<Card> cards) throws IOException {
        SignInCards print = new SignInCards();
        try (PDDocument document = print.document) {
            document.getDocumentInformation().setTitle("Sign-in cards, " + className);
            for (int from = 0; from < Math.max(1, cards.size()); from += ACROSS * DOWN) {
                print.page(className, address, code, cards.subList(from, Math.min(cards.size(), from + ACROSS * DOWN)));
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private void page(String className, String address, String code, List<Card> cards) throws IOException {
        PDPage page = new PDPage(PDRectangle.A4);
        document.addPage(page);
        float width = (PDRectangle.A4.getWidth() - 2 * MARGIN) / ACROSS;
        float height = (PDRectangle.A4.getHeight() - 2 * MARGIN) / DOWN;
        try (PDPageContentStream to = new PDPageContentStream(document, page)) {
            for (int i = 0; i < cards.size(); i++) {
                float left = MARGIN + i % ACROSS * width;
                float top = PDRectangle.A4.getHeight() - MARGIN - (float) (i / ACROSS) * height;
                to.setLineDashPattern(new float[] {3, 3}, 0);
                to.setStrokingColor(0.5f);
                to.addRect(left, top - height, width, height);
                to.stroke();
                card(to, left, top, width, height, className, address, code, cards.get(i));
            }
        }
    }

    private void card(
            PDPageContentStream to,
            float left,
            float top,
            float width,
            float height,
            String className,
            String address,
            String code,
            Card card)
            throws IOException {
        QrCode qr = QrCode.of(address);
        float module = (height - 2 * PAD - 26) / (qr.size() + 2f * QrCode.QUIET);
        float side = module * (qr.size() + 2 * QrCode.QUIET);
        float qrLeft = left + width - PAD - side;
        float textWide = qrLeft - left - 2 * PAD;
        write(to, fonts.bold, 19, left + PAD, top - PAD - 16, textWide, card.name());
        write(to, fonts.plain, 11, left + PAD, top - PAD - 33, textWide, className);
        if (card.pictures()) {
            for (int i = 0; i < card.secret().size(); i++) {
                to.drawImage(
                        picture(card.secret().get(i)),
                        left + PAD + i * (PICTURE + 8),
                        top - PAD - 86,
                        PICTURE,
                        PICTURE);
            }
        } else {
            write(to, fonts.plain, 11, left + PAD, top - PAD - 56, textWide, "PIN");
            write(to, fonts.bold, 22, left + PAD + 28, top - PAD - 60, textWide - 28, String.join(" ", card.secret()));
        }
        write(to, fonts.plain, 11, left + PAD, top - height + PAD + 16, textWide, "Code");
        write(to, fonts.bold, 15, left + PAD + 34, top - height + PAD + 15, textWide - 34, code);
        write(to, fonts.plain, 8, left + PAD, top - height + PAD, width - 2 * PAD, address);
        to.setNonStrokingColor(0f);
        for (int y = 0; y < qr.size(); y++) {
            for (int x = 0; x < qr.size(); x++) {
                if (qr.dark(x, y)) {
                    to.addRect(
                            qrLeft + (x + QrCode.QUIET) * module,
                            top - PAD - (y + 1 + QrCode.QUIET) * module,
                            module,
                            module);
                }
            }
        }
        to.fill();
    }

    private static void write(
            PDPageContentStream to, PDFont font, float size, float x, float y, float most, String text)
            throws IOException {
        to.beginText();
        to.setNonStrokingColor(0.12f);
        to.setFont(font, size);
        to.newLineAtOffset(x, y);
        PrintFonts.show(to, font, PrintFonts.fitting(font, size, text, most));
        to.endText();
    }

    private PDImageXObject picture(String name) throws IOException {
        PDImageXObject known = pictures.get(name);
        if (known == null) {
            known = LosslessFactory.createFromImage(document, drawn(name));
            pictures.put(name, known);
        }
        return known;
    }

    private static BufferedImage drawn(String name) {
        URL address = SignInCards.class.getResource("/gladtile/formats/print/pictures/" + name + ".svg");
        if (address == null) {
            throw new IllegalArgumentException("there is no picture " + name);
        }
        var svg = new SVGLoader().load(address);
        BufferedImage image = new BufferedImage(PICTURE_PIXELS, PICTURE_PIXELS, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        svg.render(null, graphics, new ViewBox(0, 0, PICTURE_PIXELS, PICTURE_PIXELS));
        graphics.dispose();
        return image;
    }
}
