package upahead.server.platform.access.provider;

import java.util.List;

/** The people that have an e-mail address. */
public interface PeopleByMail {

    /**
     * Somebody with an address.
     *
     * @param employed whether they are employed today
     */
    record Found(long id, String name, boolean employed) {}

    /** All of them, whatever the case of its letters. */
    List<Found> withAddress(String email);
}
