package upahead.server.platform.sql;

import org.springframework.boot.context.event.ApplicationContextInitializedEvent;
import org.springframework.boot.context.event.ApplicationFailedEvent;
import org.springframework.boot.context.event.SpringApplicationEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.env.Environment;

/** Opens the data file, where the data lie in one, while the parts of the program are still put together. */
public final class OpenedAhead implements ApplicationListener<SpringApplicationEvent> {

    private DataFile file;

    @Override
    public void onApplicationEvent(SpringApplicationEvent event) {
        if (event instanceof ApplicationContextInitializedEvent made) {
            begin(made.getApplicationContext());
        } else if (event instanceof ApplicationFailedEvent && file != null) {
            file.letGo();
        }
    }

    private void begin(ConfigurableApplicationContext program) {
        Environment settings = program.getEnvironment();
        String url = settings.getRequiredProperty("spring.datasource.url");
        if (url.startsWith(DatabaseConfiguration.OWN_FILE)) {
            file = DatabaseConfiguration.fileOf(settings);
            file.checkAhead(
                    url,
                    settings.getRequiredProperty("spring.datasource.username"),
                    settings.getRequiredProperty("spring.datasource.password"));
            program.getBeanFactory().registerSingleton("openedAhead", new Opened(file));
        }
    }

    /** The file that is being opened. */
    record Opened(DataFile file) {}
}
