package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import java.util.List;

/**
 * One line of the list.
 *
 * @param cells what stands in its columns, at least one, the first not blank
 * @param pictures a picture for each cell, null where there is none; may be shorter than the cells
 */
public record StarterRow(
        List<String> cells,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<PictureRef> pictures) {
    public StarterRow {
        cells = List.copyOf(Bounds.present("row.cells", cells));
        Bounds.within("row.cells", cells.size(), 1, Bounds.STARTER_COLUMNS);
        cells.forEach(cell -> Bounds.text("row.cells", cell, Bounds.STARTER_CELL));
        pictures = pictures == null
                ? List.of()
                : java.util.Collections.unmodifiableList(new java.util.ArrayList<>(pictures));
        Bounds.count("row.pictures", pictures.size(), Bounds.STARTER_COLUMNS);
    }

    public static StarterRow of(String... cells) {
        return new StarterRow(List.of(cells), List.of());
    }

    public String cell(int column) {
        return column < cells.size() ? cells.get(column).strip() : "";
    }

    /** Absent for none. */
    public PictureRef picture(int column) {
        return column < pictures.size() ? pictures.get(column) : null;
    }
}
