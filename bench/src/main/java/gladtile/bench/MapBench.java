package gladtile.bench;

import gladtile.core.Bounds;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.PathProgress;
import gladtile.core.check.Finding;
import gladtile.core.check.PageCheck;
import gladtile.core.message.Message;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Link;
import gladtile.core.page.MapSpot;
import gladtile.core.page.Movement;
import gladtile.core.page.Opens;
import gladtile.core.page.Page;
import gladtile.core.page.PageLinks;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Traits;
import gladtile.core.pagemap.MapLayout;
import gladtile.core.pagemap.PageMap;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The map of an activity of so many pages, each with three things that lead to other pages; and a student's way. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class MapBench {
    @Param({"100", "200"})
    int pages;

    private Activity activity;
    private PageMap map;
    private AttemptRules rules;
    private AttemptState state;

    @Setup
    public void full() {
        Random random = new Random(1);
        List<Page> all = new ArrayList<>();
        for (int i = 0; i < Math.min(pages, Bounds.PAGES); i++) {
            List<Item> items = new ArrayList<>();
            for (int k = 0; k < 3; k++) {
                String to = "p" + random.nextInt(pages);
                items.add(new Picture(
                                "i" + i + "x" + k,
                                Frame.of(100 + 200 * k, 300, 150, 150),
                                Movement.FIXED,
                                "Way " + k,
                                PictureRef.library("2B50"),
                                "")
                        .withTraits(Traits.NONE.withLink(new Link.ToPage(to))));
            }
            Page page = new Page("p" + i, "Page " + i, Paper.PLAIN, items);
            all.add(i % 10 == 0 ? page.withLinks(PageLinks.USUAL.withOpens(new Opens.WhenSolved())) : page);
        }
        activity = new Activity("Many ways", all, AnswerKey.EMPTY);
        map = PageMap.of(activity);
        rules = AttemptRules.of(activity);
        state = AttemptState.start(rules);
    }

    @Benchmark
    public Map<String, MapSpot> layout() {
        return MapLayout.of(map);
    }

    @Benchmark
    public List<Finding> findings() {
        return PageCheck.links(activity, Message::key);
    }

    /** What each move costs besides being judged, where something waits. */
    @Benchmark
    public PathProgress courseOfAStudent() {
        return PathProgress.of(state, rules, Instant.EPOCH);
    }
}
