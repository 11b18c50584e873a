package gladtile.core.check;

import gladtile.core.Bounds;
import java.util.List;

/**
 * Something that would trip students up.
 *
 * @param itemIds what it is about, the most telling first; empty when it is the page itself
 * @param words what is the matter and what comes of it
 * @param mends the best first; may be empty
 */
public record Finding(Kind kind, String pageId, List<String> itemIds, String words, List<Mend> mends) {
    /** What is looked for. */
    public enum Kind {
        UNDECIDED("Undecided"),
        NOTHING_FITS("Nothing fits"),
        CANNOT_REACH("Out of reach"),
        HOLDS_TOO_FEW("Holds too few"),
        TOTAL_NOT_REACHED("Total out of reach"),
        ORDER_UNCLEAR("Order unclear"),
        ZONES_OVERLAP("Zones overlap"),
        DOES_NOT_FIT("Does not fit"),
        VALUE_OUT_OF_REACH("Value out of reach"),
        TURN_OUT_OF_REACH("Turn out of reach"),
        TICKS_TOO_CLOSE("Ticks too close"),
        NOTHING_SHOWS_IT("Nothing shows it"),
        REGION_TOO_SMALL("No room where zones cross"),
        STARTS_INSIDE("Starts inside"),
        HIDDEN("Hidden"),
        OFF_PAGE("Off the page"),
        HARD_TO_READ("Hard to read"),
        SMALL_TARGET("Small target"),
        NO_DESCRIPTION("No description"),
        READING_ORDER("Reading order"),
        TYPED_CONTRADICTS("Contradiction"),
        SMALL_WORDS("Small words"),
        SAME_NAME("Same name"),
        NOTHING_SAID("No answer set"),
        LEADS_NOWHERE("Leads nowhere"),
        LOOKS_LIKE_A_LINK("Looks like a link"),
        NEVER_SEEN("Never seen"),
        NO_WAY_BACK("No way back"),
        NO_WAY_ON("No way to an end"),
        NO_EXIT("Loop without exit"),
        NEVER_OPENS("Never opens"),
        OPENS_AT_ONCE("Opens at once"),
        WORDS_CUT_OFF("Words cut off"),
        NEVER_SHOWN("Never shown"),
        NO_CAPTIONS("No captions"),
        GAP_TOO_NARROW("Gap too narrow"),
        SAME_LOOK("Same look");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /** In two or three words, for the card. */
        public String title() {
            return title;
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
