package upahead.server.payruns;

/** Is told when a close is undone, within the same change. */
public interface CloseUndone {

    /**
     * @param run as it was closed; what payroll got is taken back already
     */
    void undone(PayRun run);
}
