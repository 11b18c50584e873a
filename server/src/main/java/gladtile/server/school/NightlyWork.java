package gladtile.server.school;

import gladtile.server.accounts.School;
import gladtile.server.accounts.StaffService;
import gladtile.server.log.ActivityLog;
import java.time.Clock;
import java.time.Duration;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.List;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** What is done every night, by the clock of the school: a backup, and what is older than is kept is forgotten. */
@Component
class NightlyWork {
    static final int HOUR = 2;

    private final StaffService staff;
    private final BackupService backups;
    private final ActivityLog log;
    private final Clock clock;

    NightlyWork(StaffService staff, BackupService backups, ActivityLog log, Clock clock) {
        this.staff = staff;
        this.backups = backups;
        this.log = log;
        this.clock = clock;
    }

    @Scheduled(cron = "0 0 * * * *")
    void everyHour() {
        List<School> schools = staff.schools();
        ZoneId zone =
                schools.isEmpty() ? ZoneOffset.UTC : ZoneId.of(schools.get(0).timeZone());
        if (!isNight(ZonedDateTime.now(clock).withZoneSameInstant(zone))) {
            return;
        }
        schools.forEach(
                one -> log.forget(one.id(), Duration.ofDays(one.retention().logDays())));
        backups.begin(null, null);
    }

    /**
     * Whether it is the hour; once a night. Where clocks jump over it, the hour after is the one; where it comes twice, the
     * first.
     */
    static boolean isNight(ZonedDateTime now) {
        ZonedDateTime night = now.toLocalDate().atTime(HOUR, 0).atZone(now.getZone());
        Duration since = Duration.between(night, now);
        return !since.isNegative() && since.compareTo(Duration.ofHours(1)) < 0;
    }
}
