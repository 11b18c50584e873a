package gladtile.server.checking;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.check.Finding;
import gladtile.core.check.PageCheck;
import gladtile.core.check.PageKey;
import gladtile.core.check.Pictures;
import gladtile.core.page.Page;
import gladtile.server.support.MessageRenderer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Checks activities as they are worked on: only the pages that changed since the last look are checked anew. */
@Service
class PageCheckService {
    private static final int ACTIVITIES = 200;

    private final PictureRasters rasters;
    private final MessageRenderer messages;
    private final Cache<UUID, Map<String, Looked>> before =
            Caffeine.newBuilder().maximumSize(ACTIVITIES).build();

    PageCheckService(PictureRasters rasters, MessageRenderer messages) {
        this.messages = messages;
        this.rasters = rasters;
    }

    private record Looked(Page page, AnswerKey key, List<Finding> findings) {}

    /** Everything found that is not said to be meant so, page by page. */
    List<Finding> of(UUID school, UUID activityId, Activity activity) {
        Map<String, Looked> known = before.get(activityId, id -> Map.of());
        Map<String, Looked> now = new HashMap<>();
        List<Finding> all = new ArrayList<>();
        Pictures pictures = rasters.of(school);
        for (Page page : activity.pages()) {
            AnswerKey key = PageKey.of(page, activity.key());
            Looked looked = known.get(page.id());
            if (looked == null || !looked.page.equals(page) || !looked.key.equals(key)) {
                looked = new Looked(page, key, PageCheck.page(page, key, pictures, messages.on(activity)));
            }
            now.put(page.id(), looked);
            all.addAll(looked.findings);
        }
        all.addAll(PageCheck.links(activity, messages.on(activity)));
        before.put(activityId, now);
        return PageCheck.open(activity.key(), all);
    }
}
