package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;

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
            throw new OutOfBounds("speech.text", Message.of("bound.speech.text"));
        }
        if (file != null && !file.isRecording()) {
            throw new OutOfBounds("speech.file", Message.of("bound.speech.file"));
        }
    }
}
