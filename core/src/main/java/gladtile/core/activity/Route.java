package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import java.util.List;

/** Where an item leads. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Route.ToPage.class, name = "page"),
    @JsonSubTypes.Type(value = Route.Next.class, name = "next"),
    @JsonSubTypes.Type(value = Route.Back.class, name = "back"),
    @JsonSubTypes.Type(value = Route.Start.class, name = "start"),
    @JsonSubTypes.Type(value = Route.Web.class, name = "web"),
    @JsonSubTypes.Type(value = Route.ToFile.class, name = "file"),
    @JsonSubTypes.Type(value = Route.Spots.class, name = "spots")
})
public sealed interface Route
        permits Route.ToPage, Route.Next, Route.Back, Route.Start, Route.Web, Route.ToFile, Route.Spots {
    /** To a page of the same activity, which may have been deleted since. */
    record ToPage(String pageId) implements Route {
        public ToPage {
            Bounds.id("route.pageId", pageId);
        }
    }

    /** To the page that stands after this one. */
    record Next() implements Route {}

    /** To where the student came from. */
    record Back() implements Route {}

    /** To the page that the activity begins with. */
    record Start() implements Route {}

    /** Out of the activity. @param address kept as {@link WebAddress} shows it, whatever was typed */
    record Web(String address) implements Route {
        public Web {
            Bounds.text("route.address", address, Bounds.WEB_ADDRESS);
            WebAddress read = WebAddress.read(address);
            if (read instanceof WebAddress.Refused refused) {
                throw new OutOfBounds("route.address", refused.message());
            }
            address = ((WebAddress.Good) read).shown();
        }
    }

    /** To a document or recording, which opens over the page. */
    record ToFile(FileRef file) implements Route {
        public ToFile {
            Bounds.present("route.file", file);
        }
    }

    /** Shows items of the same page that are hidden, and hides those that are shown. @param itemIds at least one */
    record Spots(List<String> itemIds) implements Route {
        public Spots {
            itemIds = List.copyOf(Bounds.present("route.itemIds", itemIds));
            Bounds.within("route.itemIds", itemIds.size(), 1, Bounds.SPOTS);
            itemIds.forEach(id -> Bounds.id("route.itemIds", id));
        }
    }
}
