package gladtile.core;

import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.Decision;
import gladtile.core.answer.Verdict;
import gladtile.core.answer.ZoneRule;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.MoveResult;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.MoveResult.Refused;
import gladtile.core.page.Item;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import java.time.Instant;
import java.util.List;

/** A page of which a student does one thing after another, for tests. */
public final class Wanted {
    private final Activity activity;
    private AttemptRules rules;
    private AttemptState state;
    private Instant now = Instant.EPOCH;

    private Wanted(Activity activity) {
        this.activity = activity;
        begin();
    }

    public static Wanted page(Item... items) {
        Page page = new Page("p1", "Sky", Paper.PLAIN, List.of(items));
        return new Wanted(new Activity("Sky", List.of(page), AnswerKey.EMPTY));
    }

    /** As it is, with pages of its own. */
    public static Wanted of(Activity activity) {
        return new Wanted(activity);
    }

    private void begin() {
        rules = AttemptRules.of(activity);
        state = AttemptState.start(rules, now);
    }

    public Wanted key(AnswerKey key) {
        return new Wanted(activity.withKey(key));
    }

    public Wanted rule(String zone, ZoneRule rule) {
        return key(activity.key().with(zone, rule));
    }

    public Wanted terms(AnswerTerms terms) {
        return key(activity.key().withTerms(terms));
    }

    public Wanted belongs(String zone, String... pieces) {
        AnswerKey key = activity.key();
        for (String piece : pieces) {
            key = key.with(zone, piece, Decision.BELONGS);
        }
        return key(key);
    }

    public AnswerKey key() {
        return activity.key();
    }

    public Page page() {
        return activity.pages().get(0);
    }

    public Activity activity() {
        return activity;
    }

    public AttemptState state() {
        return state;
    }

    public AttemptRules rules() {
        return rules;
    }

    public int solved() {
        return state.solved(rules);
    }

    /** Time passes, by the server's clock. */
    public Wanted after(long seconds) {
        now = now.plusSeconds(seconds);
        return this;
    }

    /** Puts a piece down with its middle there. */
    public Verdict put(String piece, double x, double y) {
        var home = rules.judge("p1").orElseThrow().home(piece).orElseThrow();
        return act(new Act.Put("p1", piece, x - home.width() / 2, y - home.height() / 2));
    }

    public Verdict type(String gap, String text) {
        return act(new Act.Type("p1", gap, text));
    }

    public Verdict check() {
        return act(new Act.Check("p1", null));
    }

    /** What is found of an act that must be made; null where nothing is. */
    public Verdict act(Act act) {
        MoveResult result = state.with(Some.move(act), rules, now);
        if (!(result instanceof Made made)) {
            throw new AssertionError("refused: " + result);
        }
        state = made.state();
        return made.verdict().orElse(null);
    }

    public MoveResult.Rule refusal(Act act) {
        AttemptState before = state;
        MoveResult result = state.with(Some.move(act), rules, now);
        if (!(result instanceof Refused refused) || !before.equals(state)) {
            throw new AssertionError("not refused: " + act);
        }
        return refused.rule();
    }
}
