package gladtile.core;

import gladtile.core.activity.Activity;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.AnswerTerms;
import gladtile.core.answer.ContainmentRule;
import gladtile.core.answer.FeedbackDetail;
import gladtile.core.answer.Hint;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.PieceFacts;
import gladtile.core.answer.PieceLayout;
import gladtile.core.answer.Points;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.Replies;
import gladtile.core.answer.Reply;
import gladtile.core.answer.Sequence;
import gladtile.core.answer.SolutionPolicy;
import gladtile.core.answer.Sound;
import gladtile.core.answer.StudentTools;
import gladtile.core.answer.TypedKey;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.answer.ZoneSet;
import gladtile.core.page.Gap;
import gladtile.core.page.Page;
import gladtile.core.page.Zone;
import gladtile.core.typed.TypedRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Small made-up rules for tests; everything random comes from a seeded source. */
public final class SomeRules {
    private SomeRules() {}

    /** @param piece named in its sequence and counts */
    public static ZoneRule rule(Random random, String piece) {
        return new ZoneRule(
                AcceptAction.values()[random.nextInt(4)],
                RejectAction.values()[random.nextInt(2)],
                JudgeTiming.values()[random.nextInt(3)],
                FeedbackDetail.values()[random.nextInt(2)],
                random.nextBoolean() ? wants(random, piece) : null,
                random.nextBoolean() ? replies(random) : null,
                random.nextBoolean() ? 1 + random.nextInt(5) : null,
                random.nextBoolean() ? random.nextInt(5) : null,
                random.nextInt(3) == 0 ? ContainmentRule.values()[random.nextInt(4)] : null,
                random.nextInt(4) == 0,
                random.nextInt(4) == 0 ? 0.25 : null,
                random.nextInt(4) == 0 ? PieceLayout.values()[random.nextInt(6)] : null,
                random.nextInt(4) == 0,
                random.nextInt(4) == 0,
                random.nextInt(4) == 0,
                random.nextInt(4) == 0);
    }

    private static ZoneRequirements wants(Random random, String piece) {
        return new ZoneRequirements(
                random.nextBoolean() ? List.of("planet") : List.of(),
                random.nextBoolean() ? 1 + random.nextInt(3) : null,
                random.nextBoolean() ? new Sequence(Sequence.Direction.DOWNWARDS, Map.of(piece, 2)) : null,
                random.nextInt(3) == 0 ? 1.25 : null,
                random.nextInt(3) == 0 ? Map.of(piece, 3) : Map.of(),
                random.nextInt(3) == 0);
    }

    private static Replies replies(Random random) {
        return new Replies(
                new Reply(Some.said(random), Sound.CHIME),
                random.nextBoolean() ? new Reply("Look again", null) : null,
                random.nextBoolean() ? new Hint("It shines by itself", 2) : null);
    }

    public static PieceFacts facts(Random random) {
        return new PieceFacts(
                random.nextBoolean() ? List.of("planet", "far") : List.of(),
                random.nextBoolean() ? random.nextInt(20) / 4.0 : null,
                random.nextInt(3) == 0,
                random.nextInt(3) == 0 ? random.nextInt(20) / 4.0 : null,
                random.nextInt(3) == 0 ? (double) random.nextInt(360) : null,
                random.nextInt(3) == 0 ? (double) random.nextInt(20) : null);
    }

    public static TypedKey typed(Random random) {
        TypedRule rule = switch (random.nextInt(4)) {
            case 0 -> new TypedRule.TextRule(List.of("Mars", "mars"), List.of(TypedRule.Counts.CASE));
            case 1 -> new TypedRule.NumberRule(3.5, 0.1, true, List.of(TypedRule.Notation.COMMA), "km", true);
            case 2 -> new TypedRule.MathsRule("2x+2");
            default -> new TypedRule.PatternRule("[a-z]+");
        };
        return new TypedKey(rule, JudgeTiming.values()[random.nextInt(3)], replies(random), 3, 2);
    }

    public static AnswerTerms terms(Random random, String pageId) {
        return new AnswerTerms(
                new Points(2, 1, random.nextInt(2), random.nextBoolean(), random.nextBoolean()),
                random.nextBoolean() ? Map.of(pageId, 2.0) : Map.of(),
                random.nextBoolean() ? new SolutionPolicy(SolutionPolicy.When.AFTER_TRIES, 3, true) : null,
                random.nextBoolean() ? 300 : null,
                random.nextBoolean() ? Map.of(pageId, 60) : Map.of(),
                random.nextBoolean() ? List.of("SMALL_TEXT b") : List.of(),
                random.nextBoolean() ? new StudentTools(random.nextBoolean(), random.nextBoolean()) : null,
                random.nextBoolean() ? "de" : null);
    }

    /** A set of the first two zones of the activity; none where there are fewer. */
    public static List<ZoneSet> sets(Random random, Activity on) {
        List<String> zones = on.pages().stream()
                .flatMap(page -> page.zones().stream())
                .map(Zone::id)
                .limit(2)
                .toList();
        return zones.size() < 2 || random.nextInt(4) == 0
                ? List.of()
                : List.of(new ZoneSet("set", zones, random.nextBoolean(), List.of(List.of("a", "b"))));
    }

    /** The same activity with facts, typed answers, a set and terms, some of each. */
    static AnswerKey more(Random random, Activity on) {
        AnswerKey key = on.key();
        for (Page page : on.pages()) {
            for (var piece : page.pieces()) {
                key = random.nextBoolean() ? key.with(piece.id(), facts(random)) : key;
            }
            for (Gap gap : page.gaps()) {
                key = random.nextBoolean() ? key.with(gap.id(), typed(random)) : key;
            }
            List<String> pieces = new ArrayList<>(List.of("nobody"));
            page.pieces().forEach(piece -> pieces.add(piece.id()));
            for (Zone zone : page.zones()) {
                key = random.nextBoolean()
                        ? key.with(zone.id(), rule(random, pieces.get(random.nextInt(pieces.size()))))
                        : key;
            }
        }
        key = random.nextBoolean() ? key.withSets(sets(random, on)) : key;
        return random.nextBoolean()
                ? key.withTerms(terms(random, on.pages().get(0).id()))
                : key;
    }
}
