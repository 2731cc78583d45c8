package upahead.server.platform.access.provider;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.core.Authentication;
import org.springframework.security.oauth2.client.OAuth2AuthorizedClient;
import org.springframework.security.oauth2.client.web.OAuth2AuthorizedClientRepository;

/** The provider is asked who somebody is and nothing else: what it would let this program do there is not kept. */
final class NothingKept implements OAuth2AuthorizedClientRepository {

    @Override
    public <T extends OAuth2AuthorizedClient> T loadAuthorizedClient(
            String registrationId, Authentication principal, HttpServletRequest request) {
        return null;
    }

    @Override
    public void saveAuthorizedClient(
            OAuth2AuthorizedClient client,
            Authentication principal,
            HttpServletRequest request,
            HttpServletResponse response) {
        // which is the point
    }

    @Override
    public void removeAuthorizedClient(
            String registrationId, Authentication principal, HttpServletRequest request, HttpServletResponse response) {
        // nothing is there
    }
}
