package gladtile.core.activity;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import gladtile.core.page.PictureRef;
import java.util.List;

/**
 * One line of the list.
 *
 * @param cells what stands in its columns, at least one, the first not blank
 * @param pictures a picture for each cell, null where there is none; may be shorter than the cells
 */
public record StarterRow(
        List<String> cells,

        @JsonInclude(JsonInclude.Include.NON_EMPTY) @JsonSetter(contentNulls = Nulls.SET)
        List<PictureRef> pictures) {
    public StarterRow {
        cells = List.copyOf(Bounds.present("row.cells", cells));
        if (cells.isEmpty() || cells.size() > Bounds.STARTER_COLUMNS) {
            throw new OutOfBounds(
                    "row.cells", Message.of("bound.row.cells", "count", cells.size(), "most", Bounds.STARTER_COLUMNS));
        }
        for (String cell : cells) {
            if (Bounds.present("row.cells", cell).length() > Bounds.STARTER_CELL) {
                throw new OutOfBounds(
                        "row.cells",
                        Message.of(
                                "bound.row.cell-length",
                                "start",
                                cell.substring(0, 30),
                                "count",
                                cell.length(),
                                "most",
                                Bounds.STARTER_CELL));
            }
            Bounds.text("row.cells", cell, Bounds.STARTER_CELL);
        }
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
