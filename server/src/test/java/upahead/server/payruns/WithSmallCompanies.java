package upahead.server.payruns;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.annotation.Import;

/** The program with a database of its own, in which each test founds a company of one; started once for all of them. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Import(SmallCompany.class)
@SpringBootTest(
        properties = {"spring.datasource.url=jdbc:h2:mem:pay-runs;DB_CLOSE_DELAY=-1", "upahead.delivery.every=1d"})
@interface WithSmallCompanies {}
