package upahead.server;

import org.springframework.boot.test.util.TestPropertyValues;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/** Gives a program an empty database of its own. */
public final class OnEmptyDatabase implements ApplicationContextInitializer<ConfigurableApplicationContext> {

    @Override
    public void initialize(ConfigurableApplicationContext program) {
        TestPropertyValues.of("spring.datasource.url=" + TestDatabases.empty()).applyTo(program);
    }
}
