package gladtile.server.demo;

import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** A lesson that is loaded in one moment looks as if it had been going on for a while: its times are put back. */
@Component
class DemoPast {
    private final JdbcTemplate jdbc;

    DemoPast(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** Moves arrived when they were made, and attempts began some seconds before their first one. */
    void arrivedAsMade(UUID assignmentId) {
        jdbc.update("""
                update move set at = made_at, device_time = made_at from attempt
                where attempt.school_id = move.school_id and attempt.id = move.attempt_id
                  and attempt.assignment_id = ?""", assignmentId);
        jdbc.update("""
                update attempt set handed_in_at = handed_in_made_at, begun_at = first.at - interval '9 seconds'
                from (select school_id, attempt_id, min(at) as at from move group by 1, 2) first
                where first.school_id = attempt.school_id and first.attempt_id = attempt.id
                  and attempt.assignment_id = ?""", assignmentId);
        jdbc.update("""
                update assignment set assigned_at =
                  coalesce((select min(begun_at) from attempt where assignment_id = assignment.id), assigned_at)
                  - interval '2 minutes'
                where id = ?""", assignmentId);
    }
}
