package gladtile.core.present;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.activity.Passage;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.AttemptRules;
import gladtile.core.attempt.AttemptState;
import gladtile.core.attempt.MoveResult.Made;
import gladtile.core.attempt.PathProgress;
import gladtile.core.page.Opens;
import gladtile.core.page.Page;
import gladtile.core.page.PageLinks;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** In front of a class every page is open, whatever students must do first. */
class PresentedTest {
    @Test
    void every_page_of_any_activity_is_open_from_the_start_and_in_its_order() {
        int gated = 0;
        for (int seed = 0; seed < 400; seed++) {
            Random random = new Random(seed);
            Activity activity = gated(random, Some.activity(random, 1 + random.nextInt(6), 6));
            Activity shown = Presented.of(activity);
            AttemptRules rules = AttemptRules.of(shown);
            AttemptState start = AttemptState.start(rules);
            List<String> pages = shown.pages().stream().map(Page::id).toList();
            assertThat(PathProgress.of(start, rules, Instant.EPOCH).pages())
                    .as("seed %d", seed)
                    .isEqualTo(pages);
            for (String page : pages) {
                assertThat(start.with(Some.move(new Act.Open(page, false)), rules))
                        .as("seed %d, %s", seed, page)
                        .isInstanceOf(Made.class);
            }
            AttemptRules strict = AttemptRules.of(activity);
            gated += PathProgress.open(AttemptState.start(strict), strict, Instant.EPOCH)
                                    .size()
                            < pages.size()
                    ? 1
                    : 0;
        }
        assertThat(gated).as("activities in which a student would have to wait").isGreaterThan(20);
    }

    /** Pages that wait, end, lead elsewhere or are set aside, some of each. */
    private static Activity gated(Random random, Activity activity) {
        List<String> ids = activity.pages().stream().map(Page::id).toList();
        List<Page> pages = activity.pages().stream()
                .map(page -> page.withLinks(new PageLinks(
                        random.nextInt(3) == 0 ? new Opens.WhenSolved() : null,
                        random.nextInt(4) == 0 ? ids.get(random.nextInt(ids.size())) : null,
                        null,
                        random.nextInt(4) == 0,
                        random.nextInt(4) == 0,
                        null)))
                .toList();
        return activity.withPages(pages).withPassage(new Passage(random.nextBoolean(), random.nextBoolean(), null));
    }

    @Test
    void what_belongs_where_is_judged_as_for_a_student() {
        Activity sky = Some.sky();
        AttemptRules rules = AttemptRules.of(Presented.of(sky));
        AttemptRules strict = AttemptRules.of(sky);
        Random random = new Random(5);
        AttemptState a = AttemptState.start(rules);
        AttemptState b = AttemptState.start(strict);
        for (int i = 0; i < 300; i++) {
            String piece = List.of("sun", "moon", "star", "comet").get(random.nextInt(4));
            var move = Some.put(piece, random.nextInt(1500), random.nextInt(900));
            var shown = a.with(move, rules);
            var strictly = b.with(move, strict);
            assertThat(shown.getClass()).isEqualTo(strictly.getClass());
            if (shown instanceof Made one && strictly instanceof Made other) {
                assertThat(one.verdict()).isEqualTo(other.verdict());
                a = one.state();
                b = other.state();
            }
        }
        assertThat(a.pieces()).isEqualTo(b.pieces()).isNotEmpty();
    }
}
