package gladtile.core.present;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What is said in a recording for a while. @param from milliseconds from its beginning @param to after from */
public record Caption(long from, long to, String words) {
    public static final int MOST = 2_000;
    public static final int LENGTH = 1_000;
    /** In milliseconds. */
    public static final long LATEST = Duration.ofDays(1).toMillis();

    public Caption {
        Bounds.within("caption.from", from, 0, LATEST);
        Bounds.within("caption.to", to, 0, LATEST);
        Bounds.text("caption.words", words, LENGTH);
        if (to <= from) {
            throw new OutOfBounds("caption.to", Message.of("bound.caption.to"));
        }
    }

    /**
     * As a WebVTT file (W3C, The Web Video Text Tracks Format).
     *
     * @param from where what is shown of the recording begins, in milliseconds
     * @param to where it ends
     * @return empty where nothing is said in it
     */
    public static String webVtt(List<Caption> captions, long from, long to) {
        List<Caption> seen = new ArrayList<>();
        for (Caption one : captions) {
            long begins = Math.max(one.from(), from);
            long ends = Math.min(one.to(), to);
            if (begins < ends && !one.words().isBlank()) {
                seen.add(new Caption(begins - from, ends - from, one.words()));
            }
        }
        if (seen.isEmpty()) {
            return "";
        }
        StringBuilder file = new StringBuilder("WEBVTT\n");
        seen.sort(Comparator.comparingLong(Caption::from).thenComparingLong(Caption::to));
        for (Caption one : seen) {
            file.append('\n')
                    .append(time(one.from()))
                    .append(" --> ")
                    .append(time(one.to()))
                    .append('\n');
            file.append(escaped(one.words())).append('\n');
        }
        return file.toString();
    }

    /** A line that is empty would end it, an arrow would begin another, and signs of mark-up would be taken as such. */
    private static String escaped(String words) {
        return words.strip()
                .replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replaceAll("\\R+", "\n");
    }

    private static String time(long millis) {
        return "%02d:%02d:%02d.%03d"
                .formatted(millis / 3_600_000, millis / 60_000 % 60, millis / 1_000 % 60, millis % 1_000);
    }
}
