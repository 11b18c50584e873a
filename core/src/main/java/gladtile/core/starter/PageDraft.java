package gladtile.core.starter;

import gladtile.core.activity.StarterRow;
import gladtile.core.answer.Decision;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.ZoneRule;
import gladtile.core.answer.ZoneSet;
import gladtile.core.measure.WordFit;
import gladtile.core.page.Frame;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.OtherSide;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Traits;
import gladtile.core.page.WordStyle;
import gladtile.core.page.WordWidths;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;

/** One page while it is made, with its part of the answer key. */
final class PageDraft {
    static final double LEFT = 80;
    static final double RIGHT = 1520;
    static final double BOTTOM = 960;
    private static final WordStyle TITLE = new WordStyle(60, true, "#1e3a5a", WordStyle.Align.CENTRE);
    private static final WordStyle TASK = new WordStyle(34, false, "#3a4a52", WordStyle.Align.CENTRE);
    private static final String INK = "#1f2d33";

    final String pageId;
    private final String name;
    private final DerivedIds ids;
    private final List<Item> items = new ArrayList<>();
    private final KeyDraft key;
    private final WordWidths measured;
    /** Words that have no room on their tile, however small they are; null for none. */
    String overflows;
    /** Where what comes below the title begins, in page units. */
    double top = 70;

    PageDraft(DerivedIds ids, String name, KeyDraft key, WordWidths measured) {
        this.ids = ids;
        pageId = ids.page();
        this.name = name;
        this.key = key;
        this.measured = measured;
    }

    Page page() {
        return new Page(pageId, name, Paper.of("#f5f9fb"), items);
    }

    void head(String title, String task) {
        if (!title.isBlank()) {
            WordFit fit = WordFit.within(RIGHT - LEFT, title, TITLE, measured);
            item(new Words(
                    ids.item("title"),
                    Frame.of(LEFT, 30, fit.width(), fit.height()),
                    Movement.FIXED,
                    "",
                    fit.content()));
            top = 30 + fit.height();
        }
        WordFit fit = WordFit.within(RIGHT - LEFT, task, TASK, measured);
        item(new Words(
                ids.item("task"), Frame.of(LEFT, top, fit.width(), fit.height()), Movement.FIXED, "", fit.content()));
        top += fit.height() + 20;
    }

    void item(Item item) {
        items.add(item);
    }

    String zone(String of, Frame frame, String label, String description) {
        String id = ids.item(of);
        items.add(new Zone(id, frame, description, label));
        return id;
    }

    String gap(String of, Frame frame, String description, double size) {
        String id = ids.item(of);
        items.add(new Gap(id, frame, description, null, new WordStyle(size, false, INK, WordStyle.Align.LEFT)));
        return id;
    }

    /** Words that stay, left top corner there. */
    void words(String of, String text, double x, double y, double size, boolean bold) {
        WordFit fit = WordFit.free(text, new WordStyle(size, bold, INK, WordStyle.Align.LEFT), measured);
        item(new Words(
                ids.item(of),
                Frame.of(x, y, Math.max(20, fit.width()), fit.height()),
                Movement.FIXED,
                "",
                fit.content()));
    }

    /** Words that stay, in the middle of a box. */
    void centred(String of, String text, Frame box, double size) {
        Tile.Fitted fitted = Tile.fit(text, box.width(), box.height(), size, measured);
        overflows = fitted.height() > box.height() ? text : overflows;
        item(new Words(
                ids.item(of),
                Frame.of(box.x(), box.y() + (box.height() - fitted.height()) / 2, box.width(), fitted.height()),
                Movement.FIXED,
                "",
                fitted.content()));
    }

    /** A tile with words or a picture in a box that all tiles of its row share, so that their words are in one line. */
    String piece(String of, String text, PictureRef picture, Frame box, Movement movement, Traits traits) {
        String id = ids.item(of);
        if (picture != null) {
            items.add(new Picture(id, box, movement, text, traits, picture, CREDIT, null, null));
        } else {
            Tile.Fitted fitted = Tile.fit(text, box.width(), box.height(), Tile.LARGEST, measured);
            overflows = fitted.height() > box.height() ? text : overflows;
            items.add(new Words(id, box, movement, "", traits, fitted.within(box.height())));
        }
        return id;
    }

    /** A counter: a picture that lies on no card, words on one. */
    String counter(String of, String text, PictureRef picture, Frame box, Traits traits) {
        if (picture == null) {
            return piece(of, text, null, box, Movement.FREE, traits);
        }
        String id = ids.item(of);
        items.add(new Picture(id, box, Movement.FREE, text, traits, picture, CREDIT, null, null, true));
        return id;
    }

    static final String CREDIT = "OpenMoji, CC BY-SA 4.0";

    String piece(String of, String text, PictureRef picture, Frame box) {
        return piece(of, text, picture, box, Movement.FREE, null);
    }

    Traits behind(String text, PictureRef picture, double width, double height, boolean byTap) {
        Tile.Fitted fitted = Tile.fit(text, width, height, Tile.LARGEST, measured);
        OtherSide side = new OtherSide(
                "#dcebea", picture == null ? fitted.content() : null, picture, byTap, picture == null ? null : text);
        return Traits.NONE.withOtherSide(side);
    }

    /**
     * A piece for each row, which belongs in the zone of its row, and in those of rows that say the same.
     *
     * @param mixed which row is laid at which of {@code homes}
     * @param zones one for each row
     */
    void pieceForEach(List<StarterRow> rows, List<Integer> mixed, List<Frame> homes, List<String> zones) {
        for (int i = 0; i < rows.size(); i++) {
            StarterRow row = rows.get(mixed.get(i));
            String piece = piece("piece " + called(row.cell(0)), row.cell(0), row.picture(0), homes.get(i));
            for (int z = 0; z < zones.size(); z++) {
                if (rows.get(z).cell(0).equals(row.cell(0))) {
                    belongs(zones.get(z), piece);
                } else {
                    away(zones.get(z), piece);
                }
            }
        }
    }

    void belongs(String zone, String piece) {
        key.decide(zone, piece, Decision.BELONGS);
    }

    void away(String zone, String piece) {
        key.decide(zone, piece, Decision.DOES_NOT_BELONG);
    }

    void facts(String piece, PieceFacts facts) {
        key.facts(piece, facts);
    }

    void rule(String zone, ZoneRule rule) {
        key.rule(zone, rule);
    }

    void typed(String gap, TypedKey answer) {
        key.typed(gap, answer);
    }

    void set(ZoneSet set) {
        key.set(set);
    }

    Decision said(String zone, String piece) {
        return key.said(zone, piece);
    }

    /** The text by which what is made of an entry is named; the same one after the entry was written otherwise. */
    String called(String text) {
        return ids.called(text);
    }

    DerivedIds ids() {
        return ids;
    }
}
