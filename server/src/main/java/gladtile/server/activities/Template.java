package gladtile.server.activities;

/**
 * An activity that is offered as a copy, as a colleague with the link sees it.
 *
 * @param from the name of who offers it
 */
record Template(String title, String from, int pages, int placements) {}
