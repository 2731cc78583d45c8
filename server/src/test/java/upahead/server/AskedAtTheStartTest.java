package upahead.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Method;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.aop.support.AopUtils;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.actuate.endpoint.annotation.Endpoint;
import org.springframework.boot.actuate.endpoint.annotation.EndpointExtension;
import org.springframework.context.ApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.transaction.annotation.AnnotationTransactionAttributeSource;
import org.springframework.transaction.interceptor.TransactionAttributeSource;
import org.springframework.util.ReflectionUtils;

/** What the program asks of the methods of its own parts alone is answered as the framework would answer it. */
@WithDemo
class AskedAtTheStartTest {

    @Autowired
    private ApplicationContext program;

    @Autowired
    private TransactionAttributeSource transactions;

    @Test
    void transactions_begin_where_the_framework_would_begin_them() {
        TransactionAttributeSource framework = new AnnotationTransactionAttributeSource(false);
        assertThat(ours().flatMap(type -> Arrays.stream(ReflectionUtils.getAllDeclaredMethods(type))
                        .map(method -> List.of(type, method))))
                .hasSizeGreaterThan(1_000)
                .allSatisfy(each -> {
                    Class<?> type = (Class<?>) each.get(0);
                    Method method = (Method) each.get(1);
                    assertThat(transactions.getTransactionAttribute(method, type))
                            .as(type.getSimpleName() + "." + method.getName())
                            .isEqualTo(framework.getTransactionAttribute(method, type));
                });
    }

    @Test
    void none_of_ours_is_what_watches_the_program() {
        assertThat(ours())
                .hasSizeGreaterThan(300)
                .noneMatch(type -> AnnotatedElementUtils.hasAnnotation(type, Endpoint.class)
                        || AnnotatedElementUtils.hasAnnotation(type, EndpointExtension.class));
    }

    @Test
    void nobody_of_ours_listens_by_annotation() {
        assertThat(ours()).noneMatch(type -> Arrays.stream(ReflectionUtils.getAllDeclaredMethods(type))
                .anyMatch(method -> AnnotatedElementUtils.hasAnnotation(method, EventListener.class)));
    }

    private Stream<? extends Class<?>> ours() {
        return Arrays.stream(program.getBeanDefinitionNames())
                .map(name -> AopUtils.getTargetClass(program.getBean(name)))
                .filter(type -> type.getName().startsWith("upahead."))
                .distinct();
    }
}
