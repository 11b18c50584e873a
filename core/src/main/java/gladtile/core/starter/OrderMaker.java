package gladtile.core.starter;

import gladtile.core.activity.StarterRow;
import gladtile.core.answer.Sequence;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.starter.Starters.Making;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** One long zone in which the order counts; where that is too short, a numbered place for each. */
final class OrderMaker {
    private static final double LABEL = 56;

    private OrderMaker() {}

    static MadePages make(Making making) {
        if (making.rows.size() < 2) {
            return new MadePages.Refused(Message.of("starter.refused.order"));
        }
        boolean pictures = making.pictured(0);
        double width = pictures ? 130 : making.tile(making.column(0), 110, 260);
        double height = pictures ? 130 : 84;
        if (making.rows.size() * (width + 12) <= PageDraft.RIGHT - PageDraft.LEFT) {
            line(making, width, height);
            return making.made();
        }
        int perPage = 1;
        for (int n = 1; n <= 40; n++) {
            List<Frame> homes = RowLayout.atBottom(n, PageDraft.LEFT, PageDraft.RIGHT, PageDraft.BOTTOM, width, height);
            List<Frame> places =
                    RowLayout.fromTop(n, PageDraft.LEFT, PageDraft.RIGHT, 200, width + 28, height + LABEL + 16);
            Frame last = places.get(n - 1);
            if (last.y() + last.height() <= homes.get(0).y() - 20) {
                perPage = n;
            }
        }
        Optional<MadePages> tooLong = making.tooLong(perPage);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        int first = 1;
        for (List<StarterRow> part : Making.parts(making.rows, perPage)) {
            numbered(making, part, first, width, height);
            first += part.size();
        }
        return making.made();
    }

    private static void line(Making making, double width, double height) {
        PageDraft sheet = making.sheet(Message.of("starter.task.order"));
        List<StarterRow> rows = making.rows;
        double top = sheet.top + 60;
        String zone = sheet.zone(
                "zone",
                Frame.of(PageDraft.LEFT, top, PageDraft.RIGHT - PageDraft.LEFT, height + 90),
                "",
                making.words("starter.name.order"));
        List<Frame> homes =
                RowLayout.fromTop(rows.size(), PageDraft.LEFT, PageDraft.RIGHT, top + height + 230, width, height);
        List<Integer> mixed = mixed(making, rows.size());
        Map<String, Integer> places = new LinkedHashMap<>();
        for (int i = 0; i < rows.size(); i++) {
            StarterRow row = rows.get(mixed.get(i));
            String piece = sheet.piece("piece " + sheet.called(row.cell(0)), row.cell(0), row.picture(0), homes.get(i));
            sheet.belongs(zone, piece);
            places.put(piece, mixed.get(i) + 1);
        }
        ZoneRequirements wants = ZoneRequirements.NOTHING.withSequence(new Sequence(null, places));
        sheet.rule(zone, ZoneRule.USUAL.withWants(wants));
        making.done(sheet);
    }

    private static List<Integer> mixed(Making making, int count) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            order.add(i);
        }
        return Shuffle.moved(order, making.random);
    }

    private static void numbered(Making making, List<StarterRow> part, int first, double width, double height) {
        PageDraft sheet = making.sheet(Message.of("starter.task.number"));
        double top = Math.max(200, sheet.top);
        List<Frame> places =
                RowLayout.fromTop(part.size(), PageDraft.LEFT, PageDraft.RIGHT, top, width + 28, height + LABEL + 16);
        List<Frame> homes =
                RowLayout.atBottom(part.size(), PageDraft.LEFT, PageDraft.RIGHT, PageDraft.BOTTOM, width, height);
        List<String> zones = new ArrayList<>();
        for (int i = 0; i < part.size(); i++) {
            String number = Integer.toString(first + i);
            zones.add(sheet.zone("zone " + number, places.get(i), number, ""));
        }
        List<Integer> mixed = mixed(making, part.size());
        sheet.pieceForEach(part, mixed, homes, zones);
        making.done(sheet);
    }
}
