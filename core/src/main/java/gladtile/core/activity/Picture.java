package gladtile.core.activity;

import gladtile.core.Bounds;

/**
 * A picture, drawn as large as fits its frame without being stretched.
 *
 * @param credit who made it and under which licence; stays with the picture wherever it goes
 */
public record Picture(String id, Frame frame, Movement movement, String description, PictureRef picture, String credit)
        implements Item {
    public Picture {
        Bounds.id("item.id", id);
        Bounds.present("item.frame", frame);
        Bounds.present("item.movement", movement);
        Bounds.text("item.description", description, Bounds.NAME_LENGTH);
        Bounds.present("item.picture", picture);
        Bounds.text("item.credit", credit, Bounds.NAME_LENGTH);
    }

    @Override
    public Picture withFrame(Frame newFrame) {
        return new Picture(id, newFrame, movement, description, picture, credit);
    }

    @Override
    public Picture withMovement(Movement newMovement) {
        return new Picture(id, frame, newMovement, description, picture, credit);
    }

    @Override
    public Picture withDescription(String newDescription) {
        return new Picture(id, frame, movement, newDescription, picture, credit);
    }

    @Override
    public String name() {
        return description.isBlank() ? "Picture" : Names.shortened(description);
    }
}
