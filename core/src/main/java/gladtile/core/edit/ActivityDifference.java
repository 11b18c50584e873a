package gladtile.core.edit;

import gladtile.core.activity.Activity;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * The edits that lead from one state of an activity to another, for bringing back a moment of its history. As small
 * as the difference, so that undoing it later disturbs little of what others did since.
 */
public final class ActivityDifference {
    private final List<Edit> edits = new ArrayList<>();
    private Activity now;

    private ActivityDifference(Activity from) {
        now = from;
    }

    /** One step that, applied to {@code from}, gives {@code to}; empty when the two are equal. */
    public static Optional<Edit> between(Activity from, Activity to) {
        ActivityDifference difference = new ActivityDifference(from);
        difference.pages(to);
        to.pages().forEach(difference::page);
        difference.items(to);
        difference.key(to);
        if (!java.util.Objects.equals(from.madeFrom(), to.madeFrom())) {
            difference.make(new SetMadeFrom(to.madeFrom()));
        }
        if (!java.util.Objects.equals(from.passage(), to.passage())) {
            difference.make(new SetPassage(to.passage()));
        }
        if (!from.title().equals(to.title())) {
            difference.make(new SetTitle(to.title()));
        }
        return difference.edits.isEmpty() ? Optional.empty() : Optional.of(CompositeEdit.orOne(difference.edits));
    }

    private void make(Edit edit) {
        if (!(edit.apply(now) instanceof Applied applied)) {
            throw new IllegalStateException("a difference does not fit its own beginning: " + edit);
        }
        now = applied.activity();
        edits.add(edit);
    }

    /** Pages that are wanted come first, without items, so that there is always at least one page. */
    private void pages(Activity to) {
        for (Page wanted : to.pages()) {
            if (now.page(wanted.id()).isEmpty()) {
                make(new AddPage(
                        now.pages().size(),
                        new Page(
                                wanted.id(),
                                wanted.name(),
                                wanted.paper(),
                                List.of(),
                                wanted.words(),
                                wanted.links())));
            }
        }
        for (Page there : List.copyOf(now.pages())) {
            if (to.page(there.id()).isEmpty()) {
                make(new RemovePage(there.id()));
            }
        }
        for (int i = 0; i < to.pages().size(); i++) {
            String wanted = to.pages().get(i).id();
            if (now.indexOf(wanted) != i) {
                make(new MovePage(wanted, i));
            }
        }
    }

    private void page(Page wanted) {
        Page there = now.page(wanted.id()).orElseThrow();
        if (!there.name().equals(wanted.name())) {
            make(new RenamePage(wanted.id(), wanted.name()));
        }
        if (!there.paper().equals(wanted.paper())) {
            make(new SetPaper(wanted.id(), wanted.paper()));
        }
        if (!java.util.Objects.equals(there.words(), wanted.words())) {
            make(new SetPageWords(wanted.id(), wanted.words()));
        }
        if (!java.util.Objects.equals(there.links(), wanted.links())) {
            make(new SetPageLinks(wanted.id(), wanted.links()));
        }
    }

    /** What is no longer wanted goes from all pages first: an item may have gone to another page under the same id. */
    private void items(Activity to) {
        for (Page wanted : to.pages()) {
            for (Item there : List.copyOf(now.page(wanted.id()).orElseThrow().items())) {
                Item same = wanted.item(there.id()).orElse(null);
                if (same == null || same.getClass() != there.getClass()) {
                    make(new RemoveItem(wanted.id(), there.id()));
                }
            }
        }
        for (Page wanted : to.pages()) {
            for (Item item : wanted.items()) {
                Item there = now.page(wanted.id()).orElseThrow().item(item.id()).orElse(null);
                if (there != null) {
                    item(wanted.id(), there, item);
                }
            }
        }
        for (Page wanted : to.pages()) {
            for (int i = 0; i < wanted.items().size(); i++) {
                Item item = wanted.items().get(i);
                int at = now.page(wanted.id()).orElseThrow().indexOf(item.id());
                if (at < 0) {
                    make(new AddItem(wanted.id(), i, item));
                } else if (at != i) {
                    make(new MoveDepth(wanted.id(), item.id(), i));
                }
            }
        }
    }

    private void item(String pageId, Item there, Item wanted) {
        String id = wanted.id();
        boolean body = !there.with(wanted.common()).equals(wanted);
        if (body && wanted instanceof Words words) {
            make(new SetWords(pageId, id, words.content(), words.frame()));
        } else {
            if (body && wanted instanceof Zone zone && isOnlyLabel((Zone) there, zone)) {
                make(new SetZoneLabel(pageId, id, zone.label()));
            } else if (body) {
                make(new SetBody(pageId, wanted));
            }
            if (!there.frame().equals(wanted.frame())) {
                make(new SetFrame(pageId, id, wanted.frame()));
            }
        }
        if (!there.movement().equals(wanted.movement())) {
            make(new SetMovement(pageId, id, wanted.movement()));
        }
        if (!there.description().equals(wanted.description())) {
            make(new SetDescription(pageId, id, wanted.description()));
        }
        if (!there.traitsOrNone().equals(wanted.traitsOrNone())) {
            make(new SetTraits(pageId, id, wanted.traitsOrNone()));
        }
    }

    private static boolean isOnlyLabel(Zone there, Zone wanted) {
        return Objects.equals(there.shape(), wanted.shape())
                && Objects.equals(there.look(), wanted.look())
                && Objects.equals(there.scale(), wanted.scale())
                && Objects.equals(there.up(), wanted.up());
    }

    private void key(Activity to) {
        AnswerKeyDifference.between(now.key(), to.key(), to).forEach(this::make);
    }
}
