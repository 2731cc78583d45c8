package upahead.server.platform.notices;

import java.util.Optional;

/** Where mail reaches people. */
public interface MailAddresses {

    /** Nothing for somebody without an address. */
    Optional<String> mailAddress(long personId);
}
