package gladtile.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.answer.StudentTools;
import gladtile.core.json.Json;
import gladtile.core.json.MergePatch;
import gladtile.core.page.Dash;
import gladtile.core.page.FileRef;
import gladtile.core.page.Item;
import gladtile.core.page.Link;
import gladtile.core.page.LinkSource;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Stroke;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * The cases that the browser's look ahead is held to, while the network is away: acts that nothing judges. The web tests
 * read the same file. To make it anew, run {@link #main} from the core folder and read the diff.
 */
class AheadCasesTest {
    private static final Path FILE = Path.of("src/test/resources/ahead-cases/cases.json");
    private static final int OF_EACH = 20;
    private static final FileRef SOUND = new FileRef("a".repeat(64), "Recording", "audio/webm");

    /** @param activity by its place in the list */
    record Case(int activity, AttemptState before, Act act, AttemptState after) {}

    record Cases(List<Activity> activities, List<Case> cases) {}

    @Test
    void every_case_holds_and_there_are_enough_of_each_kind() throws IOException {
        Cases all = Json.read(Files.readString(FILE), Cases.class);
        List<AttemptRules> rules =
                all.activities().stream().map(AttemptRules::of).toList();
        for (Case one : all.cases()) {
            assertThat(one.before().with(Some.move(one.act()), rules.get(one.activity())))
                    .as("%s", one.act())
                    .isInstanceOfSatisfying(
                            MoveResult.Made.class,
                            made -> assertThat(made.state()).isEqualTo(one.after()));
        }
        Map<String, Long> of =
                all.cases().stream().collect(Collectors.groupingBy(AheadCasesTest::kind, Collectors.counting()));
        assertThat(of).hasSize(10);
        assertThat(of.values()).allMatch(count -> count >= OF_EACH);
    }

    /** Forwards and back, and between states that have nothing to do with one another. */
    @Test
    void what_changed_leads_from_each_state_to_each_other() throws IOException {
        List<Case> all = Json.read(Files.readString(FILE), Cases.class).cases();
        for (int i = 0; i < all.size(); i++) {
            AttemptState before = all.get(i).before();
            for (AttemptState after :
                    List.of(all.get(i).after(), all.get((i + 1) % all.size()).after())) {
                leads(before, after);
                leads(after, before);
            }
        }
    }

    private static void leads(AttemptState from, AttemptState to) {
        assertThat(Json.read(
                        MergePatch.applied(Json.tree(from), MergePatch.between(from, to))
                                .toString(),
                        AttemptState.class))
                .isEqualTo(to);
    }

    private static String kind(Case one) {
        return one.act().getClass().getSimpleName();
    }

    public static void main(String[] args) throws IOException {
        Random random = new Random(2027);
        List<Activity> activities = new ArrayList<>();
        List<Case> cases = new ArrayList<>();
        Map<String, Integer> have = new HashMap<>();
        for (int tries = 0; tries < 3_000; tries++) {
            Activity plain = Some.activity(random, 2, 5);
            Activity activity =
                    plain.withKey(plain.key().withTerms(plain.key().holds().withTools(new StudentTools(true, true))));
            AttemptRules rules = AttemptRules.of(activity);
            List<Case> found = new ArrayList<>();
            AttemptState state = AttemptState.start(rules);
            for (int i = 0; i < 24; i++) {
                Act act = any(random, activity, state, i);
                if (act != null
                        && state.with(Some.move(act), rules) instanceof MoveResult.Made made
                        && isJudgedByNothing(act, made)) {
                    Case one = new Case(activities.size(), state, act, made.state());
                    if (have.merge(kind(one), 1, Integer::sum) <= OF_EACH) {
                        found.add(one);
                    }
                    state = made.state();
                }
            }
            if (!found.isEmpty()) {
                activities.add(activity);
                cases.addAll(found);
            }
        }
        Files.createDirectories(FILE.getParent());
        Files.writeString(
                FILE, Json.write(new Cases(activities, cases)).replace("{\"activity\"", "\n{\"activity\"") + "\n");
        System.out.println(cases.size() + " cases of " + activities.size() + " activities " + new TreeMap<>(have));
    }

    private static Act any(Random random, Activity activity, AttemptState state, int i) {
        Page page = activity.pages().get(random.nextInt(activity.pages().size()));
        Item item = page.items().get(random.nextInt(page.items().size()));
        OwnWork own = state.own().getOrDefault(page.id(), OwnWork.NONE);
        return switch (random.nextInt(11)) {
            case 0 -> new Act.Open(page.id(), random.nextInt(3) == 0 ? true : null);
            case 1, 2 -> new Act.TurnOver(page.id(), item.id());
            case 3 -> new Act.Slide(page.id(), item.id(), random.nextInt(9) / 8.0);
            case 4 -> new Act.Write(page.id(), item.id(), Some.said(random));
            case 5 -> reveal(page);
            case 6 -> new Act.Draw(page.id(), List.of(stroke("s" + i), stroke("t" + i)), gone(own, random));
            case 7 -> new Act.Say(page.id(), new Recording("r" + i, SOUND, 2));
            case 8 ->
                own.said().isEmpty()
                        ? null
                        : new Act.Unsay(page.id(), own.said().get(0).id());
            case 9 -> put(page, item, random);
            default -> i > 20 ? new Act.HandIn() : null;
        };
    }

    private static boolean isJudgedByNothing(Act act, MoveResult.Made made) {
        if (!(act instanceof Act.Put put)) {
            return made.verdict().isEmpty();
        }
        PieceState piece = made.state().pieces().get(put.pieceId());
        return piece.zoneId() == null && piece.x() == put.x() && piece.y() == put.y();
    }

    /** Where nothing takes a piece, and it moves without bounds of its own. */
    private static Act put(Page page, Item item, Random random) {
        boolean free = page.zones().isEmpty()
                && item.isPiece()
                && item.movement() instanceof Movement.Free
                && item.traitsOrNone().supply() == null
                && item.traitsOrNone().groups().isEmpty();
        return free ? new Act.Put(page.id(), item.id(), random.nextInt(1_000), random.nextInt(600)) : null;
    }

    private static Act reveal(Page page) {
        return LinkSource.on(page).stream()
                .map(LinkSource::link)
                .filter(Link.Spots.class::isInstance)
                .findFirst()
                .map(link -> (Act) new Act.Reveal(page.id(), ((Link.Spots) link).itemIds()))
                .orElse(null);
    }

    private static List<String> gone(OwnWork own, Random random) {
        return own.ink().isEmpty() || random.nextBoolean()
                ? List.of()
                : List.of(own.ink().get(0).id());
    }

    private static DrawnStroke stroke(String id) {
        return new DrawnStroke(
                id, new Stroke(Stroke.Tool.PEN, "#1f2d33", 6, Dash.SOLID, List.of(1, 2, 128, 3, 4, 128)));
    }
}
