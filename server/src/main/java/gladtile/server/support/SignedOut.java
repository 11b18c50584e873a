package gladtile.server.support;

import java.util.UUID;

/**
 * Sessions ended: what is open for them must not go on.
 *
 * @param session the value of its cookie; null for all sessions of the person
 * @param here whether it happened on this machine
 */
public record SignedOut(UUID personId, String session, boolean here) {}
