package gladtile.core.check;

import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.Decision;
import gladtile.core.measure.Outline;
import gladtile.core.measure.ZoneArea;
import gladtile.core.message.Message;
import gladtile.core.message.Wording;
import gladtile.core.page.Carriers;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** One page made ready for being checked. */
final class CheckedPage {
    final Page page;
    final AnswerKey key;
    final Pictures pictures;
    /** For what a mend writes on the page. */
    final Wording wording;

    final List<Item> pieces;
    final List<Zone> zones;
    /** Zone id to the piece that it moves with. */
    private final Map<String, String> carriers;

    private final Map<String, List<Item>> belonging = new LinkedHashMap<>();
    private final Map<String, Boolean> somewhere = new HashMap<>();
    private final Set<String> pieceIds = new HashSet<>();
    private final Map<String, Integer> zoneIndex = new HashMap<>();
    private final Map<String, Outline> outlines = new HashMap<>();
    private final Map<String, ZoneArea> areas = new HashMap<>();
    private final List<Finding> findings = new ArrayList<>();

    CheckedPage(Page page, AnswerKey key, Pictures pictures, Wording wording) {
        this.wording = wording;
        this.page = page;
        this.key = key;
        this.pictures = pictures;
        pieces = page.pieces();
        zones = page.zones();
        carriers = Carriers.of(page);
        for (Zone zone : zones) {
            List<Item> there = new ArrayList<>();
            for (Item piece : pieces) {
                if (key.decision(zone.id(), piece.id()) == Decision.BELONGS) {
                    there.add(piece);
                    somewhere.put(piece.id(), true);
                }
            }
            belonging.put(zone.id(), there);
        }
        pieces.forEach(piece -> pieceIds.add(piece.id()));
        zones.forEach(zone -> zoneIndex.put(zone.id(), zoneIndex.size()));
        page.items().forEach(item -> outlines.put(item.id(), Outline.of(item.frame())));
    }

    /** Whether a zone moves as that piece does, so that the piece can never be put in it. */
    boolean carries(Item piece, Zone zone) {
        return piece.id().equals(carriers.get(zone.id()));
    }

    /** Whether students can move a zone. */
    boolean isCarried(Zone zone) {
        return carriers.containsKey(zone.id());
    }

    /** Made once for each of its zones. */
    ZoneArea area(Zone zone) {
        return areas.computeIfAbsent(zone.id(), id -> ZoneArea.of(zone));
    }

    List<Item> belonging(Zone zone) {
        return belonging.get(zone.id());
    }

    /** Whether students may move it as a thing of its own. */
    boolean isPiece(Item item) {
        return pieceIds.contains(item.id());
    }

    boolean belongsSomewhere(Item piece) {
        return somewhere.containsKey(piece.id());
    }

    Outline outline(Item item) {
        return outlines.computeIfAbsent(item.id(), id -> Outline.of(item.frame()));
    }

    /** The letter by which a zone is called in the workbench. */
    String letter(Zone zone) {
        int index = zoneIndex.get(zone.id());
        String letters = "";
        for (int i = index; i >= 0; i = i / 26 - 1) {
            letters = (char) ('A' + i % 26) + letters;
        }
        return letters;
    }

    Message called(Zone zone) {
        return zone.ownName().isEmpty() ? Message.of("item.zone", "letter", letter(zone)) : quoted(zone.name());
    }

    Message called(Item item) {
        return item instanceof Zone zone ? called(zone) : quoted(item.name());
    }

    private static Message quoted(Message name) {
        return Message.of("item.quoted", "name", name);
    }

    void found(Finding.Kind kind, List<String> itemIds, Message words, List<Mend> mends) {
        findings.add(new Finding(kind, page.id(), itemIds, words, mends));
    }

    List<Finding> findings() {
        return findings;
    }

    static boolean overlap(Outline a, Outline b) {
        return a.left() < b.right() && b.left() < a.right() && a.top() < b.bottom() && b.top() < a.bottom();
    }

    /** Of a box that was only moved: whether it lies on the page with its middle well inside. */
    static boolean onPage(Frame frame) {
        double x = frame.middle().x();
        double y = frame.middle().y();
        return x >= 0 && y >= 0 && x <= gladtile.core.Bounds.PAGE_WIDTH && y <= gladtile.core.Bounds.PAGE_HEIGHT;
    }
}
