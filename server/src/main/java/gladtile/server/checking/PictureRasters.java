package gladtile.server.checking;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.check.Pictures;
import gladtile.core.check.Raster;
import gladtile.core.page.PictureRef;
import gladtile.formats.picture.PictureColours;
import gladtile.server.support.GladProperties;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The colours of pictures, of the library and of each school, drawn once and remembered. */
@Component
class PictureRasters {
    /** Of 96 by 96 points each: some 36 MB. */
    private static final int REMEMBERED = 1_000;

    private final Path library;
    private final gladtile.server.files.FileService files;
    private final Cache<Of, Optional<Raster>> rasters =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    /** @param school null for the library, which all share */
    private record Of(UUID school, PictureRef picture) {}

    PictureRasters(GladProperties properties, gladtile.server.files.FileService files) {
        library = properties.web().resolve("library");
        this.files = files;
    }

    Pictures of(UUID school) {
        return picture -> {
            boolean shipped = picture.from() == PictureRef.From.LIBRARY;
            return rasters.get(new Of(shipped ? null : school, picture), this::drawn);
        };
    }

    private Optional<Raster> drawn(Of of) {
        if (of.school() != null) {
            return files.colours(of.school(), of.picture().name());
        }
        Path file = library.resolve(of.picture().name() + ".svg");
        if (!Files.isReadable(file)) {
            return Optional.empty();
        }
        try {
            return PictureColours.of(Files.readAllBytes(file), "image/svg+xml");
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }
}
