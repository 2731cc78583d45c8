package upahead.server.invitations;

import java.util.List;
import upahead.server.platform.access.Role;

/**
 * Who of many people is invited and who is not.
 *
 * @param invited who gets a mail, with what they may do
 * @param withoutMail names of those who have no address
 * @param sharedAddress names of those whose address somebody else signs in with, or has among these people
 * @param already how many can sign in already, or were invited before
 * @param left how many have left and are not invited
 */
public record ManyInvitations(
        List<Invited> invited, List<String> withoutMail, List<String> sharedAddress, int already, int left) {

    /** Somebody who is invited; who decides for others as an approver, everybody else as an employee. */
    public record Invited(long personId, String name, String email, Role role) {}
}
