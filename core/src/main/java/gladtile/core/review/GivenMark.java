package gladtile.core.review;

import gladtile.core.Bounds;

/**
 * Points that a teacher gives for one placement in place of those that the rules give.
 *
 * @param reason kept with it; may be empty
 */
public record GivenMark(double points, String reason) {
    public GivenMark {
        Bounds.within("mark.points", points, -Bounds.POINTS, Bounds.POINTS);
        reason = Bounds.text("mark.reason", reason == null ? "" : reason, Bounds.REASON_LENGTH);
    }
}
