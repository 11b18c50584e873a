package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.List;

/**
 * A drop zone: a place that judges the pieces put in it. What it takes stands in the answer key, never here.
 *
 * @param label what is written at it; may be empty
 * @param shape absent for the whole box
 * @param look absent for the usual tray
 * @param scale absent where places in it have no value
 * @param up the upright one of a pair of axes; absent for a single line
 * @param carried it moves with the piece that it is grouped with, see {@link Carriers}; absent for false
 */
public record Zone(
        String id,
        Frame frame,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        String label,
        @JsonInclude(JsonInclude.Include.NON_NULL) ZoneShape shape,
        @JsonInclude(JsonInclude.Include.NON_NULL) ZoneLook look,
        @JsonInclude(JsonInclude.Include.NON_NULL) ZoneScale scale,
        @JsonInclude(JsonInclude.Include.NON_NULL) ZoneScale up,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean carried)
        implements Item {
    public Zone {
        traits = new CommonProperties(id, frame, Movement.FIXED, description, traits).traits();
        Bounds.text("zone.label", label, Bounds.NAME_LENGTH);
        look = ZoneLook.USUAL.equals(look) ? null : look;
        carried = Boolean.TRUE.equals(carried) ? carried : null;
        if (up != null && scale == null) {
            throw new OutOfBounds("zone.up", Message.of("bound.zone.up"));
        }
    }

    public Zone(String id, Frame frame, String description, String label) {
        this(id, frame, description, null, label, null, null, null, null, null);
    }

    /** Students do not move it by itself. */
    @Override
    @JsonProperty(access = JsonProperty.Access.READ_ONLY)
    public Movement movement() {
        return Movement.FIXED;
    }

    @Override
    public Zone with(CommonProperties of) {
        return new Zone(of.id(), of.frame(), of.description(), of.traits(), label, shape, look, scale, up, carried);
    }

    public Zone withLabel(String newLabel) {
        return new Zone(id, frame, description, traits, newLabel, shape, look, scale, up, carried);
    }

    public Zone withShape(ZoneShape newShape) {
        return new Zone(id, frame, description, traits, label, newShape, look, scale, up, carried);
    }

    public Zone withLook(ZoneLook newLook) {
        return new Zone(id, frame, description, traits, label, shape, newLook, scale, up, carried);
    }

    public Zone withScale(ZoneScale newScale) {
        ZoneScale stillUp = newScale == null ? null : up;
        return new Zone(id, frame, description, traits, label, shape, look, newScale, stillUp, carried);
    }

    /** With an upright scale too, as a pair of axes. */
    public Zone withUp(ZoneScale newUp) {
        return new Zone(id, frame, description, traits, label, shape, look, scale, newUp, carried);
    }

    public Zone withCarried(boolean nowCarried) {
        return new Zone(id, frame, description, traits, label, shape, look, scale, up, nowCarried);
    }

    public ZoneLook looks() {
        return look == null ? ZoneLook.USUAL : look;
    }

    /** Whether its label takes room within it. */
    public boolean labelInside() {
        ZoneLook.LabelPlace at = looks().labelAt();
        boolean within = at == ZoneLook.LabelPlace.TAB || at == ZoneLook.LabelPlace.INSIDE;
        return within && !label.isBlank() && !looks().hidden();
    }

    @Override
    public String ownName() {
        return Names.shortened(label.isBlank() ? description : label);
    }

    @Override
    public String kindName() {
        return "zone";
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
