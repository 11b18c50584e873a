package gladtile.server.screencasts;

import gladtile.core.Bounds;
import gladtile.core.page.FileRef;
import gladtile.core.present.Caption;
import gladtile.core.present.Chapter;
import gladtile.formats.media.WebmVideo;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.ActivityService;
import gladtile.server.files.FileService;
import gladtile.server.files.GeneratedFiles;
import gladtile.server.support.UuidV7;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Recordings of a page with what was said. They come in pieces while they are made, each kept at once, so that a tab that
 * is closed in the middle loses seconds; then each is a file that can be trimmed and put on a page. They are the
 * teacher's own.
 */
@Service
class ScreencastService {
    private static final int LISTED = 200;
    private final ScreencastStore store;
    private final ActivityService activities;
    private final GeneratedFiles files;
    private final TransactionTemplate transactions;
    private final Clock clock;

    ScreencastService(
            ScreencastStore store,
            ActivityService activities,
            GeneratedFiles files,
            TransactionTemplate transactions,
            Clock clock) {
        this.store = store;
        this.activities = activities;
        this.files = files;
        this.transactions = transactions;
        this.clock = clock;
    }

    /** What comes of a wish to change one. */
    sealed interface Outcome {}

    record Done(Screencast screencast) implements Outcome {}

    record NoneSuch() implements Outcome {}

    /** @param message whole sentences, with what is safe */
    record Refused(String bound, String message) implements Outcome {}

    Optional<Screencast> begin(CurrentUser user, UUID activityId, String title) {
        if (activities.read(user, activityId).isEmpty()) {
            return Optional.empty();
        }
        UUID id = UuidV7.make();
        store.begin(user, id, activityId, title, OffsetDateTime.now(clock));
        return store.find(user, id);
    }

    List<Screencast> of(CurrentUser user, UUID activityId) {
        return store.of(user, activityId, LISTED);
    }

    Optional<Screencast> find(CurrentUser user, UUID id) {
        return store.find(user, id);
    }

    /** Pieces come in their order; one that came before changes nothing. */
    Outcome put(CurrentUser user, UUID id, int n, byte[] bytes) {
        return transactions.execute(tx -> {
            Screencast one = store.hold(user, id).orElse(null);
            if (one == null) {
                return new NoneSuch();
            }
            if (one.whole() != null
                    || n > one.pieces()
                    || n < 0
                    || bytes.length == 0
                    || bytes.length > Bounds.FILE_PIECE) {
                return new Refused(
                        "screencast.piece",
                        "Piece %d has 1 byte to 1 MB and comes after piece %d. What came before is safe."
                                .formatted(n, one.pieces() - 1));
            }
            if (n < one.pieces()) {
                return new Done(one);
            }
            if (store.bytes(user.schoolId(), id) + bytes.length > Bounds.FILE_BYTES) {
                return new Refused(
                        "screencast.bytes", "A recording has at most 200 MB. What was recorded until here is safe.");
            }
            Optional<String> full = files.inTurn(user, bytes.length, () -> store.put(user.schoolId(), id, n, bytes));
            return full.<Outcome>map(
                            words -> new Refused("school.bytes", words + " What was recorded until here is safe."))
                    .orElse(new Done(one));
        });
    }

    /** Makes a file of what has come; also of one whose tab was closed in the middle. */
    Outcome finish(CurrentUser user, UUID id) {
        Screencast one = store.find(user, id).orElse(null);
        if (one == null) {
            return new NoneSuch();
        }
        return one.whole() != null ? new Done(one) : together(user, one);
    }

    private Outcome together(CurrentUser user, Screencast one) {
        return withFile(streamed -> {
            try (OutputStream out = to(streamed)) {
                for (int n = 0; n < one.pieces(); n++) {
                    out.write(store.piece(user.schoolId(), one.id(), n));
                }
            }
            Optional<WebmVideo> video = WebmVideo.read(mapped(streamed));
            if (video.isEmpty()) {
                return new Refused(
                        "screencast.video", "Nothing that can be seen was recorded. You can delete this recording.");
            }
            Outcome kept = keep(user, one, video.get(), 0, Long.MAX_VALUE);
            if (kept instanceof KeptFile file) {
                store.finish(user.schoolId(), one.id(), video.get().millis(), file.file());
                return new Done(store.find(user, one.id()).orElseThrow());
            }
            return kept;
        });
    }

    private record KeptFile(FileRef file) implements Outcome {}

    private Outcome keep(CurrentUser user, Screencast one, WebmVideo video, long from, long to) throws IOException {
        return withFile(cut -> {
            try (OutputStream out = to(cut)) {
                if (video.write(out, from, to) == 0) {
                    return new Refused("screencast.to", "Nothing lies between these ends. Nothing was changed.");
                }
            }
            return kept(files.keep(user, one.title() + ".webm", cut));
        });
    }

    private static Outcome kept(FileService.Result result) {
        return result instanceof FileService.Refused refused
                ? new Refused(refused.bound(), refused.message() + " What was recorded is safe.")
                : new KeptFile(((FileService.Brought) result).file());
    }

    /**
     * Another name, chapters, captions and ends.
     *
     * @param from null for at its beginning
     * @param to null for at its end
     */
    Outcome set(
            CurrentUser user,
            UUID id,
            String title,
            List<Chapter> chapters,
            List<Caption> captions,
            Long from,
            Long to) {
        Screencast was = store.find(user, id).orElse(null);
        if (was == null) {
            return new NoneSuch();
        }
        if (was.whole() == null && (from != null || to != null)) {
            return new Refused("screencast.to", "It is trimmed once it is finished. Nothing was changed.");
        }
        FileRef video = was.video();
        boolean same = Objects.equals(from, was.from()) && Objects.equals(to, was.to());
        if (!same && from == null && to == null) {
            video = was.whole();
        } else if (!same) {
            Outcome cut = trim(user, was, from == null ? 0 : from, to == null ? Long.MAX_VALUE : to);
            if (!(cut instanceof KeptFile file)) {
                return cut;
            }
            video = file.file();
        }
        String said = Caption.webVtt(captions, from == null ? 0 : from, to == null ? Caption.LATEST : to);
        FileRef words = null;
        if (!said.isEmpty()) {
            Outcome brought = kept(files.keep(user, title + ".vtt", said.getBytes(StandardCharsets.UTF_8)));
            if (!(brought instanceof KeptFile file)) {
                return brought;
            }
            words = file.file();
        }
        store.set(
                user.schoolId(),
                new Screencast(
                        id,
                        was.activityId(),
                        title,
                        was.beganAt(),
                        was.millis(),
                        was.pieces(),
                        chapters,
                        captions,
                        from,
                        to,
                        was.whole(),
                        video,
                        words));
        return new Done(store.find(user, id).orElseThrow());
    }

    private Outcome trim(CurrentUser user, Screencast one, long from, long to) {
        return withFile(whole -> {
            try (OutputStream out = to(whole)) {
                files.copy(user, one.whole().sha256(), out);
            }
            return keep(user, one, WebmVideo.read(mapped(whole)).orElseThrow(), from, to);
        });
    }

    /** The files that were made of it stay where they lie on pages. */
    boolean remove(CurrentUser user, UUID id) {
        return store.remove(user, id);
    }

    private interface Work {
        Outcome of(Path file) throws IOException;
    }

    /** Videos are too large to be held in memory by many at once. */
    private static Outcome withFile(Work work) {
        try {
            Path file = java.nio.file.Files.createTempFile("screencast", ".webm");
            try {
                return work.of(file);
            } finally {
                java.nio.file.Files.deleteIfExists(file);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static OutputStream to(Path file) throws IOException {
        return new BufferedOutputStream(java.nio.file.Files.newOutputStream(file));
    }

    private static ByteBuffer mapped(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            return channel.map(FileChannel.MapMode.READ_ONLY, 0, channel.size());
        }
    }
}
