package gladtile.core.check;

import gladtile.core.page.PictureRef;
import java.util.Optional;

/** Where the colours of pictures come from. */
@FunctionalInterface
public interface Pictures {
    Pictures UNKNOWN = picture -> Optional.empty();

    /** Empty when the picture is not known; what lies under it counts then. */
    Optional<Raster> raster(PictureRef picture);
}
