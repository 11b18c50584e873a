package gladtile.server.classes;

import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Three pictures in their order, for children who cannot read numbers yet: 16 · 15 · 14 = 3,360 of them. As with a PIN,
 * five wrong ones within ten minutes end the guessing.
 */
public final class PictureSecret {
    /** By their names; the pictures are drawn in the browser and on the cards. */
    public static final List<String> PICTURES = List.of(
            "star",
            "moon",
            "sun",
            "rocket",
            "planet",
            "cloud",
            "tree",
            "flower",
            "fish",
            "cat",
            "bird",
            "boat",
            "house",
            "bicycle",
            "umbrella",
            "orange");

    public static final int LENGTH = 3;

    private PictureSecret() {}

    /** Three different ones, with hyphens between them. */
    static String fresh(SecureRandom chance) {
        List<String> mixed = new ArrayList<>(PICTURES);
        Collections.shuffle(mixed, chance);
        return String.join("-", mixed.subList(0, LENGTH));
    }
}
