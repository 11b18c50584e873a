package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * A coloured slip with words or ink on it; opens large for reading.
 *
 * @param colour {@code #rrggbb}
 * @param writable whether students write on it
 */
public record Note(
        String id,
        Frame frame,
        Movement movement,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        String colour,
        WordContent words,
        @JsonInclude(JsonInclude.Include.NON_NULL) InkContent ink,
        boolean writable)
        implements Item {
    public Note {
        traits = new CommonProperties(id, frame, movement, description, traits).traits();
        Colour.check("note.colour", colour);
        Bounds.present("note.words", words);
    }

    @Override
    public Note with(CommonProperties of) {
        return new Note(
                of.id(), of.frame(), of.movement(), of.description(), of.traits(), colour, words, ink, writable);
    }

    @Override
    public String ownName() {
        return Names.shortened(description.isBlank() ? words.text() : description);
    }

    @Override
    public String kindName() {
        return "note";
    }

    @Override
    public String said() {
        return words.text();
    }
}
