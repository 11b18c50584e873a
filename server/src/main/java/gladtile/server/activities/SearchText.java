package gladtile.server.activities;

import gladtile.core.activity.Activity;
import gladtile.core.page.Item;
import java.util.stream.Collectors;

/** Everything that stands on an activity's pages, for finding it by word. */
public final class SearchText {
    /** A search vector holds less than a megabyte; so much text fits one for certain. */
    private static final int MOST = 200_000;

    private SearchText() {}

    public static String on(Activity activity) {
        String all = activity.pages().stream()
                .map(page -> page.name() + "\n"
                        + page.items().stream()
                                .map(Item::said)
                                .filter(said -> !said.isBlank())
                                .collect(Collectors.joining("\n")))
                .collect(Collectors.joining("\n"));
        int end = Math.min(MOST, all.length());
        return all.substring(0, end > 0 && Character.isHighSurrogate(all.charAt(end - 1)) ? end - 1 : end);
    }
}
