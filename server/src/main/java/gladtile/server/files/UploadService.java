package gladtile.server.files;

import gladtile.core.Bounds;
import gladtile.core.page.FileRef;
import gladtile.formats.media.FileType;
import gladtile.formats.media.WebVtt;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.Locks;
import gladtile.server.support.UuidV7;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes recordings, videos and documents in, in pieces that can come again and in any order. */
@Service
class UploadService {
    private static final int DAYS = 1;
    private final UploadStore store;
    private final Locks locks;
    private final TransactionTemplate transactions;
    private final StorageUse storage;
    private final Clock clock;

    UploadService(UploadStore store, Locks locks, TransactionTemplate transactions, StorageUse storage, Clock clock) {
        this.store = store;
        this.locks = locks;
        this.transactions = transactions;
        this.storage = storage;
        this.clock = clock;
    }

    /** How much a school may keep, and how much of it is taken. */
    record Room(long used, long most) {}

    /** @param have the numbers of the pieces that are there, from 0 @param piece bytes of each but the last */
    record Coming(UUID id, String name, long bytes, int piece, List<Integer> have) {}

    sealed interface Result {}

    record Taken(FileRef file) implements Result {}

    record Begun(Coming upload) implements Result {}

    record Refused(String bound, String message) implements Result {}

    Room room(CurrentUser user) {
        return new Room(store.used(user.schoolId()), storage.most(user.schoolId()));
    }

    Result begin(CurrentUser user, String name, long bytes) {
        return begin(user, name, bytes, Long.MAX_VALUE);
    }

    /** @param mostOfDay bytes that one person may bring within a day */
    private Result begin(CurrentUser user, String name, long bytes, long mostOfDay) {
        store.forget(user.schoolId(), OffsetDateTime.now(clock).minusDays(DAYS));
        // One after the other: what comes at once would find the same room free.
        return transactions.execute(tx -> {
            locks.take("files:" + user.schoolId());
            Optional<Refused> full = full(user, bytes, mostOfDay);
            if (full.isPresent()) {
                return full.get();
            }
            UploadStore.Upload upload = new UploadStore.Upload(UuidV7.make(), name, bytes);
            store.begin(user.schoolId(), user.id(), upload);
            return new Begun(coming(upload, List.of()));
        });
    }

    private Optional<Refused> full(CurrentUser user, long bytes, long mostOfDay) {
        if (mostOfDay < Long.MAX_VALUE) {
            OffsetDateTime since = OffsetDateTime.now(clock).minusDays(DAYS);
            if (store.broughtSince(user.schoolId(), user.id(), since) + bytes > mostOfDay) {
                return Optional.of(new Refused(
                        "recording.day",
                        "You have recorded %d MB today, which is all there is room for. Go on tomorrow."
                                .formatted(mega(mostOfDay))));
            }
        }
        return room(user, bytes);
    }

    /** Why that many bytes more have no room; to be asked within {@link #inTurn}. */
    private Optional<Refused> room(CurrentUser user, long bytes) {
        long used = store.used(user.schoolId());
        long most = storage.most(user.schoolId());
        return used + bytes <= most
                ? Optional.empty()
                : Optional.of(new Refused(
                        "school.bytes",
                        "The files of this school take %d MB of %d MB, so there is no room for %d MB more."
                                .formatted(mega(used), mega(most), Math.max(1, mega(bytes)))));
    }

    /** Keeps what takes so many bytes, where there is room for it. */
    Optional<Refused> inTurn(CurrentUser user, long bytes, Runnable keep) {
        return transactions.execute(tx -> {
            locks.take("files:" + user.schoolId());
            Optional<Refused> full = room(user, bytes);
            if (full.isEmpty()) {
                keep.run();
            }
            return full;
        });
    }

    private static long mega(long bytes) {
        return bytes / (1024 * 1024);
    }

    private static Coming coming(UploadStore.Upload upload, List<Integer> have) {
        return new Coming(upload.id(), upload.name(), upload.bytes(), Bounds.FILE_PIECE, have);
    }

    Optional<Coming> read(CurrentUser user, UUID id) {
        return store.read(user.schoolId(), user.id(), id)
                .map(upload -> coming(upload, store.pieces(user.schoolId(), id)));
    }

    /** @return empty when there is no such upload; null within when the piece was taken */
    Optional<Optional<Refused>> put(CurrentUser user, UUID id, int n, byte[] bytes) {
        return store.read(user.schoolId(), user.id(), id).map(upload -> {
            long from = (long) n * Bounds.FILE_PIECE;
            long wanted = Math.min(Bounds.FILE_PIECE, upload.bytes() - from);
            if (n < 0 || wanted <= 0 || bytes.length != wanted) {
                return Optional.of(new Refused(
                        "upload.piece",
                        "Piece %d of this file has %d bytes, not %d.".formatted(n, Math.max(0, wanted), bytes.length)));
            }
            store.put(user.schoolId(), id, n, bytes);
            return Optional.empty();
        });
    }

    /** All of a file at once. @param waits whether it stays only once a move has asked for it @param mostOfDay bytes */
    Result whole(CurrentUser user, String name, byte[] bytes, boolean waits, long mostOfDay) {
        Result begun = begin(user, name, bytes.length, mostOfDay);
        if (!(begun instanceof Begun there)) {
            return begun;
        }
        UUID id = there.upload().id();
        for (int n = 0; n * Bounds.FILE_PIECE < bytes.length; n++) {
            int from = n * Bounds.FILE_PIECE;
            store.put(
                    user.schoolId(),
                    id,
                    n,
                    Arrays.copyOfRange(bytes, from, Math.min(bytes.length, from + Bounds.FILE_PIECE)));
        }
        return finish(user, id, waits).orElseThrow();
    }

    /** All of a file that is too large to be held in memory. @param bytes of it */
    Result whole(CurrentUser user, String name, InputStream in, long bytes) throws IOException {
        Result begun = begin(user, name, bytes);
        if (!(begun instanceof Begun there)) {
            return begun;
        }
        UUID id = there.upload().id();
        int n = 0;
        for (byte[] piece = in.readNBytes(Bounds.FILE_PIECE);
                piece.length > 0;
                piece = in.readNBytes(Bounds.FILE_PIECE)) {
            store.put(user.schoolId(), id, n++, piece);
        }
        return finish(user, id, false).orElseThrow();
    }

    /** Empty when there is no such upload. A file that is refused is forgotten. */
    Optional<Result> finish(CurrentUser user, UUID id) {
        return finish(user, id, false);
    }

    private Optional<Result> finish(CurrentUser user, UUID id, boolean waits) {
        return store.read(user.schoolId(), user.id(), id).map(upload -> {
            long wanted = (upload.bytes() + Bounds.FILE_PIECE - 1) / Bounds.FILE_PIECE;
            if (store.pieces(user.schoolId(), id).size() < wanted) {
                return new Refused("upload.pieces", "Not all of this file has arrived yet.");
            }
            byte[] head = store.piece(user.schoolId(), id, 0);
            byte[] first = head.length > FileType.HEAD ? Arrays.copyOf(head, FileType.HEAD) : head;
            Optional<String> type = FileType.of(first);
            Optional<Refused> refused = type.isEmpty()
                    ? Optional.of(new Refused(
                            "file.type",
                            "A file is a recording (MP3, M4A, Ogg, WAV, FLAC), a video (MP4, WebM, Ogg), a PDF, plain"
                                    + " words or WebVTT captions; this one is none of them."))
                    : captions(user, upload, type.get());
            if (refused.isPresent()) {
                store.delete(user.schoolId(), id);
                return refused.get();
            }
            FileRef file = new FileRef(sha256(user.schoolId(), id), upload.name(), type.get());
            store.finish(user.schoolId(), user.id(), upload, file, waits);
            return new Taken(file);
        });
    }

    private Optional<Refused> captions(CurrentUser user, UploadStore.Upload upload, String type) {
        if (!type.equals("text/vtt")) {
            return Optional.empty();
        }
        if (upload.bytes() > Bounds.CAPTION_BYTES) {
            return Optional.of(new Refused("captions.bytes", "Captions have at most 1 MB."));
        }
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        store.each(user.schoolId(), upload.id(), all::writeBytes);
        WebVtt.Result read = WebVtt.read(all.toString(StandardCharsets.UTF_8));
        if (read instanceof WebVtt.NoCaptions none) {
            return Optional.of(new Refused("captions", none.message()));
        }
        WebVtt found = ((WebVtt.Read) read).captions();
        if (!found.passedOver().isEmpty()) {
            return Optional.of(new Refused(
                    "captions.cue",
                    "These captions have a part without times that can be read: “%s”."
                            .formatted(found.passedOver().get(0))));
        }
        return found.cues().isEmpty()
                ? Optional.of(new Refused("captions.cues", "There is nothing to be shown in these captions."))
                : Optional.empty();
    }

    private String sha256(UUID schoolId, UUID id) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            store.each(schoolId, id, digest::update);
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /** False when there is no such upload. */
    boolean cancel(CurrentUser user, UUID id) {
        boolean there = store.read(user.schoolId(), user.id(), id).isPresent();
        if (there) {
            store.delete(user.schoolId(), id);
        }
        return there;
    }
}
