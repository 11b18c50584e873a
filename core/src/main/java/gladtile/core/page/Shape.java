package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import java.util.Locale;

/**
 * A shape that fills its frame.
 *
 * @param words lie in its middle; may be absent
 */
public record Shape(
        String id,
        Frame frame,
        Movement movement,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        ShapeLook look,
        @JsonInclude(JsonInclude.Include.NON_NULL) WordContent words)
        implements Item {
    public Shape {
        traits = new CommonProperties(id, frame, movement, description, traits).traits();
        Bounds.present("shape.look", look);
    }

    @Override
    public Shape with(CommonProperties of) {
        return new Shape(of.id(), of.frame(), of.movement(), of.description(), of.traits(), look, words);
    }

    @Override
    public String ownName() {
        return Names.shortened(description.isBlank() ? said() : description);
    }

    @Override
    public String kindName() {
        return "shape." + look.form().name().toLowerCase(Locale.ROOT);
    }

    @Override
    public String said() {
        return words == null ? "" : words.text();
    }
}
