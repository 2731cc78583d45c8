package upahead.server.platform.access;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.boot.autoconfigure.web.ServerProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.ConversionService;
import org.springframework.core.convert.support.GenericConversionService;
import org.springframework.core.serializer.support.DeserializingConverter;
import org.springframework.core.serializer.support.SerializationFailedException;
import org.springframework.core.serializer.support.SerializingConverter;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.config.annotation.web.http.EnableJdbcHttpSession;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.transaction.support.TransactionOperations;
import upahead.server.platform.sql.Aside;

/** Sessions in the database where several programs may run on it: whoever signed in at one is signed in at all. */
@Configuration
@ConditionalOnExpression("${upahead.session.shared} and '${spring.datasource.url}'.startsWith('jdbc:postgresql:')")
@EnableJdbcHttpSession
class SharedSessions {

    private static final Logger LOG = LoggerFactory.getLogger(SharedSessions.class);

    /** A click is no change of anybody's data, and waits for nobody's turn. */
    @Bean
    TransactionOperations springSessionTransactionOperations(Aside aside) {
        return aside.transactions();
    }

    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> asLongAsOthers(ServerProperties server) {
        return sessions -> sessions.setDefaultMaxInactiveInterval(
                server.getServlet().getSession().getTimeout());
    }

    /** The cookie is as strict as where sessions are kept in memory. */
    @Bean
    CookieSerializer sessionCookie(ServerProperties server) {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setSameSite(
                server.getServlet().getSession().getCookie().getSameSite().attributeValue());
        return cookie;
    }

    /** What another version of the program stored and this one cannot read is nothing: whoever it was signs in again. */
    @Bean
    ConversionService springSessionConversionService() {
        GenericConversionService conversion = new GenericConversionService();
        conversion.addConverter(Object.class, byte[].class, new SerializingConverter());
        DeserializingConverter reading = new DeserializingConverter(getClass().getClassLoader());
        conversion.addConverter(byte[].class, Object.class, stored -> {
            try {
                return reading.convert(stored);
            } catch (SerializationFailedException ofAnotherVersion) {
                LOG.info("a session of another version is ended");
                return null;
            }
        });
        return conversion;
    }
}
