package gladtile.core.check;

import gladtile.core.activity.Activity;
import gladtile.core.answer.AnswerKey;
import gladtile.core.edit.SetTerms;
import gladtile.core.message.Message;
import gladtile.core.message.Wording;
import gladtile.core.page.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;

/** Looks through pages for what would trip students up. Each rule is a class of its own. */
public final class PageCheck {
    private static final List<Consumer<CheckedPage>> RULES = List.of(
            DecisionRules::check,
            ReachRule::check,
            ZoneRequirementRules::check,
            RegionRule::check,
            HiddenZoneRule::check,
            ScaleRule::check,
            TurnRule::check,
            OverlapRule::check,
            FitRule::check,
            PlaceRules::check,
            ContrastRule::check,
            SizeRules::check,
            NameRules::check,
            ReadingOrderRule::check,
            TypedRules::check,
            CutOffRule::check,
            HiddenItemRule::check,
            GapRule::check);

    private PageCheck() {}

    /**
     * Everything found on one page, whether or not it is said to be meant so.
     *
     * @param wording of the page's own language: what a mend writes on the page
     */
    public static List<Finding> page(Page page, AnswerKey key, Pictures pictures, Wording wording) {
        CheckedPage on = new CheckedPage(page, key, pictures, wording);
        RULES.forEach(rule -> rule.accept(on));
        return List.copyOf(on.findings());
    }

    /** What is found of the ways between pages, which no page can tell by itself. */
    public static List<Finding> links(Activity activity, Wording wording) {
        List<Finding> found = new ArrayList<>(LinkRule.of(activity));
        found.addAll(MapRule.of(activity, wording));
        found.addAll(GateRule.of(activity));
        return found;
    }

    /** Everything found in an activity that is not said to be meant so, page by page. */
    public static List<Finding> activity(Activity activity, Pictures pictures, Wording wording) {
        List<Finding> all = new ArrayList<>();
        activity.pages().forEach(page -> all.addAll(page(page, activity.key(), pictures, wording)));
        all.addAll(links(activity, wording));
        return open(activity.key(), all);
    }

    /** Those that are not said to be meant so. */
    public static List<Finding> open(AnswerKey key, List<Finding> findings) {
        Set<String> accepted = Set.copyOf(key.holds().accepted());
        return findings.stream()
                .filter(finding -> !accepted.contains(finding.name()))
                .toList();
    }

    /** What says that a finding is meant so. */
    public static Mend meantSo(AnswerKey key, Finding finding) {
        Set<String> names = new TreeSet<>(key.holds().accepted());
        names.add(finding.name());
        return new Mend(
                Message.of("page-check.mend.ignore"), new SetTerms(key.holds().withAccepted(List.copyOf(names))));
    }
}
