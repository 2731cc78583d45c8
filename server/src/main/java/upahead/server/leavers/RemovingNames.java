package upahead.server.leavers;

import java.time.LocalDate;
import org.springframework.stereotype.Component;
import upahead.server.platform.daily.OnceADay;

/** Removes each morning the names whose time is over. */
@Component
class RemovingNames implements OnceADay {

    private final NamesOfLeavers leavers;

    RemovingNames(NamesOfLeavers leavers) {
        this.leavers = leavers;
    }

    @Override
    public String name() {
        return "names of leavers";
    }

    @Override
    public void doFor(LocalDate day) {
        leavers.removeDue(day);
    }
}
