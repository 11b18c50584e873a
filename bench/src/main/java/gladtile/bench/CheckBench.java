package gladtile.bench;

import gladtile.core.activity.Starter;
import gladtile.core.activity.StarterKind;
import gladtile.core.activity.StarterRow;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.Decision;
import gladtile.core.check.Finding;
import gladtile.core.check.PageCheck;
import gladtile.core.check.Pictures;
import gladtile.core.check.Raster;
import gladtile.core.measure.WordFit;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Point;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneShape;
import gladtile.core.starter.MadePages;
import gladtile.core.starter.Starters;
import gladtile.core.typed.Typed;
import gladtile.core.typed.TypedJudge;
import gladtile.core.typed.TypedRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
 * The page check of a page with 200 pieces, half of them words, and 50 zones over a picture; a starter of 100 entries;
 * and one answer in algebra, easy and as large as its bounds allow.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class CheckBench {
    private static final int PIECES = 200;
    private static final int ZONES = 50;
    private static final WordStyle STYLE = new WordStyle(30, true, "#1f2d33", WordStyle.Align.CENTRE);
    private static final Pictures GREY = picture -> Optional.of(new Raster(8, 8, new int[64]));

    private Page page;
    /** The same with zones too small for their pieces, so that there are fifty findings with their mends. */
    private Page cramped;

    /** The same with zones of 60 corners. */
    private Page outlined;

    private AnswerKey key = AnswerKey.EMPTY;
    private Starter starter;

    @Setup
    public void full() {
        List<Item> items = new ArrayList<>();
        items.add(
                new Picture("sky", Frame.of(0, 0, 1600, 1000), Movement.FIXED, "Sky", PictureRef.library("1F303"), ""));
        for (int z = 0; z < ZONES; z++) {
            Frame frame = Frame.of(4 + 159 * (z % 10), 4 + 124 * (z / 10), 156, 120);
            items.add(new Zone("z" + z, frame, "Zone " + z, ""));
        }
        for (int p = 0; p < PIECES; p++) {
            Frame home = Frame.of(10 + 39 * (p % 40), 640 + 70 * (p / 40), 38, 56);
            if (p % 2 == 0) {
                items.add(new Picture("p" + p, home, Movement.FREE, "Star " + p, PictureRef.library("2B50"), ""));
            } else {
                WordFit fit = WordFit.within(38, "s" + p, STYLE);
                items.add(new Words("p" + p, home, Movement.FREE, "", fit.content()));
            }
            for (int z = 0; z < ZONES; z++) {
                key = key.with("z" + z, "p" + p, p % ZONES == z ? Decision.BELONGS : Decision.DOES_NOT_BELONG);
            }
        }
        page = new Page("page", "", Paper.PLAIN, items);
        cramped = page.withItems(items.stream()
                .map(item -> item instanceof Zone zone ? zone.withLabel(zone.description()) : item)
                .toList());
        List<Point> corners = new ArrayList<>();
        // Along a box, in and out by a hair, so that all have room as in the boxes.
        for (int i = 0; i < 60; i++) {
            double along = i % 15 / 15.0;
            double in = i % 2 == 0 ? 0 : 0.004;
            corners.add(
                    switch (i / 15) {
                        case 0 -> new Point(along, in);
                        case 1 -> new Point(1 - in, along);
                        case 2 -> new Point(1 - along, 1 - in);
                        default -> new Point(in, 1 - along);
                    });
        }
        ZoneShape wavy = new ZoneShape(ZoneShape.Kind.POLYGON, corners);
        outlined = page.withItems(items.stream()
                .map(item -> item instanceof Zone zone ? zone.withShape(wavy) : item)
                .toList());
        List<StarterRow> rows = new ArrayList<>();
        for (int i = 0; i < 100; i++) {
            rows.add(StarterRow.of("Entry " + i, i % 2 == 0 ? "even" : "odd"));
        }
        starter = new Starter(StarterKind.SORT, "Numbers", rows, null, null, null, null, 1);
    }

    @Benchmark
    public List<Finding> pageOf200PiecesAnd50Zones() {
        return PageCheck.page(page, key, GREY, Message::key);
    }

    @Benchmark
    public List<Finding> pageOf200PiecesAnd50Outlines() {
        return PageCheck.page(outlined, key, GREY, Message::key);
    }

    @Benchmark
    public List<Finding> pageWithFiftyFindings() {
        return PageCheck.page(cramped, key, GREY, Message::key);
    }

    @Benchmark
    public MadePages starterOf100Entries() {
        return Starters.make(starter, "bench", Message::key);
    }

    @Benchmark
    public Typed algebraOfSchool() {
        return TypedJudge.judge(new TypedRule.MathsRule("(2x+1)^2"), "4x^2+4x+1");
    }

    @Benchmark
    public Typed algebraAtItsBound() {
        return TypedJudge.judge(new TypedRule.MathsRule("(a+b+c+d+f+g)^20"), "(a+b+c+d+f+g)^20+1");
    }
}
