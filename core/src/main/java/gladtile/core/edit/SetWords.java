package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Frame;
import gladtile.core.activity.WordContent;
import gladtile.core.activity.Words;

/** Changes what a box of words says, with the frame it then needs. */
public record SetWords(String pageId, String itemId, WordContent content, Frame frame) implements Edit {
    public SetWords {
        Bounds.id("page.id", pageId);
        Bounds.id("item.id", itemId);
        Bounds.present("edit.content", content);
        Bounds.present("edit.frame", frame);
    }

    @Override
    public EditResult apply(Activity activity) {
        return EditSupport.kind(
                activity,
                pageId,
                itemId,
                Words.class,
                words -> words.withContent(content).withFrame(frame));
    }

    @Override
    public Edit invert(Activity before) {
        Words words = (Words) EditSupport.itemOf(before, pageId, itemId);
        return new SetWords(pageId, itemId, words.content(), words.frame());
    }
}
