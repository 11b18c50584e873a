package gladtile.server.activities;

import gladtile.core.activity.Activity;

/** A second activity like the first. Ids are single within one activity only, so those of pages and items stay. */
final class ActivityCopier {
    private ActivityCopier() {}

    static Activity of(Activity activity, String title) {
        return activity.withTitle(title);
    }
}
