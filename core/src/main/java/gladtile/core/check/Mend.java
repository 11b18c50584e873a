package gladtile.core.check;

import gladtile.core.Bounds;
import gladtile.core.edit.Edit;
import gladtile.core.message.Message;

/**
 * One way to put a finding right.
 *
 * @param label what it does, on a button
 * @param edit what it is, made on the activity that was checked
 */
public record Mend(Message label, Edit edit) {
    public Mend {
        Bounds.present("mend.label", label);
        Bounds.present("mend.edit", edit);
    }
}
