package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import java.util.List;

/** Where an item leads. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Link.ToPage.class, name = "page"),
    @JsonSubTypes.Type(value = Link.Next.class, name = "next"),
    @JsonSubTypes.Type(value = Link.Back.class, name = "back"),
    @JsonSubTypes.Type(value = Link.Start.class, name = "start"),
    @JsonSubTypes.Type(value = Link.Web.class, name = "web"),
    @JsonSubTypes.Type(value = Link.ToFile.class, name = "file"),
    @JsonSubTypes.Type(value = Link.Spots.class, name = "spots")
})
public sealed interface Link permits Link.ToPage, Link.Next, Link.Back, Link.Start, Link.Web, Link.ToFile, Link.Spots {
    /** To a page of the same activity, which may have been deleted since. */
    record ToPage(String pageId) implements Link {
        public ToPage {
            Bounds.id("link.pageId", pageId);
        }
    }

    /** To the page that stands after this one. */
    record Next() implements Link {}

    /** To where the student came from. */
    record Back() implements Link {}

    /** To the page that the activity begins with. */
    record Start() implements Link {}

    /** Out of the activity. @param address kept as {@link WebAddress} shows it, whatever was typed */
    record Web(String address) implements Link {
        public Web {
            Bounds.text("link.address", address, Bounds.WEB_ADDRESS);
            WebAddress read = WebAddress.read(address);
            if (read instanceof WebAddress.Refused refused) {
                throw new OutOfBounds("link.address", refused.message());
            }
            address = ((WebAddress.Good) read).shown();
        }
    }

    /** To a document or recording, which opens over the page. */
    record ToFile(FileRef file) implements Link {
        public ToFile {
            Bounds.present("link.file", file);
        }
    }

    /** Shows items of the same page that are hidden, and hides those that are shown. @param itemIds at least one */
    record Spots(List<String> itemIds) implements Link {
        public Spots {
            itemIds = List.copyOf(Bounds.present("link.itemIds", itemIds));
            Bounds.within("link.itemIds", itemIds.size(), 1, Bounds.SPOTS);
            itemIds.forEach(id -> Bounds.id("link.itemIds", id));
        }
    }
}
