package upahead.server.platform.json;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.Iterator;
import org.springframework.stereotype.Component;
import upahead.core.policy.Limit;
import upahead.core.policy.Limits;
import upahead.core.quantity.Amount;
import upahead.written.Choices;

/** The description of choices by the words in which they are written, and of limits by their names. */
@Component
class TermsDescribed implements ModelConverter {

    @Override
    public Schema<?> resolve(AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> others) {
        JavaType java = Json.mapper().constructType(type.getType());
        if (java != null && Choices.isOne(java.getRawClass())) {
            StringSchema choices = new StringSchema();
            Choices.allOf(java.getRawClass()).forEach(choices::addEnumItem);
            return choices;
        }
        if (java != null && Limits.class.equals(java.getRawClass())) {
            Schema<?> limits = new ObjectSchema();
            for (Limit limit : Limit.values()) {
                limits.addProperty(limit.key(), context.resolve(new AnnotatedType(Amount.class)));
            }
            return limits;
        }
        if (java != null && java.getRawClass().isAnnotationPresent(JsonSubTypes.class)) {
            return oneOfItsKinds(java.getRawClass(), context);
        }
        return others.hasNext() ? others.next().resolve(type, context, others) : null;
    }

    /** One of several kinds, each of which names itself by a word of its own. */
    private static Schema<?> oneOfItsKinds(Class<?> type, ModelConverterContext context) {
        String key = type.getAnnotation(JsonTypeInfo.class).property();
        Schema<?> kinds = new Schema<>().discriminator(new Discriminator().propertyName(key));
        for (JsonSubTypes.Type kind : type.getAnnotation(JsonSubTypes.class).value()) {
            String name = kind.value().getSimpleName();
            context.resolve(new AnnotatedType(kind.value()).resolveAsRef(true));
            context.getDefinedModels().get(name).addProperty(key, new StringSchema().addEnumItem(kind.name()));
            kinds.addOneOfItem(new Schema<>().$ref(name));
            kinds.getDiscriminator().mapping(kind.name(), Components.COMPONENTS_SCHEMAS_REF + name);
        }
        context.defineModel(type.getSimpleName(), kinds);
        return new Schema<>().$ref(type.getSimpleName());
    }
}
