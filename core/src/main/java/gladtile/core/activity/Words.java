package gladtile.core.activity;

import gladtile.core.Bounds;

/** A box of words. */
public record Words(String id, Frame frame, Movement movement, String description, WordContent content)
        implements Item {
    public Words {
        Bounds.id("item.id", id);
        Bounds.present("item.frame", frame);
        Bounds.present("item.movement", movement);
        Bounds.text("item.description", description, Bounds.NAME_LENGTH);
        Bounds.present("item.content", content);
    }

    @Override
    public Words withFrame(Frame newFrame) {
        return new Words(id, newFrame, movement, description, content);
    }

    @Override
    public Words withMovement(Movement newMovement) {
        return new Words(id, frame, newMovement, description, content);
    }

    @Override
    public Words withDescription(String newDescription) {
        return new Words(id, frame, movement, newDescription, content);
    }

    public Words withContent(WordContent newContent) {
        return new Words(id, frame, movement, description, newContent);
    }

    @Override
    public String name() {
        if (!description.isBlank()) {
            return description;
        }
        return content.text().isBlank() ? "Words" : Names.shortened(content.text());
    }
}
