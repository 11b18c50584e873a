package gladtile.server.files;

import gladtile.server.support.GladProperties;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** How much room the files of a school take. */
@Service
public class StorageUse {
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

    /** Bytes that they may take. */
    public long most() {
        return properties.schoolBytes();
    }
}
