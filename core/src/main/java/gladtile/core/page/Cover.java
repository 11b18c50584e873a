package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import gladtile.core.Bounds;

/**
 * A panel that hides part of a page until it is slid aside. It is no piece: it slides one way and back.
 *
 * @param colour {@code #rrggbb}
 * @param direction where it slides to
 * @param label written on it; may be empty
 */
public record Cover(
        String id,
        Frame frame,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        String colour,
        Direction direction,
        String label)
        implements Item {
    /** The four ways. */
    public enum Direction {
        LEFT,
        RIGHT,
        UP,
        DOWN
    }

    public Cover {
        traits = new CommonProperties(id, frame, Movement.FIXED, description, traits).traits();
        Colour.check("cover.colour", colour);
        Bounds.present("cover.direction", direction);
        Bounds.text("cover.label", label, Bounds.NAME_LENGTH);
    }

    @Override
    @JsonProperty(access = JsonProperty.Access.READ_ONLY)
    public Movement movement() {
        return Movement.FIXED;
    }

    @Override
    public Cover with(CommonProperties of) {
        return new Cover(of.id(), of.frame(), of.description(), of.traits(), colour, direction, label);
    }

    @Override
    public boolean alwaysFixed() {
        return true;
    }

    @Override
    public String ownName() {
        return Names.shortened(description.isBlank() ? label : description);
    }

    @Override
    public String kindName() {
        return "cover";
    }

    @Override
    public String said() {
        return label;
    }
}
