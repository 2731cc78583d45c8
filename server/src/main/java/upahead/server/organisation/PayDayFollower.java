package upahead.server.organisation;

/** What has to follow when a pay group is to be paid on another day. */
public interface PayDayFollower {

    /** Is told within the same transaction, after the change. */
    void payDayChanged(PayGroup group);
}
