package upahead.server.platform.problems;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.lang.reflect.AnnotatedElement;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Collection;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/**
 * One rule for every body that is sent: nothing is null but what is marked so, no list has a hole, and texts have only
 * characters that can be kept and, where they have any, some that can be seen. Whatever the bodies' own rules say comes
 * after it.
 */
@ControllerAdvice
class WholeBodies extends RequestBodyAdviceAdapter {

    @Override
    public boolean supports(
            MethodParameter parameter, Type target, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type target,
            Class<? extends HttpMessageConverter<?>> converter) {
        check("", body);
        return body;
    }

    private static void check(String path, Object value) {
        if (value instanceof Record form) {
            for (RecordComponent component : form.getClass().getRecordComponents()) {
                String inner = path.isEmpty() ? component.getName() : path + "." + component.getName();
                Object part = read(form, component);
                if (part == null && !component.getAccessor().isAnnotationPresent(Nullable.class)) {
                    throw Refusal.of(inner, missing(component));
                }
                check(inner, part);
            }
        } else if (value instanceof Collection<?> list) {
            int at = 0;
            for (Object element : list) {
                String inner = path + "[" + at++ + "]";
                if (element == null) {
                    throw Refusal.of(inner, "Something is missing here.");
                }
                check(inner, element);
            }
        } else if (value instanceof Map<?, ?> map) {
            map.forEach((key, element) -> check(path + "." + key, element));
        } else if (value instanceof String text && !Texts.canBeKept(text)) {
            throw Refusal.of(path, "This text has characters that cannot be seen or kept; please type it again.");
        }
    }

    private static Object read(Record form, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(form);
        } catch (IllegalAccessException | InvocationTargetException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** What the form itself says when this is missing, else a sentence that always fits. */
    private static String missing(RecordComponent component) {
        AnnotatedElement accessor = component.getAccessor();
        return Stream.of(
                        accessor.isAnnotationPresent(NotNull.class)
                                ? accessor.getAnnotation(NotNull.class).message()
                                : "",
                        accessor.isAnnotationPresent(NotBlank.class)
                                ? accessor.getAnnotation(NotBlank.class).message()
                                : "",
                        accessor.isAnnotationPresent(NotEmpty.class)
                                ? accessor.getAnnotation(NotEmpty.class).message()
                                : "")
                .filter(message -> !message.isEmpty() && !message.startsWith("{"))
                .findFirst()
                .map(ProblemDetails::sentence)
                .orElse("Something is missing here.");
    }
}
