package gladtile.server.checking;

import gladtile.core.activity.Activity;
import gladtile.core.check.PageCheck;
import gladtile.core.message.Message;
import gladtile.core.page.Link;
import gladtile.core.page.LinkSource;
import gladtile.core.page.MapSpot;
import gladtile.core.page.Page;
import gladtile.core.pagemap.MapLayout;
import gladtile.core.pagemap.PageLink;
import gladtile.core.pagemap.PageMap;
import gladtile.server.accounts.CurrentUser;
import gladtile.server.activities.ActivityService;
import gladtile.server.support.MessageRenderer;
import gladtile.server.support.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the pages of an activity connect, as it is now. */
@RestController
@RequestMapping("/api/v1/activities/{id}/page-map")
class PageMapController {
    private static final int MOST = 200;
    private final ActivityService activities;
    private final MessageRenderer messages;

    PageMapController(ActivityService activities, MessageRenderer messages) {
        this.messages = messages;
        this.activities = activities;
    }

    /** What leads out of the activity, or to a file. @param to a web address, or a file's name */
    record Leaving(String pageId, String itemId, Message name, String to) {}

    /**
     * @param seq of the activity this is the map of
     * @param spots where each page stands unless it was moved by hand; pages that were set aside are not among them
     * @param met the pages a student meets who follows every way
     * @param passedByAll the pages that everybody passes who comes to an end
     * @param shortest pages on the shortest way to an end; 0 when there is none
     * @param longest pages on the longest way that meets none twice
     * @param longestIsExact false when there may be a longer one
     * @param findings of the ways alone
     */
    record PagesMap(
            long seq,
            String start,
            Set<String> ends,
            List<PageLink> links,
            Map<String, MapSpot> spots,
            Set<String> met,
            List<String> passedByAll,
            int shortest,
            int longest,
            boolean longestIsExact,
            List<Leaving> leaving,
            List<FindingView> findings) {}

    @GetMapping
    PagesMap map(@AuthenticationPrincipal CurrentUser user, @PathVariable UUID id) {
        ActivityService.Current current = activities.read(user, id).orElseThrow(() -> Problem.notThere("activity"));
        Activity activity = current.activity();
        PageMap map = PageMap.of(activity);
        PageMap.Longest longest = map.longest();
        return new PagesMap(
                current.seq(),
                map.start(),
                map.ends(),
                map.links(),
                MapLayout.of(map),
                map.reachedFrom(map.start()),
                map.passedByAll(),
                map.shortest(),
                longest.pages(),
                longest.exact(),
                leaving(activity),
                PageCheck.open(activity.key(), PageCheck.links(activity, messages.on(activity))).stream()
                        .limit(MOST)
                        .map(finding -> FindingView.of(finding, activity.key()))
                        .toList());
    }

    private static List<Leaving> leaving(Activity activity) {
        List<Leaving> all = new ArrayList<>();
        for (Page page : activity.pages()) {
            for (LinkSource one : LinkSource.on(page)) {
                if (one.link() instanceof Link.Web web) {
                    all.add(new Leaving(page.id(), one.itemId(), one.name(), web.address()));
                } else if (one.link() instanceof Link.ToFile file) {
                    all.add(new Leaving(
                            page.id(), one.itemId(), one.name(), file.file().name()));
                }
            }
        }
        return all;
    }
}
