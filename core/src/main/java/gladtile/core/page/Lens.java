package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;

/**
 * An area in which what lies under it shows its other side. One that students may move is held over things.
 *
 * @param colour of its rim, {@code #rrggbb}
 */
public record Lens(
        String id,
        Frame frame,
        Movement movement,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        String colour)
        implements Item {
    public Lens {
        traits = new CommonProperties(id, frame, movement, description, traits).traits();
        Colour.check("lens.colour", colour);
    }

    @Override
    public Lens with(CommonProperties of) {
        return new Lens(of.id(), of.frame(), of.movement(), of.description(), of.traits(), colour);
    }

    @Override
    public String ownName() {
        return Names.shortened(description);
    }

    @Override
    public String kindName() {
        return "lens";
    }
}
