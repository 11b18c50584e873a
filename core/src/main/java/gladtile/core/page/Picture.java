package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;

/**
 * A picture, drawn as large as fits its frame without being stretched.
 *
 * @param credit who made it, under which licence and where it came from; stays with the picture wherever it goes
 * @param crop the part shown; absent for all of it
 * @param still a moving picture that is shown at rest; absent for false
 * @param bare a piece that lies on no card: a round counter is round; absent for false
 */
public record Picture(
        String id,
        Frame frame,
        Movement movement,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        PictureRef picture,
        String credit,
        @JsonInclude(JsonInclude.Include.NON_NULL) Crop crop,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean still,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean bare)
        implements Item {
    public Picture {
        traits = new CommonProperties(id, frame, movement, description, traits).traits();
        Bounds.present("item.picture", picture);
        Bounds.text("item.credit", credit, Bounds.NAME_LENGTH);
        still = Boolean.TRUE.equals(still) ? true : null;
        bare = Boolean.TRUE.equals(bare) ? true : null;
    }

    /** On a card, where it is a piece. */
    public Picture(
            String id,
            Frame frame,
            Movement movement,
            String description,
            Traits traits,
            PictureRef picture,
            String credit,
            Crop crop,
            Boolean still) {
        this(id, frame, movement, description, traits, picture, credit, crop, still, null);
    }

    public Picture(String id, Frame frame, Movement movement, String description, PictureRef picture, String credit) {
        this(id, frame, movement, description, null, picture, credit, null, null);
    }

    @Override
    public Picture with(CommonProperties of) {
        return new Picture(
                of.id(), of.frame(), of.movement(), of.description(), of.traits(), picture, credit, crop, still, bare);
    }

    @Override
    public String ownName() {
        return Names.shortened(description);
    }

    @Override
    public String kindName() {
        return "picture";
    }

    @Override
    public String said() {
        return description;
    }
}
