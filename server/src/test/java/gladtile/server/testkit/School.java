package gladtile.server.testkit;

import gladtile.core.activity.Activity;
import gladtile.core.answer.Decision;
import gladtile.core.edit.AddPage;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Decide;
import gladtile.core.edit.Edit;
import gladtile.core.page.Frame;
import gladtile.core.page.Movement;
import gladtile.core.page.Page;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Zone;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.PersonService;
import gladtile.server.activities.ActivityService;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.classes.ClassService;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** A school of its own for one test: two teachers, a class of three, one activity that is assigned. */
public final class School {
    public static final String PASSWORD = "telescope";
    public static final String PIN = "2468";
    /** One that is taken where a password is chosen. */
    public static final String STRONG = "lantern-owl-granite-42";

    public final RealServer server;
    public final UUID id;
    public final CurrentUser teacher;
    public final CurrentUser otherTeacher;
    public final UUID classId;
    public final UUID otherClassId;
    public final List<CurrentUser> students = new ArrayList<>();
    public final CurrentUser administrator;
    public final CurrentUser assistant;
    public final CurrentUser stranger;
    public final UUID activityId;
    public final UUID assignmentId;
    public final String joinCode;
    private final String suffix = UUID.randomUUID().toString().substring(0, 8);

    public School(RealServer server) {
        this.server = server;
        PersonService people = server.bean(PersonService.class);
        ClassService classes = server.bean(ClassService.class);
        id = people.addSchool("School " + suffix);
        teacher = people.addTeacher(id, "Teacher", "teacher-" + suffix, PASSWORD);
        otherTeacher = people.addTeacher(id, "Other teacher", "other-" + suffix, PASSWORD);
        administrator = people.addStaff(
                id, CurrentUser.Role.ADMINISTRATOR, "Administrator", "administrator-" + suffix, PASSWORD);
        assistant = people.addStaff(id, CurrentUser.Role.ASSISTANT, "Assistant", "assistant-" + suffix, PASSWORD);
        classId = classes.create(id, "Puffin");
        otherClassId = classes.create(id, "Heron");
        classes.join(id, classId, teacher.id());
        classes.join(id, classId, assistant.id());
        classes.join(id, otherClassId, otherTeacher.id());
        for (String name : List.of("Ada", "Bo", "Cyrus")) {
            CurrentUser student = people.addStudent(id, name, PIN);
            classes.join(id, classId, student.id());
            students.add(student);
        }
        stranger = people.addStudent(id, "Stranger", PIN);
        classes.join(id, otherClassId, stranger.id());
        activityId = server.bean(ActivityService.class).create(teacher, "Night sky");
        edit(lightPage());
        AssignmentService.Given given =
                (AssignmentService.Given) server.bean(AssignmentService.class).assign(teacher, activityId, classId);
        assignmentId = given.id();
        joinCode = given.joinCode();
    }

    /** Page "light": zones "own" and "reflect"; "sun" belongs in the first, "moon" in the second; "hill" is fixed. */
    public static Edit lightPage() {
        Page page = new Page(
                "light",
                "Light?",
                Paper.PLAIN,
                List.of(
                        new Zone("own", Frame.of(100, 100, 500, 500), "", "Makes light"),
                        new Zone("reflect", Frame.of(800, 100, 500, 500), "", "Reflects"),
                        picture("hill", 0, 900, Movement.FIXED),
                        picture("sun", 100, 800, Movement.FREE),
                        picture("moon", 400, 800, Movement.FREE)));
        return new CompositeEdit(List.of(
                new AddPage(0, page),
                new Decide("light", "own", "sun", Decision.BELONGS),
                new Decide("light", "reflect", "sun", Decision.DOES_NOT_BELONG),
                new Decide("light", "own", "moon", Decision.DOES_NOT_BELONG),
                new Decide("light", "reflect", "moon", Decision.BELONGS)));
    }

    private static Picture picture(String id, double x, double y, Movement movement) {
        return new Picture(
                id,
                Frame.of(x, y, 100, 100),
                movement,
                id,
                PictureRef.library(id.equals("moon") ? "1F319" : "2600"),
                "OpenMoji");
    }

    public void edit(Edit edit) {
        ActivityService activities = server.bean(ActivityService.class);
        long seq = activities.read(teacher, activityId).orElseThrow().seq();
        activities.edit(teacher, activityId, seq, List.of(new ActivityService.Incoming(UUID.randomUUID(), edit)));
    }

    public Activity activity() {
        return server.bean(ActivityService.class)
                .read(teacher, activityId)
                .orElseThrow()
                .activity();
    }

    public Api asTeacher() {
        return server.browser().signInTeacher("teacher-" + suffix, PASSWORD);
    }

    public Api asOtherTeacher() {
        return server.browser().signInTeacher("other-" + suffix, PASSWORD);
    }

    public Api asAdministrator() {
        return server.browser().signInTeacher("administrator-" + suffix, PASSWORD);
    }

    public Api asAssistant() {
        return server.browser().signInTeacher("assistant-" + suffix, PASSWORD);
    }

    public String administratorName() {
        return "administrator-" + suffix;
    }

    /** As it is told apart from other schools. */
    public String suffix() {
        return suffix;
    }

    public String teacherName() {
        return "teacher-" + suffix;
    }

    public Api asStudent(int index) {
        return joined(server.browser(), joinCode, students.get(index));
    }

    public static Api joined(Api browser, String joinCode, CurrentUser student) {
        Api.Answer answer =
                browser.post("/api/v1/join/" + joinCode + "/session", Map.of("studentId", student.id(), "pin", PIN));
        if (answer.status() != 200) {
            throw new IllegalStateException("join: " + answer);
        }
        return browser;
    }

    /** Opens the assignment; the attempt's id. */
    public String open(Api student) {
        return student.post("/api/v1/attempts", Map.of("assignmentId", assignmentId))
                .text("id");
    }

    public static Map<String, Object> put(String piece, Object x, Object y) {
        return move(Map.of("kind", "put", "pageId", "light", "pieceId", piece, "x", x, "y", y));
    }

    public static Map<String, Object> move(Map<String, Object> act) {
        return Map.of("id", UUID.randomUUID(), "act", act, "deviceTime", "2026-11-24T10:00:00Z");
    }

    public static Map<String, Object> moves(Object... moves) {
        return Map.of("moves", List.of(moves));
    }
}
