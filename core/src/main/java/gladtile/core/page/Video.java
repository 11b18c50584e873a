package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;

/**
 * A video on a page. It stays where it is.
 *
 * @param poster the first picture; absent for the video's own
 * @param captions a text track (WebVTT); absent for none
 */
public record Video(
        String id,
        Frame frame,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        FileRef video,
        @JsonInclude(JsonInclude.Include.NON_NULL) PictureRef poster,
        @JsonInclude(JsonInclude.Include.NON_NULL) FileRef captions,
        boolean loops,
        boolean muted)
        implements Item {
    public Video {
        traits = new CommonProperties(id, frame, Movement.FIXED, description, traits).traits();
        if (!Bounds.present("video.video", video).isVideo()) {
            throw new OutOfBounds("video.video", Message.of("bound.video.video"));
        }
        if (captions != null && !captions.mediaType().equals("text/vtt")) {
            throw new OutOfBounds("video.captions", Message.of("bound.video.captions"));
        }
    }

    @Override
    @JsonProperty(access = JsonProperty.Access.READ_ONLY)
    public Movement movement() {
        return Movement.FIXED;
    }

    @Override
    public Video with(CommonProperties of) {
        return new Video(of.id(), of.frame(), of.description(), of.traits(), video, poster, captions, loops, muted);
    }

    @Override
    public boolean alwaysFixed() {
        return true;
    }

    @Override
    public String ownName() {
        return Names.shortened(description.isBlank() ? video.name() : description);
    }

    @Override
    public String kindName() {
        return "video";
    }
}
