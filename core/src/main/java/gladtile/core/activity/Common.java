package gladtile.core.activity;

import gladtile.core.Bounds;

/**
 * What items of all kinds have, apart from their look.
 *
 * @param traits absent for none
 */
public record Common(String id, Frame frame, Movement movement, String description, Traits traits) {
    public Common {
        Bounds.id("item.id", id);
        Bounds.present("item.frame", frame);
        Bounds.present("item.movement", movement);
        Bounds.text("item.description", description, Bounds.NAME_LENGTH);
        traits = Traits.orNull(traits);
    }

    Common withFrame(Frame newFrame) {
        return new Common(id, newFrame, movement, description, traits);
    }

    Common withMovement(Movement newMovement) {
        return new Common(id, frame, newMovement, description, traits);
    }

    Common withDescription(String newDescription) {
        return new Common(id, frame, movement, newDescription, traits);
    }

    Common withTraits(Traits newTraits) {
        return new Common(id, frame, movement, description, newTraits);
    }

    Common withId(String newId) {
        return new Common(newId, frame, movement, description, traits);
    }
}
