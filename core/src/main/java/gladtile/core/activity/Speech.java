package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;

/**
 * What an item says aloud.
 *
 * @param file the recording; absent when the browser's own voices read the text
 * @param text what is said, for those who cannot hear it
 * @param onSettle said when the piece settles; else when it is asked for
 */
public record Speech(
        @JsonInclude(JsonInclude.Include.NON_NULL) FileRef file, String text, boolean onSettle) {
    public Speech {
        Bounds.text("speech.text", text, Bounds.SPEECH_LENGTH);
        if (file == null && text.isBlank()) {
            throw new OutOfBounds("speech.text", "what is said needs a recording, or a text to be read aloud");
        }
        if (file != null && !file.isRecording()) {
            throw new OutOfBounds("speech.file", "what is said aloud is a recording");
        }
    }
}
