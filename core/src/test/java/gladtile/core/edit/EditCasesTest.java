package gladtile.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.activity.Activity;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.json.Json;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
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

    @Test
    void every_case_holds() throws IOException {
        Cases cases = Json.read(Files.readString(FILE), Cases.class);
        assertThat(cases.cases()).hasSizeGreaterThan(100);
        for (Case one : cases.cases()) {
            Optional<Activity> after = one.edit().apply(one.before()) instanceof Applied applied
                    ? Optional.of(applied.activity())
                    : Optional.empty();
            assertThat(after).as("%s", one.edit()).isEqualTo(one.after());
            assertThat(one.edit().rebase(one.over()))
                    .as("%s over %s", one.edit(), one.over())
                    .isEqualTo(one.rebased());
        }
    }

    public static void main(String[] args) throws IOException {
        Random random = new Random(2026);
        RandomEdits edits = new RandomEdits(random, "n");
        List<Case> cases = new ArrayList<>();
        for (int i = 0; i < 220; i++) {
            Activity before = Some.activity(random, 2, 3);
            Edit edit = edits.any(before);
            Edit over = edits.any(before);
            Optional<Activity> after =
                    edit.apply(before) instanceof Applied applied ? Optional.of(applied.activity()) : Optional.empty();
            cases.add(new Case(before, edit, after, over, edit.rebase(over)));
        }
        Files.createDirectories(FILE.getParent());
        Files.writeString(FILE, Json.write(new Cases(cases)).replace("{\"before\"", "\n{\"before\"") + "\n");
    }
}
