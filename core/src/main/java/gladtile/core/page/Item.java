package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gladtile.core.message.Message;
import java.util.List;

/** Anything on a page. Its place in the page's list is its depth, the last on top. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Words.class, name = "words"),
    @JsonSubTypes.Type(value = Picture.class, name = "picture"),
    @JsonSubTypes.Type(value = Shape.class, name = "shape"),
    @JsonSubTypes.Type(value = Line.class, name = "line"),
    @JsonSubTypes.Type(value = Ink.class, name = "ink"),
    @JsonSubTypes.Type(value = Note.class, name = "note"),
    @JsonSubTypes.Type(value = Table.class, name = "table"),
    @JsonSubTypes.Type(value = Cover.class, name = "cover"),
    @JsonSubTypes.Type(value = Lens.class, name = "lens"),
    @JsonSubTypes.Type(value = Gap.class, name = "gap"),
    @JsonSubTypes.Type(value = Area.class, name = "area"),
    @JsonSubTypes.Type(value = Video.class, name = "video"),
    @JsonSubTypes.Type(value = Zone.class, name = "zone")
})
public sealed interface Item
        permits Words, Picture, Shape, Line, Ink, Note, Table, Cover, Lens, Gap, Area, Video, Zone {
    String id();

    Frame frame();

    Movement movement();

    /** What a screen reader says of it; may be empty. */
    String description();

    /** Null for none. */
    Traits traits();

    /** The same look with other common parts. */
    Item with(CommonProperties common);

    /** The words by which its maker knows it, from its description or what stands on it, in one line; may be empty. */
    @JsonIgnore
    String ownName();

    /** What kind of thing it is, as the end of a message's key. */
    @JsonIgnore
    String kindName();

    /** By which it is told from others in lists and messages: its own name, or its kind. */
    @JsonIgnore
    default Message name() {
        String own = ownName();
        return own.isEmpty() ? Message.of("item.kind." + kindName()) : Message.literal(own);
    }

    @JsonIgnore
    default CommonProperties common() {
        return new CommonProperties(id(), frame(), movement(), description(), traits());
    }

    /** As {@link #traits}, never null. */
    @JsonIgnore
    default Traits traitsOrNone() {
        return traits() == null ? Traits.NONE : traits();
    }

    default Item withFrame(Frame frame) {
        return with(common().withFrame(frame));
    }

    /** A zone, a cover and a lens are always fixed, which their caller must know: see {@link #alwaysFixed}. */
    default Item withMovement(Movement movement) {
        return with(common().withMovement(movement));
    }

    default Item withDescription(String description) {
        return with(common().withDescription(description));
    }

    default Item withTraits(Traits traits) {
        return with(common().withTraits(traits));
    }

    default Item withId(String id) {
        return with(common().withId(id));
    }

    @JsonIgnore
    default boolean isPiece() {
        return !movement().isFixed();
    }

    /** Whether students could never move it as a piece, whatever is set. */
    @JsonIgnore
    default boolean alwaysFixed() {
        return false;
    }

    /** The drop zones that it is or holds; empty for most. */
    @JsonIgnore
    default List<Zone> zones() {
        return List.of();
    }

    /** What it says in letters, for finding it by word; may be empty. */
    @JsonIgnore
    default String said() {
        return "";
    }
}
