package gladtile.core.starter;

import gladtile.core.activity.StarterRow;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.starter.Starters.Making;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** One of each two stands with an empty place beside it; the others lie mixed below. */
final class PairMaker {
    private static final double NAME = 250;

    private PairMaker() {}

    static MadePages make(Making making) {
        List<StarterRow> rows = making.rows.stream()
                .filter(row -> !row.cell(1).isEmpty() || row.picture(1) != null)
                .toList();
        if (rows.size() < 2) {
            return new MadePages.Refused(Message.of("starter.refused.pairs-needed"));
        }
        boolean pictures = making.pictured(1);
        double width = pictures ? 120 : making.tile(making.column(1), 130, 260);
        double height = pictures ? 120 : 84;
        double cell = NAME + width + 36 + 50;
        int across = (int) Math.max(1, Math.floor((PageDraft.RIGHT - PageDraft.LEFT + 50) / cell));
        double rowHeight = height + 52;
        int perPage = 1;
        for (int n = 1; n <= 30; n++) {
            int down = (n + across - 1) / across;
            double homesTop = RowLayout.atBottom(n, PageDraft.LEFT, PageDraft.RIGHT, PageDraft.BOTTOM, width, height)
                    .get(0)
                    .y();
            if (200 + down * rowHeight <= homesTop - 10) {
                perPage = n;
            }
        }
        Optional<MadePages> tooLong = making.tooLong(perPage);
        if (tooLong.isPresent()) {
            return tooLong.get();
        }
        for (List<StarterRow> part : Making.parts(rows, perPage)) {
            page(making, part, across, cell, rowHeight, width, height);
        }
        return making.made();
    }

    private static void page(
            Making making,
            List<StarterRow> part,
            int across,
            double cell,
            double rowHeight,
            double width,
            double height) {
        PageDraft sheet = making.sheet(Message.of("starter.task.pair"));
        List<Frame> homes =
                RowLayout.atBottom(part.size(), PageDraft.LEFT, PageDraft.RIGHT, PageDraft.BOTTOM, width, height);
        List<String> zones = new ArrayList<>();
        double top = Math.max(200, sheet.top);
        for (int i = 0; i < part.size(); i++) {
            StarterRow row = part.get(i);
            double x = PageDraft.LEFT + (i % across) * cell;
            double y = top + Math.floor((double) i / across) * rowHeight;
            Frame name = Frame.of(x, y, NAME, rowHeight - 16);
            if (row.picture(0) != null) {
                double side = rowHeight - 20;
                sheet.item(new gladtile.core.page.Picture(
                        sheet.ids().item("shown " + sheet.called(row.cell(0))),
                        Frame.of(x + (NAME - side) / 2, y, side, side),
                        gladtile.core.page.Movement.FIXED,
                        row.cell(0),
                        row.picture(0),
                        PageDraft.CREDIT));
            } else {
                sheet.centred("shown " + sheet.called(row.cell(0)), row.cell(0), name, 36);
            }
            Frame box = Frame.of(x + NAME + 6, y, width + 36, rowHeight - 16);
            zones.add(sheet.zone(
                    "zone " + sheet.called(row.cell(0)),
                    box,
                    "",
                    making.words("starter.name.beside", "entry", row.cell(0))));
        }
        for (String zone : zones) {
            sheet.rule(zone, ZoneRule.USUAL.withWants(ZoneRequirements.NOTHING.withCapacity(1)));
        }
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < part.size(); i++) {
            order.add(i);
        }
        List<Integer> mixed = Shuffle.moved(order, making.random);
        for (int i = 0; i < mixed.size(); i++) {
            StarterRow row = part.get(mixed.get(i));
            String piece = sheet.piece("piece " + sheet.called(row.cell(1)), row.cell(1), row.picture(1), homes.get(i));
            for (int z = 0; z < zones.size(); z++) {
                // Two that say the same go to each other's places too.
                if (part.get(z).cell(1).equals(row.cell(1))) {
                    sheet.belongs(zones.get(z), piece);
                } else {
                    sheet.away(zones.get(z), piece);
                }
            }
        }
        // One place takes one; that two alike could lie there is meant so.
        for (int z = 0; z < zones.size(); z++) {
            String said = part.get(z).cell(1);
            if (part.stream().filter(row -> row.cell(1).equals(said)).count() > 1) {
                sheet.rule(zones.get(z), ZoneRule.USUAL.withWants(ZoneRequirements.NOTHING.withCapacity(1)));
            }
        }
        making.done(sheet);
    }
}
