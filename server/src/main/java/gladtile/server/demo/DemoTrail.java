package gladtile.server.demo;

import gladtile.core.page.Item;
import gladtile.core.page.Link;
import gladtile.core.page.Opens;
import gladtile.core.page.PageLinks;
import gladtile.core.page.Paper;
import java.util.List;

/**
 * Eight pages that lead to one another: a start page of choices, a branch by what was right at first, a page that opens
 * only then, a sound on each piece, a video, a document, a spot and a web link.
 */
final class DemoTrail {
    private DemoTrail() {}

    static List<DemoPage> pages(Paper hills, Paper dusk, DemoFiles files) {
        DemoPage start = new DemoPage("Where to?", dusk);
        DemoPage light = new DemoPage("Light or not?", hills);
        DemoPage video = new DemoPage("The dome opens", dusk);
        DemoPage listen = new DemoPage("Listen", hills);
        DemoPage far = new DemoPage("How far away?", dusk);
        DemoPage practice = new DemoPage("Once more", hills);
        DemoPage room = new DemoPage("The star room", dusk);
        DemoPage end = new DemoPage("At the top", hills);

        start.title("The hilltop trail", "Where do you want to go first?")
                .fixed("1F4A1", "Light or not", 170, 290, 300)
                .leads(new Link.ToPage(light.id()))
                .fixed("1F3A5", "The dome opens", 650, 290, 300)
                .leads(new Link.ToPage(video.id()))
                .fixed("1F514", "Listen", 1130, 290, 300)
                .leads(new Link.ToPage(listen.id()))
                .item(DemoThings.label("Light or not?", 120, 610, 400))
                .item(DemoThings.label("Watch the dome", 600, 610, 400))
                .item(DemoThings.label("Listen", 1080, 610, 400))
                .item(DemoThings.tile("Clear tonight? Look it up", 500, 780, 600))
                .leads(new Link.Web("https://sky.hilltop.example/tonight"));
        light.title("Does it make its own light?", "Tap the sign on a picture to hear its name.")
                .zones(252, 378, "Makes light", "Only reflects")
                .pictures(
                        680,
                        new String[] {"2600", "Sun", "Makes light"},
                        new String[] {"1F314", "Moon", "Only reflects"},
                        new String[] {"1F525", "Fire", "Makes light"},
                        new String[] {"1FA9E", "Mirror", "Only reflects"})
                .says()
                .ways(PageLinks.USUAL
                        .withOpens(new Opens.WhenSolved())
                        .withTo(practice.id())
                        .withFirst(far.id()));
        home(light);
        video.title("The dome opens", "Every clear night begins like this.")
                .item(DemoThings.video("The dome of the observatory opens", files, 380, 230))
                .ways(PageLinks.USUAL.withTo(listen.id()));
        home(video);
        Item owl = DemoThings.hidden("1F989", "An owl on the dome", 1120, 470, 240);
        listen.title("Listen", "Tap the bell. Read the sheet. Find who is hiding.")
                .item(DemoThings.speaking("1F514", "The bell of the dome", files.bell(), "The bell rings twice.", 190))
                .fixed("1F4C4", "Observing log sheet", 650, 330, 280)
                .leads(new Link.ToFile(files.sheet()))
                .item(DemoThings.tile("Who is there?", 1050, 340, 380))
                .leads(new Link.Spots(List.of(owl.id())))
                .item(owl)
                .item(DemoThings.label("Dome bell", 190, 640, 280))
                .item(DemoThings.label("Log sheet", 650, 640, 280))
                .ways(PageLinks.USUAL.withTo(light.id()));
        home(listen);
        far.title("How far away is it?", "You had it all right at once. Here is a harder one.")
                .zones(252, 378, "Near", "Far", "Very far")
                .pictures(
                        680,
                        new String[] {"2B50", "A star", "Very far"},
                        new String[] {"2601", "A cloud", "Near"},
                        new String[] {"1FA90", "Saturn", "Far"})
                .says()
                .ways(PageLinks.USUAL.withOpens(new Opens.WhenPoints(2)).withTo(room.id()));
        home(far);
        practice.title("Once more", "Which of these can we see in the dark by its own light?")
                .zones(252, 378, "By its own light", "Not by itself")
                .pictures(680, new String[] {"1F56F", "Candle", "By its own light"}, new String[] {
                    "1F48E", "Crystal", "Not by itself"
                })
                .says()
                .ways(PageLinks.USUAL.withOpens(new Opens.WhenSolved()));
        home(practice);
        room.title("The star room", "This door opens only for those who have solved the page before it.")
                .fixed("1F30C", "The Milky Way on the ceiling", 590, 290, 420);
        home(room);
        end.title("At the top", "You have walked the whole trail.")
                .fixed("1F3F0", "The old tower at the top", 640, 330, 320)
                .text("Press Hand in when you are ready.", 720)
                .ways(PageLinks.USUAL.withEnds(true));
        home(end);
        return List.of(start, light, video, listen, far, practice, room, end);
    }

    private static void home(DemoPage page) {
        page.item(DemoThings.tile("Home", 1330, 890, 210)).leads(new Link.Start());
    }
}
