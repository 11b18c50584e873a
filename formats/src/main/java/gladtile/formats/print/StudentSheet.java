package gladtile.formats.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** One student's own sheet for those at home: what was done, what it gave, and what the teacher says. */
public final class StudentSheet {
    private static final float MARGIN = 56;
    private static final float WIDTH = PDRectangle.A4.getWidth() - 2 * MARGIN;
    private static final float LINE = 17;

    /**
     * One thing that was to be found.
     *
     * @param page its name
     * @param how in words, such as 'right at the first try'
     */
    public record SheetLine(String pageId, String page, String name, String how) {}

    /**
     * What the sheet tells.
     *
     * @param facts short lines below the title, such as the points
     * @param words of the teacher; may be empty
     */
    public record Sheet(
            String name, String className, String title, List<String> facts, String words, List<SheetLine> lines) {}

    private final PDDocument document = new PDDocument();
    private final PrintFonts fonts;
    private PDPageContentStream to;
    private float y;

    private StudentSheet() throws IOException {
        fonts = new PrintFonts(document);
    }

    public static byte[] pdf(Sheet sheet) throws IOException {
        StudentSheet print = new StudentSheet();
        try (PDDocument document = print.document) {
            document.getDocumentInformation().setTitle(sheet.name() + ", " + sheet.title());
            document.getDocumentCatalog().setLanguage("en");
            print.write(sheet);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private void write(Sheet sheet) throws IOException {
        turn();
        paragraph(fonts.bold, 24, sheet.name());
        paragraph(fonts.plain, 12, sheet.className() + " · " + sheet.title());
        y -= LINE / 2;
        for (String fact : sheet.facts()) {
            paragraph(fonts.bold, 13, fact);
        }
        if (!sheet.words().isBlank()) {
            y -= LINE / 2;
            paragraph(fonts.bold, 13, "The teacher says");
            paragraph(fonts.plain, 12, sheet.words());
        }
        String page = null;
        for (SheetLine line : sheet.lines()) {
            if (!line.page().equals(page)) {
                page = line.page();
                y -= LINE / 2;
                paragraph(fonts.bold, 13, page);
            }
            row(line);
        }
        to.close();
    }

    private void turn() throws IOException {
        if (to != null) {
            to.close();
        }
        PDPage page = new PDPage(PDRectangle.A4);
        document.addPage(page);
        to = new PDPageContentStream(document, page);
        y = PDRectangle.A4.getHeight() - MARGIN;
    }

    private void row(SheetLine line) throws IOException {
        room(LINE);
        at(fonts.plain, 12, MARGIN + 12, PrintFonts.fitting(fonts.plain, 12, line.name(), WIDTH / 2 - 20));
        at(fonts.plain, 12, MARGIN + WIDTH / 2, PrintFonts.fitting(fonts.plain, 12, line.how(), WIDTH / 2));
    }

    private void paragraph(PDFont font, float size, String text) throws IOException {
        for (String one : text.split("\\R", -1)) {
            for (String line : broken(font, size, one)) {
                room(Math.max(LINE, size * 1.35f));
                at(font, size, MARGIN, line);
            }
        }
    }

    /** Lines that fit; a word that is longer than a line is broken where it has to be. */
    private List<String> broken(PDFont font, float size, String text) throws IOException {
        List<String> lines = new ArrayList<>();
        String line = "";
        for (String word : text.split("[ \\t]+")) {
            String rest = word;
            String longer = line.isEmpty() ? rest : line + " " + rest;
            if (PrintFonts.width(font, size, longer) <= WIDTH) {
                line = longer;
                continue;
            }
            if (!line.isEmpty()) {
                lines.add(line);
            }
            while (PrintFonts.width(font, size, rest) > WIDTH) {
                int end = rest.length();
                while (PrintFonts.width(font, size, rest.substring(0, end)) > WIDTH) {
                    end = rest.offsetByCodePoints(end, -1);
                }
                lines.add(rest.substring(0, end));
                rest = rest.substring(end);
            }
            line = rest;
        }
        lines.add(line);
        return lines;
    }

    private void room(float height) throws IOException {
        y -= height;
        if (y < MARGIN) {
            turn();
            y -= height;
        }
    }

    private void at(PDFont font, float size, float x, String text) throws IOException {
        to.beginText();
        to.setFont(font, size);
        to.newLineAtOffset(x, y);
        PrintFonts.show(to, font, text);
        to.endText();
    }
}
