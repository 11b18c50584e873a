package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.json.FieldMerge;
import gladtile.core.message.Message;

/** Sets points, times and when the solution is shown, for the activity as a whole. */
public record SetTerms(AnswerTerms terms) implements ActivityEdit {
    public SetTerms {
        Bounds.present("edit.terms", terms);
    }

    @Override
    public EditResult apply(Activity activity) {
        return new Applied(activity.withKey(activity.key().withTerms(terms)));
    }

    @Override
    public Edit invert(Activity before) {
        return new SetTerms(before.key().holds());
    }

    @Override
    public Message summary() {
        return Message.of("edit.terms");
    }

    @Override
    public void aspects(EditAspects all) {
        all.reads("terms", now -> now.key().holds());
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return next instanceof SetTerms;
    }

    @Override
    public Edit mergedOver(Edit over, Activity before, Activity after) {
        return over instanceof SetTerms
                ? new SetTerms(FieldMerge.merged(
                        before.key().holds(), terms, after.key().holds(), AnswerTerms.class))
                : this;
    }
}
