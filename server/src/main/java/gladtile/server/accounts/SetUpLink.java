package gladtile.server.accounts;

import gladtile.server.support.GladProperties;
import gladtile.server.support.PublicAddress;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Where there is no school yet, whoever started the program is shown how to make one. */
@Component
class SetUpLink {
    /** What the start command looks for. */
    private static final String MARK = "SET UP YOUR SCHOOL: ";

    private final PersonService people;
    private final OneTimeLinkService links;
    private final GladProperties properties;
    private final PublicAddress addresses;

    SetUpLink(PersonService people, OneTimeLinkService links, GladProperties properties, PublicAddress addresses) {
        this.people = people;
        this.links = links;
        this.properties = properties;
        this.addresses = addresses;
    }

    @EventListener(ApplicationReadyEvent.class)
    void show() {
        if (people.anySchool() || properties.demo()) {
            return;
        }
        String token = links.make(OneTimeLinkService.Purpose.SET_UP, null, null).token();
        // Behind the hash sign: no server is told it when the page is opened, and no log has it.
        System.out.println(MARK + addresses.own("/set-up#" + token));
    }
}
