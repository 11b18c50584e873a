package gladtile.core.review;

import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.Score;
import java.util.HashMap;
import java.util.Map;

/** The score of reviewed work: by the rules, but where the teacher gave points of their own. */
public final class ReviewedScore {
    private ReviewedScore() {}

    public static Score of(AttemptState state, AttemptRules rules, Review review) {
        Map<String, Double> given = new HashMap<>();
        review.marks().forEach((id, mark) -> given.put(id, mark.points()));
        Score score = Score.of(state, rules, given);
        return review.adjust() == null
                ? score
                : new Score(Math.rint((score.got() + review.adjust().points()) * 100) / 100, score.most());
    }
}
