package gladtile.server.demo;

import gladtile.server.accounts.PersonService;
import gladtile.server.support.GladProperties;
import java.net.InetAddress;
import java.util.Map;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The demo's passwords stand in the manual: with them nothing is served to other machines. */
@Component
class DemoGuard implements SmartInitializingSingleton {
    static final Map<String, String> KNOWN =
            Map.of("mira", "telescope", "jonas", "eyepiece", "ilse", "meridian", "sana", "eclipse");

    private final PersonService people;
    private final GladProperties properties;
    private final InetAddress address;

    DemoGuard(PersonService people, GladProperties properties, @Value("${server.address}") InetAddress address) {
        this.people = people;
        this.properties = properties;
        this.address = address;
    }

    /** Before anything is served. */
    @Override
    public void afterSingletonsInstantiated() {
        if (address.isLoopbackAddress()) {
            return;
        }
        boolean known = KNOWN.entrySet().stream().anyMatch(one -> people.hasPassword(one.getKey(), one.getValue()));
        if (properties.demo() || known) {
            throw new IllegalStateException(
                    "The demo's passwords are known to everybody, so it is served on this machine"
                            + " alone. Nothing was started. Use a school of your own, with data of its own (--no-demo --data DIR).");
        }
    }
}
