package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import gladtile.core.Bounds;
import java.util.List;

/**
 * A drop zone: a place that judges the pieces put in it. What it takes stands in the answer key, never here.
 *
 * @param label what is written at its top; may be empty
 */
public record Zone(
        String id,
        Frame frame,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        String label)
        implements Item {
    public Zone {
        traits = new Common(id, frame, Movement.FIXED, description, traits).traits();
        Bounds.text("zone.label", label, Bounds.NAME_LENGTH);
    }

    public Zone(String id, Frame frame, String description, String label) {
        this(id, frame, description, null, label);
    }

    /** Zones stay where they are. */
    @Override
    @JsonProperty(access = JsonProperty.Access.READ_ONLY)
    public Movement movement() {
        return Movement.FIXED;
    }

    @Override
    public Zone with(Common of) {
        return new Zone(of.id(), of.frame(), of.description(), of.traits(), label);
    }

    public Zone withLabel(String newLabel) {
        return new Zone(id, frame, description, traits, newLabel);
    }

    @Override
    public String name() {
        String said = label.isBlank() ? description : label;
        return said.isBlank() ? "Drop zone" : Names.shortened(said);
    }

    @Override
    public boolean alwaysFixed() {
        return true;
    }

    @Override
    public List<Zone> zones() {
        return List.of(this);
    }

    @Override
    public String said() {
        return label;
    }
}
