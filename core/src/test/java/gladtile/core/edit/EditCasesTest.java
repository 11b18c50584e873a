package gladtile.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.json.Json;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * The cases that the browser's mirror of {@code apply} and {@code rebase} is held to; the web tests read the same
 * file. To make the file anew after adding an edit type, run {@link #main} from the core folder and read the diff.
 */
class EditCasesTest {
    private static final Path FILE = Path.of("src/test/resources/edit-cases/cases.json");

    /** One case. @param after absent when refused; @param over, rebased: absent rebased means nothing is left */
    record Case(Activity before, Edit edit, Optional<Activity> after, Edit over, Optional<Edit> rebased) {}

    record Cases(List<Case> cases) {}

    /** Of every kind so many that change something, and so many that do not follow another as they were made. */
    private static final int OF_EACH = 20;

    private static final Map<String, Class<? extends Edit>> KINDS = Arrays.stream(
                    Edit.class.getAnnotation(JsonSubTypes.class).value())
            .collect(Collectors.toMap(
                    JsonSubTypes.Type::name, type -> type.value().asSubclass(Edit.class)));

    @Test
    void every_case_holds() throws IOException {
        for (Case one : read()) {
            assertThat(applied(one.edit(), one.before())).as("%s", one.edit()).isEqualTo(one.after());
            assertThat(one.edit().rebase(one.over()))
                    .as("%s over %s", one.edit(), one.over())
                    .isEqualTo(one.rebased());
        }
    }

    @Test
    void every_kind_changes_something_and_gives_way_often_enough() throws IOException {
        List<Case> cases = read();
        assertThat(KINDS).hasSizeGreaterThan(28);
        for (Class<? extends Edit> kind : KINDS.values()) {
            List<Case> of =
                    cases.stream().filter(one -> one.edit().getClass() == kind).toList();
            assertThat(of.stream().filter(EditCasesTest::changes))
                    .as("changing by %s", kind)
                    .hasSizeGreaterThanOrEqualTo(OF_EACH);
            if (givesWay(kind)) {
                assertThat(of.stream().filter(EditCasesTest::rebasedOtherwise))
                        .as("giving way by %s", kind)
                        .hasSizeGreaterThanOrEqualTo(OF_EACH);
            }
            if (ItemEdit.class.isAssignableFrom(kind)) {
                assertThat(of.stream().filter(one -> one.after().isEmpty()))
                        .as("refused by %s", kind)
                        .isNotEmpty();
            }
        }
    }

    /** What needs no page to be there follows everything as it was made; but pages that are added move on. */
    private static boolean givesWay(Class<? extends Edit> kind) {
        return kind == AddPage.class || !ActivityEdit.class.isAssignableFrom(kind);
    }

    private static boolean changes(Case one) {
        return one.after().isPresent() && !one.after().get().equals(one.before());
    }

    private static boolean rebasedOtherwise(Case one) {
        return !one.rebased().equals(Optional.of(one.edit()));
    }

    private static List<Case> read() throws IOException {
        return Json.read(Files.readString(FILE), Cases.class).cases();
    }

    private static Optional<Activity> applied(Edit edit, Activity before) {
        return edit.apply(before) instanceof Applied applied ? Optional.of(applied.activity()) : Optional.empty();
    }

    public static void main(String[] args) throws IOException {
        Random random = new Random(2026);
        RandomEdits edits = new RandomEdits(random, "n");
        List<Case> cases = new ArrayList<>();
        Map<String, Integer> have = new HashMap<>();
        for (int tries = 0; tries < 300_000; tries++) {
            Activity before = Some.activity(random, 1 + random.nextInt(2), 1 + random.nextInt(3));
            Edit edit = edits.any(before);
            Edit over = random.nextBoolean() ? edits.any(before) : edits.inTheWayOf(edit, before);
            Case one = new Case(before, edit, applied(edit, before), over, edit.rebase(over));
            String kind = edit.getClass().getSimpleName();
            boolean wanted = changes(one) && have.merge(kind + " changes", 1, Integer::sum) <= OF_EACH;
            wanted |= rebasedOtherwise(one) && have.merge(kind + " gives way", 1, Integer::sum) <= OF_EACH;
            wanted |= one.after().isEmpty() && have.merge(kind + " is refused", 1, Integer::sum) <= OF_EACH / 4;
            if (wanted) {
                cases.add(one);
            }
        }
        Files.createDirectories(FILE.getParent());
        Files.writeString(FILE, Json.write(new Cases(cases)).replace("{\"before\"", "\n{\"before\"") + "\n");
        System.out.println(cases.size() + " cases " + new TreeMap<>(have));
    }
}
