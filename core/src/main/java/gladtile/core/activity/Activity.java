package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.answer.AnswerKey;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a teacher makes.
 *
 * @param pages at least one, at most {@link Bounds#PAGES}; no id twice
 * @param key who belongs where; never leaves for a student's browser
 * @param madeFrom the list that pages were made from; absent for none
 */
public record Activity(
        String title,
        List<Page> pages,
        AnswerKey key,
        @JsonInclude(JsonInclude.Include.NON_NULL) MadeFrom madeFrom) {
    public Activity {
        Bounds.text("activity.title", title, Bounds.NAME_LENGTH);
        Bounds.present("activity.pages", pages);
        Bounds.present("activity.key", key);
        Bounds.count("activity.pages", pages.size(), Bounds.PAGES);
        if (pages.isEmpty()) {
            throw new OutOfBounds("activity.pages", "an activity has at least one page");
        }
        pages = List.copyOf(pages);
        Set<String> ids = new HashSet<>(pages.size() * 2);
        for (Page page : pages) {
            if (!ids.add(page.id())) {
                throw new OutOfBounds("page.id", "two pages have the id " + page.id());
            }
        }
    }

    public Activity(String title, List<Page> pages, AnswerKey key) {
        this(title, pages, key, null);
    }

    public static Activity blank(String title, String firstPageId) {
        return new Activity(title, List.of(Page.empty(firstPageId, "Page 1")), AnswerKey.EMPTY);
    }

    public Optional<Page> page(String pageId) {
        return pages.stream().filter(page -> page.id().equals(pageId)).findFirst();
    }

    /** The position of a page, 0 the first, or -1. */
    public int indexOf(String pageId) {
        for (int i = 0; i < pages.size(); i++) {
            if (pages.get(i).id().equals(pageId)) {
                return i;
            }
        }
        return -1;
    }

    public Activity withTitle(String newTitle) {
        return new Activity(newTitle, pages, key, madeFrom);
    }

    public Activity withPages(List<Page> newPages) {
        return new Activity(title, newPages, key, madeFrom);
    }

    public Activity withKey(AnswerKey newKey) {
        return new Activity(title, pages, newKey, madeFrom);
    }

    public Activity withMadeFrom(MadeFrom list) {
        return new Activity(title, pages, key, list);
    }

    /** The same activity with the page of that id replaced; the id must be there. */
    public Activity withPage(Page changed) {
        List<Page> copy = new ArrayList<>(pages);
        copy.set(indexOf(changed.id()), changed);
        return withPages(copy);
    }
}
