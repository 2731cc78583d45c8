package upahead.server.platform.access;

import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import upahead.server.platform.rights.Permission;

/** The person behind the current request. */
@Component
public class CurrentUser {

    /**
     * Who is signed in.
     *
     * @throws AccessDeniedException if nobody is
     */
    public SignedIn get() {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        if (authentication != null && authentication.getPrincipal() instanceof SignedIn signedIn) {
            return signedIn;
        }
        throw new AccessDeniedException("nobody is signed in");
    }

    /** Whether anybody is: not so for what the program does by itself. */
    public boolean isSignedIn() {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication != null && authentication.getPrincipal() instanceof SignedIn;
    }

    /**
     * The employee that is signed in.
     *
     * @throws AccessDeniedException if the one signed in is not an employee
     */
    public long personId() {
        return get().person().orElseThrow(() -> new AccessDeniedException("not an employee"));
    }

    /** Does something in the name of somebody, as the set-up of the demo does. */
    public <T> T actAs(SignedIn somebody, Supplier<T> work) {
        SecurityContext before = SecurityContextHolder.getContext();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(authentication(somebody));
        SecurityContextHolder.setContext(context);
        try {
            return work.get();
        } finally {
            SecurityContextHolder.setContext(before);
        }
    }

    static Authentication authentication(SignedIn somebody) {
        Stream<String> authorities = somebody.only() == null
                ? Stream.of("ROLE_" + somebody.role().name())
                : somebody.only().stream().filter(somebody::may).map(Permission::name);
        return UsernamePasswordAuthenticationToken.authenticated(
                somebody, null, authorities.map(SimpleGrantedAuthority::new).toList());
    }
}
