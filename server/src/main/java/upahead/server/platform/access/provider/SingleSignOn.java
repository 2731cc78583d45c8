package upahead.server.platform.access.provider;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.boot.autoconfigure.web.ServerProperties;
import org.springframework.boot.web.server.Cookie.SameSite;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.oauth2.client.registration.ClientRegistration;
import org.springframework.security.oauth2.client.registration.ClientRegistrationRepository;
import org.springframework.security.oauth2.client.registration.ClientRegistrations;
import org.springframework.security.oauth2.client.registration.InMemoryClientRegistrationRepository;
import org.springframework.security.oauth2.client.registration.SupplierClientRegistrationRepository;
import org.springframework.security.oauth2.core.oidc.user.OidcUser;
import upahead.server.platform.access.SessionBeginning;
import upahead.server.platform.access.SessionRefusal;
import upahead.server.platform.access.WayIn;
import upahead.server.platform.problems.Refusal;

/** Single sign-on where a provider is named. What it offers is asked for at the first use, so that it need not be there at the start. */
@Configuration
@ConditionalOnExpression("!'${upahead.sign-in.issuer}'.isBlank()")
class SingleSignOn {

    private static final Logger LOG = LoggerFactory.getLogger(SingleSignOn.class);
    private static final String COMPANY = "company";
    private static final String FIRST_PAGE = "/";

    /** The way back from the provider begins at another site: a strict cookie would not come along. */
    SingleSignOn(ServerProperties server) {
        server.getServlet().getSession().getCookie().setSameSite(SameSite.LAX);
    }

    @Bean
    ClientRegistrationRepository provider(
            @Value("${upahead.sign-in.issuer}") String issuer,
            @Value("${upahead.sign-in.client}") String client,
            @Value("${upahead.sign-in.secret}") String secret) {
        return new SupplierClientRegistrationRepository(() -> {
            ClientRegistration.Builder registration = ClientRegistrations.fromIssuerLocation(issuer)
                    .registrationId(COMPANY)
                    .clientId(client)
                    .clientSecret(secret)
                    .scope("openid", "email", "profile");
            return new InMemoryClientRegistrationRepository(registration.build());
        });
    }

    @Bean
    WayIn atTheProvider(ProviderSignIns signIns, SessionBeginning sessions) {
        return http -> http.oauth2Login(login -> login.loginPage(FIRST_PAGE)
                .authorizedClientRepository(new NothingKept())
                .successHandler((request, response, vouched) -> letIn(signIns, sessions, vouched, request, response))
                .failureHandler((request, response, failed) -> tell(request, response, failed)));
    }

    private static void letIn(
            ProviderSignIns signIns,
            SessionBeginning sessions,
            Authentication vouched,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        OidcUser account = (OidcUser) vouched.getPrincipal();
        try {
            sessions.byProvider(
                    signIns.signIn(
                            account.getIssuer().toString(),
                            account.getSubject(),
                            account.getEmail(),
                            Boolean.TRUE.equals(account.getEmailVerified())),
                    request,
                    response);
        } catch (Refusal refused) {
            SessionRefusal.keep(request, refused.getMessage());
        }
        response.sendRedirect(FIRST_PAGE);
    }

    private static void tell(HttpServletRequest request, HttpServletResponse response, AuthenticationException failed)
            throws IOException {
        LOG.warn("single sign-on failed: {}", failed.getMessage());
        SessionRefusal.keep(request, "That did not work at the provider. Please try again.");
        response.sendRedirect(FIRST_PAGE);
    }
}
