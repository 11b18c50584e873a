package gladtile.server.migration;

import static org.assertj.core.api.Assertions.assertThat;

import gladtile.core.activity.Activity;
import gladtile.core.answer.AcceptAction;
import gladtile.core.answer.Decision;
import gladtile.core.answer.FeedbackDetail;
import gladtile.core.answer.JudgeTiming;
import gladtile.core.answer.RejectAction;
import gladtile.core.answer.Sequence;
import gladtile.core.answer.ZoneRule;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Edit;
import gladtile.core.edit.SetPageLinks;
import gladtile.core.json.Json;
import gladtile.core.page.Cover;
import gladtile.core.page.Ink;
import gladtile.core.page.Link;
import gladtile.core.page.Page;
import gladtile.core.page.Stroke;
import gladtile.core.page.Zone;
import gladtile.server.testkit.TestDatabase;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** Documents that were kept under the names of before are read under those of now, word for word what they were. */
class PlainNamesTest {
    private static final String BOX = "\"frame\":{\"x\":0,\"y\":0,\"width\":100,\"height\":100,\"turn\":0}";
    private static final String FIXED = "\"movement\":{\"kind\":\"fixed\"}";
    /** What somebody typed looks like a name of before, and must stay as it is. */
    private static final String TYPED = "Say \\\"route\\\": { or \\\"settle\\\": \\\"MELTS\\\"";

    private static final String ACTIVITY = """
            {"title":"Sky","pages":[{"id":"p","name":"One","paper":{"colour":"#ffffff","pattern":null,"picture":null,"fit":"FILL","crop":null},
             "ways":{"to":"q","ends":false,"aside":false},"items":[
              {"kind":"cover","id":"c",%1$s,"description":"","traits":null,"colour":"#0b5d66","way":"UP","label":""},
              {"kind":"zone","id":"z",%1$s,"description":"","label":"%2$s","traits":{"seeThrough":30,"groups":[],"route":{"kind":"page","pageId":"q"}}},
              {"kind":"ink","id":"i",%1$s,%3$s,"description":"","ink":{"width":100,"height":100,"strokes":[
                {"tool":"TINT","colour":"#ffe27a","width":20,"dash":"SOLID","points":[0,0,128,10,10,128]}]}}]},
             {"id":"q","name":"Two","paper":{"colour":"#ffffff","pattern":null,"picture":null,"fit":"FILL","crop":null},"items":[]}],
             "key":{"decisions":{"z":{"x":"TURNED_AWAY"}},
              "rules":{"z":{"settle":"MELTS","refused":"GLIDES_HOME","moment":"ON_CHECK","tell":"HOW_MANY",
               "wants":{"sequence":{"way":"DOWNWARDS","places":{"x":1}}},
               "replies":{"taken":{"message":"Yes"},"turnedAway":{"message":"No"}}}},
              "terms":{"besides":{"draw":false,"record":true}}}}""";

    private final TestDatabase database = TestDatabase.make();

    private Flyway flyway(String target) {
        return Flyway.configure()
                .dataSource(database.url(), TestDatabase.Role.MIGRATE.user(), TestDatabase.Role.MIGRATE.password())
                .target(target)
                .load();
    }

    @Test
    void what_was_kept_before_is_read_as_it_was() throws Exception {
        flyway("23").migrate();
        UUID school = UUID.randomUUID();
        UUID teacher = UUID.randomUUID();
        UUID activity = UUID.randomUUID();
        String edit =
                "{\"kind\":\"together\",\"edits\":[{\"kind\":\"set-page-ways\",\"pageId\":\"p\",\"ways\":{\"ends\":true,\"aside\":false}}]}";
        try (Connection connection = database.connect()) {
            run(connection, "insert into school (id, name) values (?, 'Old school')", school);
            run(
                    connection,
                    "insert into person (school_id, id, kind, display_name, sign_in_name, secret_hash) values (?, ?, 'teacher', 'Ilva', 'ilva', 'x')",
                    school,
                    teacher);
            run(
                    connection,
                    "insert into activity (school_id, id, owner_id, title, seq, key, placements, created_at, updated_at)"
                            + " values (?, ?, ?, 'Sky', 1, '{}', 0, now(), now())",
                    school,
                    activity,
                    teacher);
            run(
                    connection,
                    "insert into edition (school_id, id, activity_id, activity_seq, activity, made_at)"
                            + " values (?, ?, ?, 1, '"
                            + ACTIVITY.formatted(BOX, TYPED, FIXED).replace("'", "''")
                            + "', now())",
                    school,
                    UUID.randomUUID(),
                    activity);
            run(
                    connection,
                    "insert into activity_edit (school_id, activity_id, seq, client_id, author_id, at, edit, inverse, kind, told)"
                            + " values (?, ?, 1, ?, ?, now(), '" + edit + "', '" + edit + "', 'plain', '')",
                    school,
                    activity,
                    UUID.randomUUID(),
                    teacher);
        }
        flyway("24").migrate();

        Activity read = Json.read(one("select activity::text from activity_version"), Activity.class);
        Page page = read.pages().get(0);
        assertThat(page.links().to()).isEqualTo("q");
        assertThat(((Cover) page.items().get(0)).direction()).isEqualTo(Cover.Direction.UP);
        assertThat(((Zone) page.items().get(1)).label()).isEqualTo("Say \"route\": { or \"settle\": \"MELTS\"");
        assertThat(page.items().get(1).traitsOrNone().transparency()).isEqualTo(30);
        assertThat(page.items().get(1).traitsOrNone().link()).isEqualTo(new Link.ToPage("q"));
        assertThat(((Ink) page.items().get(2)).ink().strokes().get(0).tool()).isEqualTo(Stroke.Tool.HIGHLIGHTER);
        assertThat(read.key().decision("z", "x")).isEqualTo(Decision.DOES_NOT_BELONG);
        ZoneRule rule = read.key().rule("z");
        assertThat(rule.accept()).isEqualTo(AcceptAction.DISAPPEARS);
        assertThat(rule.reject()).isEqualTo(RejectAction.GOES_BACK);
        assertThat(rule.timing()).isEqualTo(JudgeTiming.ON_CHECK);
        assertThat(rule.feedback()).isEqualTo(FeedbackDetail.HOW_MANY);
        assertThat(rule.wants().sequence().runs()).isEqualTo(Sequence.Direction.DOWNWARDS);
        assertThat(rule.replies().accepted().message()).isEqualTo("Yes");
        assertThat(rule.replies().rejected().message()).isEqualTo("No");
        assertThat(read.key().terms().tools().record()).isTrue();
        for (String column : new String[] {"edit", "inverse"}) {
            Edit kept = Json.read(one("select " + column + "::text from activity_edit"), Edit.class);
            assertThat(kept).isInstanceOf(CompositeEdit.class);
            assertThat(((CompositeEdit) kept).edits().get(0)).isInstanceOf(SetPageLinks.class);
        }
    }

    private String one(String query) throws Exception {
        try (Connection connection = database.connect();
                ResultSet rows = connection.createStatement().executeQuery(query)) {
            assertThat(rows.next()).isTrue();
            return rows.getString(1);
        }
    }

    private static void run(Connection connection, String sql, Object... values) throws Exception {
        try (PreparedStatement statement = connection.prepareStatement(sql)) {
            for (int i = 0; i < values.length; i++) {
                statement.setObject(i + 1, values[i]);
            }
            statement.executeUpdate();
        }
    }
}
