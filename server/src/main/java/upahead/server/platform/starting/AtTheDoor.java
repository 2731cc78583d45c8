package upahead.server.platform.starting;

/** A part that answers what the first page asks for, while the rest of the program is still made. */
public interface AtTheDoor {

    /** The address that is read then; everything it needs is made with this part. */
    String address();
}
