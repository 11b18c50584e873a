package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/** A line, a curve, or a connector that stays joined to what it joins. */
public record Line(
        String id,
        Frame frame,
        Movement movement,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        LineLook look)
        implements Item {
    public Line {
        traits = new CommonProperties(id, frame, movement, description, traits).traits();
        Bounds.present("line.look", look);
    }

    @Override
    public Line with(CommonProperties of) {
        return new Line(of.id(), of.frame(), of.movement(), of.description(), of.traits(), look);
    }

    @Override
    public String ownName() {
        return Names.shortened(description);
    }

    @Override
    public String kindName() {
        return look.from() != null || look.to() != null ? "connector" : look.curved() ? "curve" : "line";
    }
}
