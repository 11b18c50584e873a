package gladtile.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.Some;
import gladtile.core.json.Json;
import gladtile.core.page.Frame;
import gladtile.core.page.Point;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The cases that the browser's mirror of connectors is held to. {@link #main} makes them anew, from the core folder. */
class RouteCasesTest {
    private static final Path FILE = Path.of("src/test/resources/route-cases/cases.json");

    record Case(Frame from, Frame to, List<Point> route) {}

    record Cases(List<Case> cases) {}

    @Test
    void every_case_holds() throws IOException {
        List<Case> cases = Json.read(Files.readString(FILE), Cases.class).cases();
        assertThat(cases).hasSizeGreaterThan(40);
        for (Case one : cases) {
            assertThat(ConnectorRoute.between(one.from(), one.to())).isEqualTo(one.route());
        }
    }

    public static void main(String[] args) throws IOException {
        Random random = new Random(2026);
        List<Case> cases = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            Frame from = Some.frame(random);
            Frame to = i % 6 == 0 ? from.at(from.x() + 700, from.y()) : Some.frame(random);
            cases.add(new Case(from, to, ConnectorRoute.between(from, to)));
        }
        Files.createDirectories(FILE.getParent());
        Files.writeString(FILE, Json.write(new Cases(cases)) + "\n");
    }
}
