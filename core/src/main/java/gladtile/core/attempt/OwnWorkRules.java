package gladtile.core.attempt;

import gladtile.core.Bounds;
import gladtile.core.answer.StudentTools;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.MoveResult.Refused;
import gladtile.core.attempt.MoveResult.Rule;
import gladtile.core.message.Message;
import gladtile.core.page.Stroke;
import java.util.Optional;
import java.util.Set;

/** Drawing on a page and saying something to it. */
final class OwnWorkRules {
    /** Points that a rubber may add to a stroke, where it cuts it. */
    private static final int CUTS = 16;

    private OwnWorkRules() {}

    static MoveResult draw(AttemptState state, Act.Draw draw, AttemptRules rules) {
        OwnWork was = own(state, draw.pageId());
        if (!may(rules).draw() && !erasesOnly(was, draw)) {
            return new Refused(Rule.NOT_TO_DRAW_ON, Message.of("move.not-to-draw-on"));
        }
        if (draw.drawn().stream().anyMatch(OwnWorkRules::erases) && !rules.erasable(draw.pageId())) {
            return new Refused(Rule.NOT_TO_DRAW_ON, Message.of("move.nothing-to-erase"));
        }
        OwnWork now = was.drawn(draw);
        boolean rubs = now.points() <= was.points() + CUTS * draw.gone().size();
        // Rubbing out must work on a page that is full, also where it leaves two parts of one stroke.
        if (now.ink().size() > (rubs ? 2 : 1) * Bounds.DRAWN_STROKES) {
            return new Refused(Rule.INK_FULL, Message.of("move.too-many-strokes", "most", Bounds.DRAWN_STROKES));
        }
        int others = state.own().entrySet().stream()
                .filter(one -> !one.getKey().equals(draw.pageId()))
                .mapToInt(one -> one.getValue().points())
                .sum();
        if (!rubs && others + now.points() > Bounds.DRAWN_POINTS) {
            return new Refused(Rule.INK_FULL, Message.of("move.ink-full"));
        }
        return made(state, draw.pageId(), now);
    }

    private static boolean erases(DrawnStroke one) {
        return one.stroke().tool() == Stroke.Tool.ERASER;
    }

    /** Rubs away what the teacher drew for that, or takes that back. */
    private static boolean erasesOnly(OwnWork was, Act.Draw draw) {
        Set<String> gone = Set.copyOf(draw.gone());
        return draw.drawn().stream().allMatch(OwnWorkRules::erases)
                && was.ink().stream().filter(one -> gone.contains(one.id())).allMatch(OwnWorkRules::erases);
    }

    static MoveResult say(AttemptState state, Act.Say say, AttemptRules rules) {
        if (!may(rules).record()) {
            return new Refused(Rule.NOT_TO_SPEAK_ON, Message.of("move.not-to-speak-on"));
        }
        OwnWork now = own(state, say.pageId()).saying(say.recording());
        return now.said().size() > Bounds.RECORDINGS
                ? new Refused(Rule.TOO_MUCH_SAID, Message.of("move.too-many-recordings", "most", Bounds.RECORDINGS))
                : made(state, say.pageId(), now);
    }

    static MoveResult unsay(AttemptState state, Act.Unsay unsay) {
        return made(state, unsay.pageId(), own(state, unsay.pageId()).unsaid(unsay.recordingId()));
    }

    private static OwnWork own(AttemptState state, String pageId) {
        return state.own().getOrDefault(pageId, OwnWork.NONE);
    }

    private static StudentTools may(AttemptRules rules) {
        return rules.terms().studentTools();
    }

    private static MoveResult made(AttemptState state, String pageId, OwnWork now) {
        return new Made(new AttemptStateBuilder(state).own(pageId, now).state(), Optional.empty());
    }
}
