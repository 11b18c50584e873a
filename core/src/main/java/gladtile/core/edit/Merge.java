package gladtile.core.edit;

import java.util.Optional;

/** Of two edits in a row that set the same thing only the later one counts. */
final class Merge {
    private Merge() {}

    static Optional<Edit> of(Edit first, Edit next) {
        return sameThing(first, next) ? Optional.of(next) : Optional.empty();
    }

    private static boolean sameThing(Edit first, Edit next) {
        if (first instanceof SetTitle && next instanceof SetTitle) {
            return true;
        }
        if (first instanceof RenamePage a && next instanceof RenamePage b) {
            return a.pageId().equals(b.pageId());
        }
        if (first instanceof SetPaper a && next instanceof SetPaper b) {
            return a.pageId().equals(b.pageId());
        }
        if (first instanceof SetFrame a && next instanceof SetFrame b) {
            return a.itemId().equals(b.itemId());
        }
        if (first instanceof SetDescription a && next instanceof SetDescription b) {
            return a.itemId().equals(b.itemId());
        }
        if (first instanceof SetTraits a && next instanceof SetTraits b) {
            return a.itemId().equals(b.itemId());
        }
        if (first instanceof SetMadeFrom && next instanceof SetMadeFrom) {
            return true;
        }
        if (first instanceof SetPassage && next instanceof SetPassage) {
            return true;
        }
        if (first instanceof SetPageLinks a && next instanceof SetPageLinks b) {
            return a.pageId().equals(b.pageId());
        }
        if (first instanceof SetTerms && next instanceof SetTerms) {
            return true;
        }
        if (first instanceof SetPageWords a && next instanceof SetPageWords b) {
            return a.pageId().equals(b.pageId());
        }
        if (first instanceof SetWords a && next instanceof SetWords b) {
            return a.itemId().equals(b.itemId());
        }
        if (first instanceof SetZoneLabel a && next instanceof SetZoneLabel b) {
            return a.itemId().equals(b.itemId());
        }
        return false;
    }
}
