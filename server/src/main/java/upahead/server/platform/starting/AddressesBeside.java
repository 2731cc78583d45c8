package upahead.server.platform.starting;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.web.servlet.WebMvcRegistrations;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Finds out which method answers which address beside the rest of a start, since it makes no parts, only reads types. */
@Component
class AddressesBeside implements WebMvcRegistrations {

    @Override
    public RequestMappingHandlerMapping getRequestMappingHandlerMapping() {
        return new Beside();
    }

    private static final class Beside extends RequestMappingHandlerMapping implements SmartInitializingSingleton {

        private CompletableFuture<Void> found;

        @Override
        protected void initHandlerMethods() {
            found = CompletableFuture.runAsync(super::initHandlerMethods);
        }

        /** The program takes no request before, and does not start with addresses that do not fit together. */
        @Override
        public void afterSingletonsInstantiated() {
            try {
                found.join();
            } catch (CompletionException failed) {
                throw failed.getCause() instanceof RuntimeException cause ? cause : failed;
            }
        }
    }
}
