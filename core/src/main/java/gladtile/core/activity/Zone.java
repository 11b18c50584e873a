package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonProperty;
import gladtile.core.Bounds;

/**
 * A drop zone: a place that judges the pieces put in it. What it takes stands in the answer key, never here.
 *
 * @param label what is written at its top; may be empty
 */
public record Zone(String id, Frame frame, String description, String label) implements Item {
    public Zone {
        Bounds.id("item.id", id);
        Bounds.present("item.frame", frame);
        Bounds.text("item.description", description, Bounds.NAME_LENGTH);
        Bounds.text("zone.label", label, Bounds.NAME_LENGTH);
    }

    /** Zones stay where they are. */
    @Override
    @JsonProperty(access = JsonProperty.Access.READ_ONLY)
    public Movement movement() {
        return Movement.FIXED;
    }

    @Override
    public Zone withFrame(Frame newFrame) {
        return new Zone(id, newFrame, description, label);
    }

    @Override
    public Zone withMovement(Movement newMovement) {
        throw new IllegalArgumentException("a zone is always fixed");
    }

    @Override
    public Zone withDescription(String newDescription) {
        return new Zone(id, frame, newDescription, label);
    }

    public Zone withLabel(String newLabel) {
        return new Zone(id, frame, description, newLabel);
    }

    @Override
    public String name() {
        String said = label.isBlank() ? description : label;
        return said.isBlank() ? "Drop zone" : Names.shortened(said);
    }
}
