package upahead.server.employment;

import java.time.LocalDate;
import java.util.Collection;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import upahead.server.platform.problems.Refusal;

/** Keeps people from deciding for each other in a circle. */
@Component
class ApproverCircles {

    private final PlacementStore placements;
    private final DirectoryStore directory;

    ApproverCircles(PlacementStore placements, DirectoryStore directory) {
        this.placements = placements;
        this.directory = directory;
    }

    /**
     * Nobody may, over others or directly, decide for whoever decides for them.
     *
     * @param changed people whose approvers changed
     * @throws Refusal if one of them does
     */
    void refuse(Collection<Long> changed, LocalDate on) {
        ApproverChains<Long> chains = new ApproverChains<>(placements.approvers(on));
        for (long personId : changed) {
            chains.circle(personId).ifPresent(circle -> {
                throw Refusal.of(
                        "approverId",
                        "These would decide for each other in a circle: "
                                + circle.stream().map(id -> name(id)).collect(Collectors.joining(", then "))
                                + ".");
            });
        }
    }

    private String name(long id) {
        return directory.find(id).map(Person::name).orElseThrow();
    }
}
