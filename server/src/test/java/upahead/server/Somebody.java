package upahead.server;

import java.util.List;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors;
import org.springframework.test.web.servlet.request.RequestPostProcessor;
import upahead.server.platform.access.Role;
import upahead.server.platform.access.SignedIn;

/** People who do things in tests. */
public final class Somebody {

    public static final SignedIn ADMINISTRATOR = new SignedIn(1, "ada", "Ada Payroll", Role.ADMINISTRATOR, null);
    public static final SignedIn SECOND_ADMINISTRATOR = new SignedIn(2, "bo", "Bo Payroll", Role.ADMINISTRATOR, null);

    private Somebody() {}

    public static SignedIn employee(long personId) {
        return new SignedIn(3, "employee", "Employee " + personId, Role.EMPLOYEE, personId);
    }

    public static SignedIn approver(long personId) {
        return new SignedIn(4, "approver", "Approver " + personId, Role.APPROVER, personId);
    }

    /** Sends a request as somebody. */
    public static RequestPostProcessor as(SignedIn somebody) {
        return SecurityMockMvcRequestPostProcessors.authentication(UsernamePasswordAuthenticationToken.authenticated(
                somebody,
                null,
                List.of(new SimpleGrantedAuthority("ROLE_" + somebody.role().name()))));
    }
}
