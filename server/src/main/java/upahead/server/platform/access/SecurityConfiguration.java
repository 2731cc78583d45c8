package upahead.server.platform.access;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.hierarchicalroles.RoleHierarchy;
import org.springframework.security.access.hierarchicalroles.RoleHierarchyImpl;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.filter.OncePerRequestFilter;
import upahead.server.platform.rights.Permission;

/** Session cookie, CSRF token in a cookie for our own pages, strict headers. Who may do what stands on the services ({@link RightsAtServices}). */
@Configuration
class SecurityConfiguration {

    private static final String CONTENT_POLICY = "default-src 'self'; img-src 'self' data:; "
            + "style-src 'self' 'unsafe-inline'; object-src 'none'; base-uri 'none'; "
            + "form-action 'self'; frame-ancestors 'none'";

    private static final String STAND_IN = "/api/demo/told";

    /** Every role may what its permissions say. */
    @Bean
    @org.springframework.context.annotation.Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static RoleHierarchy permissionsOfRoles() {
        return RoleHierarchyImpl.fromHierarchy(Arrays.stream(Role.values())
                .flatMap(role -> role.permissions().stream().map(permission -> "ROLE_" + role + " > " + permission))
                .collect(Collectors.joining("\n")));
    }

    /** The token that a page has to send along lies in a cookie, which pages of other sites cannot read. */
    @Bean
    static CsrfTokenRepository csrfTokens() {
        return CookieCsrfTokenRepository.withHttpOnlyFalse();
    }

    /**
     * @param longest after which a session ends however much it is used
     */
    @Bean
    SecurityFilterChain security(
            HttpSecurity http,
            SignInService signIns,
            ProgramTokens tokens,
            CsrfTokenRepository csrfTokens,
            ObjectMapper json,
            List<WayIn> waysIn,
            @Value("${upahead.session.longest}") Duration longest)
            throws Exception {
        for (WayIn each : waysIn) {
            each.configure(http);
        }
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(HttpMethod.PUT, "/api/session/**")
                        .authenticated()
                        .requestMatchers("/api/session", "/api/session/**")
                        .permitAll()
                        .requestMatchers("/api/terminal", "/api/terminal/**")
                        .permitAll()
                        // what the demo's stand-in for another program is told
                        .requestMatchers(HttpMethod.POST, STAND_IN)
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        // whether it lives and takes requests, in one word each, for whoever starts programs
                        .requestMatchers("/running/health/liveness", "/running/health/readiness")
                        .permitAll()
                        .requestMatchers("/running", "/running/**")
                        .hasAuthority(Permission.KEEP_THE_COMPANY.name())
                        .anyRequest()
                        .permitAll())
                .csrf(csrf -> csrf.csrfTokenRepository(csrfTokens)
                        .csrfTokenRequestHandler(new CsrfTokenRequestAttributeHandler())
                        // whoever brings a token is let in by that alone, and no page of another site knows it
                        .ignoringRequestMatchers(ProgramTokenFilter::isBrought)
                        .ignoringRequestMatchers(STAND_IN))
                .addFilterBefore(new ProgramTokenFilter(tokens, json), CsrfFilter.class)
                .addFilterAfter(new TokenInCookie(), CsrfFilter.class)
                .addFilterBefore(new SignInChanges(signIns, longest), AuthorizationFilter.class)
                .addFilterBefore(new SecondStepMissing(json), AuthorizationFilter.class)
                .exceptionHandling(
                        errors -> errors.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN))
                        .frameOptions(frame -> frame.deny()))
                .requestCache(cache -> cache.disable())
                .formLogin(form -> form.disable())
                .httpBasic(basic -> basic.disable())
                .logout(logout -> logout.disable())
                .anonymous(Customizer.withDefaults())
                .build();
    }

    /** Reading the token makes its repository send the cookie. */
    private static final class TokenInCookie extends OncePerRequestFilter {
        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            CsrfToken token = (CsrfToken) request.getAttribute(CsrfToken.class.getName());
            if (token != null) {
                token.getToken();
            }
            chain.doFilter(request, response);
        }
    }
}
