package upahead.server.platform.json;

import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.Module;
import com.fasterxml.jackson.databind.deser.std.FromStringDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.time.DateTimeException;
import java.time.LocalDate;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Dates as they travel: 2027-04-26, of years in which people work, so that no reckoning runs out of dates. */
@Configuration
class DatesInUse implements WebMvcConfigurer {

    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2199;

    @Bean
    Module dates() {
        return new SimpleModule("dates").addDeserializer(LocalDate.class, new DateFromString());
    }

    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(new FromParameter());
    }

    private static LocalDate read(String text) {
        LocalDate date = LocalDate.parse(text);
        if (date.getYear() < FIRST_YEAR || date.getYear() > LAST_YEAR) {
            throw new DateTimeException("a year from " + FIRST_YEAR + " to " + LAST_YEAR);
        }
        return date;
    }

    private static final class FromParameter implements Converter<String, LocalDate> {
        @Override
        public LocalDate convert(String text) {
            return text.isBlank() ? null : read(text.strip());
        }
    }

    private static final class DateFromString extends FromStringDeserializer<LocalDate> {
        private static final long serialVersionUID = 1L;

        DateFromString() {
            super(LocalDate.class);
        }

        @Override
        protected LocalDate _deserialize(String text, DeserializationContext context) {
            return read(text.strip());
        }
    }
}
