package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.answer.AnswerKey;
import gladtile.core.message.Message;
import gladtile.core.page.Opens;
import gladtile.core.page.Page;
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
 * @param passage how students come from page to page; absent for the usual
 */
public record Activity(
        String title,
        List<Page> pages,
        AnswerKey key,
        @JsonInclude(JsonInclude.Include.NON_NULL) MadeFrom madeFrom,
        @JsonInclude(JsonInclude.Include.NON_NULL) Passage passage) {
    public Activity {
        Bounds.text("activity.title", title, Bounds.NAME_LENGTH);
        Bounds.present("activity.pages", pages);
        Bounds.present("activity.key", key);
        Bounds.count("activity.pages", pages.size(), Bounds.PAGES);
        if (pages.isEmpty()) {
            throw new OutOfBounds("activity.pages", Message.of("bound.activity.pages"));
        }
        pages = List.copyOf(pages);
        passage = Passage.USUAL.equals(passage) ? null : passage;
        Set<String> ids = new HashSet<>(pages.size() * 2);
        for (Page page : pages) {
            if (!ids.add(page.id())) {
                throw new OutOfBounds("page.id", Message.of("bound.page.id", "id", page.id()));
            }
        }
    }

    public Activity(String title, List<Page> pages, AnswerKey key) {
        this(title, pages, key, null, null);
    }

    public Activity(String title, List<Page> pages, AnswerKey key, MadeFrom madeFrom) {
        this(title, pages, key, madeFrom, null);
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
        return new Activity(newTitle, pages, key, madeFrom, passage);
    }

    public Activity withPages(List<Page> newPages) {
        return new Activity(title, newPages, key, madeFrom, passage);
    }

    public Activity withKey(AnswerKey newKey) {
        return new Activity(title, pages, newKey, madeFrom, passage);
    }

    public Activity withMadeFrom(MadeFrom list) {
        return new Activity(title, pages, key, list, passage);
    }

    public Activity withPassage(Passage newPassage) {
        return new Activity(title, pages, key, madeFrom, newPassage);
    }

    /** As {@link #passage}, never null. */
    @JsonIgnore
    public Passage passing() {
        return passage == null ? Passage.USUAL : passage;
    }

    /** The page that students begin with; the first one when the one that was meant is gone or set aside. */
    @JsonIgnore
    public Page start() {
        String meant = passing().start();
        return page(meant)
                .filter(page -> !page.leads().aside())
                .or(() -> pages.stream().filter(page -> !page.leads().aside()).findFirst())
                .orElse(pages.get(0));
    }

    /** The page that Next leads to from one of them, no matter what was done on it; empty at an end. */
    public Optional<Page> next(String pageId) {
        int at = indexOf(pageId);
        if (at < 0 || pages.get(at).leads().ends()) {
            return Optional.empty();
        }
        Optional<Page> meant =
                page(pages.get(at).leads().to()).filter(page -> !page.leads().aside());
        return meant.isPresent()
                ? meant
                : pages.subList(at + 1, pages.size()).stream()
                        .filter(page -> !page.leads().aside())
                        .findFirst();
    }

    /** What must be done on a page before Next leads on; null for nothing. */
    public Opens gate(Page page) {
        Opens own = page.leads().opens();
        return own == null && passing().whenSolved() ? new Opens.WhenSolved() : own;
    }

    /** Where Next leads when everything on a page was right at the first try; empty for no such branch. */
    public Optional<String> firstTime(Page page) {
        return page.leads().ends()
                ? Optional.empty()
                : page(page.leads().first()).filter(to -> !to.leads().aside()).map(Page::id);
    }

    /** The same activity with the page of that id replaced; the id must be there. */
    public Activity withPage(Page changed) {
        List<Page> copy = new ArrayList<>(pages);
        copy.set(indexOf(changed.id()), changed);
        return withPages(copy);
    }
}
