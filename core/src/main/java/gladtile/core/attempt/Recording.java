package gladtile.core.attempt;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import gladtile.core.page.FileRef;

/**
 * What a student said.
 *
 * @param file a recording; browsers keep sound alone in what looks like a video, too
 * @param seconds how long it is, as the device says; 0 to {@link Bounds#RECORDED_SECONDS}
 */
public record Recording(String id, FileRef file, int seconds) {
    public Recording {
        Bounds.id("recording.id", id);
        Bounds.within("recording.seconds", seconds, 0, Bounds.RECORDED_SECONDS);
        if (!Bounds.present("recording.file", file).isRecording() && !file.isVideo()) {
            throw new OutOfBounds("recording.file", Message.of("bound.recording.file", "mediaType", file.mediaType()));
        }
    }
}
