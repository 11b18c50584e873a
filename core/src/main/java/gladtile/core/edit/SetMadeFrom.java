package gladtile.core.edit;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.activity.Activity;
import gladtile.core.activity.MadeFrom;
import gladtile.core.message.Message;

/** Sets the list that pages of the activity were made from. @param madeFrom absent for none */
public record SetMadeFrom(
        @JsonInclude(JsonInclude.Include.NON_NULL) MadeFrom madeFrom) implements ActivityEdit {
    @Override
    public EditResult apply(Activity activity) {
        return new EditResult.Applied(activity.withMadeFrom(madeFrom));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetMadeFrom(before.madeFrom());
    }

    @Override
    public Message summary() {
        return Message.of("edit.list");
    }

    @Override
    public void aspects(EditAspects all) {
        all.reads("list", Activity::madeFrom);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return next instanceof SetMadeFrom;
    }
}
