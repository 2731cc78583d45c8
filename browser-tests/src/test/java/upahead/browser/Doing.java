package upahead.browser;

/** Something that somebody does again and again, and remembers what was answered. */
interface Doing {

    /** Looks at what there is before anything is done. */
    void begin(ProgramProcess program) throws Exception;

    /** Does it once more; fails when the program is gone. */
    void doIt(ProgramProcess program) throws Exception;

    /** Holds what is there later against what was answered: all of it, and nothing else by halves. */
    void isThere(ProgramProcess later) throws Exception;
}
