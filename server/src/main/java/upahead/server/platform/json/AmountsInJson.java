package upahead.server.platform.json;

import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.Module;
import com.fasterxml.jackson.databind.deser.std.FromStringDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.ToStringSerializer;
import io.swagger.v3.oas.models.media.StringSchema;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import upahead.core.quantity.Amount;

/** Amounts travel as decimal strings, so that nobody reads them as binary floating point. */
@Configuration
class AmountsInJson {

    static {
        SpringDocUtils.getConfig()
                .replaceWithSchema(
                        Amount.class,
                        new StringSchema().pattern("-?\\d+(\\.\\d+)?").example("7.5"));
    }

    @Bean
    Module amounts() {
        return new SimpleModule("amounts")
                .addSerializer(Amount.class, new ToStringSerializer(Amount.class))
                .addDeserializer(Amount.class, new AmountFromString());
    }

    private static final class AmountFromString extends FromStringDeserializer<Amount> {
        private static final long serialVersionUID = 1L;
        private static final int LONGEST = 20;

        AmountFromString() {
            super(Amount.class);
        }

        @Override
        protected Amount _deserialize(String text, DeserializationContext context) {
            if (text.length() > LONGEST || !text.matches("-?\\d+(\\.\\d+)?")) {
                throw new NumberFormatException("not a decimal number: " + text);
            }
            return Amount.of(text);
        }
    }
}
