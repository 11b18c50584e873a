package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/** A box of words. */
public record Words(
        String id,
        Frame frame,
        Movement movement,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        WordContent content)
        implements Item {
    public Words {
        traits = new CommonProperties(id, frame, movement, description, traits).traits();
        Bounds.present("item.content", content);
    }

    public Words(String id, Frame frame, Movement movement, String description, WordContent content) {
        this(id, frame, movement, description, null, content);
    }

    @Override
    public Words with(CommonProperties of) {
        return new Words(of.id(), of.frame(), of.movement(), of.description(), of.traits(), content);
    }

    public Words withContent(WordContent newContent) {
        return new Words(id, frame, movement, description, traits, newContent);
    }

    @Override
    public String ownName() {
        return Names.shortened(description.isBlank() ? content.text() : description);
    }

    @Override
    public String kindName() {
        return "words";
    }

    @Override
    public String said() {
        return content.text();
    }
}
