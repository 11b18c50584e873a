package gladtile.core.activity;

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
public record PageWays(
        @JsonInclude(JsonInclude.Include.NON_NULL) Opens opens,
        @JsonInclude(JsonInclude.Include.NON_NULL) String to,
        @JsonInclude(JsonInclude.Include.NON_NULL) String first,
        boolean ends,
        boolean aside,
        @JsonInclude(JsonInclude.Include.NON_NULL) MapSpot spot) {
    public static final PageWays USUAL = new PageWays(null, null, null, false, false, null);

    public PageWays {
        if (to != null) {
            Bounds.id("ways.to", to);
        }
        if (first != null) {
            Bounds.id("ways.first", first);
        }
    }

    public PageWays withOpens(Opens newOpens) {
        return new PageWays(newOpens, to, first, ends, aside, spot);
    }

    public PageWays withTo(String pageId) {
        return new PageWays(opens, pageId, first, ends, aside, spot);
    }

    public PageWays withFirst(String pageId) {
        return new PageWays(opens, to, pageId, ends, aside, spot);
    }

    public PageWays withEnds(boolean nowEnds) {
        return new PageWays(opens, to, first, nowEnds, aside, spot);
    }

    public PageWays withAside(boolean nowAside) {
        return new PageWays(opens, to, first, ends, nowAside, spot);
    }

    public PageWays withSpot(MapSpot newSpot) {
        return new PageWays(opens, to, first, ends, aside, newSpot);
    }
}
