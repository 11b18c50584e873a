package gladtile.core.message;

/** Puts messages into words, in one language. What stands on a page that is made for somebody needs words at once. */
@FunctionalInterface
public interface Wording {
    /** @return whole sentences, or the words of a label; never empty */
    String text(Message message);
}
