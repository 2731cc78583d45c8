package upahead.server.platform.json;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.BeanDescription;
import com.fasterxml.jackson.databind.DeserializationConfig;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.Module;
import com.fasterxml.jackson.databind.SerializationConfig;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.BeanDeserializerModifier;
import com.fasterxml.jackson.databind.deser.std.FromStringDeserializer;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.BeanSerializerModifier;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import com.fasterxml.jackson.databind.ser.std.ToStringSerializerBase;
import java.io.IOException;
import java.util.EnumMap;
import java.util.Iterator;
import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import upahead.core.policy.Limit;
import upahead.core.policy.Limits;
import upahead.core.quantity.Amount;
import upahead.written.Choices;

/** What a general mapper cannot know of the way in which terms are written: the words of choices, and limits by name. */
@Configuration
class TermsInJson {

    @Bean
    Module terms() {
        SimpleModule module = new SimpleModule("terms")
                .addSerializer(Limits.class, new LimitsWriter())
                .addDeserializer(Limits.class, new LimitsReader());
        module.setSerializerModifier(new BeanSerializerModifier() {
            private static final long serialVersionUID = 1L;

            @Override
            public JsonSerializer<?> modifyEnumSerializer(
                    SerializationConfig config, JavaType type, BeanDescription bean, JsonSerializer<?> usual) {
                return Choices.isOne(type.getRawClass()) ? new ChoiceWriter() : usual;
            }
        });
        module.setDeserializerModifier(new BeanDeserializerModifier() {
            private static final long serialVersionUID = 1L;

            @Override
            public JsonDeserializer<?> modifyEnumDeserializer(
                    DeserializationConfig config, JavaType type, BeanDescription bean, JsonDeserializer<?> usual) {
                return Choices.isOne(type.getRawClass()) ? new ChoiceReader(type.getRawClass()) : usual;
            }
        });
        return module;
    }

    private static final class ChoiceWriter extends ToStringSerializerBase {
        private static final long serialVersionUID = 1L;

        ChoiceWriter() {
            super(Enum.class);
        }

        @Override
        public String valueToString(Object choice) {
            return Choices.written((Enum<?>) choice);
        }
    }

    private static final class ChoiceReader extends FromStringDeserializer<Object> {
        private static final long serialVersionUID = 1L;

        private final Class<?> choices;

        ChoiceReader(Class<?> choices) {
            super(choices);
            this.choices = choices;
        }

        @Override
        protected Object _deserialize(String text, DeserializationContext context) throws IOException {
            return Choices.<Object>read((Class<Object>) choices, text)
                    .orElseThrow(() ->
                            context.weirdStringException(text, choices, "must be one of " + Choices.allOf(choices)));
        }
    }

    private static final class LimitsWriter extends StdSerializer<Limits> {
        private static final long serialVersionUID = 1L;

        LimitsWriter() {
            super(Limits.class);
        }

        @Override
        public void serialize(Limits limits, JsonGenerator json, SerializerProvider provider) throws IOException {
            json.writeStartObject();
            for (Limit limit : Limit.values()) {
                if (limits.on(limit).isPresent()) {
                    json.writeStringField(limit.key(), limits.on(limit).get().toString());
                }
            }
            json.writeEndObject();
        }
    }

    private static final class LimitsReader extends StdDeserializer<Limits> {
        private static final long serialVersionUID = 1L;

        LimitsReader() {
            super(Limits.class);
        }

        @Override
        public Limits deserialize(JsonParser json, DeserializationContext context) throws IOException {
            Map<String, Amount> written = context.readValue(
                    json, context.getTypeFactory().constructMapType(Map.class, String.class, Amount.class));
            Map<Limit, Amount> figures = new EnumMap<>(Limit.class);
            for (Limit limit : Limit.values()) {
                Amount figure = written.remove(limit.key());
                if (figure != null && figure.isNegative()) {
                    throw JsonMappingException.wrapWithPath(
                            new IllegalArgumentException("a limit must be at least 0"), Limits.class, limit.key());
                }
                if (figure != null) {
                    figures.put(limit, figure);
                }
            }
            Iterator<String> unknown = written.keySet().iterator();
            if (unknown.hasNext()) {
                throw context.weirdKeyException(Limit.class, unknown.next(), "there is no such limit");
            }
            return Limits.of(figures);
        }
    }
}
