package upahead.server.platform.access.provider;

import com.nimbusds.jose.JOSEException;
import com.nimbusds.jose.jwk.JWKSet;
import com.nimbusds.jose.jwk.RSAKey;
import com.nimbusds.jose.jwk.gen.RSAKeyGenerator;
import com.nimbusds.jose.jwk.source.ImmutableJWKSet;
import com.nimbusds.jose.jwk.source.JWKSource;
import com.nimbusds.jose.proc.SecurityContext;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.boot.autoconfigure.ImportAutoConfiguration;
import org.springframework.boot.autoconfigure.http.HttpMessageConvertersAutoConfiguration;
import org.springframework.boot.autoconfigure.jackson.JacksonAutoConfiguration;
import org.springframework.boot.autoconfigure.security.servlet.SecurityAutoConfiguration;
import org.springframework.boot.autoconfigure.web.servlet.DispatcherServletAutoConfiguration;
import org.springframework.boot.autoconfigure.web.servlet.ServletWebServerFactoryAutoConfiguration;
import org.springframework.boot.autoconfigure.web.servlet.WebMvcAutoConfiguration;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.core.annotation.Order;
import org.springframework.core.env.Environment;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.oauth2.core.AuthorizationGrantType;
import org.springframework.security.oauth2.core.ClientAuthenticationMethod;
import org.springframework.security.oauth2.core.oidc.endpoint.OidcParameterNames;
import org.springframework.security.oauth2.jwt.JwtDecoder;
import org.springframework.security.oauth2.server.authorization.client.InMemoryRegisteredClientRepository;
import org.springframework.security.oauth2.server.authorization.client.RegisteredClient;
import org.springframework.security.oauth2.server.authorization.client.RegisteredClientRepository;
import org.springframework.security.oauth2.server.authorization.config.annotation.web.configuration.OAuth2AuthorizationServerConfiguration;
import org.springframework.security.oauth2.server.authorization.config.annotation.web.configurers.OAuth2AuthorizationServerConfigurer;
import org.springframework.security.oauth2.server.authorization.settings.AuthorizationServerSettings;
import org.springframework.security.oauth2.server.authorization.token.JwtEncodingContext;
import org.springframework.security.oauth2.server.authorization.token.OAuth2TokenCustomizer;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;

/** A provider of OpenID Connect with a few accounts, whose password is the name of the account. */
final class AProvider {

    static final String SECRET = "between-us";
    private static final int KEY_BITS = 2048;

    private static final Map<String, String> ADDRESSES = Map.of(
            "kerensa", "Kerensa@brindlemoor.example",
            "merrin", "merrin@brindlemoor.example",
            "teodric", "teodric@brindlemoor.example",
            "stranger", "stranger@elsewhere.example",
            "unverified", "corvin@brindlemoor.example");

    private final ConfigurableApplicationContext program;
    private final String address;

    private AProvider(ConfigurableApplicationContext program, String address) {
        this.program = program;
        this.address = address;
    }

    static AProvider start() {
        int port = freePort();
        // another name than the program's own, whose cookies would be the same otherwise
        String address = "http://127.0.0.1:" + port;
        return new AProvider(
                new SpringApplicationBuilder(Accounts.class)
                        .run("--server.port=" + port, "--provider.address=" + address, "--spring.config.name=none"),
                address);
    }

    String address() {
        return address;
    }

    void close() {
        program.close();
    }

    private static int freePort() {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
    }

    @ImportAutoConfiguration({
        ServletWebServerFactoryAutoConfiguration.class,
        DispatcherServletAutoConfiguration.class,
        WebMvcAutoConfiguration.class,
        JacksonAutoConfiguration.class,
        HttpMessageConvertersAutoConfiguration.class,
        SecurityAutoConfiguration.class
    })
    static class Accounts {

        @Bean
        @Order(1)
        SecurityFilterChain protocol(HttpSecurity http) throws Exception {
            OAuth2AuthorizationServerConfigurer server = OAuth2AuthorizationServerConfigurer.authorizationServer();
            return http.securityMatcher(server.getEndpointsMatcher())
                    .with(server, protocol -> protocol.oidc(Customizer.withDefaults()))
                    .authorizeHttpRequests(requests -> requests.anyRequest().authenticated())
                    .exceptionHandling(
                            errors -> errors.authenticationEntryPoint(new LoginUrlAuthenticationEntryPoint("/login")))
                    .build();
        }

        @Bean
        @Order(2)
        SecurityFilterChain pages(HttpSecurity http) throws Exception {
            return http.authorizeHttpRequests(requests -> requests.anyRequest().authenticated())
                    .csrf(csrf -> csrf.disable())
                    .formLogin(Customizer.withDefaults())
                    .build();
        }

        @Bean
        UserDetailsService accounts() {
            return new InMemoryUserDetailsManager(ADDRESSES.keySet().stream()
                    .map(name ->
                            User.withUsername(name).password("{noop}" + name).build())
                    .toList());
        }

        @Bean
        RegisteredClientRepository programs() {
            return new InMemoryRegisteredClientRepository(RegisteredClient.withId("up-ahead")
                    .clientId("up-ahead")
                    .clientSecret("{noop}" + SECRET)
                    .clientAuthenticationMethod(ClientAuthenticationMethod.CLIENT_SECRET_BASIC)
                    .authorizationGrantType(AuthorizationGrantType.AUTHORIZATION_CODE)
                    .redirectUris(all -> Stream.iterate(1024, port -> port + 1)
                            .limit(64_512)
                            .forEach(port -> all.add("http://localhost:" + port + "/login/oauth2/code/company")))
                    .scopes(scopes -> scopes.addAll(List.of("openid", "email", "profile")))
                    .build());
        }

        @Bean
        OAuth2TokenCustomizer<JwtEncodingContext> claims() {
            return token -> {
                if (OidcParameterNames.ID_TOKEN.equals(token.getTokenType().getValue())) {
                    String name = token.getPrincipal().getName();
                    token.getClaims().claim("email", ADDRESSES.get(name));
                    token.getClaims().claim("email_verified", !name.equals("unverified"));
                }
            };
        }

        @Bean
        JWKSource<SecurityContext> keys() throws JOSEException {
            RSAKey key = new RSAKeyGenerator(KEY_BITS)
                    .keyID(UUID.randomUUID().toString())
                    .generate();
            return new ImmutableJWKSet<>(new JWKSet(key));
        }

        @Bean
        JwtDecoder ownTokens(JWKSource<SecurityContext> keys) {
            return OAuth2AuthorizationServerConfiguration.jwtDecoder(keys);
        }

        @Bean
        AuthorizationServerSettings settings(Environment said) {
            return AuthorizationServerSettings.builder()
                    .issuer(said.getRequiredProperty("provider.address"))
                    .build();
        }
    }
}
