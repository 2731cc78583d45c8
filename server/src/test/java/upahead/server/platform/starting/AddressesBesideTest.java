package upahead.server.platform.starting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.support.StaticWebApplicationContext;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Addresses that are found beside the rest of a start. */
class AddressesBesideTest {

    @RestController
    private static final class Here {

        @GetMapping("/here")
        String here() {
            return "here";
        }
    }

    @RestController
    private static final class HereToo {

        @GetMapping("/here")
        String here() {
            return "here too";
        }
    }

    private final StaticWebApplicationContext parts = new StaticWebApplicationContext();
    private final RequestMappingHandlerMapping addresses = new AddressesBeside().getRequestMappingHandlerMapping();

    @Test
    void areAllThereBeforeTheProgramIsReady() {
        parts.registerSingleton("here", Here.class);
        find();
        ready();
        assertThat(addresses.getHandlerMethods()).hasSize(1);
    }

    @Test
    void thatTwoPartsWantLetNothingStart() {
        parts.registerSingleton("here", Here.class);
        parts.registerSingleton("hereToo", HereToo.class);
        find();
        assertThatThrownBy(this::ready)
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("Ambiguous mapping");
    }

    private void find() {
        addresses.setApplicationContext(parts);
        addresses.afterPropertiesSet();
    }

    private void ready() {
        ((SmartInitializingSingleton) addresses).afterSingletonsInstantiated();
    }
}
