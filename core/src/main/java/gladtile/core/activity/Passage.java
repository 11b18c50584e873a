package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * How students come from page to page.
 *
 * @param nextAndBack whether they have the two buttons
 * @param whenSolved whether Next waits, on a page where nothing else is said, until the page is solved
 * @param start the page the activity begins with; absent for the first
 */
public record Passage(
        boolean nextAndBack,
        boolean whenSolved,
        @JsonInclude(JsonInclude.Include.NON_NULL) String start) {
    public static final Passage USUAL = new Passage(true, false, null);

    public Passage {
        if (start != null) {
            Bounds.id("passage.start", start);
        }
    }
}
