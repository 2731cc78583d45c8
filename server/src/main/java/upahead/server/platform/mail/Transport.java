package upahead.server.platform.mail;

import java.util.Optional;

/** What takes mail out of the house. */
interface Transport {

    /**
     * Delivers a mail; once more where it is not known whether it was delivered.
     *
     * @throws Exception of whatever kind where it could not be delivered; it is tried again
     */
    void deliver(Message mail, Optional<Attachment> attachment) throws Exception;
}
