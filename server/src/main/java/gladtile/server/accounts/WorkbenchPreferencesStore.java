package gladtile.server.accounts;

import static gladtile.tables.Tables.WORKBENCH_PREFERENCES;

import gladtile.core.json.Json;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.stereotype.Repository;

/** Tastes in the database. */
@Repository
class WorkbenchPreferencesStore {
    private final DSLContext db;

    WorkbenchPreferencesStore(DSLContext db) {
        this.db = db;
    }

    Optional<WorkbenchPreferences> read(CurrentUser user) {
        return db.select(WORKBENCH_PREFERENCES.PREFERENCES)
                .from(WORKBENCH_PREFERENCES)
                .where(
                        WORKBENCH_PREFERENCES.SCHOOL_ID.eq(user.schoolId()),
                        WORKBENCH_PREFERENCES.PERSON_ID.eq(user.id()))
                .fetchOptional(row -> Json.read(row.value1().data(), WorkbenchPreferences.class));
    }

    void keep(CurrentUser user, WorkbenchPreferences preferences) {
        JSONB json = JSONB.valueOf(Json.write(preferences));
        db.insertInto(WORKBENCH_PREFERENCES)
                .set(WORKBENCH_PREFERENCES.SCHOOL_ID, user.schoolId())
                .set(WORKBENCH_PREFERENCES.PERSON_ID, user.id())
                .set(WORKBENCH_PREFERENCES.PREFERENCES, json)
                .onConflict(WORKBENCH_PREFERENCES.SCHOOL_ID, WORKBENCH_PREFERENCES.PERSON_ID)
                .doUpdate()
                .set(WORKBENCH_PREFERENCES.PREFERENCES, json)
                .execute();
    }
}
