package gladtile.core.check;

import gladtile.core.Bounds;
import gladtile.core.message.Message;
import java.util.List;
import java.util.Locale;

/**
 * Something that would trip students up.
 *
 * @param itemIds what it is about, the most telling first; empty when it is the page itself
 * @param words what is the matter and what comes of it
 * @param mends the best first; may be empty
 */
public record Finding(Kind kind, String pageId, List<String> itemIds, Message words, List<Mend> mends) {
    /** What is looked for. */
    public enum Kind {
        UNDECIDED,
        NOTHING_FITS,
        CANNOT_REACH,
        HOLDS_TOO_FEW,
        TOTAL_NOT_REACHED,
        ORDER_UNCLEAR,
        ZONES_OVERLAP,
        DOES_NOT_FIT,
        VALUE_OUT_OF_REACH,
        TURN_OUT_OF_REACH,
        TICKS_TOO_CLOSE,
        NOTHING_SHOWS_IT,
        REGION_TOO_SMALL,
        STARTS_INSIDE,
        HIDDEN,
        OFF_PAGE,
        HARD_TO_READ,
        SMALL_TARGET,
        NO_DESCRIPTION,
        READING_ORDER,
        TYPED_CONTRADICTS,
        SMALL_WORDS,
        SAME_NAME,
        NOTHING_SAID,
        LEADS_NOWHERE,
        LOOKS_LIKE_A_LINK,
        NEVER_SEEN,
        NO_WAY_BACK,
        NO_WAY_ON,
        NO_EXIT,
        NEVER_OPENS,
        OPENS_AT_ONCE,
        WORDS_CUT_OFF,
        NEVER_SHOWN,
        NO_CAPTIONS,
        GAP_TOO_NARROW,
        SAME_LOOK;

        /** In two or three words, for the card. */
        public Message title() {
            return Message.of(
                    "page-check.title." + name().toLowerCase(Locale.ROOT).replace('_', '-'));
        }
    }

    public Finding {
        Bounds.present("finding.kind", kind);
        itemIds = List.copyOf(itemIds);
        mends = List.copyOf(mends);
    }

    /** The name by which it is said to be meant so. */
    public String name() {
        return kind.name() + " "
                + (itemIds.isEmpty() ? pageId : String.join(" ", itemIds.subList(0, Math.min(3, itemIds.size()))));
    }
}
