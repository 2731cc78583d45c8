package upahead.server.platform.secondstep;

import java.time.Duration;
import java.time.Instant;

/** An app on a telephone that makes codes of a secret. */
public record AnApp(String secret) {

    /** The code that the app shows now, or a while later. */
    public String code(Duration later) {
        return TimeCodes.code(secret, Instant.now().plus(later));
    }
}
