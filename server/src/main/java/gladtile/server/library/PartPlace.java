package gladtile.server.library;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.Arrays;

/** A name in a folder. @param folder empty for none; sub-folders stand behind a stroke, as in Sky/Winter */
public record PartPlace(String name, String folder) {
    public PartPlace {
        name = Bounds.text("library.name", name, Bounds.NAME_LENGTH).strip();
        if (name.isEmpty()) {
            throw new OutOfBounds("library.name", Message.of("bound.library.name"));
        }
        folder = folder(folder);
    }

    private static String folder(String typed) {
        Bounds.text("library.folder", typed, LibraryService.FOLDER_LENGTH);
        return String.join(
                "/",
                Arrays.stream(typed.split("/"))
                        .map(String::strip)
                        .filter(one -> !one.isEmpty())
                        .toList());
    }
}
