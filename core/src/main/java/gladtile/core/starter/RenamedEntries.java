package gladtile.core.starter;

import gladtile.core.activity.Starter;
import gladtile.core.activity.StarterKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Which entries of a changed list are earlier ones, written otherwise: as many new ones stand between the same two
 * entries as old ones did. What was made of them keeps its id then, and all that was changed on it by hand.
 */
final class RenamedEntries {
    private RenamedEntries() {}

    /** @param names of the list so far, with what they were called at first @return the same for the changed list */
    static Map<String, String> names(Starter before, Starter after, Map<String, String> names) {
        List<List<String>> were = columns(before);
        List<List<String>> are = columns(after);
        Set<String> all = new LinkedHashSet<>();
        are.forEach(all::addAll);
        Set<String> old = new HashSet<>();
        were.forEach(old::addAll);
        Map<String, String> called = new TreeMap<>();
        for (String text : all) {
            if (old.contains(text)) {
                called.put(text, names.getOrDefault(text, text));
            }
        }
        Set<String> taken = new HashSet<>(called.values());
        for (int i = 0; i < Math.min(were.size(), are.size()); i++) {
            written(were.get(i), are.get(i), old, all).forEach((now, then) -> {
                String first = names.getOrDefault(then, then);
                if (!called.containsKey(now) && taken.add(first)) {
                    called.put(now, first);
                }
            });
        }
        for (String text : all) {
            if (!called.containsKey(text)) {
                String free = text;
                for (int n = 2; !taken.add(free); n++) {
                    free = text + " ·" + n;
                }
                called.put(text, free);
            }
        }
        called.entrySet().removeIf(one -> one.getKey().equals(one.getValue()));
        return called;
    }

    private static Map<String, String> written(
            List<String> before, List<String> after, Set<String> old, Set<String> all) {
        Map<String, List<String>> gone = runs(before, all);
        Map<String, String> pairs = new HashMap<>();
        runs(after, old).forEach((anchor, run) -> {
            List<String> then = gone.getOrDefault(anchor, List.of());
            for (int i = 0; then.size() == run.size() && i < run.size(); i++) {
                pairs.put(run.get(i), then.get(i));
            }
        });
        return pairs;
    }

    /** What is not in the other list, by the entry of both lists that it follows; the empty text for the beginning. */
    private static Map<String, List<String>> runs(List<String> texts, Set<String> other) {
        Map<String, List<String>> runs = new HashMap<>();
        String anchor = "";
        for (String text : texts) {
            if (other.contains(text)) {
                anchor = text;
            } else {
                runs.computeIfAbsent(anchor, none -> new ArrayList<>()).add(text);
            }
        }
        return runs;
    }

    private static List<List<String>> columns(Starter starter) {
        if (starter.kind() == StarterKind.FILL_GAPS) {
            return List.of(
                    List.copyOf(new LinkedHashSet<>(GapsMaker.missing(starter.text() == null ? "" : starter.text()))));
        }
        int most = starter.rows().stream()
                .mapToInt(row -> row.cells().size())
                .max()
                .orElse(0);
        List<List<String>> columns = new ArrayList<>();
        for (int c = 0; c < most; c++) {
            int column = c;
            columns.add(starter.rows().stream()
                    .map(row -> row.cell(column))
                    .filter(text -> !text.isEmpty())
                    .distinct()
                    .toList());
        }
        return columns;
    }
}
