package upahead.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.Tag;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.transaction.annotation.Transactional;

/** A test on the demo data; what it changes is rolled back, and nothing is done by itself. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Tag(TestDatabases.ON_BOTH)
@SpringBootTest(
        properties = {
            "upahead.daily.every=1d",
            "upahead.mail.every=1d",
            "upahead.delivery.every=1d",
            // all tests of a context send them as the same people
            "upahead.files-in-an-hour=1000000",
            // a session that a test holds in its hand is none of the database
            "upahead.session.shared=false"
        })
@ContextConfiguration(initializers = OnDemoData.class)
@AutoConfigureMockMvc
@ActiveProfiles("demo")
@Transactional
public @interface WithDemo {}
