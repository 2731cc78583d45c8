package upahead.server.platform.starting;

import jakarta.servlet.http.HttpServletRequest;
import java.util.concurrent.CompletableFuture;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.web.servlet.WebMvcRegistrations;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Finds out which method answers which address beside the rest of a start, since it makes no parts, only reads types. */
@Component
class AddressesBeside implements WebMvcRegistrations {

    @Override
    public RequestMappingHandlerMapping getRequestMappingHandlerMapping() {
        return new Addresses();
    }

    private static final class Addresses extends RequestMappingHandlerMapping implements SmartInitializingSingleton {

        private CompletableFuture<Void> found;

        @Override
        protected void initHandlerMethods() {
            found = CompletableFuture.runAsync(super::initHandlerMethods);
        }

        /** The first page may be asked for before. */
        @Override
        protected HandlerMethod getHandlerInternal(HttpServletRequest request) throws Exception {
            Beside.await(found);
            return super.getHandlerInternal(request);
        }

        /** The program does not start with addresses that do not fit together. */
        @Override
        public void afterSingletonsInstantiated() {
            Beside.await(found);
        }
    }
}
