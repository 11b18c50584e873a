package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.List;

/**
 * A part of a page, drawn freely around what lies there, that can lead somewhere or say something. Nothing of it is seen
 * but that it does.
 *
 * @param outline its corners, each from 0 to 1 across and down the frame; 3 to {@link Bounds#CORNERS}
 */
public record Area(
        String id,
        Frame frame,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        List<Point> outline)
        implements Item {
    public Area {
        traits = new CommonProperties(id, frame, Movement.FIXED, description, traits).traits();
        outline = List.copyOf(Bounds.present("area.outline", outline));
        Bounds.within("area.outline", outline.size(), 3, Bounds.CORNERS);
        for (Point corner : outline) {
            if (!(corner.x() >= 0 && corner.x() <= 1 && corner.y() >= 0 && corner.y() <= 1)) {
                throw new OutOfBounds("area.outline", Message.of("bound.area.outline"));
            }
        }
    }

    /** It belongs to what lies under it. */
    @Override
    @JsonProperty(access = JsonProperty.Access.READ_ONLY)
    public Movement movement() {
        return Movement.FIXED;
    }

    @Override
    public Area with(CommonProperties of) {
        return new Area(of.id(), of.frame(), of.description(), of.traits(), outline);
    }

    @Override
    public boolean alwaysFixed() {
        return true;
    }

    @Override
    public String ownName() {
        return Names.shortened(description);
    }

    @Override
    public String kindName() {
        return "area";
    }
}
