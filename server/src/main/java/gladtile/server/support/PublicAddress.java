package gladtile.server.support;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.regex.Pattern;
import org.springframework.core.env.Environment;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * The address under which students reach this server. What a request says its host is, anybody can make up: it is
 * believed only where it names this machine. For other names the address is set ({@code glad.address}).
 */
@Component
public class PublicAddress {
    private static final Pattern NUMBERS = Pattern.compile("[0-9.]+|\\[[0-9a-fA-F:.]+]");
    private final GladProperties properties;
    private final Environment settings;

    PublicAddress(GladProperties properties, Environment settings) {
        this.properties = properties;
        this.settings = settings;
    }

    /** Where a path of ours is opened, for whoever started the program. @param path with its leading slash */
    public String own(String path) {
        if (properties.address() != null) {
            return publicly() + path;
        }
        String listens = settings.getProperty("server.address", "127.0.0.1");
        return "%s://%s:%s%s"
                .formatted(
                        settings.containsProperty("server.ssl.bundle") ? "https" : "http",
                        listens.equals("0.0.0.0") ? thisMachine() : listens,
                        settings.getProperty("local.server.port", "8080"),
                        path);
    }

    private String publicly() {
        return properties.address().toString().replaceAll("/+$", "");
    }

    private static String thisMachine() {
        try {
            return InetAddress.getLocalHost().getCanonicalHostName();
        } catch (UnknownHostException e) {
            return "localhost";
        }
    }

    /** Where a code is joined. */
    public String join(String code, HttpServletRequest request) {
        return base(request) + "/join/" + code;
    }

    /** Where a path of ours is opened from elsewhere. @param path with its leading slash */
    public String of(String path, HttpServletRequest request) {
        return base(request) + path;
    }

    private String base(HttpServletRequest request) {
        if (properties.address() != null) {
            return publicly();
        }
        String host = request.getServerName();
        if (!isOurs(host)) {
            throw Problem.of(
                    HttpStatus.MISDIRECTED_REQUEST,
                    "This server does not know the address that it was asked under. Set glad.address to it.");
        }
        int port = request.getServerPort();
        boolean usual = port == (request.isSecure() ? 443 : 80);
        return "%s://%s%s".formatted(request.getScheme(), host, usual ? "" : ":" + port);
    }

    private static boolean isOurs(String host) {
        return host.equalsIgnoreCase("localhost") || NUMBERS.matcher(host).matches() || isThisMachine(host);
    }

    private static boolean isThisMachine(String host) {
        try {
            String name = InetAddress.getLocalHost().getHostName();
            String full = InetAddress.getLocalHost().getCanonicalHostName();
            return host.equalsIgnoreCase(name) || host.equalsIgnoreCase(full) || host.equalsIgnoreCase(name + ".local");
        } catch (UnknownHostException e) {
            return false;
        }
    }
}
