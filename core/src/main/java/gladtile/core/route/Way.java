package gladtile.core.route;

/**
 * A way from one page to another.
 *
 * @param itemId the item that leads there; null for the Next button
 * @param name what leads there, in words
 */
public record Way(String from, String to, String itemId, String name) {}
