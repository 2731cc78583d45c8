package upahead.server.platform.json;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.springframework.stereotype.Component;

/** Values that stand in the database as JSON, because they are only ever read whole. */
@Component
public class StoredJson {

    private final ObjectMapper json;

    StoredJson(ObjectMapper json) {
        this.json = json;
    }

    /**
     * @param value null is written as null
     */
    public String written(Object value) {
        if (value == null) {
            return null;
        }
        try {
            return json.writeValueAsString(value);
        } catch (JsonProcessingException unwritable) {
            throw new IllegalStateException("cannot be written: " + value.getClass(), unwritable);
        }
    }

    /**
     * @param text null is read as null
     */
    public <T> T read(String text, Class<T> type) {
        if (text == null) {
            return null;
        }
        try {
            return json.readValue(text, type);
        } catch (JsonProcessingException unreadable) {
            throw new IllegalStateException("cannot be read as " + type.getSimpleName(), unreadable);
        }
    }
}
