package gladtile.server.support;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.DispatcherServlet;
import org.springframework.web.servlet.FlashMap;
import org.springframework.web.servlet.FlashMapManager;

/**
 * Keeps nothing from one request for the next. The usual one looks into the session at the beginning of every request,
 * which reads it from the database and writes it back: half of what a move cost.
 */
@Component(DispatcherServlet.FLASH_MAP_MANAGER_BEAN_NAME)
class NoFlashMap implements FlashMapManager {
    @Override
    public FlashMap retrieveAndUpdate(HttpServletRequest request, HttpServletResponse response) {
        return null;
    }

    @Override
    public void saveOutputFlashMap(FlashMap flashMap, HttpServletRequest request, HttpServletResponse response) {
        // Nothing here redirects with words for the next page.
    }
}
