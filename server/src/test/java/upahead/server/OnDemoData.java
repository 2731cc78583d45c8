package upahead.server;

import org.springframework.boot.test.util.TestPropertyValues;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;

/** Gives a program a copy of the demo data of its own. */
public final class OnDemoData implements ApplicationContextInitializer<ConfigurableApplicationContext> {

    @Override
    public void initialize(ConfigurableApplicationContext program) {
        TestPropertyValues.of("spring.datasource.url=" + DemoData.copied()).applyTo(program);
    }
}
