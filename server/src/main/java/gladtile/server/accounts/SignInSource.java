package gladtile.server.accounts;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;

/**
 * Where a try to sign in comes from.
 *
 * @param address of the network; of IPv6 the first half, since one house has all of the second
 * @param deviceHash of the token that the device keeps once somebody signed in on it; null for none
 */
public record SignInSource(String address, byte[] deviceHash) {
    static final String COOKIE = "device";

    public static SignInSource of(HttpServletRequest request) {
        String token = token(request);
        return new SignInSource(network(request.getRemoteAddr()), token == null ? null : hash(token));
    }

    /** The device's token as it came; null for none, or for what none of ours looks like. */
    static String token(HttpServletRequest request) {
        for (Cookie cookie : request.getCookies() == null ? new Cookie[0] : request.getCookies()) {
            if (cookie.getName().equals(COOKIE) && cookie.getValue().matches("[0-9a-f]{32}")) {
                return cookie.getValue();
            }
        }
        return null;
    }

    static byte[] hash(String token) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.US_ASCII));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    static String network(String address) {
        if (!address.contains(":")) {
            return address;
        }
        try {
            // Of digits and colons only, so nothing is looked up anywhere.
            byte[] bytes = InetAddress.getByName(address).getAddress();
            return InetAddress.getByName(address) instanceof Inet6Address
                    ? HexFormat.of().formatHex(Arrays.copyOf(bytes, 8))
                    : address;
        } catch (UnknownHostException e) {
            return address;
        }
    }
}
