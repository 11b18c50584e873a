package gladtile.server.accounts;

import static gladtile.tables.Tables.PERSON_TASTE;

import gladtile.core.json.Json;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** How a teacher likes their workbench, on whatever machine they sign in. */
@RestController
@RequestMapping("/api/taste")
class TasteController {
    private final DSLContext db;

    TasteController(DSLContext db) {
        this.db = db;
    }

    @GetMapping
    Taste taste(@AuthenticationPrincipal Who who) {
        return db.select(PERSON_TASTE.TASTE)
                .from(PERSON_TASTE)
                .where(PERSON_TASTE.SCHOOL_ID.eq(who.schoolId()), PERSON_TASTE.PERSON_ID.eq(who.id()))
                .fetchOptional(row -> Json.read(row.value1().data(), Taste.class))
                .orElse(Taste.USUAL);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@AuthenticationPrincipal Who who, @RequestBody Taste taste) {
        JSONB json = JSONB.valueOf(Json.write(taste));
        db.insertInto(PERSON_TASTE)
                .set(PERSON_TASTE.SCHOOL_ID, who.schoolId())
                .set(PERSON_TASTE.PERSON_ID, who.id())
                .set(PERSON_TASTE.TASTE, json)
                .onConflict(PERSON_TASTE.SCHOOL_ID, PERSON_TASTE.PERSON_ID)
                .doUpdate()
                .set(PERSON_TASTE.TASTE, json)
                .execute();
    }
}
