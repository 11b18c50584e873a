package gladtile.server.files;

import gladtile.core.activity.FileRef;
import gladtile.core.check.Raster;
import gladtile.formats.picture.PictureColours;
import gladtile.formats.picture.PictureIntake;
import gladtile.formats.picture.SeeThrough;
import gladtile.server.accounts.Who;
import java.io.IOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import org.springframework.stereotype.Service;

/** Takes pictures in and keeps them. */
@Service
public class Files {
    /** Pictures drawn anew at one time: one of 40 million pixels takes some 160 MB while it is drawn. */
    private final Semaphore drawing = new Semaphore(2);

    private final FileStore store;
    private final Uploads uploads;

    Files(FileStore store, Uploads uploads) {
        this.store = store;
        this.uploads = uploads;
    }

    /** A recording, video or document that is all there already. */
    public FileRef bring(Who who, String name, byte[] bytes) {
        if (!(uploads.whole(who, name, bytes, false) instanceof Uploads.Taken taken)) {
            throw new IllegalStateException("the file " + name + " was refused");
        }
        return taken.file();
    }

    /** What came of it. */
    public sealed interface Result {}

    public record Kept(StoredPicture picture) implements Result {}

    public record Brought(FileRef file) implements Result {}

    public record Refused(String bound, String message) implements Result {}

    public Result bringPicture(Who who, byte[] bytes, String credit) {
        drawing.acquireUninterruptibly();
        PictureIntake.Result taken;
        try {
            taken = PictureIntake.take(bytes);
        } finally {
            drawing.release();
        }
        if (taken instanceof PictureIntake.Refused refused) {
            return new Refused(refused.bound(), refused.message());
        }
        PictureIntake.Taken picture = (PictureIntake.Taken) taken;
        StoredPicture stored =
                new StoredPicture(sha256(picture.bytes()), picture.mediaType(), picture.width(), picture.height());
        store.keep(who.schoolId(), who.id(), stored, picture.bytes(), credit);
        return new Kept(stored);
    }

    /** Empty when there is no such file. */
    public Optional<Result> clear(Who who, String sha256, int rgb, int tolerance) {
        return store.read(who.schoolId(), sha256).map(kept -> {
            drawing.acquireUninterruptibly();
            PictureIntake.Taken clear;
            try {
                clear = SeeThrough.of(kept.bytes(), rgb, tolerance);
            } catch (IOException notOfPixels) {
                return new Refused("picture.type", "Only pictures of pixels can be made see-through.");
            } finally {
                drawing.release();
            }
            StoredPicture stored =
                    new StoredPicture(sha256(clear.bytes()), clear.mediaType(), clear.width(), clear.height());
            store.keep(who.schoolId(), who.id(), stored, clear.bytes(), store.credit(who.schoolId(), sha256));
            return new Kept(stored);
        });
    }

    /** The colours of a picture of that school; empty when there is none or it cannot be drawn. */
    public Optional<Raster> colours(UUID schoolId, String sha256) {
        return store.read(schoolId, sha256).flatMap(kept -> {
            drawing.acquireUninterruptibly();
            try {
                return PictureColours.of(kept.bytes(), kept.mediaType());
            } finally {
                drawing.release();
            }
        });
    }

    /** The first frame of a moving picture; any other file as it is. */
    FileStore.Kept still(FileStore.Kept kept) {
        if (!kept.mediaType().equals("image/gif")) {
            return kept;
        }
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
