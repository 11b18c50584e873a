package gladtile.core.edit;

import java.util.Optional;

/** An edit that needs a page to be there. */
public sealed interface PageEdit extends Edit
        permits ItemEdit, RemovePage, MovePage, RenamePage, SetPaper, SetPageWords, SetPageLinks, AddItem {
    String pageId();

    /** What is left of this edit once an item of its page is gone; empty for nothing. */
    default Optional<Edit> without(String item) {
        return Optional.of(this);
    }
}
