package upahead.server.employment;

import java.util.Optional;
import org.springframework.stereotype.Component;
import upahead.server.platform.notices.MailAddresses;

/** Mail reaches people under the address that stands with them, until their last day and after. */
@Component
class AddressesOfPeople implements MailAddresses {

    private final DirectoryStore store;

    AddressesOfPeople(DirectoryStore store) {
        this.store = store;
    }

    @Override
    public Optional<String> mailAddress(long personId) {
        return store.find(personId).map(Person::email);
    }
}
