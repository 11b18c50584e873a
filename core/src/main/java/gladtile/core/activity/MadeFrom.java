package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * The list that pages of an activity were made from, so that they can be made again when it changes. It holds answers
 * and never leaves for a student's browser.
 *
 * @param id by which ids of what is made from it are told from others
 * @param pictured words that the library has a picture for are shown as that picture
 * @param names entries that were written otherwise since they were first made from, with what they were then
 */
public record MadeFrom(
        String id,
        Starter starter,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean pictured,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, String> names) {
    public MadeFrom {
        Bounds.id("list.id", id);
        Bounds.present("list.starter", starter);
        pictured = Boolean.TRUE.equals(pictured) ? true : null;
        names = names == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(names));
        Bounds.count("list.names", names.size(), Bounds.STARTER_ROWS * Bounds.STARTER_COLUMNS);
        names.forEach((now, then) -> {
            Bounds.text("list.names", now, Bounds.STARTER_CELL);
            Bounds.text("list.names", then, Bounds.STARTER_CELL + 20);
        });
    }
}
