package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.edit.EditResult.Applied;

/** Sets points, times and when the solution is shown, for the activity as a whole. */
public record SetTerms(AnswerTerms terms) implements Edit {
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
}
