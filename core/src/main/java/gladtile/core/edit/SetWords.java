package gladtile.core.edit;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.WordContent;
import gladtile.core.page.Words;

/** Changes what a box of words says, with the frame it then needs. */
public record SetWords(String pageId, String itemId, WordContent content, Frame frame) implements OneItemEdit {
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

    @Override
    public Message summary() {
        return Message.of("edit.words", "words", EditSupport.quoted(content.text()));
    }

    @Override
    public void aspects(EditAspects all) {
        all.item("frame", pageId, itemId, Item::frame);
        all.body(pageId, itemId);
    }

    @Override
    public boolean isReplacedBy(Edit next) {
        return next instanceof SetWords later && later.itemId.equals(itemId);
    }
}
