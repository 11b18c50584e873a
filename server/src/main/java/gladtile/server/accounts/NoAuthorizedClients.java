package gladtile.server.accounts;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.core.Authentication;
import org.springframework.security.oauth2.client.OAuth2AuthorizedClient;
import org.springframework.security.oauth2.client.web.OAuth2AuthorizedClientRepository;

/** Keeps no token of an identity provider: it is asked who somebody is, and nothing else is ever done in their name. */
final class NoAuthorizedClients implements OAuth2AuthorizedClientRepository {
    @Override
    public <T extends OAuth2AuthorizedClient> T loadAuthorizedClient(
            String registration, Authentication who, HttpServletRequest request) {
        return null;
    }

    @Override
    public void saveAuthorizedClient(
            OAuth2AuthorizedClient client,
            Authentication who,
            HttpServletRequest request,
            HttpServletResponse response) {
        // Deliberately not kept.
    }

    @Override
    public void removeAuthorizedClient(
            String registration, Authentication who, HttpServletRequest request, HttpServletResponse response) {
        // There is none.
    }
}
