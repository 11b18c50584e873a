package gladtile.core.page;

import com.ibm.icu.text.IDNA;
import gladtile.core.message.Message;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.Locale;

/**
 * An address outside the activity: http, https or mailto, and nothing else. The host is written in ASCII (punycode, by
 * UTS #46), so that letters that only look like others are seen for what they are.
 */
public sealed interface WebAddress {
    /** @param shown the whole of it, as it is shown before anyone leaves */
    record Good(String shown) implements WebAddress {}

    /** @param message what is wrong and what to write */
    record Refused(Message message) implements WebAddress {}

    /** @param written as typed or pasted; a host alone is taken for an https address */
    static WebAddress read(String written) {
        String text = written.strip();
        if (text.isEmpty()) {
            return new Refused(Message.of("address.none"));
        }
        if (text.chars().anyMatch(c -> c <= ' ' || c == '\\' || c == '"' || c == '<' || c == '>' || c == 0x7f)) {
            return new Refused(Message.of("address.signs"));
        }
        int colon = text.indexOf(':');
        String before = colon < 0 ? "" : text.substring(0, colon).toLowerCase(Locale.ROOT);
        boolean port =
                colon > 0 && before.contains(".") && text.substring(colon + 1).matches("\\d{1,5}([/?#].*)?");
        if (colon < 0 || port) {
            return http("https", text);
        }
        return switch (before) {
            case "http", "https" ->
                text.startsWith("//", colon + 1)
                        ? http(before, text.substring(colon + 3))
                        : new Refused(Message.of("address.slashes", "scheme", before));
            case "mailto" -> mail(text.substring(colon + 1));
            default -> new Refused(Message.of("address.schemes"));
        };
    }

    private static WebAddress http(String scheme, String rest) {
        int end = 0;
        while (end < rest.length() && "/?#".indexOf(rest.charAt(end)) < 0) {
            end++;
        }
        String authority = rest.substring(0, end);
        if (authority.contains("@")) {
            return new Refused(Message.of("address.name-before"));
        }
        int colon = authority.endsWith("]") ? -1 : authority.lastIndexOf(':');
        String host = colon < 0 ? authority : authority.substring(0, colon);
        String port = colon < 0 ? "" : authority.substring(colon + 1);
        if (!port.isEmpty() && (!port.matches("\\d{1,5}") || Integer.parseInt(port) > 65_535)) {
            return new Refused(Message.of("address.port"));
        }
        StringBuilder ascii = new StringBuilder();
        IDNA.Info info = new IDNA.Info();
        IDNA.getUTS46Instance(IDNA.NONTRANSITIONAL_TO_ASCII | IDNA.CHECK_BIDI | IDNA.CHECK_CONTEXTJ)
                .nameToASCII(host, ascii, info);
        if (host.isEmpty() || info.hasErrors() || !ascii.toString().matches("[a-z0-9_]([a-z0-9_.-]*[a-z0-9_.])?")) {
            return new Refused(Message.of("address.host", "host", host));
        }
        if (isNumber(ascii.toString()) && !ascii.toString().matches(PLAIN_NUMBERS)) {
            return new Refused(Message.of("address.hidden-number", "host", host));
        }
        String path = rest.substring(end);
        String whole = scheme + "://" + ascii + (port.isEmpty() ? "" : ":" + port) + (path.isEmpty() ? "/" : path);
        try {
            // What is not ASCII in a path is written with per cent signs, as browsers send it.
            return new Good(new URI(whole.replace("|", "%7C")
                            .replace("^", "%5E")
                            .replace("`", "%60")
                            .replace("{", "%7B")
                            .replace("}", "%7D")
                            .replace("[", "%5B")
                            .replace("]", "%5D"))
                    .toASCIIString());
        } catch (URISyntaxException broken) {
            return new Refused(Message.of("address.unreadable"));
        }
    }

    /** Four numbers up to 255, as they are always shown. */
    String PLAIN_NUMBERS = "((25[0-5]|2[0-4]\\d|1\\d\\d|[1-9]?\\d)(\\.(?!$)|$)){4}";

    /** Whether browsers take the host for a number, in whatever notation (URL standard, 'ends in a number'). */
    private static boolean isNumber(String host) {
        String[] labels = host.split("\\.");
        return labels.length > 0 && labels[labels.length - 1].matches("\\d+|0x[0-9a-f]*");
    }

    private static WebAddress mail(String address) {
        return address.matches("[^@\\s?&]{1,64}@[A-Za-z0-9.-]{1,253}")
                ? new Good("mailto:" + address)
                : new Refused(Message.of("address.mail"));
    }
}
