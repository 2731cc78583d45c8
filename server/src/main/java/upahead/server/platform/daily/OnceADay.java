package upahead.server.platform.daily;

import java.time.LocalDate;

/** Something that is done once on each day on which the program runs, from the morning on. */
public interface OnceADay {

    /** Under what name is kept when it was done last; 1 to 40 characters, unlike every other. */
    String name();

    /** Does it, in the transaction in which that is kept. */
    void doFor(LocalDate day);
}
