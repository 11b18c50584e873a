package gladtile.core.starter;

import gladtile.core.activity.StarterRow;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.ZoneCapacity;
import gladtile.core.answer.ZoneRule;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Zone;
import gladtile.core.starter.Starters.Making;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A zone for each group at the top, everything to be sorted in rows below. */
final class SortMaker {
    private static final int GROUPS = 8;

    private SortMaker() {}

    static MadePages make(Making making) {
        List<StarterRow> rows = new ArrayList<>(
                making.rows.stream().filter(row -> !row.cell(1).isEmpty()).toList());
        List<String> groups = rows.stream().map(row -> row.cell(1)).distinct().toList();
        if (groups.size() < 2) {
            return new MadePages.Refused(Message.of("starter.refused.groups"));
        }
        if (groups.size() > GROUPS) {
            return new MadePages.Refused(
                    Message.of("starter.refused.too-many-groups", "count", groups.size(), "most", GROUPS));
        }
        Collections.shuffle(rows, making.random);
        boolean pictures = making.pictured(0);
        List<String> texts = rows.stream().map(row -> row.cell(0)).toList();
        double zoneWidth = (PageDraft.RIGHT - PageDraft.LEFT - RowLayout.GAP * (groups.size() - 1)) / groups.size();
        double most = Math.min(300, zoneWidth - 40);
        double width = pictures ? Math.min(140, most) : making.tile(texts, Math.min(130, most), most);
        double height = pictures ? width : 84;
        for (int perPage = Math.min(rows.size(), 40); perPage >= 1; perPage--) {
            Optional<MadePages> tooLong = making.tooLong(perPage);
            if (tooLong.isPresent()) {
                return tooLong.get();
            }
            List<List<StarterRow>> parts = Making.parts(rows, perPage);
            if (parts.stream().allMatch(part -> fits(part, groups, zoneWidth, width, height))) {
                parts.forEach(part -> page(making, part, groups, zoneWidth, width, height));
                return making.made();
            }
        }
        return new MadePages.Refused(Message.of("starter.refused.too-long"));
    }

    private static double zoneTop() {
        return 200;
    }

    private static List<Frame> homes(int count, double width, double height) {
        return RowLayout.atBottom(count, PageDraft.LEFT, PageDraft.RIGHT, PageDraft.BOTTOM, width, height);
    }

    private static double zoneBottom(List<Frame> homes) {
        return homes.get(0).y() - 30;
    }

    private static boolean fits(
            List<StarterRow> part, List<String> groups, double zoneWidth, double width, double height) {
        double bottom = zoneBottom(homes(part.size(), width, height));
        double zoneHeight = bottom - zoneTop();
        if (zoneHeight < 120) {
            return false;
        }
        for (String group : groups) {
            List<Item> in = new ArrayList<>();
            for (StarterRow row : part) {
                if (row.cell(1).equals(group)) {
                    in.add(new Zone("x" + in.size(), Frame.of(0, 0, width, height), "", ""));
                }
            }
            Zone zone = new Zone("zone", Frame.of(PageDraft.LEFT, zoneTop(), zoneWidth, zoneHeight), "", group);
            if (!ZoneCapacity.fits(zone, ZoneRule.USUAL, in)) {
                return false;
            }
        }
        return true;
    }

    private static void page(
            Making making, List<StarterRow> part, List<String> groups, double zoneWidth, double width, double height) {
        PageDraft sheet = making.sheet(Message.of("starter.task.sort"));
        List<Frame> homes = homes(part.size(), width, height);
        double top = Math.max(zoneTop(), sheet.top);
        Map<String, String> zones = new LinkedHashMap<>();
        for (int i = 0; i < groups.size(); i++) {
            Frame frame =
                    Frame.of(PageDraft.LEFT + i * (zoneWidth + RowLayout.GAP), top, zoneWidth, zoneBottom(homes) - top);
            zones.put(groups.get(i), sheet.zone("zone " + sheet.called(groups.get(i)), frame, groups.get(i), ""));
        }
        for (int i = 0; i < part.size(); i++) {
            StarterRow row = part.get(i);
            String piece = sheet.piece("piece " + sheet.called(row.cell(0)), row.cell(0), row.picture(0), homes.get(i));
            sheet.facts(piece, PieceFacts.NONE.withLabels(List.of(labelled(row.cell(1)))));
            zones.forEach((group, zone) -> {
                if (group.equals(row.cell(1))) {
                    sheet.belongs(zone, piece);
                } else {
                    sheet.away(zone, piece);
                }
            });
        }
        making.done(sheet);
    }

    private static String labelled(String group) {
        String label = group.length() > gladtile.core.Bounds.LABEL_LENGTH
                ? group.substring(0, gladtile.core.Bounds.LABEL_LENGTH)
                : group;
        return label.strip();
    }
}
