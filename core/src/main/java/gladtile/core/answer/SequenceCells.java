package gladtile.core.answer;

import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/** The places along a zone that wants its pieces in order: as many equal parts as the sequence is long. */
final class SequenceCells {
    private final Frame box;
    private final double top;
    private final Sequence sequence;
    private final int length;
    /** Piece id to every place it may lie at: its own, and those of pieces that look like it. */
    private final Map<String, Set<Integer>> places = new HashMap<>();

    /** @param looks piece id to what tells it from others at a look */
    SequenceCells(Zone zone, Sequence sequence, Map<String, Object> looks) {
        this.sequence = sequence;
        box = zone.frame();
        top = zone.labelInside() ? Math.min(Slots.LABEL, box.height() / 2) : 0;
        length = Math.max(1, sequence.length());
        Map<Object, Set<Integer>> byLook = new HashMap<>();
        sequence.places().forEach((piece, place) -> {
            Object look = looks.getOrDefault(piece, piece);
            places.put(piece, byLook.computeIfAbsent(look, none -> new TreeSet<>()));
            places.get(piece).add(place);
        });
        // A spare letter e may lie wherever another e may.
        looks.forEach((piece, look) -> {
            if (byLook.containsKey(look)) {
                places.putIfAbsent(piece, byLook.get(look));
            }
        });
    }

    int length() {
        return length;
    }

    /** The place, 1 the first, that a point lies at; a point beside the zone counts to the nearest. */
    int at(Point middle) {
        double share = switch (sequence.runs()) {
            case RIGHTWARDS -> (middle.x() - box.x()) / box.width();
            case LEFTWARDS -> 1 - (middle.x() - box.x()) / box.width();
            case DOWNWARDS -> (middle.y() - box.y() - top) / (box.height() - top);
        };
        return Math.max(1, Math.min(length, 1 + (int) Math.floor(share * length)));
    }

    /** How far along the zone a point lies, growing in the direction of the sequence. */
    double along(Point middle) {
        return switch (sequence.runs()) {
            case RIGHTWARDS -> middle.x();
            case LEFTWARDS -> -middle.x();
            case DOWNWARDS -> middle.y();
        };
    }

    boolean mayLieAt(String piece, int place) {
        return places.getOrDefault(piece, Set.of()).contains(place);
    }

    /** The smallest place that a piece may have; far behind all others when it has none. */
    int first(String piece) {
        return places.getOrDefault(piece, Set.of()).stream()
                .min(Integer::compare)
                .orElse(Integer.MAX_VALUE);
    }

    /** The left top corner of a piece of that size in the middle of a place. */
    Point corner(int place, double width, double height) {
        double i = sequence.runs() == Sequence.Direction.LEFTWARDS ? length - place : place - 1;
        boolean down = sequence.runs() == Sequence.Direction.DOWNWARDS;
        double x = down ? box.x() + box.width() / 2 : box.x() + box.width() * (i + 0.5) / length;
        double y = box.y() + top + (box.height() - top) * (down ? (i + 0.5) / length : 0.5);
        return new Point(x - width / 2, y - height / 2);
    }

    /** The free place nearest to a point, or 0 when none is free. */
    int nearestFree(Point middle, List<Integer> taken) {
        int wanted = at(middle);
        for (int off = 0; off < length; off++) {
            for (int place : new int[] {wanted + off, wanted - off}) {
                if (place >= 1 && place <= length && !taken.contains(place)) {
                    return place;
                }
            }
        }
        return 0;
    }
}
