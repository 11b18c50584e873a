package gladtile.core.starter;

import gladtile.core.Bounds;
import gladtile.core.activity.Starter;
import gladtile.core.activity.StarterKind;
import gladtile.core.activity.StarterRow;
import gladtile.core.message.Message;
import gladtile.core.message.Wording;
import gladtile.core.page.Page;
import gladtile.core.page.WordWidths;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** Makes pages from lists. What comes out are ordinary pages, laid out and decided, that can be changed in every way. */
public final class Starters {
    private Starters() {}

    /**
     * @param id by which what is made is told from what is made another time
     * @param wording for the task and the names of places that stand on the pages
     */
    public static MadePages make(Starter starter, String id, Wording wording) {
        return make(starter, id, Map.of(), wording);
    }

    /** As {@link #make(Starter, String, Wording)}, with the names that things were first made by. */
    static MadePages make(Starter starter, String id, Map<String, String> names, Wording wording) {
        List<StarterRow> rows = starter.rows().stream()
                .filter(row -> !row.cell(0).isEmpty() || row.picture(0) != null)
                .toList();
        boolean isText = starter.kind() == StarterKind.FILL_GAPS;
        if (!isText && rows.isEmpty()) {
            return new MadePages.Refused(Message.of("starter.refused.empty"));
        }
        Making making = new Making(starter, isText ? List.of() : rows, new DerivedIds(id, names), wording);
        return switch (starter.kind()) {
            case SORT -> SortMaker.make(making);
            case VENN -> VennMaker.make(making);
            case PAIR -> PairMaker.make(making);
            case ORDER -> OrderMaker.make(making);
            case LABEL -> LabelMaker.make(making);
            case UNSCRAMBLE -> LettersMaker.make(making, false);
            case SPELL -> LettersMaker.make(making, true);
            case COUNT_OUT -> CountMaker.make(making);
            case MEMORY -> MemoryMaker.make(making);
            case ODD_ONE_OUT -> OddMaker.make(making);
            case FILL_GAPS -> GapsMaker.make(making);
        };
    }

    /** What the makers share: the pages so far, and the shuffling. */
    static final class Making {
        final Starter starter;
        final List<StarterRow> rows;
        final DerivedIds ids;
        final Random random;
        final WordWidths measured;
        private final Wording wording;
        private final List<Page> pages = new ArrayList<>();
        private final KeyDraft key = new KeyDraft();
        private String overflows;

        Making(Starter starter, List<StarterRow> rows, DerivedIds ids, Wording wording) {
            this.wording = wording;
            this.starter = starter;
            this.rows = rows;
            this.ids = ids;
            measured = starter.measured();
            random = new Random(starter.seed());
        }

        /** Words that stand on a page, or by which something on it is called. */
        String words(String key, Object... namesAndValues) {
            return wording.text(Message.of(key, namesAndValues));
        }

        PageDraft sheet(Message task) {
            int number = pages.size() + 1;
            String title = starter.title().strip();
            PageDraft sheet = new PageDraft(
                    ids,
                    title.isEmpty() ? words("starter.name.page", "number", number) : name(title, number),
                    key,
                    measured);
            sheet.head(title, wording.text(task));
            return sheet;
        }

        private static String name(String title, int number) {
            String shortened = title.length() > 200 ? title.substring(0, 200) : title;
            return number == 1 ? shortened : shortened + " " + number;
        }

        void done(PageDraft sheet) {
            overflows = sheet.overflows == null ? overflows : sheet.overflows;
            pages.add(sheet.page());
        }

        MadePages made() {
            if (overflows != null) {
                int end =
                        overflows.offsetByCodePoints(0, Math.min(30, overflows.codePointCount(0, overflows.length())));
                return new MadePages.Refused(Message.of(
                        "starter.refused.tile-too-long",
                        "entry",
                        overflows.substring(0, end) + (end < overflows.length() ? "…" : "")));
            }
            return pages.size() > Bounds.PAGES
                    ? tooMany(pages.size())
                    : new MadePages.Pages(List.copyOf(pages), key.key());
        }

        /** Before anything is laid out: a list that makes too many pages is told so at once. */
        Optional<MadePages> tooLong(int most) {
            int count = (rows.size() + most - 1) / most;
            return count > Bounds.PAGES ? Optional.of(tooMany(count)) : Optional.empty();
        }

        private static MadePages tooMany(int count) {
            return new MadePages.Refused(
                    Message.of("starter.refused.list-too-long", "count", count, "most", Bounds.PAGES));
        }

        /** The rows in parts of nearly one length, none longer than that. */
        static <T> List<List<T>> parts(List<T> all, int most) {
            int count = (all.size() + most - 1) / most;
            List<List<T>> parts = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                parts.add(all.subList(all.size() * i / count, all.size() * (i + 1) / count));
            }
            return parts;
        }

        /** How wide a tile must be for the widest of these, at most so wide. */
        double tile(List<String> texts, double least, double most) {
            return Tile.width(texts, least, most, measured);
        }

        boolean pictured(int column) {
            return rows.stream().anyMatch(row -> row.picture(column) != null);
        }

        List<String> column(int column) {
            return rows.stream().map(row -> row.cell(column)).toList();
        }
    }
}
