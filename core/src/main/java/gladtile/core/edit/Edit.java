package gladtile.core.edit;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import java.util.Optional;

/**
 * One change to an activity. It names what it changes by id, says what it becomes, and is never changed itself.
 *
 * <p>Laws, each with its test: {@code e.apply(a)} then {@code e.invert(a)} gives {@code a} again; a refused edit
 * changes nothing; {@link #rebase} gives an edit that may follow the other one; JSON there and back is the same edit.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = SetTitle.class, name = "set-title"),
    @JsonSubTypes.Type(value = AddPage.class, name = "add-page"),
    @JsonSubTypes.Type(value = RemovePage.class, name = "remove-page"),
    @JsonSubTypes.Type(value = MovePage.class, name = "move-page"),
    @JsonSubTypes.Type(value = RenamePage.class, name = "rename-page"),
    @JsonSubTypes.Type(value = SetPaper.class, name = "set-paper"),
    @JsonSubTypes.Type(value = AddItem.class, name = "add-item"),
    @JsonSubTypes.Type(value = RemoveItem.class, name = "remove-item"),
    @JsonSubTypes.Type(value = MoveDepth.class, name = "move-depth"),
    @JsonSubTypes.Type(value = SetFrame.class, name = "set-frame"),
    @JsonSubTypes.Type(value = SetMovement.class, name = "set-movement"),
    @JsonSubTypes.Type(value = SetDescription.class, name = "set-description"),
    @JsonSubTypes.Type(value = SetWords.class, name = "set-words"),
    @JsonSubTypes.Type(value = SetZoneLabel.class, name = "set-zone-label"),
    @JsonSubTypes.Type(value = Decide.class, name = "decide"),
    @JsonSubTypes.Type(value = SetRule.class, name = "set-rule"),
    @JsonSubTypes.Type(value = SetFacts.class, name = "set-facts"),
    @JsonSubTypes.Type(value = SetTyped.class, name = "set-typed"),
    @JsonSubTypes.Type(value = SetSets.class, name = "set-sets"),
    @JsonSubTypes.Type(value = SetTerms.class, name = "set-terms"),
    @JsonSubTypes.Type(value = SetMadeFrom.class, name = "set-made-from"),
    @JsonSubTypes.Type(value = SetPassage.class, name = "set-passage"),
    @JsonSubTypes.Type(value = SetPageLinks.class, name = "set-page-links"),
    @JsonSubTypes.Type(value = SetTraits.class, name = "set-traits"),
    @JsonSubTypes.Type(value = SetBody.class, name = "set-body"),
    @JsonSubTypes.Type(value = SetPageWords.class, name = "set-page-words"),
    @JsonSubTypes.Type(value = Arrange.class, name = "arrange"),
    @JsonSubTypes.Type(value = Transform.class, name = "transform"),
    @JsonSubTypes.Type(value = CompositeEdit.class, name = "composite")
})
public sealed interface Edit permits ActivityEdit, PageEdit, CompositeEdit {
    /** The activity with this change made, or why it does not fit. */
    EditResult apply(Activity activity);

    /**
     * The edit that takes this one back.
     *
     * @param before the activity this edit was, or would be, applied to; the edit must fit it
     */
    Edit invert(Activity before);

    /**
     * This edit, made without knowledge of {@code over}, as it should follow {@code over}. Where both set the same
     * thing, this one, coming later, wins. Empty when {@code over} took away what it changes.
     */
    default Optional<Edit> rebase(Edit over) {
        return Rebase.over(this, over);
    }

    /**
     * As {@link #rebase(Edit)}; and where both set a value with several fields, only those fields that this one changed
     * are set.
     *
     * @param before the activity that {@code over} was applied to
     */
    default Optional<Edit> rebase(Edit over, Activity before) {
        return Rebase.over(this, over, before);
    }

    /** One edit that does what this and then {@code next} do, where such a one is no larger; else empty. */
    default Optional<Edit> merge(Edit next) {
        return isReplacedBy(next) ? Optional.of(next) : Optional.empty();
    }

    /** What it did, in a few words, for the history. */
    Message summary();

    /** Tells what it sets, so that it is seen when somebody else's change would take that back. */
    void aspects(EditAspects all);

    /** Whether the next one sets the very same thing, so that only that one counts. */
    boolean isReplacedBy(Edit next);

    /**
     * Where this sets a value with several fields and {@code over} set the same value: only those fields that this one
     * changed are its own. So who sets the points does not take back the time that somebody else has set. A value that
     * is one thing stays as this sets it, being the later one.
     *
     * @param over a plain edit that this one was made without knowledge of
     * @param before the activity that {@code over} was applied to, and this was made on
     * @param after what {@code over} made of it
     */
    default Edit mergedOver(Edit over, Activity before, Activity after) {
        return this;
    }

    /** This edit with its place moved on, where {@code over} put something at the same place. */
    default Edit shifted(Edit over) {
        return this;
    }

    /** What stands elsewhere among others by it; that changes with every addition, so it counts who moved it. */
    default Optional<String> place() {
        return Optional.empty();
    }
}
