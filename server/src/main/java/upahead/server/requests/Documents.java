package upahead.server.requests;

import java.util.Arrays;
import java.util.List;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.server.employment.Reach;
import upahead.server.platform.access.CurrentUser;
import upahead.server.platform.clock.MovableClock;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.DocumentStore.Document;
import upahead.server.requests.leave.RequestListStore;
import upahead.server.requests.leave.RequestSummary;
import upahead.server.requests.signing.SignOffs;

/** Documents that go with requests: PDF files and pictures, told by their content and not by their names. */
@Service
public class Documents {

    private static final int LARGEST = 5 * 1024 * 1024;
    private static final int MOST_UNSENT = 20 * 1024 * 1024;
    private static final int LONGEST_NAME = 120;

    private record Type(String name, int... begins) {
        boolean fits(byte[] content) {
            for (int at = 0; at < begins.length; at++) {
                if (content.length <= at || (content[at] & 0xFF) != begins[at]) {
                    return false;
                }
            }
            return true;
        }
    }

    private static final List<Type> TYPES = List.of(
            new Type("application/pdf", '%', 'P', 'D', 'F', '-'),
            new Type("image/png", 0x89, 'P', 'N', 'G'),
            new Type("image/jpeg", 0xFF, 0xD8, 0xFF));

    private final DocumentStore store;
    private final RequestListStore requests;
    private final SignOffs signOffs;
    private final Reach reach;
    private final CurrentUser user;
    private final MovableClock clock;

    Documents(
            DocumentStore store,
            RequestListStore requests,
            SignOffs signOffs,
            Reach reach,
            CurrentUser user,
            MovableClock clock) {
        this.store = store;
        this.requests = requests;
        this.signOffs = signOffs;
        this.reach = reach;
        this.user = user;
        this.clock = clock;
    }

    /**
     * Keeps a document for a request that is about to be sent.
     *
     * @throws Refusal if it is no PDF file or picture, larger than 5 MB, or one of too many that were not sent
     */
    @Transactional
    @PreAuthorize("@reach.actsFor(#personId)")
    public DocumentView keep(long personId, String name, byte[] content) {
        if (content.length > LARGEST) {
            throw Refusal.of("file", "A document has at most 5 MB.");
        }
        Type type = TYPES.stream()
                .filter(each -> each.fits(content))
                .findFirst()
                .orElseThrow(() -> Refusal.of("file", "A document is a PDF file or a PNG or JPEG picture."));
        store.removeUnsentBefore(clock.now().minusDays(1));
        if (store.unsentSize(personId) + content.length > MOST_UNSENT) {
            throw Refusal.of(
                    "file",
                    "There are documents of 20 MB already that were not sent with any request. Send or leave them first;"
                            + " after a day they go by themselves.");
        }
        String plain = name == null || name.isBlank() ? "document" : lastPart(name);
        String shown = plain.length() > LONGEST_NAME ? plain.substring(plain.length() - LONGEST_NAME) : plain;
        long id = store.add(personId, shown, type.name(), content, user.get().name(), clock.now());
        return new DocumentView(id, shown);
    }

    private static String lastPart(String name) {
        return Arrays.stream(name.split("[/\\\\]"))
                .reduce((one, other) -> other)
                .orElse(name);
    }

    /** A document, for whoever may look at its request. */
    @Transactional(readOnly = true)
    public Document open(long id) {
        Document document = store.find(id).orElseThrow(() -> Refusal.notFound("document"));
        boolean signer = document.requestId() != null
                && requests.find(document.requestId())
                        .map(RequestSummary::sent)
                        .filter(signOffs::isSigner)
                        .isPresent();
        if (!reach.person(document.personId()) && !signer) {
            throw new AccessDeniedException("out of reach");
        }
        return document;
    }
}
