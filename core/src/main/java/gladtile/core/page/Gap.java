package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import gladtile.core.Bounds;

/**
 * A place that students type into. What is right there stands in the answer key, never here.
 *
 * @param style of what is typed
 */
public record Gap(
        String id,
        Frame frame,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        WordStyle style)
        implements Item {
    public Gap {
        traits = new CommonProperties(id, frame, Movement.FIXED, description, traits).traits();
        Bounds.present("gap.style", style);
    }

    /** Gaps stay where they are. */
    @Override
    @JsonProperty(access = JsonProperty.Access.READ_ONLY)
    public Movement movement() {
        return Movement.FIXED;
    }

    @Override
    public Gap with(CommonProperties of) {
        return new Gap(of.id(), of.frame(), of.description(), of.traits(), style);
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
        return "gap";
    }
}
