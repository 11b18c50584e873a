package gladtile.core.review;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import gladtile.core.Bounds;
import gladtile.core.page.FileRef;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a teacher says of handed-in work.
 *
 * @param words on the whole
 * @param marks placement's item id to the points given in place of those by the rules
 * @param adjust points added to the whole, or taken from it; absent for none
 * @param pins in the order they were pinned
 * @param voice a recording; absent for none
 * @param mayImprove whether the student may go on with it
 */
public record Review(
        String words,
        @JsonInclude(Include.NON_EMPTY) Map<String, GivenMark> marks,
        @JsonInclude(Include.NON_NULL) GivenMark adjust,
        @JsonInclude(Include.NON_EMPTY) List<PinnedWords> pins,
        @JsonInclude(Include.NON_NULL) FileRef voice,
        boolean mayImprove) {
    public static final Review NONE = new Review("", null, null, null, null, false);

    public Review {
        words = Bounds.text("review.words", words == null ? "" : words, Bounds.REVIEW_LENGTH);
        marks = marks == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(marks));
        Bounds.count("review.marks", marks.size(), Bounds.ITEMS_ON_A_PAGE);
        marks.forEach((id, mark) -> {
            Bounds.pieceId("review.marks", id);
            Bounds.present("review.marks", mark);
        });
        pins = pins == null ? List.of() : List.copyOf(pins);
        Bounds.count("review.pins", pins.size(), Bounds.PINS);
    }

    /** The same with one placement marked; null takes its mark back. */
    public Review withMark(String itemId, GivenMark mark) {
        Map<String, GivenMark> now = new TreeMap<>(marks);
        if (mark == null) {
            now.remove(itemId);
        } else {
            now.put(itemId, mark);
        }
        return new Review(words, now, adjust, pins, voice, mayImprove);
    }
}
