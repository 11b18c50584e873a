package gladtile.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;

/**
 * Works as a person would and counts how long a person would take: the keystroke-level model of S. K. Card, T. P. Moran
 * and A. Newell, "The keystroke-level model for user performance time with interactive systems", Communications of the
 * ACM 23(7), 1980; its times and rules from memory. They hold for somebody who knows what to do and makes no mistakes.
 * A mind is made up before each command, but not before what it fully leads on to, nor before text, nor before the key
 * that ends it.
 */
final class Hand {
    /** Seconds for one key, for somebody of average skill who does not type for a living. */
    private static final double KEY = 0.28;
    /** To point at something. */
    private static final double POINT = 1.1;
    /** To press or let go of a button. */
    private static final double BUTTON = 0.1;
    /** From the keys to the pointer and back. */
    private static final double HOME = 0.4;
    /** To make up one's mind. */
    private static final double MIND = 1.35;

    private final Page page;
    private double seconds;
    private boolean onKeys;

    Hand(Page page) {
        this.page = page;
    }

    double seconds() {
        return seconds;
    }

    void click(Locator what) {
        seconds += MIND;
        then(what);
    }

    /** Clicks on what the last click led on to: an entry of the menu that it opened. */
    void then(Locator what) {
        pointing();
        what.click();
        seconds += POINT + 2 * BUTTON;
    }

    /** From one point of the screen to another. */
    void drag(double[] from, double[] to) {
        seconds += MIND;
        pointing();
        Browser.drag(page, from, to);
        seconds += 2 * (POINT + BUTTON);
    }

    void type(String text) {
        typing();
        page.keyboard().type(text);
        seconds += KEY * text.codePointCount(0, text.length());
    }

    /** Brings in what was copied elsewhere, with the keys for it. */
    void paste(String text) {
        page.context().grantPermissions(java.util.List.of("clipboard-read", "clipboard-write"));
        page.evaluate("text => navigator.clipboard.writeText(text)", text);
        key("Control+v");
    }

    void key(String name) {
        typing();
        page.keyboard().press(name);
        seconds += KEY * name.split("\\+").length;
    }

    /** Chooses from a list: it is opened, and an entry is clicked. */
    void choose(Locator list, String value) {
        seconds += MIND;
        pointing();
        list.selectOption(value);
        seconds += 2 * (POINT + 2 * BUTTON);
    }

    private void pointing() {
        seconds += onKeys ? HOME : 0;
        onKeys = false;
    }

    private void typing() {
        seconds += onKeys ? 0 : HOME;
        onKeys = true;
    }
}
