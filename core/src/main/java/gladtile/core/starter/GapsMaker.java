package gladtile.core.starter;

import gladtile.core.answer.TypedKey;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.measure.WordFit;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.WordStyle;
import gladtile.core.page.WordWidths;
import gladtile.core.starter.Starters.Making;
import gladtile.core.typed.TypedRule;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A text with gaps in its lines; the missing words lie mixed below, or are typed. */
final class GapsMaker {
    private static final Pattern GAP = Pattern.compile("\\[([^\\[\\]\\n]{1,80})]");
    private static final double SIZE = 36;
    private static final double LINE = 92;
    /** Of a gap, and of a tile that goes into one. */
    private static final double HEIGHT = 78;

    private static final double TILE = 60;
    private static final String INK = "#1f2d33";
    private static final int GAPS = 18;

    private GapsMaker() {}

    /** A run of words without a gap, or a gap. @param glued no space stands before it */
    private record Part(String text, boolean gap, boolean glued, boolean newLine) {}

    static MadePages make(Making making) {
        String text = making.starter.text() == null ? "" : making.starter.text();
        List<Part> parts = parts(text);
        List<String> missing = missing(text);
        if (missing.isEmpty()) {
            return new MadePages.Refused(Message.of("starter.refused.no-gap"));
        }
        boolean typed = making.starter.typed() != null;
        double tile = making.tile(missing, 110, 300);
        List<Part> left = parts;
        while (!left.isEmpty()) {
            left = page(making, left, typed, tile);
        }
        return making.made();
    }

    /** The words of a text that are missing, in their order. */
    static List<String> missing(String text) {
        return parts(text).stream().filter(Part::gap).map(Part::text).toList();
    }

    private static List<Part> parts(String text) {
        List<Part> parts = new ArrayList<>();
        boolean newLine = false;
        for (String paragraph : text.split("\\R", -1)) {
            Matcher gap = GAP.matcher(paragraph);
            int at = 0;
            boolean first = newLine;
            while (gap.find()) {
                first = words(parts, paragraph.substring(at, gap.start()), first);
                boolean glued = gap.start() > 0 && !Character.isWhitespace(paragraph.charAt(gap.start() - 1));
                parts.add(new Part(gap.group(1).strip(), true, glued, first));
                first = false;
                at = gap.end();
            }
            words(parts, paragraph.substring(at), first);
            newLine = true;
        }
        return parts;
    }

    private static boolean words(List<Part> parts, String text, boolean newLine) {
        boolean first = newLine;
        boolean glued = !text.isEmpty() && !Character.isWhitespace(text.charAt(0));
        for (String word : text.strip().split("\\s+")) {
            if (!word.isEmpty()) {
                parts.add(new Part(word, false, glued, first));
                first = false;
                glued = false;
            }
        }
        return first;
    }

    /** One page of it; what did not fit comes back. */
    private static List<Part> page(Making making, List<Part> parts, boolean typed, double tile) {
        PageDraft sheet = making.sheet(Message.of(typed ? "starter.task.type-words" : "starter.task.put-words"));
        double box = tile + (typed ? 10 : 34);
        double top = sheet.top + 10;
        double x = PageDraft.LEFT;
        double y = top;
        StringBuilder run = new StringBuilder();
        double runX = x;
        List<String> words = new ArrayList<>();
        List<Frame> gaps = new ArrayList<>();
        record Written(String text, double x, double y) {}
        List<Written> written = new ArrayList<>();
        int used = 0;
        for (Part part : parts) {
            double width = part.gap() ? box : width(part.text(), making.measured);
            double space = part.glued() ? 0 : SIZE * 0.3;
            boolean begins = x == PageDraft.LEFT;
            boolean wraps = part.newLine() || !begins && x + space + width > PageDraft.RIGHT;
            if (wraps) {
                if (!run.isEmpty()) {
                    written.add(new Written(run.toString(), runX, y));
                    run.setLength(0);
                }
                x = PageDraft.LEFT;
                y += LINE;
                space = 0;
                begins = true;
            }
            int count = gaps.size() + (part.gap() ? 1 : 0);
            double homes = typed || count == 0
                    ? PageDraft.BOTTOM
                    : RowLayout.atBottom(count, PageDraft.LEFT, PageDraft.RIGHT, PageDraft.BOTTOM, tile, TILE)
                            .get(0)
                            .y();
            if (used > 0 && (y + LINE > homes - 20 || count > GAPS)) {
                break;
            }
            if (part.gap()) {
                if (!run.isEmpty()) {
                    written.add(new Written(run.toString(), runX, y));
                    run.setLength(0);
                }
                double at = begins ? x : x + space;
                gaps.add(Frame.of(at, y, box, HEIGHT));
                words.add(part.text());
                x = at + box;
            } else {
                if (run.isEmpty()) {
                    runX = begins ? x : x + space;
                    x = runX;
                } else if (!part.glued()) {
                    run.append(' ');
                    x += SIZE * 0.3;
                }
                run.append(part.text());
                x += width;
            }
            used++;
        }
        if (!run.isEmpty()) {
            written.add(new Written(run.toString(), runX, y));
        }
        // In reading order, line by line, so that the keyboard and a screen reader meet gaps where they stand.
        int g = 0;
        List<String> places = new ArrayList<>();
        for (Written one : written) {
            while (g < gaps.size() && before(gaps.get(g), one.y(), one.x())) {
                places.add(place(making, sheet, typed, gaps.get(g), words.get(g), g++));
            }
            WordStyle style = new WordStyle(SIZE, false, INK, WordStyle.Align.LEFT);
            WordFit fit = WordFit.free(one.text(), style, making.measured);
            double down = (HEIGHT - fit.height()) / 2;
            sheet.words(
                    "text " + sheet.called(one.text()),
                    one.text(),
                    Math.max(0, one.x() - WordFit.PADDING),
                    one.y() + down,
                    SIZE,
                    false);
        }
        while (g < gaps.size()) {
            places.add(place(making, sheet, typed, gaps.get(g), words.get(g), g++));
        }
        answers(making, sheet, typed, tile, words, places);
        making.done(sheet);
        return parts.subList(used, parts.size());
    }

    private static double width(String text, WordWidths measured) {
        return WordFit.free(text, new WordStyle(SIZE, false, INK, WordStyle.Align.LEFT), measured)
                        .width()
                - 2 * WordFit.PADDING;
    }

    private static boolean before(Frame gap, double y, double x) {
        return gap.y() < y || gap.y() == y && gap.x() < x;
    }

    private static String place(Making making, PageDraft sheet, boolean typed, Frame frame, String word, int index) {
        String name = making.words("starter.name.gap", "number", index + 1);
        String of = "gap " + sheet.called(word);
        return typed ? sheet.gap(of, frame, name, SIZE) : sheet.zone(of, frame, "", name);
    }

    private static void answers(
            Making making, PageDraft sheet, boolean typed, double tile, List<String> words, List<String> places) {
        if (typed) {
            for (int i = 0; i < words.size(); i++) {
                List<String> alternatives = List.of(words.get(i).split("\\s*\\|\\s*"));
                sheet.typed(places.get(i), TypedKey.of(new TypedRule.TextRule(alternatives, List.of())));
            }
            return;
        }
        List<Frame> homes =
                RowLayout.atBottom(words.size(), PageDraft.LEFT, PageDraft.RIGHT, PageDraft.BOTTOM, tile, TILE);
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < words.size(); i++) {
            order.add(i);
        }
        List<Integer> mixed = Shuffle.moved(order, making.random);
        for (int i = 0; i < mixed.size(); i++) {
            String word = words.get(mixed.get(i));
            String piece = sheet.piece("piece " + sheet.called(word), word, null, homes.get(i));
            for (int p = 0; p < places.size(); p++) {
                if (words.get(p).equals(word)) {
                    sheet.belongs(places.get(p), piece);
                } else {
                    sheet.away(places.get(p), piece);
                }
            }
        }
        places.forEach(place -> sheet.rule(place, ZoneRule.USUAL.withWants(ZoneRequirements.NOTHING.withCapacity(1))));
    }
}
