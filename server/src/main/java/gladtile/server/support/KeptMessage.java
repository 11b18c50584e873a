package gladtile.server.support;

import gladtile.core.json.Json;
import gladtile.core.message.Message;

/** Messages in columns of text. */
public final class KeptMessage {
    private KeptMessage() {}

    public static String write(Message message) {
        return Json.write(message);
    }

    /** Rows from before messages had keys are sentences, and stay so. */
    public static Message read(String kept) {
        return kept.startsWith("{\"key\":") ? Json.read(kept, Message.class) : Message.literal(kept);
    }
}
