package gladtile.server.files;

import gladtile.core.Bounds;
import gladtile.server.accounts.CurrentUser;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Files that the program makes for a teacher; they take room as those do that are brought. */
@Service
public class GeneratedFiles {
    private final UploadService uploads;
    private final FileStore files;

    GeneratedFiles(UploadService uploads, FileStore files) {
        this.uploads = uploads;
        this.files = files;
    }

    /** What of a file is already kept elsewhere. @return why there is no room for it, in a whole sentence; or empty */
    public Optional<String> inTurn(CurrentUser user, long bytes, Runnable keep) {
        return uploads.inTurn(user, bytes, keep).map(UploadService.Refused::message);
    }

    /** @param name at most {@link Bounds#NAME_LENGTH} @param bytes 1 to {@link Bounds#FILE_BYTES} */
    public FileService.Result keep(CurrentUser user, String name, byte[] bytes) {
        return result(uploads.whole(user, named(name), bytes, false, Long.MAX_VALUE));
    }

    /** @param file of 1 byte to {@link Bounds#FILE_BYTES} */
    public FileService.Result keep(CurrentUser user, String name, Path file) throws IOException {
        try (InputStream in = java.nio.file.Files.newInputStream(file)) {
            return result(uploads.whole(user, named(name), in, java.nio.file.Files.size(file)));
        }
    }

    private static String named(String name) {
        return name.length() <= Bounds.NAME_LENGTH ? name : name.substring(name.length() - Bounds.NAME_LENGTH);
    }

    private static FileService.Result result(UploadService.Result result) {
        return result instanceof UploadService.Refused refused
                ? new FileService.Refused(refused.bound(), refused.message())
                : new FileService.Brought(((UploadService.Taken) result).file());
    }

    /** All of a file. Whose it is was asked before. */
    public void copy(CurrentUser user, String sha256, OutputStream out) throws IOException {
        FileStore.Head head = files.head(user.schoolId(), sha256).orElseThrow();
        StoredFile file = files.file(user.schoolId(), sha256, head.bytes());
        try (InputStream in = file.getInputStream()) {
            in.transferTo(out);
        }
    }
}
