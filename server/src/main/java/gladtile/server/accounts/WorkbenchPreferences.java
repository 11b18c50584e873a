package gladtile.server.accounts;

import gladtile.core.Bounds;
import java.util.List;
import java.util.Map;

/**
 * How somebody likes their workbench.
 *
 * @param rack the tiles of the rack in their order; those not named come after them
 * @param hidden tiles that are put away
 * @param side where the panel with the settings stands
 * @param pens the colour, width and dashes each pen had last, by its name
 */
public record WorkbenchPreferences(
        List<String> rack, List<String> hidden, Side side, Size size, Map<String, Pen> pens) {
    public static final WorkbenchPreferences USUAL =
            new WorkbenchPreferences(List.of(), List.of(), Side.LEFT, Size.NORMAL, Map.of());

    /** For either hand. */
    public enum Side {
        LEFT,
        RIGHT
    }

    /** How large the controls are. */
    public enum Size {
        NORMAL,
        LARGE,
        WALL
    }

    /** As a pen was used last. */
    public record Pen(String colour, double width, String dash) {
        public Pen {
            Bounds.text("ink.colour", colour, 7);
            Bounds.within("ink.width", width, Bounds.THICKNESS_LEAST, Bounds.THICKNESS_MOST);
            Bounds.text("ink.dash", dash, 10);
        }
    }

    private static final int NAMES = 60;

    public WorkbenchPreferences {
        rack = names("preferences.rack", rack);
        hidden = names("preferences.hidden", hidden);
        Bounds.present("preferences.side", side);
        Bounds.present("preferences.size", size);
        Bounds.count("preferences.pens", Bounds.present("taste.pens", pens).size(), NAMES);
        pens.forEach((name, pen) -> {
            Bounds.id("preferences.pens", name);
            Bounds.present("preferences.pens", pen);
        });
        pens = Map.copyOf(pens);
    }

    private static List<String> names(String bound, List<String> names) {
        Bounds.count(bound, Bounds.present(bound, names).size(), NAMES);
        names.forEach(name -> Bounds.id(bound, name));
        return List.copyOf(names);
    }
}
