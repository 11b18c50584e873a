package gladtile.core.starter;

import gladtile.core.activity.Activity;
import gladtile.core.activity.MadeFrom;
import gladtile.core.activity.Starter;
import gladtile.core.activity.StarterKind;
import gladtile.core.answer.TypedKey;
import gladtile.core.message.Message;
import gladtile.core.message.Wording;
import gladtile.core.page.Gap;
import gladtile.core.page.Item;
import gladtile.core.page.Zone;
import gladtile.core.typed.TypedRule;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

/**
 * Makes pages again when their list has changed. What is made from the list as it was is put beside what there is: where
 * the two differ somebody changed it by hand, and that stays; all else becomes what is made from the changed list.
 */
public final class Remake {
    private Remake() {}

    /**
     * @param changed the list as it is to be; of the kind that the activity was made as
     * @param wording for what stands on the pages beside the entries
     */
    public static RemadeActivity again(Activity now, Starter changed, boolean pictured, Wording wording) {
        MadeFrom list = now.madeFrom();
        if (list == null || list.starter().kind() != changed.kind()) {
            return new RemadeActivity.Refused(Message.of("starter.refused.no-list"));
        }
        Map<String, String> names = RenamedEntries.names(list.starter(), changed, list.names());
        MadePages made = Starters.make(changed, list.id(), names, wording);
        if (!(made instanceof MadePages.Pages after)) {
            return new RemadeActivity.Refused(((MadePages.Refused) made).message());
        }
        MadePages first = Starters.make(list.starter(), list.id(), list.names(), wording);
        MadePages.Pages before =
                first instanceof MadePages.Pages pages ? pages : new MadePages.Pages(List.of(), after.key());
        PageMerge pages = PageMerge.of(now.pages(), before.pages(), after.pages());
        if (pages.refused() != null) {
            return new RemadeActivity.Refused(pages.refused());
        }
        Set<String> gone = new HashSet<>(PageMerge.items(now.pages()).keySet());
        gone.addAll(PageMerge.items(after.pages()).keySet());
        gone.removeAll(PageMerge.items(pages.pages()).keySet());
        String title = list.starter().title().strip();
        boolean named = !title.isEmpty() && now.title().equals(title);
        Activity again = new Activity(
                named && !changed.title().isBlank() ? changed.title().strip() : now.title(),
                pages.pages(),
                AnswerKeyMerge.of(now.key(), before.key(), after.key(), pages.pages(), gone),
                new MadeFrom(list.id(), changed, pictured, names),
                now.passage());
        return new RemadeActivity.Again(
                again, names(now, again), names(again, now), byHand(now, before.asActivity("before"), again));
    }

    /** What of {@code to} is not in {@code from}. */
    private static List<Message> names(Activity from, Activity to) {
        Map<String, Item> there = PageMerge.items(from.pages());
        List<Message> names = new ArrayList<>();
        PageMerge.items(to.pages()).forEach((id, item) -> {
            if (!there.containsKey(id)) {
                name(item, to).ifPresent(names::add);
            }
        });
        return names;
    }

    /** What an entry of the list is called; empty for what is only there for the look. Gaps go by their word. */
    private static Optional<Message> name(Item item, Activity on) {
        if (item instanceof Gap gap) {
            TypedKey answer = on.key().typed().get(gap.id());
            return Optional.of(
                    answer != null && answer.rule() instanceof TypedRule.TextRule words
                            ? Message.literal(words.alternatives().get(0))
                            : gap.name());
        }
        boolean gaps = on.madeFrom() != null && on.madeFrom().starter().kind() == StarterKind.FILL_GAPS;
        return item.isPiece() || item instanceof Zone && !gaps ? Optional.of(item.name()) : Optional.empty();
    }

    private static int byHand(Activity now, Activity before, Activity again) {
        Map<String, Item> were = PageMerge.items(before.pages());
        Map<String, Item> left = PageMerge.items(again.pages());
        int count = 0;
        for (Map.Entry<String, Item> one : PageMerge.items(now.pages()).entrySet()) {
            String id = one.getKey();
            boolean changed = !one.getValue().equals(were.get(id))
                    || !now.key().rule(id).equals(before.key().rule(id))
                    || !now.key().facts(id).equals(before.key().facts(id))
                    || !Objects.equals(
                            now.key().typed().get(id), before.key().typed().get(id))
                    || !Objects.equals(
                            now.key().decisions().get(id),
                            before.key().decisions().get(id));
            if (changed && left.containsKey(id)) {
                count++;
            }
        }
        return count;
    }

    /** What it is now where it was changed by hand, else what it becomes. */
    static <T> T kept(T now, T before, T after) {
        return Objects.equals(now, before) ? after : now;
    }
}
