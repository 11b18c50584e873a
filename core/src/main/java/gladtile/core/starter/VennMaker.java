package gladtile.core.starter;

import gladtile.core.activity.StarterRow;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.ZoneRule;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneLook;
import gladtile.core.page.ZoneShape;
import gladtile.core.starter.Starters.Making;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Two or three circles that cross, and below them what goes into one of them, into several, or into none. */
final class VennMaker {
    private static final int PER_PAGE = 7;
    private static final double TOP = 230;
    private static final double HEIGHT = 64;
    private static final double SIDE = 90;
    private static final double WIDEST = 170;
    /** Told apart by their brightness too. */
    private static final List<String> COLOURS = List.of("#0b5d66", "#8a5f12", "#68406b");

    private VennMaker() {}

    static MadePages make(Making making) {
        Set<String> groups = new LinkedHashSet<>();
        making.rows.forEach(row -> groups.addAll(groupsOf(row)));
        if (groups.size() < 2 || groups.size() > COLOURS.size()) {
            return new MadePages.Refused(Message.of("starter.refused.circles", "count", groups.size()));
        }
        List<StarterRow> rows = new ArrayList<>(making.rows);
        Collections.shuffle(rows, making.random);
        List<String> texts = rows.stream().map(row -> row.cell(0)).toList();
        boolean pictures = making.pictured(0);
        double width = pictures ? SIDE : making.tile(texts, 110, WIDEST);
        double height = pictures ? SIDE : HEIGHT;
        return making.tooLong(PER_PAGE).orElseGet(() -> {
            Making.parts(rows, PER_PAGE).forEach(part -> page(making, part, List.copyOf(groups), width, height));
            return making.made();
        });
    }

    /** Behind the first cell, each once. */
    private static Set<String> groupsOf(StarterRow row) {
        Set<String> groups = new LinkedHashSet<>();
        for (int i = 1; i < row.cells().size(); i++) {
            if (!row.cell(i).isEmpty()) {
                groups.add(row.cell(i));
            }
        }
        return groups;
    }

    private static void page(Making making, List<StarterRow> part, List<String> groups, double width, double height) {
        PageDraft sheet = making.sheet(Message.of("starter.task.venn"));
        List<Frame> homes =
                RowLayout.atBottom(part.size(), PageDraft.LEFT, PageDraft.RIGHT, PageDraft.BOTTOM, width, height);
        double top = Math.max(TOP, sheet.top + 24);
        List<Frame> circles = circles(groups.size(), top, homes.get(0).y() - 30 - top);
        List<String> zones = new ArrayList<>();
        for (int i = 0; i < groups.size(); i++) {
            // The lowest of three has no room for a name above it that is its own.
            ZoneLook.LabelPlace at = i == 2 ? ZoneLook.LabelPlace.BELOW : ZoneLook.LabelPlace.TAB;
            String zone = sheet.ids().item("zone " + sheet.called(groups.get(i)));
            sheet.item(new Zone(zone, circles.get(i), "", groups.get(i))
                    .withShape(ZoneShape.ROUND)
                    .withLook(new ZoneLook(ZoneLook.Kind.GLASS, COLOURS.get(i), null, at)));
            sheet.rule(zone, new ZoneRule(AcceptAction.STAYS, RejectAction.GOES_BACK).withCrossing(true));
            zones.add(zone);
        }
        for (int i = 0; i < part.size(); i++) {
            StarterRow row = part.get(i);
            Set<String> in = groupsOf(row);
            String piece = sheet.piece("piece " + sheet.called(row.cell(0)), row.cell(0), row.picture(0), homes.get(i));
            if (in.isEmpty()) {
                sheet.facts(piece, PieceFacts.NONE.withNowhere(true));
            }
            for (int g = 0; g < groups.size(); g++) {
                if (in.contains(groups.get(g))) {
                    sheet.belongs(zones.get(g), piece);
                } else {
                    sheet.away(zones.get(g), piece);
                }
            }
        }
        making.done(sheet);
    }

    /** Every part of them has room for a piece. */
    private static List<Frame> circles(int count, double top, double room) {
        if (count == 2) {
            return List.of(Frame.of(190, top, 760, room), Frame.of(650, top, 760, room));
        }
        double high = Math.rint(room * 0.64);
        double name = 44;
        return List.of(
                Frame.of(250, top, 680, high),
                Frame.of(670, top, 680, high),
                Frame.of(460, top + room - high - name, 680, high));
    }
}
