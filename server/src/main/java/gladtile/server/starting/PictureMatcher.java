package gladtile.server.starting;

import gladtile.core.activity.Starter;
import gladtile.core.activity.StarterKind;
import gladtile.core.activity.StarterRow;
import gladtile.core.page.PictureRef;
import gladtile.server.pictures.PictureLibrary;
import gladtile.server.support.PlainText;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** Finds a picture for each word of a list that is to be shown as one. */
@Component
class PictureMatcher {
    private static final int LOOKED_AT = 6;

    private final PictureLibrary library;

    PictureMatcher(PictureLibrary library) {
        this.library = library;
    }

    /** The same list with pictures for its words, where they are wanted. */
    Starter found(Starter starter, boolean wanted) {
        if (!wanted) {
            return starter;
        }
        if (starter.kind() == StarterKind.LABEL) {
            PictureRef shown = picture(starter.title());
            return shown == null ? starter : starter.withPicture(shown);
        }
        return starter.withRows(
                starter.rows().stream().map(row -> found(starter.kind(), row)).toList());
    }

    /** How many pictures a list has. */
    int count(Starter starter) {
        long inRows = starter.rows().stream()
                .flatMap(row -> row.pictures().stream())
                .filter(Objects::nonNull)
                .count();
        return (int) inRows + (starter.picture() == null ? 0 : 1);
    }

    /** The same row with pictures for those of its columns that become pieces or clues. */
    StarterRow found(StarterKind kind, StarterRow row) {
        List<PictureRef> pictures = new ArrayList<>();
        for (int column = 0; column < row.cells().size(); column++) {
            pictures.add(shows(kind, column) ? picture(row.cell(column)) : null);
        }
        return new StarterRow(row.cells(), pictures);
    }

    private static boolean shows(StarterKind kind, int column) {
        return switch (kind) {
            case PAIR -> column == 1;
            case ODD_ONE_OUT -> true;
            case UNSCRAMBLE, SPELL, SORT, VENN, ORDER, COUNT_OUT, MEMORY -> column == 0;
            case LABEL, FILL_GAPS -> false;
        };
    }

    /** Null when the library has none that is called so, or has the word for its own. */
    PictureRef picture(String word) {
        if (word.isBlank()) {
            return null;
        }
        String plain = PlainText.of(word).strip();
        List<PictureLibrary.LibraryPicture> hits = library.find(word, "", LOOKED_AT);
        for (PictureLibrary.LibraryPicture hit : hits) {
            if (PlainText.of(hit.name()).equals(plain)) {
                return PictureRef.library(hit.code());
            }
        }
        return hits.isEmpty() ? null : PictureRef.library(hits.get(0).code());
    }
}
