package gladtile.core.page;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Rows and columns, each of its own size; any cell can be a drop zone.
 *
 * @param columns widths, in page units while the frame is as wide as their sum; else they share it in proportion
 * @param rows heights, likewise
 * @param cells row by row, as many as there are rows and columns
 * @param colour of its lines, {@code #rrggbb}
 */
public record Table(
        String id,
        Frame frame,
        Movement movement,
        String description,
        @JsonInclude(JsonInclude.Include.NON_NULL) Traits traits,
        List<Double> columns,
        List<Double> rows,
        List<List<TableCell>> cells,
        String colour)
        implements Item {
    public Table {
        traits = new CommonProperties(id, frame, movement, description, traits).traits();
        columns = sizes("table.columns", columns);
        rows = sizes("table.rows", rows);
        cells = Bounds.present("table.cells", cells).stream().map(List::copyOf).toList();
        Colour.check("table.colour", colour);
        int across = columns.size();
        if (cells.size() != rows.size() || cells.stream().anyMatch(row -> row.size() != across)) {
            throw new OutOfBounds("table.cells", Message.of("bound.table.cells"));
        }
        Set<String> zones = new HashSet<>();
        for (List<TableCell> row : cells) {
            for (TableCell cell : row) {
                if (cell.zoneId() != null && !zones.add(cell.zoneId())) {
                    throw new OutOfBounds("cell.zoneId", Message.of("bound.cell.zone-id", "zoneId", cell.zoneId()));
                }
            }
        }
    }

    private static List<Double> sizes(String bound, List<Double> sizes) {
        Bounds.within(bound, Bounds.present(bound, sizes).size(), 1, Bounds.ROWS_OR_COLUMNS);
        sizes.forEach(size -> Bounds.within(bound, Bounds.present(bound, size), Bounds.SIDE_LEAST, Bounds.SIDE_MOST));
        return List.copyOf(sizes);
    }

    @Override
    public Table with(CommonProperties of) {
        return new Table(
                of.id(), of.frame(), of.movement(), of.description(), of.traits(), columns, rows, cells, colour);
    }

    /** The box of a cell, turned as the table is. */
    public Frame cellFrame(int row, int column) {
        double across = frame.width() / sum(columns);
        double down = frame.height() / sum(rows);
        double left = sum(columns.subList(0, column)) * across;
        double top = sum(rows.subList(0, row)) * down;
        double width = Math.max(columns.get(column) * across, Bounds.SIDE_LEAST);
        double height = Math.max(rows.get(row) * down, Bounds.SIDE_LEAST);
        Point middle = frame.onPage(left + width / 2, top + height / 2);
        return new Frame(middle.x() - width / 2, middle.y() - height / 2, width, height, frame.turn());
    }

    private static double sum(List<Double> sizes) {
        return sizes.stream().mapToDouble(Double::doubleValue).sum();
    }

    @Override
    public List<Zone> zones() {
        List<Zone> zones = new ArrayList<>();
        for (int r = 0; r < rows.size(); r++) {
            for (int c = 0; c < columns.size(); c++) {
                String zoneId = cells.get(r).get(c).zoneId();
                if (zoneId != null) {
                    String where = "%s, row %d, column %d".formatted(name(), r + 1, c + 1);
                    zones.add(new Zone(zoneId, cellFrame(r, c), Names.shortened(where), ""));
                }
            }
        }
        return zones;
    }

    @Override
    public String ownName() {
        return Names.shortened(description);
    }

    @Override
    public String kindName() {
        return "table";
    }

    @Override
    public String said() {
        return cells.stream()
                .flatMap(List::stream)
                .filter(cell -> cell.words() != null)
                .map(cell -> cell.words().text())
                .collect(Collectors.joining("\n"));
    }
}
