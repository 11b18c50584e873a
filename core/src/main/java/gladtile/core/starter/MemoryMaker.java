package gladtile.core.starter;

import gladtile.core.Bounds;
import gladtile.core.activity.StarterRow;
import gladtile.core.answer.ZoneSet;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Movement;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Words;
import gladtile.core.starter.Starters.Making;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** Cards that lie face down and are turned by tapping; two that go together are put side by side. */
final class MemoryMaker {
    private static final int PAIRS = 6;
    private static final double WIDTH = 190;
    private static final double HEIGHT = 120;

    private MemoryMaker() {}

    static MadePages make(Making making) {
        List<StarterRow> rows = making.rows.stream()
                .filter(row -> !row.cell(1).isEmpty() || row.picture(0) != null)
                .toList();
        if (rows.size() < 2) {
            return new MadePages.Refused(Message.of("starter.refused.pairs"));
        }
        if (rows.size() > Bounds.SETS) {
            return new MadePages.Refused(
                    Message.of("starter.refused.too-many-pairs", "count", rows.size(), "most", Bounds.SETS));
        }
        Optional<MadePages> tooLong = making.tooLong(PAIRS);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        List<List<StarterRow>> parts = Making.parts(rows, PAIRS);
        for (List<StarterRow> part : parts) {
            page(making, part);
        }
        return making.made();
    }

    private static void page(Making making, List<StarterRow> part) {
        PageDraft sheet = making.sheet(Message.of("starter.task.memory"));
        double top = sheet.top + 10;
        double right = PageDraft.RIGHT - 2 * (WIDTH + 46);
        double step = Math.min(HEIGHT + 36, (PageDraft.BOTTOM - top) / part.size());
        record Card(int pair, String text, PictureRef picture) {}
        List<Card> cards = new ArrayList<>();
        for (int i = 0; i < part.size(); i++) {
            StarterRow row = part.get(i);
            boolean shown = row.cell(1).isEmpty();
            cards.add(new Card(i, row.cell(0), shown ? null : row.picture(0)));
            cards.add(new Card(i, shown ? row.cell(0) : row.cell(1), shown ? row.picture(0) : row.picture(1)));
        }
        Collections.shuffle(cards, making.random);
        double height = Math.min(HEIGHT, step - 46);
        // Room below each card for the button that turns it.
        List<Frame> homes =
                RowLayout.fromTop(cards.size(), PageDraft.LEFT, right - 40, top, WIDTH, height + 30).stream()
                        .map(box -> Frame.of(box.x(), box.y(), WIDTH, height))
                        .toList();
        List<List<String>> pairs = new ArrayList<>();
        part.forEach(row -> pairs.add(new ArrayList<>()));
        List<String> pieces = new ArrayList<>();
        for (int i = 0; i < cards.size(); i++) {
            Card card = cards.get(i);
            Frame home = homes.get(i);
            String id = sheet.ids().item("card " + sheet.called(card.text()));
            var face = Tile.fit("?", home.width(), home.height(), Tile.LARGEST, making.measured);
            sheet.item(new Words(
                    id,
                    home,
                    Movement.FREE,
                    making.words("starter.name.card", "number", i + 1),
                    sheet.behind(card.text(), card.picture(), home.width(), home.height(), true),
                    face.within(home.height())));
            pairs.get(card.pair()).add(id);
            pieces.add(id);
        }
        List<String[]> zones = new ArrayList<>();
        for (int i = 0; i < part.size(); i++) {
            double y = top + i * step;
            String[] pair = new String[2];
            for (int side = 0; side < 2; side++) {
                Frame frame = Frame.of(right + side * (WIDTH + 46), y, WIDTH + 30, step - 14);
                pair[side] = sheet.zone(
                        "zone " + side + " " + sheet.called(part.get(i).cell(0)),
                        frame,
                        "",
                        making.words(
                                side == 0 ? "starter.name.pair-first" : "starter.name.pair-second", "number", i + 1));
            }
            zones.add(pair);
        }
        for (int i = 0; i < zones.size(); i++) {
            String[] pair = zones.get(i);
            sheet.set(new ZoneSet(
                    sheet.ids().item("set " + sheet.called(part.get(i).cell(0))), List.of(pair), true, pairs));
            for (String zone : pair) {
                pieces.forEach(piece -> sheet.belongs(zone, piece));
            }
        }
        making.done(sheet);
    }
}
