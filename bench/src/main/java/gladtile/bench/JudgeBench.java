package gladtile.bench;

import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.ContainmentRule;
import gladtile.core.answer.Decision;
import gladtile.core.answer.Hint;
import gladtile.core.answer.Judge;
import gladtile.core.answer.PlacedPiece;
import gladtile.core.answer.Replies;
import gladtile.core.answer.Reply;
import gladtile.core.answer.Sequence;
import gladtile.core.answer.Verdict;
import gladtile.core.answer.ZoneRequirements;
import gladtile.core.answer.ZoneRule;
import gladtile.core.answer.ZoneSet;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Point;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneShape;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Verdicts on a page of 40 pieces and 10 zones, with half of the pieces settled, beside the yardstick of one look-up
 * in a hash map of the same 400 cells.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class JudgeBench {
    private static final int PIECES = 40;
    private static final int ZONES = 10;

    private final Map<String, Decision> cells = new HashMap<>();
    private final Map<String, List<PlacedPiece>> settled = new HashMap<>();
    private final String[] pieces = new String[PIECES];
    private static final Replies REPLIES =
            new Replies(new Reply("Yes", null), new Reply("Look again", null), new Hint("It is hot", 3));

    private Judge judge;
    private Judge outlines;
    private Judge circles;
    private int at;

    @Setup
    public void page() {
        List<Item> items = new ArrayList<>();
        AnswerKey key = AnswerKey.EMPTY;
        for (int z = 0; z < ZONES; z++) {
            items.add(new Zone("z" + z, new Frame(160 * z, 100 + 20 * z, 150, 500, z * 3), "", "Zone " + z));
            settled.put("z" + z, new ArrayList<>());
        }
        for (int p = 0; p < PIECES; p++) {
            pieces[p] = "p" + p;
            Frame home = Frame.of(40 * p, 850, 60, 60);
            items.add(new Picture(pieces[p], home, Movement.FREE, "", PictureRef.library("2600"), ""));
            for (int z = 0; z < ZONES; z++) {
                Decision decision = p % ZONES == z ? Decision.BELONGS : Decision.DOES_NOT_BELONG;
                key = key.with("z" + z, pieces[p], decision);
                cells.put(pieces[p] + "z" + z, decision);
            }
            if (p < PIECES / 2) {
                settled.get("z" + p % ZONES)
                        .add(new PlacedPiece(pieces[p], 160 * (p % ZONES) + 20, 120 + 70 * (p / ZONES), true));
            }
        }
        // Every rule that a zone can have, spread over the zones.
        for (int z = 0; z < ZONES; z++) {
            key = key.with("z" + z, ZoneRule.USUAL.withWants(wants(z)).withReplies(REPLIES));
        }
        key = key.withSets(List.of(new ZoneSet("set", List.of("z8", "z9"), true, null)));
        judge = Judge.of(new Page("page", "", Paper.PLAIN, items), key);
        outlines = Judge.of(new Page("page", "", Paper.PLAIN, shaped(items)), ways(key));
        circles = Judge.of(new Page("page", "", Paper.PLAIN, venn(items)), crossing(key));
    }

    /** Each zone with 60 corners, in and out by turns as a star has them. */
    private static List<Item> shaped(List<Item> items) {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            double far = i % 2 == 0 ? 0.5 : 0.4;
            double angle = 2 * Math.PI * i / 60;
            corners.add(new Point(0.5 + far * Math.cos(angle), 0.5 + far * Math.sin(angle)));
        }
        ZoneShape star = new ZoneShape(ZoneShape.Kind.POLYGON, corners);
        return items.stream()
                .map(item -> item instanceof Zone zone ? zone.withShape(star) : item)
                .toList();
    }

    /** By the middle, a touch, most and all of a piece, spread over the zones. */
    private static AnswerKey ways(AnswerKey key) {
        AnswerKey now = key;
        for (int z = 0; z < ZONES; z++) {
            now = now.with("z" + z, key.rule("z" + z).withInside(ContainmentRule.values()[z % 4]));
        }
        return now;
    }

    /** The first three zones are large circles that cross. */
    private static List<Item> venn(List<Item> items) {
        return items.stream()
                .map(item -> item instanceof Zone zone && zone.id().compareTo("z3") < 0
                        ? (Item) ((Zone) zone.withFrame(
                                        Frame.of(300 + 200 * (zone.id().charAt(1) - '0'), 200, 500, 500)))
                                .withShape(ZoneShape.ROUND)
                        : item)
                .toList();
    }

    private static AnswerKey crossing(AnswerKey key) {
        AnswerKey now = key;
        for (int z = 0; z < 3; z++) {
            now = now.with("z" + z, ZoneRule.USUAL.withCrossing(true));
        }
        return now;
    }

    private static ZoneRequirements wants(int zone) {
        return switch (zone % 5) {
            case 0 -> ZoneRequirements.NOTHING.withCapacity(3);
            case 1 ->
                ZoneRequirements.NOTHING.withSequence(
                        new Sequence(null, Map.of("p" + zone, 1, "p" + (zone + 10), 2, "p" + (zone + 20), 3)));
            case 2 -> ZoneRequirements.NOTHING.withTotal(10.0);
            case 3 -> ZoneRequirements.NOTHING.withCounts(Map.of("p" + zone, 2));
            default -> ZoneRequirements.NOTHING.withTakes(List.of("planet"));
        };
    }

    /** Right, wrong and beside every zone in turn. */
    @Benchmark
    public Verdict verdict() {
        int i = at++ & 0x7fffffff;
        return judge.judge(pieces[i % PIECES], (i * 37) % 1550, (i * 53) % 800, settled::get);
    }

    @Benchmark
    public Verdict verdictByOutlines() {
        int i = at++ & 0x7fffffff;
        return outlines.judge(pieces[i % PIECES], (i * 37) % 1550, (i * 53) % 800, settled::get);
    }

    @Benchmark
    public Verdict verdictInRegions() {
        int i = at++ & 0x7fffffff;
        return circles.judge(pieces[i % PIECES], (i * 37) % 1550, (i * 53) % 800, settled::get);
    }

    @Benchmark
    public Decision yardstickOneLookUp() {
        int i = at++ & 0x7fffffff;
        return cells.get(pieces[i % PIECES] + "z" + i % ZONES);
    }
}
