package gladtile.server.demo;

import gladtile.core.page.Frame;
import gladtile.core.page.Link;
import gladtile.core.page.Paper;
import gladtile.core.page.Pattern;
import gladtile.core.page.PictureRef;
import gladtile.core.page.Point;
import gladtile.core.page.ZoneScale;
import gladtile.core.page.ZoneShape;
import gladtile.core.typed.TypedRule.Notation;
import gladtile.core.typed.TypedRule.NumberRule;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What the demo's activities hold: made-up lessons of a small hilltop observatory school.
 *
 * <p>Long because it is a list of made-up lessons, read from top to bottom.
 */
final class DemoActivities {
    private final Paper hills;
    private final Paper dusk;
    private final DemoFiles files;

    private final DemoPage angles;

    DemoActivities(PictureRef hills, PictureRef dusk, DemoFiles files) {
        this.files = files;
        this.hills = new Paper("#eef2ee", hills);
        this.dusk = new Paper("#e9e7ef", dusk);
        angles = sunAtNoon();
    }

    /** By title, in the order they are made; the first is the one that is assigned. */
    Map<String, List<DemoPage>> all() {
        Map<String, List<DemoPage>> all = new LinkedHashMap<>();
        all.put("Night-sky week", nightSky());
        all.put("Parts of a telescope", telescope());
        all.put("Why seasons change", seasons());
        all.put("Rocket words", rockets());
        all.put("Day, night, shadow", shadow());
        all.put("Planets in order", planets());
        all.put("The hilltop trail", DemoTrail.pages(hills, dusk, files));
        return all;
    }

    private List<DemoPage> nightSky() {
        return List.of(
                new DemoPage("Start here", dusk)
                        .title("Night-sky week", "Tonight the dome is open. Let us look up together.")
                        .fixed("1F52D", "Telescope", 620, 330, 360)
                        .leads(new Link.Next())
                        .text("Press Next to begin.", 760),
                new DemoPage("Light?", hills)
                        .title("Does it make its own light?", "Move each thing to the place where it belongs.")
                        .zones(250, 430, "Makes its own light", "Only reflects light")
                        .pictures(
                                765,
                                new String[] {"2600", "Sun", "Makes its own light"},
                                new String[] {"1F314", "Moon", "Only reflects light"},
                                new String[] {"2B50", "Star", "Makes its own light"},
                                new String[] {"1F526", "Torch", "Makes its own light"},
                                new String[] {"1FA9E", "Mirror", "Only reflects light"},
                                new String[] {"1FA90", "Ringed planet", "Only reflects light"},
                                new String[] {"2604", "Comet", "Only reflects light"}),
                new DemoPage("Who is awake?", dusk)
                        .title("Who is awake when we observe?", "Day animals and night animals.")
                        .zones(250, 430, "Awake by day", "Awake by night")
                        .pictures(
                                765,
                                new String[] {"1F989", "Owl", "Awake by night"},
                                new String[] {"1F41D", "Bee", "Awake by day"},
                                new String[] {"1F987", "Bat", "Awake by night"},
                                new String[] {"1F98B", "Butterfly", "Awake by day"},
                                new String[] {"1F994", "Hedgehog", "Awake by night"}),
                new DemoPage("Phases", hills)
                        .title("How does the moon change?", "Put each moon under its name.")
                        .zones(260, 330, "New", "First quarter", "Full", "Last quarter")
                        .pictures(
                                740,
                                new String[] {"1F315", "Full moon", "Full"},
                                new String[] {"1F313", "Half moon, lit on the right", "First quarter"},
                                new String[] {"1F311", "New moon", "New"},
                                new String[] {"1F317", "Half moon, lit on the left", "Last quarter"}),
                new DemoPage("Well done", dusk)
                        .title("Well done", "You know the night sky a little better now.")
                        .fixed("1F31F", "Glowing star", 640, 360, 320)
                        .leads(new Link.Start())
                        .text("Press Hand in when you are ready.", 760));
    }

    private static final Frame SCOPE = Frame.of(520, 230, 560, 560);
    private static final ZoneShape TRIPOD = new ZoneShape(
            ZoneShape.Kind.POLYGON, List.of(new Point(0.38, 0), new Point(0.62, 0), new Point(1, 1), new Point(0, 1)));

    /** A place on the picture of the telescope, by its middle and size as shares of it. */
    private static Frame on(double x, double y, double width, double height, double turn) {
        double side = SCOPE.width();
        return new Frame(
                SCOPE.x() + (x - width / 2) * side,
                SCOPE.y() + (y - height / 2) * side,
                width * side,
                height * side,
                turn);
    }

    private List<DemoPage> telescope() {
        return List.of(
                new DemoPage("The parts", hills)
                        .title("Parts of a telescope", "Move each word to its place.")
                        .fixed("1F52D", "Telescope on its stand", 560, 260, 480)
                        .zone("Collects the light", 110, 270, 400, 190)
                        .zone("Holds it steady", 110, 520, 400, 190)
                        .zone("You look in here", 1090, 270, 400, 190)
                        .zone("Keeps other light out", 1090, 520, 400, 190)
                        .words(
                                800,
                                new String[] {"Eyepiece", "You look in here"},
                                new String[] {"Tripod", "Holds it steady"},
                                new String[] {"Lens", "Collects the light"},
                                new String[] {"Tube", "Keeps other light out"}),
                new DemoPage("On the telescope", dusk)
                        .title("What is it called?", "Put each name on its part of the telescope.")
                        .fixed("1F52D", "Telescope on its stand", SCOPE.x(), SCOPE.y(), SCOPE.width())
                        .hidden("Lens", on(0.685, 0.2, 0.17, 0.17, 0), ZoneShape.ROUND)
                        .hidden("Eyepiece", on(0.15, 0.44, 0.17, 0.17, 0), ZoneShape.ROUND)
                        .hidden("Tube", on(0.42, 0.32, 0.34, 0.16, -28), ZoneShape.ROUND)
                        .hidden("Tripod", on(0.42, 0.69, 0.5, 0.36, 0), TRIPOD)
                        .words(
                                840,
                                new String[] {"Tripod", "Tripod"},
                                new String[] {"Lens", "Lens"},
                                new String[] {"Tube", "Tube"},
                                new String[] {"Eyepiece", "Eyepiece"}),
                new DemoPage("Tools", dusk)
                        .title("What does an observer need?", "Pack the bag for tonight.")
                        .zones(250, 430, "In the bag", "Stays at home")
                        .pictures(
                                765,
                                new String[] {"1F526", "Torch", "In the bag"},
                                new String[] {"1F9E4", "Gloves", "In the bag"},
                                new String[] {"1F3D0", "Volleyball", "Stays at home"},
                                new String[] {"1F5FA", "Map", "In the bag"},
                                new String[] {"1F4FA", "Television", "Stays at home"}));
    }

    /** The page on which lessons about angles are held. */
    String angles() {
        return angles.id();
    }

    /** Three rays to be measured; how high the sun stands at noon at 51.5° north, rounded. */
    private static DemoPage sunAtNoon() {
        double x = 420;
        double y = 720;
        return new DemoPage("The sun at noon", Paper.PLAIN)
                .title("How high does the sun stand at noon?", "Measure each angle above the ground.")
                .item(DemoThings.ground(x - 260, y, 1_160))
                .item(DemoThings.shadowTriangle(170, 270))
                .item(DemoThings.ray(x, y, 560, 62, "Ray of the sun at midsummer"))
                .item(DemoThings.ray(x, y, 720, 38, "Ray of the sun in spring and autumn"))
                .item(DemoThings.ray(x, y, 760, 15, "Ray of the sun at midwinter"))
                .item(DemoThings.words("midsummer", 700, 232, 240))
                .zone("Midsummer", 1_180, 215, 300, 130)
                .item(DemoThings.words("spring, autumn", 880, 372, 260))
                .zone("Spring, autumn", 1_180, 385, 300, 130)
                .item(DemoThings.words("midwinter", 960, 590, 240))
                .zone("Midwinter", 1_180, 555, 300, 130)
                .words(
                        830,
                        new String[] {"62°", "Midsummer"},
                        new String[] {"15°", "Midwinter"},
                        new String[] {"38°", "Spring, autumn"},
                        new String[] {"90°", null});
    }

    private List<DemoPage> seasons() {
        return List.of(
                new DemoPage("Seasons", hills)
                        .title("Which season is it?", "Find a season for each picture.")
                        .zones(252, 388, "Spring", "Summer", "Autumn", "Winter")
                        .pictures(
                                750,
                                new String[] {"1F33C", "Blossom", "Spring"},
                                new String[] {"2744", "Snowflake", "Winter"},
                                new String[] {"1F33B", "Sunflower", "Summer"},
                                new String[] {"1F341", "Maple leaf", "Autumn"},
                                new String[] {"26C4", "Snowman", "Winter"},
                                new String[] {"1F423", "Hatching chick", "Spring"}),
                angles,
                new DemoPage("Day length", dusk)
                        .title("Long days, short days", "When is the sun up longest?")
                        .zones(252, 388, "Long day", "Short day")
                        .words(
                                770,
                                new String[] {"June", "Long day"},
                                new String[] {"December", "Short day"},
                                new String[] {"July", "Long day"},
                                new String[] {"January", "Short day"}),
                new DemoPage("Why?", hills)
                        .title("Why do seasons change?", "The axis of the Earth leans to one side.")
                        .fixed("1F30D", "The Earth", 620, 260, 360)
                        .text("By how many degrees does it lean?", 680)
                        .gap(
                                "Degrees",
                                690,
                                760,
                                220,
                                new NumberRule(
                                        23.4, 0.5, false, List.of(Notation.POINT, Notation.COMMA), null, false)));
    }

    private List<DemoPage> rockets() {
        return List.of(
                new DemoPage("Up and down", hills)
                        .title("Rocket words", "Which words are for going up, which for coming home?")
                        .zones(252, 388, "Going up", "Coming home")
                        .words(
                                770,
                                new String[] {"Engine", "Going up"},
                                new String[] {"Parachute", "Coming home"},
                                new String[] {"Lift-off", "Going up"},
                                new String[] {"Landing", "Coming home"},
                                new String[] {"Fuel", "Going up"}),
                new DemoPage("Pictures", dusk)
                        .title("What flies where?", "Inside the air, or beyond it?")
                        .zones(252, 418, "In the air", "In space")
                        .pictures(
                                765,
                                new String[] {"1F680", "Rocket", "In space"},
                                new String[] {"1F6F0", "Satellite", "In space"},
                                new String[] {"1FA82", "Parachute", "In the air"},
                                new String[] {"1F388", "Balloon", "In the air"}),
                new DemoPage("Load the rocket", dusk)
                        .title("Load the rocket", "Put in what the space station needs. Then let the rocket go up.")
                        .carrying(
                                "1F680",
                                "Rocket",
                                Frame.of(245, 410, 210, 210),
                                new Point(880, -170),
                                "On board",
                                Frame.of(80, 620, 540, 190))
                        .pictures(
                                845,
                                110,
                                new String[] {"1F96B", "Tin of soup", "On board"},
                                new String[] {"1F4A7", "Water", "On board"},
                                new String[] {"2602", "Umbrella", null},
                                new String[] {"1F50B", "Battery", "On board"},
                                new String[] {"1F6F6", "Canoe", null},
                                new String[] {"1F9EA", "Test tube", "On board"}));
    }

    private List<DemoPage> shadow() {
        return List.of(
                new DemoPage("Shadows", hills)
                        .title("Day, night, shadow", "Does light go through it?")
                        .zones(252, 408, "Light goes through", "Makes a shadow")
                        .pictures(
                                765,
                                new String[] {"1FA9F", "Window", "Light goes through"},
                                new String[] {"26F0", "Mountain", "Makes a shadow"},
                                new String[] {"1F333", "Tree", "Makes a shadow"},
                                new String[] {"1F4A7", "Drop of water", "Light goes through"}),
                new DemoPage("Day or night", dusk)
                        .title("Day or night?", "What do you see in the sky?")
                        .zones(252, 408, "By day", "By night")
                        .pictures(
                                765,
                                new String[] {"2600", "Sun", "By day"},
                                new String[] {"1F320", "Shooting star", "By night"},
                                new String[] {"1F308", "Rainbow", "By day"},
                                new String[] {"1F30C", "Milky way", "By night"}),
                log());
    }

    /** A page with one of nearly every kind of thing that can lie on a page. */
    private DemoPage log() {
        return new DemoPage("Observing log", new Paper("#fbf8f2", null, null, null, DOTS))
                .title("Observing log", "Count the stars you saw, lift the rocket, and write down what you liked.")
                .item(DemoThings.table(150, 240))
                .zone("Stars we saw", 780, 240, 420, 330)
                .item(DemoThings.bubble("Drag as many as you saw", 1250, 240))
                .piece(DemoThings.supply("2B50", "Star", 860, 700), "Stars we saw")
                .item(DemoThings.rocket(1080, 790))
                .item(DemoThings.arrow(1210, 560))
                .item(DemoThings.card("1F319", "Moon", "The moon only reflects light.", 620, 700))
                .item(DemoThings.note(1310, 680))
                .item(DemoThings.words(
                        "Jupiter has more than 90 moons. These four can be seen with our telescope.", 170, 715, 360))
                .item(DemoThings.cover(150, 690));
    }

    private static final Pattern DOTS = new Pattern(Pattern.Kind.DOTS, 40, "#d6cebf");

    private List<DemoPage> planets() {
        List<DemoPage> pages = new ArrayList<>();
        pages.add(new DemoPage("Inner planets", dusk)
                .title("Planets in order", "Begin with the one closest to the sun.")
                .zones(280, 330, "1st", "2nd", "3rd", "4th")
                .words(
                        760,
                        new String[] {"Earth", "3rd"},
                        new String[] {"Mercury", "1st"},
                        new String[] {"Mars", "4th"},
                        new String[] {"Venus", "2nd"}));
        pages.add(new DemoPage("Outer planets", hills)
                .title("The outer planets", "Put the one closest to the sun on the left. Then press Check.")
                .zone("From the sun outwards", 120, 300, 1360, 300)
                .words(
                        760,
                        new String[] {"Saturn", "From the sun outwards"},
                        new String[] {"Neptune", "From the sun outwards"},
                        new String[] {"Jupiter", "From the sun outwards"},
                        new String[] {"Uranus", "From the sun outwards"})
                .inOrder("From the sun outwards", "Jupiter", "Saturn", "Uranus", "Neptune"));
        pages.add(new DemoPage("Small, and with moons", dusk)
                .title("Which planets are both?", "What is true of both goes where the circles cross.")
                .crossing("Smaller than Earth", "#0b5d66", "Has a moon", "#8a5f12")
                .words(
                        820,
                        new String[] {"Mercury", "Smaller than Earth"},
                        new String[] {"Mars", "Smaller than Earth+Has a moon"},
                        new String[] {"Saturn", "Has a moon"},
                        new String[] {"Venus", "Smaller than Earth"},
                        new String[] {"Jupiter", "Has a moon"}));
        // Apparent magnitudes to the nearest whole or half, as star tables give them (from memory).
        Map<String, Double> bright = new LinkedHashMap<>();
        bright.put("Polaris", 2.0);
        bright.put("Sirius", -1.5);
        bright.put("Vega", 0.0);
        bright.put("Venus", -4.5);
        bright.put("Uranus", 5.5);
        pages.add(new DemoPage("Magnitudes", hills)
                .title("How bright are they?", "The smaller the magnitude, the brighter. Put each at its number.")
                .line("Magnitude", new ZoneScale(-5, 6, 0.5, 2, true), 0.25, bright));
        Map<String, Point> stations = new LinkedHashMap<>();
        stations.put("Dome (3,\u00a02)", new Point(3, 2));
        stations.put("Sundial (−4,\u00a01)", new Point(-4, 1));
        stations.put("Well (2,\u00a0−3)", new Point(2, -3));
        stations.put("Gate (−1,\u00a0−2)", new Point(-1, -2));
        pages.add(new DemoPage("Map of the hill", hills)
                .title("Where is everything?", "The first number goes across, the second goes up.")
                .axes("Map", new ZoneScale(-5, 5, 1, 1, true), new ZoneScale(-3, 3, 1, 1, true), stations));
        pages.add(new DemoPage("Opening time", dusk)
                .title("Half past eight", "The dome opens at half past eight. Turn both hands.")
                .clock(100, 255, 180));
        return pages;
    }
}
