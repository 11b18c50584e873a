package gladtile.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.activity.Activity;
import gladtile.core.check.Finding;
import gladtile.core.check.PageCheck;
import gladtile.core.check.Pictures;
import gladtile.core.check.Raster;
import gladtile.core.edit.Edit;
import gladtile.core.edit.EditResult.Applied;
import gladtile.core.edit.RemovePage;
import gladtile.core.page.FileRef;
import gladtile.core.page.PictureRef;
import gladtile.formats.picture.PictureColours;
import gladtile.server.support.MessageRenderer;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The demo's pages are good ones: the page check finds nothing on them, with the true colours of their pictures. */
class DemoPagesTest {
    private static final PictureRef HILLS = PictureRef.file("a".repeat(64));
    private static final PictureRef DUSK = PictureRef.file("b".repeat(64));

    private static final DemoFiles FILES =
            new DemoFiles(file("video/webm"), file("text/vtt"), file("application/pdf"), file("audio/wav"));

    private static FileRef file(String type) {
        return new FileRef("c".repeat(64), "file", type);
    }

    @Test
    void the_page_check_finds_nothing_on_them() throws IOException {
        Map<PictureRef, Raster> papers = Map.of(
                HILLS, drawn("hills.svg").orElseThrow(), DUSK, drawn("dusk.svg").orElseThrow());
        Path library = Path.of(System.getenv("GLAD_WEB")).resolve("library");
        Pictures pictures = picture -> picture.from() == PictureRef.From.FILE
                ? Optional.of(papers.get(picture))
                : read(library.resolve(picture.name() + ".svg"));
        for (Map.Entry<String, List<DemoPage>> lesson :
                new DemoActivities(HILLS, DUSK, FILES).all().entrySet()) {
            assertThat(PageCheck.activity(made(lesson.getKey(), lesson.getValue()), pictures, new MessageRenderer()))
                    .as(lesson.getKey())
                    .extracting(Finding::words)
                    .isEmpty();
        }
    }

    private static Activity made(String title, List<DemoPage> pages) {
        Activity activity = Activity.blank(title, "blank");
        for (int i = 0; i < pages.size(); i++) {
            for (Edit edit : pages.get(i).edits(i)) {
                activity = ((Applied) edit.apply(activity)).activity();
            }
        }
        return ((Applied) new RemovePage("blank").apply(activity)).activity();
    }

    private static Optional<Raster> drawn(String name) throws IOException {
        try (InputStream in = DemoPagesTest.class.getResourceAsStream("/demo/" + name)) {
            return PictureColours.of(in.readAllBytes(), "image/svg+xml");
        }
    }

    private static Optional<Raster> read(Path file) {
        try {
            return PictureColours.of(Files.readAllBytes(file), "image/svg+xml");
        } catch (IOException missing) {
            throw new AssertionError("the library has no " + file, missing);
        }
    }
}
