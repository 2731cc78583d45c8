package upahead.server.payruns;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.Tag;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.ContextConfiguration;
import upahead.server.OnEmptyDatabase;
import upahead.server.TestDatabases;

/** The program with a database of its own, in which each test founds a company of one; started once for all of them. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Import(SmallCompany.class)
@Tag(TestDatabases.ON_BOTH)
@SpringBootTest(properties = "upahead.delivery.every=1d")
@ContextConfiguration(initializers = OnEmptyDatabase.class)
@interface WithSmallCompanies {}
