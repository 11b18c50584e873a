package gladtile.core.part;

import gladtile.core.activity.Activity;

/**
 * A part that ships with the app, put on a page as it is and changed there like anything else.
 *
 * @param id stays the same in later versions
 * @param folder it stands in
 * @param contents one page with the part on it, as large as it is put on a page
 */
public record ReadyPart(String id, String name, String folder, Activity contents) {}
