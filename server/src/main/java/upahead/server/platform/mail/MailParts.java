package upahead.server.platform.mail;

import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.web.util.HtmlUtils;

/** The two parts of a mail. */
final class MailParts {

    private static final Pattern ADDRESS = Pattern.compile("https?://\\S+");

    private MailParts() {}

    /**
     * @param link to what it tells of; empty for none
     */
    static String text(String body, String link) {
        return link.isEmpty() ? body : body + "\n\n" + link;
    }

    /** The same with a heading and links; nothing of it is fetched from elsewhere. */
    static String html(String subject, String body, String link) {
        String paragraphs = body.lines()
                .map(line -> "<p>" + linked(HtmlUtils.htmlEscape(line)) + "</p>")
                .collect(Collectors.joining());
        String button = link.isEmpty() ? "" : "<p><a href=\"" + link + "\">Look at it in Up Ahead</a></p>";
        return "<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>"
                + HtmlUtils.htmlEscape(subject)
                + "</title></head><body style=\"font-family:sans-serif;line-height:1.5;max-width:40em\">"
                + "<h1 style=\"font-size:1.2em\">"
                + HtmlUtils.htmlEscape(subject) + "</h1>" + paragraphs + button + "</body></html>";
    }

    private static String linked(String escaped) {
        return ADDRESS.matcher(escaped).replaceAll("<a href=\"$0\">$0</a>");
    }
}
