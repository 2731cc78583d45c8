package upahead.server.platform.starting;

import java.util.stream.Collectors;
import org.springframework.aot.AotDetector;
import org.springframework.beans.factory.config.ConfigurableListableBeanFactory;
import org.springframework.boot.web.servlet.context.ServletWebServerApplicationContext;
import org.springframework.security.web.context.AbstractSecurityWebApplicationInitializer;
import org.springframework.transaction.TransactionManager;
import org.springframework.web.bind.annotation.ControllerAdvice;

/**
 * Makes the parts of the program in the order in which people need them: the page where they say who they are is there
 * while the rest is still made.
 */
public final class PartsInOrder extends ServletWebServerApplicationContext {

    private Door door;

    public PartsInOrder() {
        super(new BeansByType());
    }

    /** All parts are described after it, and before it where they were put together when the program was built. */
    @Override
    protected void invokeBeanFactoryPostProcessors(ConfigurableListableBeanFactory parts) {
        if (AotDetector.useGeneratedArtifacts()) {
            parts.freezeConfiguration();
        }
        super.invokeBeanFactoryPostProcessors(parts);
        parts.freezeConfiguration();
    }

    @Override
    protected void finishBeanFactoryInitialization(ConfigurableListableBeanFactory parts) {
        // what any answer needs and would else be made by the first that does, beside these
        parts.getBean(AbstractSecurityWebApplicationInitializer.DEFAULT_FILTER_NAME);
        parts.getBeansWithAnnotation(ControllerAdvice.class);
        parts.getBeansOfType(TransactionManager.class);
        door = parts.getBean(Door.class);
        door.openToFirstPage(parts.getBeansOfType(AtTheDoor.class).values().stream()
                .map(AtTheDoor::address)
                .collect(Collectors.toSet()));
        getWebServer().start();
        super.finishBeanFactoryInitialization(parts);
    }

    @Override
    protected void finishRefresh() {
        super.finishRefresh();
        door.openToAll();
    }
}
