package upahead.server.requests.signing;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.server.employment.Person;
import upahead.server.platform.problems.Refusal;
import upahead.server.requests.signing.SignOffs.Sent;

/** Gives the next approval of a request to somebody else. */
@Component
public class HandedOn {

    private final SignOffStore store;
    private final Deciders deciders;

    HandedOn(SignOffStore store, Deciders deciders) {
        this.store = store;
        this.deciders = deciders;
    }

    /** To whom a request can be handed on: whoever decides for others, is employed, did not ask and has not signed. */
    public List<Person> choices(Sent request) {
        Set<Long> signed = store.of(request.requestId()).stream()
                .map(SignOff::signerId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        return deciders.today().stream()
                .filter(person -> person.id() != request.requesterId() && !signed.contains(person.id()))
                .toList();
    }

    /**
     * Lets somebody else give the next approval.
     *
     * @return who gives it now
     * @throws Refusal if it cannot be that person
     */
    public Person hand(Sent request, long to) {
        Person receiver = choices(request).stream()
                .filter(person -> person.id() == to)
                .findFirst()
                .orElseThrow(() -> Refusal.of(
                        "to", "Please choose somebody who decides for others and has not signed this request."));
        SignOff open = store.of(request.requestId()).stream()
                .filter(SignOff::isOpen)
                .findFirst()
                .orElseThrow(() -> Refusal.conflict("Nothing of this request is left to sign."));
        if (Objects.equals(open.personId(), to)) {
            throw Refusal.of("to", receiver.name() + " is asked already.");
        }
        store.give(request.requestId(), open.step(), to);
        return receiver;
    }
}
