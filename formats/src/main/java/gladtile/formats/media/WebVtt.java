package gladtile.formats.media;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Captions as the W3C's WebVTT (The Web Video Text Tracks Format, section 6 'Parsing') has them: what a browser would show
 * of a file, and whether it is one at all. As there, a block that is no cue is passed over, and the rest is kept.
 *
 * @param passedOver blocks that look like a cue and are none, by their first line
 */
public record WebVtt(List<Cue> cues, List<String> passedOver) {
    private static final String ARROW = "-->";
    private static final Pattern TIME = Pattern.compile("(?:(\\d{2,}):)?([0-5]\\d):([0-5]\\d)\\.(\\d{3})");

    /**
     * What is shown for a while.
     *
     * @param id may be empty
     * @param from milliseconds from the beginning
     * @param to milliseconds from the beginning
     * @param settings where it stands, as written; may be empty
     */
    public record Cue(String id, long from, long to, String settings, String text) {}

    public sealed interface Result {}

    public record Read(WebVtt captions) implements Result {}

    /** It is no such file. */
    public record NoCaptions(String message) implements Result {}

    public static Result read(String file) {
        String text = file.startsWith("\uFEFF") ? file.substring(1) : file;
        List<String> lines = List.of(text.replace('\0', '\uFFFD')
                .replace("\r\n", "\n")
                .replace('\r', '\n')
                .split("\n", -1));
        if (!lines.get(0).matches("WEBVTT(?:[ \\t].*)?")) {
            return new NoCaptions("A file of captions begins with the word WEBVTT; this one does not.");
        }
        WebVtt found = new WebVtt(new ArrayList<>(), new ArrayList<>());
        int at = 1;
        // What stands right under the first line belongs to the head.
        while (at < lines.size() && !lines.get(at).isEmpty() && !lines.get(at).contains(ARROW)) {
            at++;
        }
        while (at < lines.size()) {
            while (at < lines.size() && lines.get(at).isEmpty()) {
                at++;
            }
            int from = at;
            boolean timed = false;
            while (at < lines.size() && !lines.get(at).isEmpty()) {
                boolean arrow = lines.get(at).contains(ARROW);
                if (arrow && timed) {
                    // A cue ends where the times of the next one stand.
                    break;
                }
                timed |= arrow;
                at++;
            }
            found.block(lines.subList(from, at));
        }
        return new Read(new WebVtt(List.copyOf(found.cues), List.copyOf(found.passedOver)));
    }

    private void block(List<String> lines) {
        if (lines.isEmpty()) {
            return;
        }
        int times = lines.get(0).contains(ARROW) ? 0 : 1;
        if (times >= lines.size() || !lines.get(times).contains(ARROW)) {
            boolean known = lines.get(0).matches("(?:NOTE|STYLE|REGION)(?:[ \\t].*)?");
            if (!known) {
                passedOver.add(lines.get(0));
            }
            return;
        }
        String id = times == 0 ? "" : lines.get(0);
        String text = String.join("\n", lines.subList(times + 1, lines.size()));
        cue(id, lines.get(times), text);
    }

    private void cue(String id, String times, String text) {
        int arrow = times.indexOf(ARROW);
        String right = times.substring(arrow + ARROW.length()).strip();
        String[] parts = right.split("[ \\t]+", 2);
        OptionalLong from = millis(times.substring(0, arrow).strip());
        OptionalLong to = millis(parts[0]);
        if (from.isEmpty() || to.isEmpty()) {
            passedOver.add(times);
            return;
        }
        cues.add(new Cue(id, from.getAsLong(), to.getAsLong(), parts.length > 1 ? parts[1].strip() : "", text));
    }

    private static OptionalLong millis(String time) {
        Matcher matched = TIME.matcher(time);
        if (!matched.matches()) {
            return OptionalLong.empty();
        }
        try {
            long hours = matched.group(1) == null ? 0 : Long.parseLong(matched.group(1));
            long minutes = Math.addExact(Math.multiplyExact(hours, 60L), Long.parseLong(matched.group(2)));
            long seconds = Math.addExact(Math.multiplyExact(minutes, 60L), Long.parseLong(matched.group(3)));
            return OptionalLong.of(Math.addExact(Math.multiplyExact(seconds, 1000L), Long.parseLong(matched.group(4))));
        } catch (ArithmeticException | NumberFormatException tooLarge) {
            return OptionalLong.empty();
        }
    }
}
