package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import java.util.function.Consumer;

/**
 * How one zone answers the pieces that are put in it.
 *
 * @param timing absent for at once
 * @param feedback what a check shows; absent for which are right
 * @param wants absent for nothing but that its pieces belong
 * @param replies absent for the usual words and no sound
 * @param tries after so many refusals it takes no more; absent for no end
 * @param inside how much of a piece must be in it; absent for its middle
 * @param crossing whether what lies in it and in others that say so too is held against all of them, as in a Venn diagram;
 *     absent for no: of zones over each other only the topmost is asked
 * @param tolerance how far a piece may lie from its value where the zone has a scale; absent for half a step
 * @param layout how pieces lie that settle in; absent for wherever there is room, from the left top on
 * @param saysSide where the zone has a scale, whether students are told that a value is too low or too high; absent for
 *     no
 * @param showsRoom where it holds no more than so many, whether students see how many more it takes; absent for no
 * @param fitted whether pieces too large for several to lie there are drawn smaller in it; absent for no
 * @param relative whether the tolerance is a share of the value that is right, 0 to 1; absent for in the scale's own unit
 * @param worth points for each of its placements, otherwise than the activity says; absent for as it says
 */
public record ZoneRule(
        AcceptAction accept,
        RejectAction reject,
        @JsonInclude(JsonInclude.Include.NON_NULL) JudgeTiming timing,
        @JsonInclude(JsonInclude.Include.NON_NULL) FeedbackDetail feedback,
        @JsonInclude(JsonInclude.Include.NON_NULL) ZoneRequirements wants,
        @JsonInclude(JsonInclude.Include.NON_NULL) Replies replies,
        @JsonInclude(JsonInclude.Include.NON_NULL) Integer tries,
        @JsonInclude(JsonInclude.Include.NON_NULL) Integer worth,
        @JsonInclude(JsonInclude.Include.NON_NULL) ContainmentRule inside,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean crossing,
        @JsonInclude(JsonInclude.Include.NON_NULL) Double tolerance,
        @JsonInclude(JsonInclude.Include.NON_NULL) PieceLayout layout,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean saysSide,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean showsRoom,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean fitted,
        @JsonInclude(JsonInclude.Include.NON_NULL) Boolean relative) {
    public static final ZoneRule USUAL = new ZoneRule(AcceptAction.IN_SLOT, RejectAction.GOES_BACK);

    public ZoneRule {
        Bounds.present("rule.accept", accept);
        Bounds.present("rule.reject", reject);
        timing = timing == JudgeTiming.AT_ONCE ? null : timing;
        feedback = feedback == FeedbackDetail.WHICH ? null : feedback;
        wants = ZoneRequirements.orNull(wants);
        replies = Replies.orNull(replies);
        inside = inside == ContainmentRule.MIDDLE ? null : inside;
        crossing = Boolean.TRUE.equals(crossing) ? true : null;
        saysSide = Boolean.TRUE.equals(saysSide) ? true : null;
        showsRoom = Boolean.TRUE.equals(showsRoom) ? true : null;
        fitted = Boolean.TRUE.equals(fitted) ? true : null;
        relative = tolerance != null && Boolean.TRUE.equals(relative) ? true : null;
        if (tolerance != null) {
            Bounds.within("rule.tolerance", tolerance, 0, relative == null ? Bounds.VALUE : 1);
        }
        if (tries != null) {
            Bounds.within("rule.tries", tries, 1, Bounds.TRIES);
        }
        if (worth != null) {
            Bounds.within("rule.worth", worth, 0, Bounds.POINTS);
        }
    }

    public ZoneRule(AcceptAction accept, RejectAction reject) {
        this(accept, reject, null, null, null, null, null, null, null, null, null, null, null, null, null, null);
    }

    public JudgeTiming when() {
        return timing == null ? JudgeTiming.AT_ONCE : timing;
    }

    public boolean tellsWhich() {
        return feedback == null;
    }

    public ZoneRequirements wanted() {
        return wants == null ? ZoneRequirements.NOTHING : wants;
    }

    public Replies says() {
        return replies == null ? Replies.NONE : replies;
    }

    public ContainmentRule takesBy() {
        return inside == null ? ContainmentRule.MIDDLE : inside;
    }

    public boolean crosses() {
        return crossing != null;
    }

    public ZoneRule withCrossing(boolean on) {
        return change(draft -> draft.crossing = on);
    }

    /** In the unit of the scale; null for half a step. */
    public ZoneRule withTolerance(Double most) {
        return change(draft -> {
            draft.tolerance = most;
            draft.relative = null;
        });
    }

    /** @param share of the value that is right, 0 to 1 */
    public ZoneRule withRelativeTolerance(double share) {
        return change(draft -> {
            draft.tolerance = share;
            draft.relative = true;
        });
    }

    public ZoneRule withInside(ContainmentRule newInside) {
        return change(draft -> draft.inside = newInside);
    }

    public ZoneRule withTiming(JudgeTiming newTiming) {
        return change(draft -> draft.timing = newTiming);
    }

    public ZoneRule withFeedback(FeedbackDetail newFeedback) {
        return change(draft -> draft.feedback = newFeedback);
    }

    public ZoneRule withWants(ZoneRequirements newWants) {
        return change(draft -> draft.wants = newWants);
    }

    public ZoneRule withReplies(Replies newReplies) {
        return change(draft -> draft.replies = newReplies);
    }

    public ZoneRule withTries(Integer most) {
        return change(draft -> draft.tries = most);
    }

    public ZoneRule withWorth(Integer points) {
        return change(draft -> draft.worth = points);
    }

    public ZoneRule withAccept(AcceptAction newAccept) {
        return change(draft -> draft.accept = newAccept);
    }

    public ZoneRule withLayout(PieceLayout newLayout) {
        return change(draft -> draft.layout = newLayout);
    }

    public ZoneRule withSide(boolean said) {
        return change(draft -> draft.saysSide = said);
    }

    public ZoneRule withRoom(boolean shown) {
        return change(draft -> draft.showsRoom = shown);
    }

    public ZoneRule withFitted(boolean fits) {
        return change(draft -> draft.fitted = fits);
    }

    private ZoneRule change(Consumer<Draft> to) {
        Draft draft = new Draft(this);
        to.accept(draft);
        return draft.rule();
    }

    /** A rule while one part of it is changed. */
    private static final class Draft {
        private AcceptAction accept;
        private RejectAction reject;
        private JudgeTiming timing;
        private FeedbackDetail feedback;
        private ZoneRequirements wants;
        private Replies replies;
        private Integer tries;
        private Integer worth;
        private ContainmentRule inside;
        private Boolean crossing;
        private Double tolerance;
        private PieceLayout layout;
        private Boolean saysSide;
        private Boolean showsRoom;
        private Boolean fitted;
        private Boolean relative;

        Draft(ZoneRule of) {
            accept = of.accept;
            reject = of.reject;
            timing = of.timing;
            feedback = of.feedback;
            wants = of.wants;
            replies = of.replies;
            tries = of.tries;
            worth = of.worth;
            inside = of.inside;
            crossing = of.crossing;
            tolerance = of.tolerance;
            layout = of.layout;
            saysSide = of.saysSide;
            showsRoom = of.showsRoom;
            fitted = of.fitted;
            relative = of.relative;
        }

        ZoneRule rule() {
            return new ZoneRule(
                    accept, reject, timing, feedback, wants, replies, tries, worth, inside, crossing, tolerance, layout,
                    saysSide, showsRoom, fitted, relative);
        }
    }
}
