package gladtile.core.starter;

import gladtile.core.activity.StarterRow;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Supply;
import gladtile.core.page.Traits;
import gladtile.core.starter.Starters.Making;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A supply of each thing, and a zone that wants so many of it. */
final class CountMaker {
    private static final int MOST = 20;
    private static final double SIDE = 84;

    private CountMaker() {}

    static MadePages make(Making making) {
        for (StarterRow row : making.rows) {
            int wanted = wanted(row);
            if (wanted < 1 || wanted > MOST) {
                return new MadePages.Refused(Message.of("starter.refused.counts", "most", MOST, "entry", row.cell(0)));
            }
        }
        int most = most(making);
        Optional<MadePages> tooLong = making.tooLong(most);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        for (List<StarterRow> part : Making.parts(making.rows, most)) {
            page(making, part);
        }
        return making.made();
    }

    /** How many places stand beside one another, each with room for three tiles. */
    private static int most(Making making) {
        List<String> words = making.rows.stream()
                .filter(row -> row.picture(0) == null)
                .map(row -> row.cell(0))
                .toList();
        double place = 3 * making.tile(words, SIDE, 2 * SIDE) + 60;
        int fit = (int) Math.floor((PageDraft.RIGHT - PageDraft.LEFT + RowLayout.GAP) / (place + RowLayout.GAP));
        return Math.max(1, Math.min(4, fit));
    }

    private static int wanted(StarterRow row) {
        try {
            return Integer.parseInt(row.cell(1));
        } catch (NumberFormatException none) {
            return 0;
        }
    }

    private static void page(Making making, List<StarterRow> part) {
        PageDraft sheet = making.sheet(Message.of("starter.task.count"));
        double gap = RowLayout.GAP;
        double width = (PageDraft.RIGHT - PageDraft.LEFT - gap * (part.size() - 1)) / part.size();
        double bottom = PageDraft.BOTTOM - SIDE - 60;
        double side = Math.min(SIDE, (width - 60) / 3);
        // Words are wider than high; three still stand beside one another.
        List<String> words = part.stream()
                .filter(row -> row.picture(0) == null)
                .map(row -> row.cell(0))
                .toList();
        double across = Math.min(making.tile(words, side, SIDE * 2), Math.max(side, (width - 60) / 3));
        List<String> zones = new ArrayList<>();
        for (int i = 0; i < part.size(); i++) {
            StarterRow row = part.get(i);
            Frame frame = Frame.of(PageDraft.LEFT + i * (width + gap), sheet.top, width, bottom - sheet.top);
            zones.add(sheet.zone("zone " + sheet.called(row.cell(0)), frame, wanted(row) + " × " + row.cell(0), ""));
        }
        List<String> pieces = new ArrayList<>();
        for (int i = 0; i < part.size(); i++) {
            StarterRow row = part.get(i);
            Frame home = Frame.of(
                    PageDraft.LEFT + i * (width + gap) + (width - across) / 2,
                    PageDraft.BOTTOM - side - 10,
                    across,
                    side);
            Traits supply = Traits.NONE.withSupply(Supply.ENDLESS);
            pieces.add(sheet.counter("piece " + sheet.called(row.cell(0)), row.cell(0), row.picture(0), home, supply));
        }
        for (int z = 0; z < zones.size(); z++) {
            for (int p = 0; p < pieces.size(); p++) {
                if (p == z) {
                    sheet.belongs(zones.get(z), pieces.get(p));
                } else {
                    sheet.away(zones.get(z), pieces.get(p));
                }
            }
            ZoneRequirements wants = ZoneRequirements.NOTHING.withCounts(Map.of(pieces.get(z), wanted(part.get(z))));
            sheet.rule(zones.get(z), ZoneRule.USUAL.withWants(wants));
        }
        making.done(sheet);
    }
}
