package gladtile.server.demo;

import gladtile.core.assigned.AssignTerms;
import gladtile.core.attempt.Act;
import gladtile.core.attempt.DrawnStroke;
import gladtile.core.attempt.Move;
import gladtile.core.edit.CompositeEdit;
import gladtile.core.edit.Edit;
import gladtile.core.edit.RemovePage;
import gladtile.core.page.Dash;
import gladtile.core.page.Frame;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Stroke;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.accounts.PersonService;
import gladtile.server.accounts.StaffService;
import gladtile.server.activities.Access;
import gladtile.server.activities.ActivityListService;
import gladtile.server.activities.ActivityService;
import gladtile.server.activities.ActivityService.Incoming;
import gladtile.server.assignments.AssignmentService;
import gladtile.server.attempts.AttemptService;
import gladtile.server.attempts.MoveService;
import gladtile.server.classes.ClassService;
import gladtile.server.classes.TeamService;
import gladtile.server.files.FileService;
import gladtile.server.lessons.LessonService;
import gladtile.server.support.GladProperties;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Loads the demo school into an empty database, through the same services that people use.
 *
 * <p>Long because it is one story, told in the order in which a school would do it.
 */
@Component
class DemoSchool {
    private static final Logger LOG = LoggerFactory.getLogger(DemoSchool.class);
    private static final String PIN = "2468";
    private static final List<String> PUFFIN = List.of(
            "Ada", "Bo", "Cyrus", "Dina", "Emre", "Femi", "Gwen", "Hana", "Ivo", "Jun", "Kaja", "Lior", "Mara", "Nils",
            "Oona", "Pia", "Quinn", "Rafa", "Suri", "Tomas", "Uma", "Viggo", "Wren", "Yara");
    private static final List<String> HERON = List.of(
            "Alma", "Ben", "Chidi", "Dora", "Elif", "Finn", "Gaia", "Hugo", "Ines", "Jonah", "Kim", "Leo", "Mina",
            "Noor", "Otto", "Priya", "Rosa", "Sami");

    private static final List<String> TEAMS = List.of("Comets", "Meteors", "Rings", "Craters", "Auroras", "Eclipses");

    private final GladProperties properties;
    private final PersonService people;
    private final StaffService staff;
    private final ClassService classes;
    private final TeamService classTeams;
    private final FileService files;
    private final ActivityService activities;
    private final ActivityListService shelf;
    private final AssignmentService assignments;
    private final AttemptService attempts;
    private final MoveService mover;
    private final DemoPast past;
    private final LessonService lessonsHeld;
    private final Clock clock;

    DemoSchool(
            GladProperties properties,
            PersonService people,
            StaffService staff,
            ClassService classes,
            TeamService classTeams,
            FileService files,
            ActivityService activities,
            ActivityListService shelf,
            AssignmentService assignments,
            AttemptService attempts,
            MoveService mover,
            DemoPast past,
            LessonService lessonsHeld,
            Clock clock) {
        this.properties = properties;
        this.people = people;
        this.staff = staff;
        this.classes = classes;
        this.classTeams = classTeams;
        this.files = files;
        this.activities = activities;
        this.shelf = shelf;
        this.assignments = assignments;
        this.attempts = attempts;
        this.mover = mover;
        this.past = past;
        this.lessonsHeld = lessonsHeld;
        this.clock = clock;
    }

    /** What was written on the page about angles in the last lesson: an arc, and how large it was found. */
    private void written(CurrentUser teacher, UUID activity, UUID classId, String pageId) {
        LocalDate lastWeek = LocalDate.now(clock).minusDays(6);
        UUID lesson = lessonsHeld.openOn(teacher, activity, classId, lastWeek).id();
        List<Integer> arc = new ArrayList<>();
        for (int degrees = 0; degrees <= 38; degrees += 2) {
            double r = Math.toRadians(degrees);
            arc.addAll(List.of((int) (10 * (420 + 190 * Math.cos(r))), (int) (10 * (720 - 190 * Math.sin(r))), 128));
        }
        List<Integer> line = List.of(8_950, 3_960, 128, 11_250, 3_980, 128);
        lessonsHeld.write(
                teacher,
                lesson,
                pageId,
                List.of(
                        new DrawnStroke("arc", new Stroke(Stroke.Tool.PEN, "#0b5d66", 8, Dash.SOLID, arc)),
                        new DrawnStroke("line", new Stroke(Stroke.Tool.HIGHLIGHTER, "#ffe27a", 34, Dash.SOLID, line))),
                List.of());
    }

    @EventListener(ApplicationStartedEvent.class)
    void load() throws IOException {
        if (!properties.demo() || people.anySchool()) {
            return;
        }
        UUID school = people.addSchool("Hilltop observatory school");
        CurrentUser mira = people.addTeacher(school, "Mira Sol", "mira", "telescope");
        CurrentUser jonas = people.addTeacher(school, "Jonas Berg", "jonas", "eyepiece");
        CurrentUser ilse = people.addStaff(school, CurrentUser.Role.ADMINISTRATOR, "Ilse Marten", "ilse", "meridian");
        CurrentUser sana = people.addStaff(school, CurrentUser.Role.ASSISTANT, "Sana Okoye", "sana", "eclipse");
        staff.invite(ilse, "Taro Lind", "taro", CurrentUser.Role.TEACHER);
        UUID puffin = classes.create(school, "Puffin class");
        UUID heron = classes.create(school, "Heron class");
        classes.join(school, puffin, mira.id());
        classes.join(school, puffin, sana.id());
        classes.join(school, heron, mira.id());
        classes.join(school, heron, jonas.id());
        List<CurrentUser> puffins = students(school, puffin, PUFFIN);
        students(school, heron, HERON);

        DemoActivities lessons = new DemoActivities(
                picture(mira, "hills.svg"),
                picture(mira, "dusk.svg"),
                DemoFiles.load((name, bytes) -> files.bring(mira, name, bytes)));
        Map<String, UUID> made = new LinkedHashMap<>();
        List<DemoPage> nightSky = List.of();
        for (var lesson : lessons.all().entrySet()) {
            made.put(lesson.getKey(), make(mira, lesson.getKey(), lesson.getValue()));
            if (lesson.getKey().equals("Night-sky week")) {
                nightSky = lesson.getValue();
            }
        }
        written(mira, made.get("Why seasons change"), puffin, lessons.angles());
        shelf.share(mira, made.get("Day, night, shadow"), jonas.id(), Access.EDIT);
        shelf.setTags(mira, made.get("Night-sky week"), List.of("year 4", "sky"));
        shelf.setTags(mira, made.get("Planets in order"), List.of("year 4"));
        shelf.setTags(mira, made.get("The hilltop trail"), List.of("year 3", "sky"));
        shelf.setTags(mira, made.get("Parts of a telescope"), List.of("year 5"));
        shelf.setTags(mira, made.get("Why seasons change"), List.of("year 5"));
        shelf.setTags(mira, made.get("Day, night, shadow"), List.of("year 3", "sky"));
        teams(school, puffin, puffins);
        Instant due = LocalDate.now(clock)
                .plusDays(3)
                .atTime(15, 0)
                .atZone(ZoneId.systemDefault())
                .toInstant();
        AssignTerms terms =
                new AssignTerms(null, ZoneId.systemDefault().getId(), null, due, null, null, null, null, null, null);
        AssignmentService.Result given = assignments.assign(
                mira,
                List.of(made.get("Night-sky week")),
                new AssignmentService.Giving(puffin, AssignmentService.Whom.CLASS, Set.of(), terms));
        if (!(given instanceof AssignmentService.Given assignment)) {
            throw new IllegalStateException("the demo's assignment was not taken: " + given);
        }
        play(puffins, assignment.id(), nightSky);
        LOG.info("The demo school is loaded; its class joins with {}", assignment.joinCode());
    }

    private void teams(UUID school, UUID classId, List<CurrentUser> students) {
        List<TeamService.NewTeam> all = new ArrayList<>();
        for (int i = 0; i < TEAMS.size(); i++) {
            List<UUID> members = new ArrayList<>();
            for (int n = i; n < students.size(); n += TEAMS.size()) {
                members.add(students.get(n).id());
            }
            all.add(new TeamService.NewTeam(null, TEAMS.get(i), members));
        }
        classTeams.replace(school, classId, all);
    }

    private List<CurrentUser> students(UUID school, UUID classId, List<String> names) {
        List<CurrentUser> students = new ArrayList<>();
        for (String name : names) {
            CurrentUser student = people.addStudent(school, name, PIN);
            classes.join(school, classId, student.id());
            students.add(student);
        }
        return students;
    }

    private PictureRef picture(CurrentUser teacher, String resource) throws IOException {
        try (InputStream in = DemoSchool.class.getResourceAsStream("/demo/" + resource)) {
            FileService.Result result = files.bringPicture(teacher, in.readAllBytes(), "Hilltop observatory school");
            if (result instanceof FileService.Kept kept) {
                return PictureRef.file(kept.picture().sha256());
            }
            throw new IllegalStateException("the demo's picture " + resource + " was refused: " + result);
        }
    }

    private UUID make(CurrentUser teacher, String title, List<DemoPage> pages) {
        UUID id = activities.create(teacher, title);
        ActivityService.Current blank = activities.read(teacher, id).orElseThrow();
        List<Edit> edits = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            edits.addAll(pages.get(i).edits(i));
        }
        edits.add(new RemovePage(blank.activity().pages().get(0).id()));
        ActivityService.Caught caught = activities
                .edit(teacher, id, blank.seq(), List.of(new Incoming(UUID.randomUUID(), new CompositeEdit(edits))))
                .orElseThrow();
        if (!caught.dropped().isEmpty()) {
            throw new IllegalStateException("the demo's pages did not fit: " + caught.dropped());
        }
        return id;
    }

    /** Attempts in every state: handed in, all placed, half way, hardly begun, just joined, and not joined at all. */
    private void play(List<CurrentUser> students, UUID assignmentId, List<DemoPage> pages) {
        Random random = new Random(7);
        for (int i = 0; i < students.size() - 4; i++) {
            CurrentUser student = students.get(i);
            UUID attempt = ((AttemptService.Open)
                            attempts.open(student, assignmentId).orElseThrow())
                    .opened()
                    .id();
            double share = i % 5 == 0 ? 1 : i % 7 == 6 ? 0 : 0.25 + 0.6 * random.nextDouble();
            List<Move> moves = work(pages, share, random);
            if (i % 5 == 0 && i % 10 == 0) {
                moves.add(move(new Act.HandIn()));
            }
            List<Move> spread = spread(moves, random);
            for (int from = 0; from < spread.size(); from += 50) {
                mover.move(student, attempt, spread.subList(from, Math.min(spread.size(), from + 50)), clock.instant());
            }
        }
        past.arrivedAsMade(assignmentId);
    }

    /** As children make them: some seconds of thought before a placement, fewer before trying again. */
    private List<Move> spread(List<Move> moves, Random random) {
        Instant at = clock.instant().minusSeconds(random.nextInt(90));
        List<Move> spread = new ArrayList<>();
        for (int i = moves.size() - 1; i >= 0; i--) {
            Move move = moves.get(i);
            spread.add(0, new Move(move.id(), move.act(), at));
            at = at.minusMillis(3_000L + random.nextInt(16_000));
        }
        return spread;
    }

    private List<Move> work(List<DemoPage> pages, double share, Random random) {
        int all = pages.stream().mapToInt(page -> page.pieceIds().size()).sum();
        int todo = (int) Math.round(all * share);
        List<Move> moves = new ArrayList<>();
        for (DemoPage page : pages) {
            if (todo <= 0) {
                break;
            }
            moves.add(move(new Act.Open(page.id())));
            for (int p = 0; p < page.pieceIds().size() && todo > 0; p++, todo--) {
                String right = page.home(p);
                List<String> wrong = page.zoneIds().keySet().stream()
                        .filter(label -> !label.equals(right))
                        .toList();
                int misses = random.nextInt(4) == 0 ? 1 + random.nextInt(3) : 0;
                for (int m = 0; m < misses; m++) {
                    moves.add(put(page, p, wrong.get(random.nextInt(wrong.size()))));
                }
                if (todo > 1 || share == 1) {
                    moves.add(put(page, p, right));
                }
            }
        }
        return moves;
    }

    private Move put(DemoPage page, int piece, String zone) {
        Frame box = page.zoneFrame(zone);
        return move(new Act.Put(
                page.id(),
                page.pieceIds().get(piece),
                box.x() + box.width() / 2 - 75,
                box.y() + box.height() / 2 - 40));
    }

    private Move move(Act act) {
        return new Move(UUID.randomUUID(), act, clock.instant());
    }
}
