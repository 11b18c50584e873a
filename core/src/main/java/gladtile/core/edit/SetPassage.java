package gladtile.core.edit;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Passage;
import gladtile.core.json.FieldMerge;
import gladtile.core.message.Message;

/** Sets how students come from page to page. @param passage absent for the usual */
public record SetPassage(
        @JsonInclude(JsonInclude.Include.NON_NULL) Passage passage) implements ActivityEdit {
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

    @Override
    public Message summary() {
        return Message.of("edit.passage");
    }

    @Override
    public void aspects(EditAspects all) {
        all.reads("passage", Activity::passing);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return next instanceof SetPassage;
    }

    @Override
    public Edit mergedOver(Edit over, Activity before, Activity after) {
        Passage mine = passage == null ? Passage.USUAL : passage;
        return over instanceof SetPassage
                ? new SetPassage(FieldMerge.merged(before.passing(), mine, after.passing(), Passage.class))
                : this;
    }
}
