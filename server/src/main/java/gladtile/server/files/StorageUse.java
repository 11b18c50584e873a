package gladtile.server.files;

import gladtile.server.support.GladProperties;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** How much room the files of a school take. */
@Service
public class StorageUse {
    private static final long GIGABYTE = 1L << 30;
    private final UploadStore store;
    private final GladProperties properties;

    StorageUse(UploadStore store, GladProperties properties) {
        this.store = store;
        this.properties = properties;
    }

    /** In bytes. */
    public long used(UUID schoolId) {
        return store.used(schoolId);
    }

    /** Bytes that they may take: as many as the machine has for a school, or fewer where it wants fewer. */
    public long most(UUID schoolId) {
        long wanted =
                store.limit(schoolId).map(gigabytes -> gigabytes * GIGABYTE).orElse(Long.MAX_VALUE);
        return Math.min(properties.schoolBytes(), wanted);
    }
}
