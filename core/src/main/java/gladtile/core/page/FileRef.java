package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonIgnore;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.regex.Pattern;

/**
 * A document, recording or video that a teacher brought in.
 *
 * @param sha256 of its bytes, in small hexadecimal
 * @param name what it is called, for people
 * @param mediaType what its bytes were found to be
 */
public record FileRef(String sha256, String name, String mediaType) {
    private static final Pattern SHA_256 = Pattern.compile("[0-9a-f]{64}");
    private static final Pattern TYPE = Pattern.compile("[a-z]+/[a-z0-9.+-]{1,80}");

    public FileRef {
        if (sha256 == null || !SHA_256.matcher(sha256).matches()) {
            throw new OutOfBounds("file.sha256", Message.of("bound.file.sha256"));
        }
        Bounds.text("file.name", name, Bounds.NAME_LENGTH);
        if (mediaType == null || !TYPE.matcher(mediaType).matches()) {
            throw new OutOfBounds("file.mediaType", Message.of("bound.file.media-type"));
        }
    }

    @JsonIgnore
    public boolean isRecording() {
        return mediaType.startsWith("audio/");
    }

    @JsonIgnore
    public boolean isVideo() {
        return mediaType.startsWith("video/");
    }
}
