package gladtile.server.support;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;

/**
 * A part of a list. Every list of the API has this shape.
 *
 * @param next the cursor to ask for the following part with; absent at the end
 */
public record PagedList<T>(
        List<T> items,
        @JsonInclude(JsonInclude.Include.NON_NULL) String next) {
    /**
     * The part that is asked for of a list that is known as a whole.
     *
     * <p>A cursor names the last item that was given and its place. What came or went before it shifts nothing; where
     * that item itself is gone the list goes on at its place.
     *
     * @param key tells items apart
     */
    public static <T> PagedList<T> of(List<T> all, Function<T, ?> key, Paging paging) {
        int size = paging.size();
        int from = from(all, key, paging.after());
        int to = Math.min(all.size(), from + size);
        String next = to == all.size() ? null : Paging.cursor(to + ":" + key.apply(all.get(to - 1)));
        return new PagedList<>(List.copyOf(all.subList(from, to)), next);
    }

    /** A part of a list that was read for it. @param more whether others follow @param skip how many came until now */
    public static <T> PagedList<T> part(List<T> items, boolean more, int skip) {
        return new PagedList<>(items, more ? Paging.cursor(String.valueOf(skip + items.size())) : null);
    }

    /** A part of a list that goes on after the id of its last item. */
    public static <T> PagedList<T> after(List<T> items, boolean more, Function<T, UUID> id) {
        return new PagedList<>(
                items,
                more ? Paging.cursor(id.apply(items.get(items.size() - 1)).toString()) : null);
    }

    private static <T> int from(List<T> all, Function<T, ?> key, String after) {
        if (after == null) {
            return 0;
        }
        int colon = after.indexOf(':');
        if (!after.matches("\\d{1,9}:(?s:.*)")) {
            throw Paging.notACursor();
        }
        String last = after.substring(colon + 1);
        for (int i = 0; i < all.size(); i++) {
            if (String.valueOf(key.apply(all.get(i))).equals(last)) {
                return i + 1;
            }
        }
        return Math.min(all.size(), Integer.parseInt(after.substring(0, colon)));
    }
}
