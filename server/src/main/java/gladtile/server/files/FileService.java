package gladtile.server.files;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.check.Raster;
import gladtile.core.page.FileRef;
import gladtile.formats.picture.PictureColours;
import gladtile.formats.picture.PictureIntake;
import gladtile.formats.picture.TransparentColour;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.support.HeavyWork;
import java.io.IOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Takes pictures in and keeps them. */
@Service
public class FileService {
    /** Stills take long to draw and do not change; a page asks for those of all its moving pictures at once. */
    private static final long STILL_BYTES = 32L * 1024 * 1024;

    private final Cache<String, FileStore.Kept> stills = Caffeine.newBuilder()
            .maximumWeight(STILL_BYTES)
            .weigher((String sha256, FileStore.Kept still) -> still.bytes().length)
            .build();

    private final FileStore store;
    private final UploadService uploads;
    private final HeavyWork heavy;

    FileService(FileStore store, UploadService uploads, HeavyWork heavy) {
        this.store = store;
        this.uploads = uploads;
        this.heavy = heavy;
    }

    /** A recording, video or document that is all there already. */
    public FileRef bring(CurrentUser user, String name, byte[] bytes) {
        if (!(uploads.whole(user, name, bytes, false, Long.MAX_VALUE) instanceof UploadService.Taken taken)) {
            throw new IllegalStateException("the file " + name + " was refused");
        }
        return taken.file();
    }

    /** What came of it. */
    public sealed interface Result {}

    public record Kept(StoredPicture picture) implements Result {}

    public record Brought(FileRef file) implements Result {}

    public record Refused(String bound, String message) implements Result {}

    public Result bringPicture(CurrentUser user, byte[] bytes, String credit) {
        PictureIntake.Result taken = heavy.run(user.id(), () -> PictureIntake.take(bytes));
        if (taken instanceof PictureIntake.Refused refused) {
            return new Refused(refused.bound(), refused.message());
        }
        PictureIntake.Taken picture = (PictureIntake.Taken) taken;
        StoredPicture stored =
                new StoredPicture(sha256(picture.bytes()), picture.mediaType(), picture.width(), picture.height());
        return kept(user, stored, picture.bytes(), credit);
    }

    /** Empty when there is no such file. */
    public Optional<Result> clear(CurrentUser user, String sha256, int rgb, int tolerance) {
        return store.head(user.schoolId(), sha256)
                .map(head -> heavy.run(user.id(), () -> clear(user, sha256, head, rgb, tolerance)));
    }

    private Result clear(CurrentUser user, String sha256, FileStore.Head head, int rgb, int tolerance) {
        Refused notOfPixels = new Refused("picture.type", "Only pictures of pixels can be made see-through.");
        // A video is not read into memory to find that out.
        if (!head.mediaType().startsWith("image/")) {
            return notOfPixels;
        }
        PictureIntake.Taken clear;
        try {
            clear = TransparentColour.of(
                    store.read(user.schoolId(), sha256).orElseThrow().bytes(), rgb, tolerance);
        } catch (IOException unreadable) {
            return notOfPixels;
        }
        StoredPicture stored =
                new StoredPicture(sha256(clear.bytes()), clear.mediaType(), clear.width(), clear.height());
        return kept(user, stored, clear.bytes(), store.credit(user.schoolId(), sha256));
    }

    private Result kept(CurrentUser user, StoredPicture picture, byte[] bytes, String credit) {
        return uploads.inTurn(user, bytes.length, () -> store.keep(user.schoolId(), user.id(), picture, bytes, credit))
                .<Result>map(full -> new Refused(full.bound(), full.message()))
                .orElseGet(() -> new Kept(picture));
    }

    /** The colours of a picture of that school; empty when there is none or it cannot be drawn. */
    public Optional<Raster> colours(UUID schoolId, String sha256) {
        return store.head(schoolId, sha256)
                .filter(head -> head.mediaType().startsWith("image/"))
                .flatMap(head -> heavy.inTurn(() -> store.read(schoolId, sha256)
                        .flatMap(kept -> PictureColours.of(kept.bytes(), kept.mediaType()))));
    }

    /** The first frame of a moving picture. @param sha256 of one that is there */
    FileStore.Kept still(CurrentUser user, String sha256) {
        FileStore.Kept drawn = stills.getIfPresent(sha256);
        if (drawn == null) {
            drawn = heavy.run(
                    user.id(),
                    () -> stills.get(
                            sha256,
                            name -> still(store.read(user.schoolId(), name).orElseThrow())));
        }
        return drawn;
    }

    private static FileStore.Kept still(FileStore.Kept kept) {
        try {
            return new FileStore.Kept("image/png", PictureIntake.still(kept.bytes()));
        } catch (IOException e) {
            throw new IllegalStateException("a moving picture that was taken in has no first frame", e);
        }
    }

    private static String sha256(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
