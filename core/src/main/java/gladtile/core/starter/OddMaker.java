package gladtile.core.starter;

import gladtile.core.activity.StarterRow;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.starter.Starters.Making;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** In each row several things and a place for the one that is not like the others. */
final class OddMaker {
    private static final int MOST = 6;
    private static final double PLACE = 250;

    private OddMaker() {}

    static MadePages make(Making making) {
        for (StarterRow row : making.rows) {
            int count = count(row);
            if (count < 3 || count > MOST) {
                return new MadePages.Refused(
                        Message.of("starter.refused.row", "most", MOST, "row", row.cell(0), "count", count));
            }
        }
        Optional<MadePages> tooLong = making.tooLong(5);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        for (List<StarterRow> part : Making.parts(making.rows, 5)) {
            page(making, part);
        }
        return making.made();
    }

    private static int count(StarterRow row) {
        int count = 0;
        while (count < row.cells().size() && !row.cell(count).isEmpty()) {
            count++;
        }
        return count;
    }

    private static void page(Making making, List<StarterRow> part) {
        PageDraft sheet = making.sheet(Message.of("starter.task.odd"));
        double step = Math.min(160, (PageDraft.BOTTOM - sheet.top) / part.size());
        List<String> zones = new ArrayList<>();
        List<List<String>> pieces = new ArrayList<>();
        List<String> odd = new ArrayList<>();
        for (int r = 0; r < part.size(); r++) {
            StarterRow row = part.get(r);
            int count = count(row);
            double y = sheet.top + r * step;
            double width = Math.min(
                    220, (PageDraft.RIGHT - PageDraft.LEFT - PLACE - 40 - RowLayout.GAP * (count - 1)) / count);
            double height = Math.min(step - 44, 110);
            List<Integer> order = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                order.add(i);
            }
            Collections.shuffle(order, making.random);
            List<String> inRow = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                int column = order.get(i);
                Frame home = Frame.of(PageDraft.LEFT + i * (width + RowLayout.GAP), y + 16, width, height);
                String piece = sheet.piece(
                        "piece " + sheet.called(row.cell(column)), row.cell(column), row.picture(column), home);
                inRow.add(piece);
                if (column == count - 1) {
                    odd.add(piece);
                }
            }
            pieces.add(inRow);
            zones.add(sheet.zone(
                    "zone " + sheet.called(row.cell(count - 1)),
                    Frame.of(PageDraft.RIGHT - PLACE, y, PLACE, step - 12),
                    "",
                    making.words("starter.name.odd", "row", r + 1)));
        }
        for (int z = 0; z < zones.size(); z++) {
            for (List<String> inRow : pieces) {
                for (String piece : inRow) {
                    if (piece.equals(odd.get(z))) {
                        sheet.belongs(zones.get(z), piece);
                    } else {
                        sheet.away(zones.get(z), piece);
                    }
                }
            }
            sheet.rule(zones.get(z), ZoneRule.USUAL.withWants(ZoneRequirements.NOTHING.withCapacity(1)));
        }
        making.done(sheet);
    }
}
