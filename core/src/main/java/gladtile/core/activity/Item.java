package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** Anything on a page. Its place in the page's list is its depth, the last on top. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Words.class, name = "words"),
    @JsonSubTypes.Type(value = Picture.class, name = "picture"),
    @JsonSubTypes.Type(value = Zone.class, name = "zone")
})
public sealed interface Item permits Words, Picture, Zone {
    String id();

    Frame frame();

    Movement movement();

    /** What a screen reader says of it; may be empty. */
    String description();

    /** The same item elsewhere. */
    Item withFrame(Frame frame);

    /** The same item with another movement. A zone is always fixed, which its caller must know. */
    Item withMovement(Movement movement);

    Item withDescription(String description);

    /** Plain words for lists and messages; never empty. */
    @JsonIgnore
    String name();

    @JsonIgnore
    default boolean isPiece() {
        return !movement().isFixed();
    }
}
