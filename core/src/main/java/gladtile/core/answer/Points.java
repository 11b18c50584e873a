package gladtile.core.answer;

import gladtile.core.Bounds;
import gladtile.core.message.Message;

/**
 * What placements are worth.
 *
 * @param each for each placement
 * @param refusal taken off for each refusal
 * @param firstTry added when it is right at the first try
 * @param belowZero whether a placement may cost more than it gives
 * @param parts whether a placement made of several pieces gives a share for those that are right
 */
public record Points(int each, int refusal, int firstTry, boolean belowZero, boolean parts) {
    public static final Points USUAL = new Points(1, 0, 0, false, false);

    public Points {
        Bounds.within("points.each", each, 0, Bounds.POINTS);
        Bounds.within("points.refusal", refusal, 0, Bounds.POINTS);
        Bounds.within("points.firstTry", firstTry, 0, Bounds.POINTS);
    }

    /** The rule, such as '2 points, 1 less for each refusal, never below 0'. */
    public Message message() {
        Message all = Message.of("points.each", "points", each);
        if (firstTry > 0) {
            all = and(all, Message.of("points.first-try", "points", firstTry));
        }
        if (parts) {
            all = and(all, Message.of("points.parts"));
        }
        if (refusal > 0) {
            all = and(all, Message.of("points.refusal", "points", refusal));
            all = and(all, Message.of(belowZero ? "points.below-zero" : "points.never-below-zero"));
        }
        return all;
    }

    private static Message and(Message first, Message next) {
        return Message.of("points.and", "first", first, "next", next);
    }

    /**
     * What one placement gives.
     *
     * @param worth points for it when all is right
     * @param share how much of it is right, 0 to 1
     * @param refusals how often it was refused before
     */
    public double of(int worth, double share, int refusals) {
        boolean whole = share >= 1;
        double got = whole ? worth : parts ? worth * share : 0;
        if (whole && refusals == 0) {
            got += firstTry;
        }
        double left = got - (double) refusal * refusals;
        return belowZero ? left : Math.max(0, left);
    }
}
