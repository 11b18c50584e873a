package gladtile.formats.print;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** QR codes are read back by another library than the one that makes them: ZXing. */
class PrintTest {
    private static final String ADDRESS = "http://hilltop.example:8080/join/K4RVT7";

    @ParameterizedTest
    @ValueSource(
            strings = {
                ADDRESS,
                "http://127.0.0.1/join/AAAAAA",
                "https://a-rather-long-name-of-a-school.example/with/a/path/before/it/join/94MKWX"
            })
    void a_decoder_reads_what_was_meant(String address) throws Exception {
        QrCode code = QrCode.of(address);
        int scale = 4;
        int side = (code.size() + 2 * QrCode.QUIET) * scale;
        BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < side; y++) {
            for (int x = 0; x < side; x++) {
                boolean dark = code.dark(x / scale - QrCode.QUIET, y / scale - QrCode.QUIET);
                image.setRGB(x, y, dark ? 0 : 0xffffff);
            }
        }
        assertThat(decoded(image)).isEqualTo(address);
    }

    @Test
    void the_svg_has_one_square_for_each_dark_module() {
        QrCode code = QrCode.of(ADDRESS);
        int dark = 0;
        for (int y = 0; y < code.size(); y++) {
            for (int x = 0; x < code.size(); x++) {
                dark += code.dark(x, y) ? 1 : 0;
            }
        }
        assertThat(code.svg().split("h1v1h-1z", -1)).hasSize(dark + 1);
    }

    @Test
    void cards_say_who_comes_in_where_and_with_what() throws Exception {
        List<SignInCards.Card> cards = new ArrayList<>();
        for (int i = 0; i < 23; i++) {
            cards.add(new SignInCards.Card("Student " + i, List.of("4711"), false));
        }
        cards.add(new SignInCards.Card("Łucja 🚀", List.of("star", "moon", "orange"), true));
        try (PDDocument pdf = Loader.loadPDF(SignInCards.pdf("Puffin class", ADDRESS, "K4RVT7", cards))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(3);
            String text = new PDFTextStripper().getText(pdf);
            // Letters that a font likes to draw as one are still read as they are written.
            assertThat(text).contains("Student 0", "Student 22", "Puffin class", "4711", "K4RVT7", "Łucja");
        }
    }

    @Test
    void the_printed_code_of_a_card_can_be_read_by_a_camera() throws Exception {
        byte[] pdf = SignInCards.pdf(
                "Puffin class", ADDRESS, "K4RVT7", List.of(new SignInCards.Card("Ada", List.of("4711"), false)));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(decoded(new PDFRenderer(document).renderImageWithDPI(0, 150)))
                    .isEqualTo(ADDRESS);
        }
    }

    @Test
    void a_name_that_is_too_long_is_cut_and_the_rest_stays_readable() throws Exception {
        byte[] pdf = SignInCards.pdf(
                "C", ADDRESS, "K4RVT7", List.of(new SignInCards.Card("A".repeat(100), List.of("4711"), false)));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document)).contains("AAA", "…", "4711");
        }
    }

    @Test
    void a_sheet_tells_everything_however_long_the_words_are() throws Exception {
        List<StudentSheet.SheetLine> lines = new ArrayList<>();
        for (int i = 0; i < 120; i++) {
            lines.add(
                    new StudentSheet.SheetLine("p" + i / 30, "Page " + i / 30, "Star " + i, "right at the first try"));
        }
        String words = "Well reasoned. ".repeat(300) + "x".repeat(600) + " مرحبا 🚀 end";
        byte[] pdf = StudentSheet.pdf(new StudentSheet.Sheet(
                "Ada", "Puffin class", "Night-sky week", List.of("14 of 18 points"), words, lines));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertThat(text).contains("Ada", "14 of 18 points", "Star 0", "Star 119", "Page 3", "end");
            assertThat(text.split("Well reasoned\\.", -1)).hasSize(301);
            assertThat(document.getNumberOfPages()).isGreaterThan(3);
        }
    }

    private static String decoded(BufferedImage image) throws Exception {
        int width = image.getWidth();
        int height = image.getHeight();
        int[] pixels = image.getRGB(0, 0, width, height, null, 0, width);
        BinaryBitmap bitmap = new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(width, height, pixels)));
        return new QRCodeReader()
                .decode(bitmap, Map.of(DecodeHintType.TRY_HARDER, true))
                .getText();
    }
}
