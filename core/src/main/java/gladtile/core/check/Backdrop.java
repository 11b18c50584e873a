package gladtile.core.check;

import gladtile.core.Bounds;
import gladtile.core.measure.Contrast;
import gladtile.core.measure.Outline;
import gladtile.core.page.Cover;
import gladtile.core.page.Crop;
import gladtile.core.page.Frame;
import gladtile.core.page.Item;
import gladtile.core.page.Lens;
import gladtile.core.page.Line;
import gladtile.core.page.Note;
import gladtile.core.page.Paper;
import gladtile.core.page.Picture;
import gladtile.core.page.Point;
import gladtile.core.page.Shape;
import gladtile.core.page.ShapeForm;
import gladtile.core.page.Table;
import gladtile.core.page.Words;
import gladtile.core.page.Zone;
import gladtile.core.page.ZoneLook;
import java.util.ArrayList;
import java.util.List;

/** The colours that are truly behind something, put together from the paper up. */
final class Backdrop {
    private static final int WHITE = 0xffffff;
    /** The floor of a tray, as it is drawn, half way between its darkest and its lightest. */
    private static final int TRAY = 0xede5d7;
    /** Of a zone of glass in its usual colour, as it is drawn. */
    private static final int GLASS = 0x68406b;

    private static final double GLASS_OPACITY = 0.13;
    /** Of the margin of a picture on its tile, as it is drawn. */
    private static final double INSET = 0.09;
    /** 0 to 255, made ready once: this is asked thousands of times. */
    private static final double[] LINEAR = new double[256];

    static {
        for (int i = 0; i < 256; i++) {
            LINEAR[i] = Contrast.luminance("#%02x%02x%02x".formatted(i, i, i));
        }
    }

    private final CheckedPage on;
    private final int paper;
    private final Raster paperPicture;

    Backdrop(CheckedPage on) {
        this.on = on;
        Paper of = on.page.paper();
        paper = rgb(of.colour());
        paperPicture =
                of.picture() == null ? null : on.pictures.raster(of.picture()).orElse(null);
    }

    static double luminance(int rgb) {
        return 0.2126 * LINEAR[rgb >> 16 & 0xff] + 0.7152 * LINEAR[rgb >> 8 & 0xff] + 0.0722 * LINEAR[rgb & 0xff];
    }

    /** The colours at places behind the letters of an item: all that lies lower, and its own ground. */
    int[] behind(Item item, int depth, List<Point> places) {
        Outline whole = on.outline(item);
        List<Item> lower = new ArrayList<>();
        for (Item other : on.page.items().subList(0, depth)) {
            if (CheckedPage.overlap(on.outline(other), whole)) {
                lower.add(other);
            }
        }
        int[] colours = new int[places.size()];
        for (int i = 0; i < colours.length; i++) {
            Point at = places.get(i);
            int colour = onPaper(at);
            for (Item other : lower) {
                colour = over(colour, other, at);
            }
            colours[i] = over(colour, item, at);
        }
        return colours;
    }

    private int onPaper(Point at) {
        if (paperPicture == null) {
            return paper;
        }
        Paper of = on.page.paper();
        double x = at.x() / Bounds.PAGE_WIDTH;
        double y = at.y() / Bounds.PAGE_HEIGHT;
        Crop crop = of.crop();
        double ratio = (double) paperPicture.width() / paperPicture.height();
        double page = Bounds.PAGE_WIDTH / Bounds.PAGE_HEIGHT;
        if (of.fit() == Paper.Fit.TILE) {
            x = x * 4 % 1;
            y = at.y() / (Bounds.PAGE_WIDTH / 4 / ratio) % 1;
        } else {
            // Filling cuts the longer side off; fitting leaves room beside it.
            boolean across = of.fit() == Paper.Fit.FIT ? ratio < page : ratio > page;
            if (across) {
                x = 0.5 + (x - 0.5) * page / ratio;
            } else {
                y = 0.5 + (y - 0.5) * ratio / page;
            }
        }
        if (x < 0 || x > 1 || y < 0 || y > 1) {
            return paper;
        }
        if (crop != null) {
            x = crop.x() + crop.width() * x;
            y = crop.y() + crop.height() * y;
        }
        return mixed(paper, paperPicture.at(x, y), 1);
    }

    /** A colour with one item laid over it. */
    private int over(int below, Item item, Point at) {
        if (!item.frame().contains(at)) {
            return below;
        }
        double opacity = 1 - item.traitsOrNone().transparency() / 100.0;
        boolean onTile = item.isPiece() && (item instanceof Words || item instanceof Picture);
        int ground = onTile ? mixed(below, 0xff000000 | WHITE, opacity) : below;
        if (item instanceof Picture picture) {
            return picture(ground, picture, at, onTile ? INSET : 0, opacity);
        }
        if (item instanceof Shape shape) {
            String fill = shape.look().fill();
            return fill == null || !inside(shape, at) ? ground : mixed(ground, 0xff000000 | rgb(fill), opacity);
        }
        if (item instanceof Note note) {
            return mixed(ground, 0xff000000 | rgb(note.colour()), opacity);
        }
        if (item instanceof Zone zone) {
            return zone(ground, zone, at, opacity);
        }
        if (item instanceof Table table) {
            return cell(ground, table, at, opacity);
        }
        boolean nothing = item instanceof Line || item instanceof Lens || item instanceof Cover;
        return nothing ? below : ground;
    }

    /** As ZoneBody draws it; a line of numbers needs no tray around it. */
    private int zone(int below, Zone zone, Point at, double opacity) {
        ZoneLook look = zone.looks();
        boolean bare = zone.scale() != null && look.equals(ZoneLook.USUAL);
        if (look.hidden() || bare || !on.area(zone).contains(at)) {
            return below;
        }
        Raster filled = look.picture() == null
                ? null
                : on.pictures.raster(look.picture()).orElse(null);
        int ground = switch (look.kind()) {
            case TRAY -> mixed(below, 0xff000000 | (look.fill() == null ? TRAY : rgb(look.fill())), opacity);
            case GLASS -> mixed(below, 0xff000000 | glass(look), filled == null ? GLASS_OPACITY * opacity : 0);
            default -> look.fill() == null ? below : mixed(below, 0xff000000 | rgb(look.fill()), opacity);
        };
        return filled == null ? ground : filling(ground, filled, zone.frame(), at, opacity);
    }

    private static int glass(ZoneLook look) {
        String colour = look.fill() == null ? look.colour() : look.fill();
        return colour == null ? GLASS : rgb(colour);
    }

    /** A picture that fills a box; of its longer side the ends are cut off. */
    private static int filling(int below, Raster raster, Frame box, Point at, double opacity) {
        Point middle = box.middle();
        double radians = Math.toRadians(-box.turn());
        double dx = at.x() - middle.x();
        double dy = at.y() - middle.y();
        double x = dx * Math.cos(radians) - dy * Math.sin(radians);
        double y = dx * Math.sin(radians) + dy * Math.cos(radians);
        double scale = Math.max(box.width() / raster.width(), box.height() / raster.height());
        double across = Math.max(0, Math.min(1, 0.5 + x / (raster.width() * scale)));
        double down = Math.max(0, Math.min(1, 0.5 + y / (raster.height() * scale)));
        return mixed(below, raster.at(across, down), opacity);
    }

    private static boolean inside(Shape shape, Point at) {
        ShapeForm form = shape.look().form();
        if (form == ShapeForm.RECTANGLE) {
            return true;
        }
        // Other forms fill at least the ellipse in their box, near enough for a look at the colours.
        Point middle = shape.frame().middle();
        double dx = (at.x() - middle.x()) / (shape.frame().width() / 2);
        double dy = (at.y() - middle.y()) / (shape.frame().height() / 2);
        return dx * dx + dy * dy <= 1;
    }

    private static int cell(int below, Table table, Point at, double opacity) {
        for (int r = 0; r < table.rows().size(); r++) {
            for (int c = 0; c < table.columns().size(); c++) {
                String fill = table.cells().get(r).get(c).fill();
                if (fill != null && table.cellFrame(r, c).contains(at)) {
                    return mixed(below, 0xff000000 | rgb(fill), opacity);
                }
            }
        }
        return below;
    }

    private int picture(int below, Picture picture, Point at, double inset, double opacity) {
        Raster raster = on.pictures.raster(picture.picture()).orElse(null);
        if (raster == null) {
            return below;
        }
        double width = picture.frame().width();
        double height = picture.frame().height();
        double margin = Math.min(width, height) * inset;
        double radians = Math.toRadians(-picture.frame().turn());
        Point middle = picture.frame().middle();
        double dx = at.x() - middle.x();
        double dy = at.y() - middle.y();
        double x = dx * Math.cos(radians) - dy * Math.sin(radians);
        double y = dx * Math.sin(radians) + dy * Math.cos(radians);
        double scale = Math.min((width - 2 * margin) / raster.width(), (height - 2 * margin) / raster.height());
        double shareX = 0.5 + x / (raster.width() * scale);
        double shareY = 0.5 + y / (raster.height() * scale);
        if (shareX < 0 || shareX > 1 || shareY < 0 || shareY > 1) {
            return below;
        }
        Crop crop = picture.crop();
        if (crop != null) {
            shareX = crop.x() + crop.width() * shareX;
            shareY = crop.y() + crop.height() * shareY;
        }
        return mixed(below, raster.at(shareX, shareY), opacity);
    }

    private static int rgb(String colour) {
        return Integer.parseInt(colour.substring(1), 16);
    }

    /** A colour with its own opacity, and one more, laid over another. */
    private static int mixed(int below, int argb, double opacity) {
        double share = (argb >>> 24) / 255.0 * opacity;
        int mixed = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            double channel = (argb >> shift & 0xff) * share + (below >> shift & 0xff) * (1 - share);
            mixed |= (int) Math.round(channel) << shift;
        }
        return mixed;
    }
}
