package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/** Strokes that are moved and resized as one. */
public record Ink(
        String id,
        Frame frame,
        Movement movement,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        InkContent ink)
        implements Item {
    public Ink {
        traits = new CommonProperties(id, frame, movement, description, traits).traits();
        Bounds.present("item.ink", ink);
    }

    @Override
    public Ink with(CommonProperties of) {
        return new Ink(of.id(), of.frame(), of.movement(), of.description(), of.traits(), ink);
    }

    @Override
    public String ownName() {
        return Names.shortened(description);
    }

    @Override
    public String kindName() {
        return "ink";
    }
}
