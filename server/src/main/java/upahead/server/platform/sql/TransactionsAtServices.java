package upahead.server.platform.sql;

import java.lang.reflect.AnnotatedElement;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.transaction.annotation.AnnotationTransactionAttributeSource;
import org.springframework.transaction.annotation.ProxyTransactionManagementConfiguration;
import org.springframework.transaction.annotation.SpringTransactionAnnotationParser;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAttribute;
import org.springframework.transaction.interceptor.TransactionAttributeSource;
import upahead.server.platform.starting.Ours;

/**
 * Begins transactions at methods of ours. The framework's own would look for four kinds of annotations at every method of
 * every bean there is, each time the program starts.
 */
@Configuration(proxyBeanMethods = false)
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
class TransactionsAtServices extends ProxyTransactionManagementConfiguration {

    @Override
    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    public TransactionAttributeSource transactionAttributeSource() {
        return new OfOurs();
    }

    private static final class OfOurs extends AnnotationTransactionAttributeSource {

        private static final long serialVersionUID = 1L;

        OfOurs() {
            super(new AsWritten());
        }

        @Override
        protected boolean allowPublicMethodsOnly() {
            return false;
        }

        @Override
        public boolean isCandidateClass(Class<?> type) {
            return Ours.is(type);
        }
    }

    /** Ours stand on the method or the type itself, never on another annotation. */
    private static final class AsWritten extends SpringTransactionAnnotationParser {

        private static final long serialVersionUID = 1L;

        @Override
        public TransactionAttribute parseTransactionAnnotation(AnnotatedElement element) {
            return element.isAnnotationPresent(Transactional.class) ? super.parseTransactionAnnotation(element) : null;
        }
    }
}
