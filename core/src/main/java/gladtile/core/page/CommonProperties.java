package gladtile.core.page;

import gladtile.core.Bounds;

/**
 * What items of all kinds have, apart from their look.
 *
 * @param traits absent for none
 */
public record CommonProperties(String id, Frame frame, Movement movement, String description, Traits traits) {
    public CommonProperties {
        Bounds.id("item.id", id);
        Bounds.present("item.frame", frame);
        Bounds.present("item.movement", movement);
        Bounds.text("item.description", description, Bounds.NAME_LENGTH);
        traits = Traits.orNull(traits);
    }

    CommonProperties withFrame(Frame newFrame) {
        return new CommonProperties(id, newFrame, movement, description, traits);
    }

    CommonProperties withMovement(Movement newMovement) {
        return new CommonProperties(id, frame, newMovement, description, traits);
    }

    CommonProperties withDescription(String newDescription) {
        return new CommonProperties(id, frame, movement, newDescription, traits);
    }

    CommonProperties withTraits(Traits newTraits) {
        return new CommonProperties(id, frame, movement, description, newTraits);
    }

    CommonProperties withId(String newId) {
        return new CommonProperties(newId, frame, movement, description, traits);
    }
}
