package upahead.server.payruns.delivery;

import java.io.IOException;

/** The program that pays people. It takes messages as text and answers with text, or does not. */
public interface PayrollSystem {

    /**
     * Delivers rows. A row that was delivered before, by its key, is taken once.
     *
     * @param message JSON of a {@link PayrollMessage}
     * @return JSON of a {@link PayrollAnswer}, if all goes well
     * @throws IOException if there is no answer; whether the rows were taken is then not known
     */
    String deliver(String message) throws IOException;
}
