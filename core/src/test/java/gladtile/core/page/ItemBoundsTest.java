package gladtile.core.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.Some;
import gladtile.core.SomeItems;
import gladtile.core.json.Json;
import gladtile.core.measure.WordFit;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** No invalid item exists: each bound is refused by its name, just past it and not just within it. */
class ItemBoundsTest {
    private static final Frame FRAME = Frame.of(0, 0, 100, 100);
    private static final String INK = "#1f2d33";

    private static Arguments refused(String bound, Runnable made) {
        return Arguments.of(bound, made);
    }

    static Stream<Arguments> past_their_bounds() {
        Point origin = new Point(0, 0);
        WordContent words = WordFit.free("Moon", WordStyle.PLAIN).content();
        return Stream.of(
                refused("shape.sides", () -> shape(2, 4)),
                refused("shape.sides", () -> shape(21, 4)),
                refused("shape.thickness", () -> shape(5, 0.4)),
                refused("shape.thickness", () -> shape(5, 121)),
                refused("shape.fill", () -> new ShapeLook(ShapeForm.STAR, 5, "red", null, 4, Dash.SOLID)),
                refused("line.points", () -> line(List.of(origin))),
                refused("line.points", () -> line(Collections.nCopies(Bounds.CORNERS + 1, origin))),
                refused("point.x", () -> line(List.of(origin, new Point(2.1, 0)))),
                refused("stroke.points", () -> stroke(List.of())),
                refused("stroke.points", () -> stroke(List.of(1, 2))),
                refused("stroke.points", () -> stroke(List.of(170_000, 0, 9))),
                refused("stroke.pressure", () -> stroke(List.of(1, 2, 256))),
                refused("stroke.points", () -> stroke(Collections.nCopies(3 * (Bounds.POINTS_IN_A_STROKE + 1), 1))),
                refused("ink.strokes", () -> new InkContent(10, 10, List.of())),
                refused("ink.width", () -> new InkContent(3, 10, List.of(stroke(List.of(1, 2, 3))))),
                refused("traits.transparency", () -> new Traits(96, List.of(), null, null)),
                refused("traits.transparency", () -> new Traits(-1, List.of(), null, null)),
                refused(
                        "traits.groups",
                        () -> new Traits(0, Collections.nCopies(Bounds.GROUPS_DEEP + 1, "g"), null, null)),
                refused("supply.copies", () -> new Supply(0)),
                refused("supply.copies", () -> new Supply(Bounds.COPIES + 1)),
                refused("rail.to", () -> new Movement.Rail(origin, origin, List.of())),
                refused("rail.stops", () -> new Movement.Rail(origin, new Point(9, 9), List.of(1.01))),
                refused(
                        "rail.stops",
                        () -> new Movement.Rail(origin, new Point(9, 9), Collections.nCopies(Bounds.STOPS + 1, 0.5))),
                refused("turns.step", () -> new Movement.Turns(181)),
                refused("crop.width", () -> new Crop(0.5, 0, 0.6, 1, List.of())),
                refused("crop.height", () -> new Crop(0, 0, 1, 0, List.of())),
                refused("pattern.pitch", () -> new Pattern(Pattern.Kind.DOTS, 9, INK)),
                refused("pattern.colour", () -> new Pattern(Pattern.Kind.DOTS, 40, "#12345")),
                refused("cover.label", () -> cover("x".repeat(Bounds.NAME_LENGTH + 1))),
                refused("span.to", () -> new Span(4, 4, Look.PLAIN)),
                refused("look.size", () -> new Look(401.0, null, null, null, null, null, null)),
                refused("style.spacing", () -> new WordStyle(40, false, INK, WordStyle.Align.LEFT, null, 4.1)),
                refused("words.spans", () -> spans(new Span(0, 2, Look.PLAIN), new Span(1, 3, Look.PLAIN))),
                refused("words.spans", () -> spans(new Span(2, 5, Look.PLAIN))),
                refused(
                        "words.paragraphs",
                        () -> new WordContent(
                                "Moon",
                                WordStyle.PLAIN,
                                false,
                                words.lines(),
                                List.of(),
                                List.of(Paragraph.PLAIN, Paragraph.PLAIN))),
                refused(
                        "line.runs",
                        () -> new WordLine("Moon", 10, 50, List.of(new Run("Mood", 0, Look.PLAIN)), null, null, null)),
                refused("table.cells", () -> table(List.of(List.of(TableCell.EMPTY)))),
                refused(
                        "table.columns",
                        () -> new Table(
                                "t",
                                FRAME,
                                Movement.FIXED,
                                "",
                                null,
                                Collections.nCopies(41, 9.0),
                                List.of(9.0),
                                List.of(),
                                INK)),
                refused("cell.zoneId", () -> table(List.of(List.of(zone("z"), zone("z"))))),
                refused(
                        "item.id",
                        () -> new Page(
                                "p",
                                "",
                                Paper.PLAIN,
                                List.of(
                                        table(List.of(List.of(zone("z"), TableCell.EMPTY))),
                                        Some.zone("z", 0, 0, 9, 9)))),
                refused("piece.id", () -> Bounds.pieceId("piece.id", "sun~0")),
                refused("piece.id", () -> Bounds.pieceId("piece.id", "sun~x")),
                refused("piece.id", () -> Bounds.pieceId("piece.id", "~1".repeat(40))),
                refused(
                        "side.words",
                        () -> new OtherSide(
                                INK,
                                WordFit.free("x".repeat(Bounds.NAME_LENGTH + 1), WordStyle.PLAIN)
                                        .content(),
                                null,
                                true)));
    }

    @ParameterizedTest
    @MethodSource("past_their_bounds")
    void what_is_past_a_bound_is_refused_by_its_name(String bound, Runnable made) {
        assertThatThrownBy(made::run)
                .isInstanceOfSatisfying(
                        OutOfBounds.class,
                        refused -> assertThat(refused.bound()).isEqualTo(bound));
    }

    @Test
    void what_is_just_within_its_bounds_is_taken() {
        shape(3, 0.5);
        shape(20, 120);
        stroke(Collections.nCopies(3 * Bounds.POINTS_IN_A_STROKE, 1));
        new Traits(95, Collections.nCopies(Bounds.GROUPS_DEEP, "g"), null, null);
        new Supply(1);
        new Supply(Bounds.COPIES);
        new Crop(0, 0, 1, 1, List.of());
        new Movement.Turns(180);
        assertThat(Bounds.pieceId("piece.id", "sun~123456789")).isEqualTo("sun~123456789");
        spans(new Span(0, 2, Look.PLAIN), new Span(2, 4, Look.PLAIN));
    }

    @Test
    void items_of_every_kind_go_through_json_and_keep_their_common_parts_when_these_are_set_anew() {
        Random random = new Random(61);
        IntStream.range(0, 300).forEach(i -> {
            Item item = Some.item(random, "i" + i);
            assertThat(Json.read(Json.write(item), Item.class)).isEqualTo(item);
            assertThat(item.with(item.common())).isEqualTo(item);
            Frame elsewhere = Some.frame(random);
            Item moved = item.withFrame(elsewhere).withDescription("Elsewhere");
            assertThat(moved.frame()).isEqualTo(elsewhere);
            assertThat(moved.withFrame(item.frame()).withDescription(item.description()))
                    .isEqualTo(item);
            assertThat(item.ownName()).hasSizeLessThanOrEqualTo(70);
            assertThat(item.name().key())
                    .isEqualTo(item.ownName().isEmpty() ? "item.kind." + item.kindName() : "literal");
        });
    }

    @Test
    void no_traits_are_kept_as_nothing_at_all() {
        Item plain = Some.piece("a", 0, 0).withTraits(Traits.NONE);
        assertThat(Json.write(plain)).doesNotContain("traits");
        assertThat(plain).isEqualTo(Some.piece("a", 0, 0));
    }

    @Test
    void cells_fill_their_table_without_gaps_however_it_is_stretched_and_turned() {
        Random random = new Random(67);
        for (int i = 0; i < 50; i++) {
            Table table = SomeItems.table(random, "t");
            double area = 0;
            for (int r = 0; r < 2; r++) {
                for (int c = 0; c < 2; c++) {
                    Frame cell = table.cellFrame(r, c);
                    area += cell.width() * cell.height();
                    assertThat(table.frame().contains(cell.middle())).isTrue();
                    assertThat(cell.turn()).isEqualTo(table.frame().turn());
                }
            }
            if (table.frame().width() > 40 && table.frame().height() > 40) {
                assertThat(area / (table.frame().width() * table.frame().height()))
                        .isBetween(0.999, 1.001);
            }
        }
    }

    @Test
    void of_a_group_of_pieces_the_lowest_stands_for_all_and_fixed_ones_for_none() {
        Traits grouped = Traits.NONE.withGroups(List.of("g", "inner"));
        Item fixed = Some.picture("hill", 0, 0, Movement.FIXED).withTraits(grouped);
        Page page = new Page(
                "p",
                "",
                Paper.PLAIN,
                List.of(
                        fixed,
                        Some.piece("low", 0, 0).withTraits(grouped),
                        Some.piece("alone", 0, 0),
                        Some.piece("high", 0, 0).withTraits(Traits.NONE.withGroups(List.of("g")))));
        assertThat(page.pieces()).extracting(Item::id).containsExactly("low", "alone");
    }

    private static Shape shape(int sides, double thickness) {
        ShapeLook look = new ShapeLook(ShapeForm.POLYGON, sides, null, INK, thickness, Dash.SOLID);
        return new Shape("s", FRAME, Movement.FIXED, "", null, look, null);
    }

    private static LineLook line(List<Point> points) {
        return new LineLook(points, false, INK, 4, Dash.SOLID, LineEnd.PLAIN, LineEnd.PLAIN, null, null);
    }

    private static Stroke stroke(List<Integer> points) {
        return new Stroke(Stroke.Tool.PEN, INK, 4, Dash.SOLID, points);
    }

    private static Cover cover(String label) {
        return new Cover("c", FRAME, "", null, INK, Cover.Direction.UP, label);
    }

    private static TableCell zone(String id) {
        return new TableCell(null, null, null, null, id);
    }

    private static Table table(List<List<TableCell>> cells) {
        return new Table("t", FRAME, Movement.FIXED, "", null, List.of(9.0, 9.0), List.of(9.0), cells, INK);
    }

    private static WordContent spans(Span... spans) {
        WordContent words = WordFit.free("Moon", WordStyle.PLAIN).content();
        return new WordContent("Moon", WordStyle.PLAIN, false, words.lines(), List.of(spans), List.of());
    }

    /** So that the laws hold for each of them: a new kind that nobody makes at random fails here. */
    @Test
    void every_kind_of_item_is_among_those_made_at_random() {
        Random random = new Random(7);
        Set<Class<?>> made = IntStream.range(0, 2_000)
                .mapToObj(i -> Some.item(random, "i" + i).getClass())
                .collect(Collectors.toSet());
        assertThat(made).containsExactlyInAnyOrder(Item.class.getPermittedSubclasses());
    }
}
