package gladtile.server.classes;

import static gladtile.tables.Tables.PUBLISHED_PERSON;
import static gladtile.tables.Tables.TEAM;
import static gladtile.tables.Tables.TEAM_MEMBER;

import gladtile.server.classes.ClassService.Student;
import gladtile.server.classes.TeamService.Team;
import gladtile.server.support.UuidV7;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Teams in the database. */
@Repository
class TeamStore {
    private final DSLContext db;

    TeamStore(DSLContext db) {
        this.db = db;
    }

    List<Team> of(UUID schoolId, UUID classId) {
        Map<UUID, List<Student>> members = new HashMap<>();
        db.select(TEAM_MEMBER.TEAM_ID, PUBLISHED_PERSON.ID, PUBLISHED_PERSON.DISPLAY_NAME, PUBLISHED_PERSON.SECRET_KIND)
                .from(TEAM_MEMBER)
                .join(PUBLISHED_PERSON)
                .on(PUBLISHED_PERSON.SCHOOL_ID.eq(TEAM_MEMBER.SCHOOL_ID), PUBLISHED_PERSON.ID.eq(TEAM_MEMBER.PERSON_ID))
                .where(TEAM_MEMBER.SCHOOL_ID.eq(schoolId), TEAM_MEMBER.CLASS_ID.eq(classId))
                .orderBy(PUBLISHED_PERSON.DISPLAY_NAME, PUBLISHED_PERSON.ID)
                .forEach(row -> members.computeIfAbsent(row.value1(), id -> new ArrayList<>())
                        .add(new Student(
                                row.value2(), row.value3(), row.value4().equals("PICTURES"))));
        return db.select(TEAM.ID, TEAM.NAME)
                .from(TEAM)
                .where(TEAM.SCHOOL_ID.eq(schoolId), TEAM.CLASS_ID.eq(classId))
                .orderBy(TEAM.POSITION, TEAM.ID)
                .fetch(row -> new Team(row.value1(), row.value2(), members.getOrDefault(row.value1(), List.of())));
    }

    /** Puts the teams in place of those there were. A team whose id is given stays the same team. */
    @Transactional
    public void replace(UUID schoolId, UUID classId, List<TeamService.NewTeam> teams) {
        db.deleteFrom(TEAM_MEMBER)
                .where(TEAM_MEMBER.SCHOOL_ID.eq(schoolId), TEAM_MEMBER.CLASS_ID.eq(classId))
                .execute();
        Set<UUID> stay = new HashSet<>(db.select(TEAM.ID)
                .from(TEAM)
                .where(TEAM.SCHOOL_ID.eq(schoolId), TEAM.CLASS_ID.eq(classId))
                .fetch(TEAM.ID));
        Set<UUID> kept = new HashSet<>();
        for (int i = 0; i < teams.size(); i++) {
            TeamService.NewTeam team = teams.get(i);
            boolean known = team.id() != null && stay.contains(team.id()) && kept.add(team.id());
            UUID id = known ? team.id() : UuidV7.make();
            kept.add(id);
            db.insertInto(TEAM)
                    .set(TEAM.SCHOOL_ID, schoolId)
                    .set(TEAM.ID, id)
                    .set(TEAM.CLASS_ID, classId)
                    .set(TEAM.NAME, team.name())
                    .set(TEAM.POSITION, i)
                    .onConflict(TEAM.SCHOOL_ID, TEAM.ID)
                    .doUpdate()
                    .set(TEAM.NAME, team.name())
                    .set(TEAM.POSITION, i)
                    .execute();
            for (UUID student : team.studentIds()) {
                db.insertInto(TEAM_MEMBER)
                        .set(TEAM_MEMBER.SCHOOL_ID, schoolId)
                        .set(TEAM_MEMBER.CLASS_ID, classId)
                        .set(TEAM_MEMBER.PERSON_ID, student)
                        .set(TEAM_MEMBER.TEAM_ID, id)
                        .execute();
            }
        }
        stay.removeAll(kept);
        db.deleteFrom(TEAM)
                .where(TEAM.SCHOOL_ID.eq(schoolId), TEAM.CLASS_ID.eq(classId), TEAM.ID.in(stay))
                .execute();
    }
}
