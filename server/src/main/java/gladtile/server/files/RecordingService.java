package gladtile.server.files;

import gladtile.core.Bounds;
import gladtile.formats.media.FileType;
import gladtile.server.accounts.CurrentUser;
import java.time.Clock;
import java.time.Duration;
import java.time.OffsetDateTime;
import java.util.Arrays;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/**
 * What students say. A recording is brought first and put on its page by a move; a device that could not send the move
 * brings it again before the next try, so that what no move asked for within {@link #WAIT} belongs to nobody.
 */
@Service
public class RecordingService {
    static final Duration WAIT = Duration.ofDays(2);

    private final UploadService uploads;
    private final RecordingStore store;
    private final FileAccess access;
    private final Clock clock;

    RecordingService(UploadService uploads, RecordingStore store, FileAccess access, Clock clock) {
        this.uploads = uploads;
        this.store = store;
        this.access = access;
        this.clock = clock;
    }

    /**
     * The same bytes again are the same file. One has at most {@link Bounds#RECORDED_BYTES}, all of a student's within a
     * day {@link Bounds#RECORDED_BYTES_A_DAY}.
     */
    public FileService.Result bring(CurrentUser user, byte[] bytes) {
        if (bytes.length == 0 || bytes.length > Bounds.RECORDED_BYTES) {
            return new FileService.Refused(
                    "recording.bytes", "A recording has 1 byte to 4 MB, not %d bytes.".formatted(bytes.length));
        }
        byte[] head = Arrays.copyOf(bytes, Math.min(bytes.length, FileType.HEAD));
        if (FileType.of(head).filter(type -> type.startsWith("audio/")).isEmpty()) {
            return new FileService.Refused("recording.type", "That is not a recording.");
        }
        UploadService.Result result = uploads.whole(user, "Recording", bytes, true, Bounds.RECORDED_BYTES_A_DAY);
        return result instanceof UploadService.Refused refused
                ? new FileService.Refused(refused.bound(), refused.message())
                : new FileService.Brought(((UploadService.Taken) result).file());
    }

    /** A move puts it on its page: it stays. @return whether there is such a sound of that student's */
    public boolean keep(CurrentUser student, String sha256) {
        return access.hasBrought(student, sha256) && store.keep(student.schoolId(), sha256);
    }

    @Scheduled(fixedDelayString = "PT1H", initialDelayString = "PT2M")
    void clear() {
        clear(OffsetDateTime.now(clock));
    }

    int clear(OffsetDateTime now) {
        return store.clear(now.minus(WAIT));
    }
}
