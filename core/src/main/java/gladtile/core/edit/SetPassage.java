package gladtile.core.edit;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Passage;

/** Sets how students come from page to page. @param passage absent for the usual */
public record SetPassage(
        @JsonInclude(JsonInclude.Include.NON_NULL) Passage passage) implements Edit {
    public SetPassage {
        passage = Passage.USUAL.equals(passage) ? null : passage;
    }

    @Override
    public EditResult apply(Activity activity) {
        return new EditResult.Applied(activity.withPassage(passage));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetPassage(before.passage());
    }
}
