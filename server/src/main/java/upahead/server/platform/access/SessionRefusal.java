package upahead.server.platform.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;

/** Why somebody was not let in who comes back from elsewhere, told once on the page where they began. */
public final class SessionRefusal {

    private static final String ATTRIBUTE = "upahead.refused";

    private SessionRefusal() {}

    /** Keeps it in a session in which nobody is signed in. */
    public static void keep(HttpServletRequest request, String sentence) {
        SessionBeginning.end(request);
        request.getSession().setAttribute(ATTRIBUTE, sentence);
    }

    /** Tells and forgets it; null where there is nothing to tell. */
    static String take(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session == null || !(session.getAttribute(ATTRIBUTE) instanceof String sentence)) {
            return null;
        }
        session.removeAttribute(ATTRIBUTE);
        return sentence;
    }
}
