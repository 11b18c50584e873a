package gladtile.formats.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How many parts an SVG draws once everything that refers to something else is drawn in full. A few lines that use one
 * another can ask for more than any tablet draws ('billion laughs', rebuilt with {@code use}, patterns, masks and
 * markers), or for themselves without end.
 */
final class SvgCost {
    /** Parts that are drawn, inclusive. */
    static final long MOST = 200_000;

    /** Parts that lie in or refer to one another; within it nothing overflows. */
    private static final int MOST_DEPTH = 1_000;

    private static final Pattern REFERENCE = Pattern.compile("url\\(\\s*['\"]?#([^)'\"\\s]+)");
    private static final Pattern CORNER = Pattern.compile("[a-zA-Z]|-?[0-9.]+[\\s,]+-?[0-9.]+");

    private static final class Part {
        final List<Part> within = new ArrayList<>();
        final List<String> asks = new ArrayList<>();
        /** Markers are drawn at each corner of a line. */
        final List<String> atCorners = new ArrayList<>();

        int corners = 1;
    }

    private final List<Part> open = new ArrayList<>();
    private final Map<String, Part> byId = new HashMap<>();
    private final Map<Part, Long> known = new IdentityHashMap<>();
    private final Map<Part, Boolean> asking = new IdentityHashMap<>();
    private Part root;

    void start() {
        Part part = new Part();
        if (open.isEmpty()) {
            root = part;
        } else {
            open.get(open.size() - 1).within.add(part);
        }
        open.add(part);
    }

    void attribute(String name, String value) {
        Part part = open.get(open.size() - 1);
        if (name.equals("id")) {
            byId.put(value.strip(), part);
        } else if (name.equals("href")) {
            part.asks.add(value.strip().substring(1));
        } else if (name.equals("d") || name.equals("points")) {
            part.corners = (int) Math.max(1, CORNER.matcher(value).results().count());
        } else {
            boolean marker = name.startsWith("marker") || name.equals("style") && value.contains("marker");
            Matcher reference = REFERENCE.matcher(value);
            while (reference.find()) {
                (marker ? part.atCorners : part.asks).add(reference.group(1));
            }
        }
    }

    void end() {
        open.remove(open.size() - 1);
    }

    /** More than {@link #MOST} for all that is too much, or that asks for itself. */
    long parts() {
        return root == null ? 0 : of(root, 0);
    }

    private long of(Part part, int depth) {
        Long before = known.get(part);
        if (before != null) {
            return before;
        }
        if (depth > MOST_DEPTH || asking.put(part, true) != null) {
            return MOST + 1;
        }
        long sum = 1;
        for (Part one : part.within) {
            sum = Math.min(MOST + 1, sum + of(one, depth + 1));
        }
        for (String id : part.asks) {
            sum = Math.min(MOST + 1, sum + asked(id, depth));
        }
        for (String id : part.atCorners) {
            sum = Math.min(MOST + 1, sum + asked(id, depth) * part.corners);
        }
        asking.remove(part);
        known.put(part, sum);
        return sum;
    }

    private long asked(String id, int depth) {
        Part target = byId.get(id);
        return target == null ? 0 : of(target, depth + 1);
    }
}
