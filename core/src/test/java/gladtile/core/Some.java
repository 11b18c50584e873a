package gladtile.core;

import gladtile.core.activity.Activity;
import gladtile.core.activity.MadeFrom;
import gladtile.core.activity.Starter;
import gladtile.core.activity.StarterKind;
import gladtile.core.activity.StarterRow;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.AnswerKey;
import gladtile.core.answer.Decision;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.ZoneRule;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.Move;
import gladtile.core.measure.WordFit;
import gladtile.core.message.Message;
import gladtile.core.message.Wording;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.WordStyle;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;

/** Small made-up values for tests; everything random comes from a seeded source. */
public final class Some {
    private static final String[] SAID = {"Moon", "Sun", "a comet with a long tail", "ذنب", "🔭 dome", "", "two\nlines"
    };

    /** Words as short as their keys: what is said where is tested, and in which words is the edge's matter. */
    public static final Wording WORDING = message -> message.key().replaceFirst(".*[.]", "")
            + message.arguments().values().stream()
                    .map(one -> " " + (one instanceof Message inner ? inner.key() : one))
                    .collect(Collectors.joining());

    private Some() {}

    public static Picture piece(String id, double x, double y) {
        return picture(id, x, y, Movement.FREE);
    }

    public static Picture picture(String id, double x, double y, Movement movement) {
        return new Picture(id, Frame.of(x, y, 100, 100), movement, id, PictureRef.library("1F319"), "OpenMoji");
    }

    public static Zone zone(String id, double x, double y, double width, double height) {
        return new Zone(id, Frame.of(x, y, width, height), "", id);
    }

    public static Words words(String id, String text) {
        WordFit fit = WordFit.free(text, WordStyle.PLAIN);
        return new Words(
                id, Frame.of(10, 20, Math.max(20, fit.width()), fit.height()), Movement.FIXED, "", fit.content());
    }

    /** Zones "light" and "dark", pieces "sun" (light), "moon" (dark), "star" (both), "comet" (undecided). */
    public static Activity sky() {
        Page page = new Page(
                "p1",
                "Light?",
                Paper.of("#e8f0f5"),
                List.of(
                        words("title", "Does it make its own light?"),
                        zone("light", 100, 200, 500, 400),
                        zone("dark", 800, 200, 500, 400),
                        piece("sun", 100, 800),
                        piece("moon", 300, 800),
                        piece("star", 500, 800),
                        piece("comet", 700, 800)));
        AnswerKey key = AnswerKey.EMPTY
                .with("light", "sun", Decision.BELONGS)
                .with("dark", "sun", Decision.DOES_NOT_BELONG)
                .with("light", "moon", Decision.DOES_NOT_BELONG)
                .with("dark", "moon", Decision.BELONGS)
                .with("light", "star", Decision.BELONGS)
                .with("dark", "star", Decision.BELONGS)
                .with("dark", new ZoneRule(AcceptAction.STAYS, RejectAction.STAYS));
        return new Activity("Night sky", List.of(page, Page.empty("p2", "End")), key);
    }

    public static Move put(String piece, double x, double y) {
        return move(new Act.Put("p1", piece, x, y));
    }

    public static Move move(Act act) {
        return new Move(UUID.randomUUID(), act, Instant.EPOCH);
    }

    /** Any kind of item, with ids of drop zones in cells that begin with its own. */
    public static Item item(Random random, String id) {
        Item bare = SomeItems.bare(random, id);
        return random.nextInt(4) == 0 ? bare.withTraits(SomeItems.traits(random)) : bare;
    }

    public static Frame frame(Random random) {
        return new Frame(
                random.nextInt(-200, 1600),
                random.nextInt(-200, 1000),
                4 + random.nextInt(600),
                4 + random.nextInt(400),
                random.nextInt(4) * 45);
    }

    public static String said(Random random) {
        return SAID[random.nextInt(SAID.length)];
    }

    public static MadeFrom madeFrom(Random random) {
        Starter starter = Starter.of(
                StarterKind.SORT, said(random), StarterRow.of("Mars", "planet"), StarterRow.of("Vega", "star"));
        Map<String, String> names = random.nextBoolean() ? Map.of() : Map.of("Mars", "Marz");
        return new MadeFrom("list", starter, random.nextBoolean(), names);
    }

    public static Activity activity(Random random, int pages, int items) {
        List<Page> made = new ArrayList<>();
        AnswerKey key = AnswerKey.EMPTY;
        for (int p = 0; p < pages; p++) {
            List<Item> on = new ArrayList<>();
            for (int i = 0; i < items; i++) {
                on.add(item(random, "p" + p + "i" + i));
            }
            Page page = new Page("p" + p, "Page " + p, Paper.PLAIN, on);
            made.add(page);
            for (Zone zone : page.zones()) {
                for (Item piece : page.pieces()) {
                    key = key.with(zone.id(), piece.id(), Decision.values()[random.nextInt(3)]);
                }
                key = key.with(
                        zone.id(),
                        new ZoneRule(
                                AcceptAction.values()[random.nextInt(2)], RejectAction.values()[random.nextInt(2)]));
            }
        }
        Activity plain = new Activity("Random sky", made, key);
        return plain.withKey(SomeRules.more(random, plain));
    }
}
