package gladtile.core.attempt;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gladtile.core.Bounds;
import java.util.List;

/** What a student did. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Act.Put.class, name = "put"),
    @JsonSubTypes.Type(value = Act.TurnOver.class, name = "turn-over"),
    @JsonSubTypes.Type(value = Act.Slide.class, name = "slide"),
    @JsonSubTypes.Type(value = Act.Write.class, name = "write"),
    @JsonSubTypes.Type(value = Act.Type.class, name = "type"),
    @JsonSubTypes.Type(value = Act.Check.class, name = "check"),
    @JsonSubTypes.Type(value = Act.Show.class, name = "show"),
    @JsonSubTypes.Type(value = Act.StartAgain.class, name = "start-again"),
    @JsonSubTypes.Type(value = Act.Open.class, name = "open"),
    @JsonSubTypes.Type(value = Act.Reveal.class, name = "reveal"),
    @JsonSubTypes.Type(value = Act.Draw.class, name = "draw"),
    @JsonSubTypes.Type(value = Act.Say.class, name = "say"),
    @JsonSubTypes.Type(value = Act.Unsay.class, name = "unsay"),
    @JsonSubTypes.Type(value = Act.HandIn.class, name = "hand-in")
})
public sealed interface Act {
    /** The page it was done on; null for handing in. */
    String pageId();

    /** Whether it holds something that a student made, which would be missed if it were lost. */
    default boolean carriesWork() {
        return this instanceof Put
                || this instanceof Write
                || this instanceof Type
                || this instanceof Draw
                || this instanceof Say;
    }

    /**
     * A piece was put down.
     *
     * @param pieceId a piece, or the nth copy that came off a supply
     * @param x left edge of its unturned box, in page units
     * @param y top edge
     * @param turn degrees clockwise; absent when it was not turned
     */
    record Put(
            String pageId,
            String pieceId,
            double x,
            double y,
            @JsonInclude(JsonInclude.Include.NON_NULL) Double turn) implements Act {
        public Put {
            Bounds.id("page.id", pageId);
            Bounds.pieceId("piece.id", pieceId);
            Bounds.within("put.x", x, -Bounds.COORDINATE, Bounds.COORDINATE);
            Bounds.within("put.y", y, -Bounds.COORDINATE, Bounds.COORDINATE);
            if (turn != null) {
                Bounds.within("put.turn", turn, -36_000, 36_000);
            }
        }

        public Put(String pageId, String pieceId, double x, double y) {
            this(pageId, pieceId, x, y, null);
        }
    }

    /** An item was turned to its other side, or back. */
    record TurnOver(String pageId, String itemId) implements Act {
        public TurnOver {
            Bounds.id("page.id", pageId);
            Bounds.pieceId("item.id", itemId);
        }
    }

    /** A cover was slid. @param share how far it is out of the way, 0 (it hides all) to 1 */
    record Slide(String pageId, String coverId, double share) implements Act {
        public Slide {
            Bounds.id("page.id", pageId);
            Bounds.id("cover.id", coverId);
            Bounds.within("slide.share", share, 0, 1);
        }
    }

    /** Words were written on a note, in place of those written there before. */
    record Write(String pageId, String noteId, String text) implements Act {
        public Write {
            Bounds.id("page.id", pageId);
            Bounds.pieceId("note.id", noteId);
            Bounds.text("write.text", text, Bounds.WRITTEN_LENGTH);
        }
    }

    /** Something was typed into a gap, in place of what stood there. */
    record Type(String pageId, String gapId, String text) implements Act {
        public Type {
            Bounds.id("page.id", pageId);
            Bounds.id("gap.id", gapId);
            Bounds.text("type.text", text, Bounds.TYPED_LENGTH);
        }
    }

    /**
     * What waits was to be checked.
     *
     * @param zoneId one zone or gap only; absent for the whole page
     */
    record Check(
            String pageId,
            @JsonInclude(JsonInclude.Include.NON_NULL) String zoneId) implements Act {
        public Check {
            Bounds.id("page.id", pageId);
            if (zoneId != null) {
                Bounds.id("zone.id", zoneId);
            }
        }
    }

    /**
     * The solution was to be shown.
     *
     * @param itemId of one piece, gap or zone only; absent for the whole page
     */
    record Show(
            String pageId,
            @JsonInclude(JsonInclude.Include.NON_NULL) String itemId) implements Act {
        public Show {
            Bounds.id("page.id", pageId);
            if (itemId != null) {
                Bounds.id("item.id", itemId);
            }
        }
    }

    /** Every piece of a page went back to where it started. */
    record StartAgain(String pageId) implements Act {
        public StartAgain {
            Bounds.id("page.id", pageId);
        }
    }

    /**
     * A page was opened.
     *
     * @param back by going back to where the student came from; absent for going on
     */
    record Open(
            String pageId,
            @JsonInclude(JsonInclude.Include.NON_NULL) Boolean back) implements Act {
        public Open {
            Bounds.id("page.id", pageId);
            back = Boolean.TRUE.equals(back) ? true : null;
        }

        public Open(String pageId) {
            this(pageId, null);
        }
    }

    /** What leads to spots was followed: those that are hidden show, those that show are hidden. */
    record Reveal(String pageId, List<String> itemIds) implements Act {
        public Reveal {
            Bounds.id("page.id", pageId);
            itemIds = List.copyOf(Bounds.present("reveal.itemIds", itemIds));
            Bounds.within("reveal.itemIds", itemIds.size(), 1, Bounds.SPOTS);
            itemIds.forEach(id -> Bounds.id("reveal.itemIds", id));
        }
    }

    /**
     * Strokes were drawn, or rubbed out and what was left of them drawn anew.
     *
     * @param gone ids of strokes that go
     */
    record Draw(
            String pageId,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<DrawnStroke> drawn,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> gone)
            implements Act {
        public Draw {
            Bounds.id("page.id", pageId);
            drawn = drawn == null ? List.of() : List.copyOf(drawn);
            gone = gone == null ? List.of() : List.copyOf(gone);
            Bounds.within("draw.drawn", drawn.size(), 0, Bounds.DRAWN_STROKES);
            Bounds.within("draw.gone", gone.size(), 0, Bounds.DRAWN_STROKES);
            gone.forEach(id -> Bounds.id("draw.gone", id));
            int points = drawn.stream().mapToInt(one -> one.stroke().count()).sum();
            Bounds.within("draw.points", points, 0, Bounds.DRAWN_POINTS);
        }
    }

    /** Something was said to a page. */
    record Say(String pageId, Recording recording) implements Act {
        public Say {
            Bounds.id("page.id", pageId);
            Bounds.present("say.recording", recording);
        }
    }

    /** A recording was taken away. */
    record Unsay(String pageId, String recordingId) implements Act {
        public Unsay {
            Bounds.id("page.id", pageId);
            Bounds.id("recording.id", recordingId);
        }
    }

    /** The work was handed in. */
    record HandIn() implements Act {
        @Override
        public String pageId() {
            return null;
        }
    }
}
