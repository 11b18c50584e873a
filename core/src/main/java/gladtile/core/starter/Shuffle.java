package gladtile.core.starter;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;

/** Mixes lists, always alike for one seed. */
final class Shuffle {
    private static final int TRIES = 200;

    private Shuffle() {}

    /** No element stays at its place, where that can be; else as few as can be. */
    static <T> List<T> moved(List<T> list, Random random) {
        List<T> best = list;
        int fewest = Integer.MAX_VALUE;
        for (int i = 0; i < TRIES && fewest > 0; i++) {
            List<T> mixed = new ArrayList<>(list);
            Collections.shuffle(mixed, random);
            int same = 0;
            for (int k = 0; k < list.size(); k++) {
                same += list.get(k).equals(mixed.get(k)) ? 1 : 0;
            }
            if (same < fewest) {
                fewest = same;
                best = mixed;
            }
        }
        return best;
    }

    /**
     * The letters of a word in an order that spells none of these words; as they are when there is no such order.
     *
     * @param leftwards it is read from the right, while the first letter of the order lies on the left
     */
    static List<String> scrambled(List<String> letters, Set<String> words, boolean leftwards, Random random) {
        List<String> best = letters;
        for (int i = 0; i < TRIES; i++) {
            List<String> mixed = new ArrayList<>(letters);
            Collections.shuffle(mixed, random);
            List<String> read = new ArrayList<>(mixed);
            if (leftwards) {
                Collections.reverse(read);
            }
            if (!words.contains(String.join("", read).toLowerCase(java.util.Locale.ROOT))) {
                return mixed;
            }
            best = mixed;
        }
        return best;
    }
}
