package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * Where one goes on from a page, and where the page stands on the map.
 *
 * @param opens what must be done before Next leads on; absent for as the activity has it
 * @param to the page that Next leads to; absent for the one behind it
 * @param first the page that Next leads to when everything was right at the first try; absent for no such branch
 * @param ends nothing comes after it
 * @param aside students never see it
 * @param spot absent for where the map puts it
 */
public record PageLinks(
        @JsonInclude(JsonInclude.Include.NON_NULL) Opens opens,
        @JsonInclude(JsonInclude.Include.NON_NULL) String to,
        @JsonInclude(JsonInclude.Include.NON_NULL) String first,
        boolean ends,
        boolean aside,
        @JsonInclude(JsonInclude.Include.NON_NULL) MapSpot spot) {
    public static final PageLinks USUAL = new PageLinks(null, null, null, false, false, null);

    public PageLinks {
        if (to != null) {
            Bounds.id("links.to", to);
        }
        if (first != null) {
            Bounds.id("links.first", first);
        }
    }

    public PageLinks withOpens(Opens newOpens) {
        return new PageLinks(newOpens, to, first, ends, aside, spot);
    }

    public PageLinks withTo(String pageId) {
        return new PageLinks(opens, pageId, first, ends, aside, spot);
    }

    public PageLinks withFirst(String pageId) {
        return new PageLinks(opens, to, pageId, ends, aside, spot);
    }

    public PageLinks withEnds(boolean nowEnds) {
        return new PageLinks(opens, to, first, nowEnds, aside, spot);
    }

    public PageLinks withAside(boolean nowAside) {
        return new PageLinks(opens, to, first, ends, nowAside, spot);
    }

    public PageLinks withSpot(MapSpot newSpot) {
        return new PageLinks(opens, to, first, ends, aside, newSpot);
    }
}
