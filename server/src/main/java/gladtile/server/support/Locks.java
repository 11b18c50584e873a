package gladtile.server.support;

import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Turns for what must be looked at and then changed by one at a time, whichever machine it is done on. */
@Component
public class Locks {
    private final DSLContext db;

    Locks(DSLContext db) {
        this.db = db;
    }

    /** Waits for its turn, which lasts until the transaction ends. */
    public void take(String name) {
        db.select(DSL.function(
                        "pg_advisory_xact_lock",
                        Object.class,
                        DSL.function("hashtextextended", Long.class, DSL.val(name), DSL.inline(0L))))
                .execute();
    }
}
