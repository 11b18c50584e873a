package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.List;

/** What must be done on a page before a way that leads from it can be followed. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Opens.WhenSolved.class, name = "solved"),
    @JsonSubTypes.Type(value = Opens.WhenParts.class, name = "parts"),
    @JsonSubTypes.Type(value = Opens.WhenPoints.class, name = "points"),
    @JsonSubTypes.Type(value = Opens.WhenPages.class, name = "pages")
})
public sealed interface Opens permits Opens.WhenSolved, Opens.WhenParts, Opens.WhenPoints, Opens.WhenPages {
    /** All that is to be found on the page. */
    record WhenSolved() implements Opens {}

    /** All that is to be found in some of its zones and gaps. @param ids at least one, at most {@link Bounds#PARTS} */
    record WhenParts(List<String> ids) implements Opens {
        public WhenParts {
            ids = List.copyOf(Bounds.present("opens.ids", ids));
            Bounds.count("opens.ids", ids.size(), Bounds.PARTS);
            if (ids.isEmpty()) {
                throw new OutOfBounds("opens.ids", Message.of("bound.opens.ids"));
            }
            ids.forEach(id -> Bounds.id("opens.ids", id));
        }
    }

    /**
     * All that is to be found on these pages; those with nothing to find must have been opened. Pages that were deleted or
     * set aside are waited for no more.
     *
     * @param pageIds at least one, at most {@link Bounds#PARTS}
     */
    record WhenPages(List<String> pageIds) implements Opens {
        public WhenPages {
            pageIds = List.copyOf(Bounds.present("opens.pageIds", pageIds));
            Bounds.count("opens.pageIds", pageIds.size(), Bounds.PARTS);
            if (pageIds.isEmpty()) {
                throw new OutOfBounds("opens.pageIds", Message.of("bound.opens.page-ids"));
            }
            pageIds.forEach(id -> Bounds.id("opens.pageIds", id));
        }
    }

    /** At least so many points from the page. @param least 1 to {@link Bounds#POINTS_ON_A_PAGE} */
    record WhenPoints(int least) implements Opens {
        public WhenPoints {
            Bounds.within("opens.least", least, 1, Bounds.POINTS_ON_A_PAGE);
        }
    }
}
