package upahead.server.payruns;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import upahead.core.quantity.Amount;
import upahead.server.payruns.TimeInLieu.Taking;

/** Extra hours of a run, and the time in lieu they become. */
@RestController
@RequestMapping("/api/pay-runs/{id}/extra-hours")
class TimeInLieuController {

    /** Hours of one person and kind. */
    record TakingForm(
            long personId,
            @NotNull(message = "please say which kind of hours") String kind,
            long policyId,
            @NotNull(message = "please say how many hours") Amount hours) {}

    /** Hours of some people. */
    record TakingsForm(
            @NotEmpty(message = "please choose somebody's hours") List<@Valid @NotNull TakingForm> takings) {}

    private final TimeInLieu lieu;

    TimeInLieuController(TimeInLieu lieu) {
        this.lieu = lieu;
    }

    @GetMapping
    List<ExtraHours> all(@PathVariable long id) {
        return lieu.of(id);
    }

    /** Puts hours into time in lieu, all or none. */
    @PostMapping
    List<ExtraHours> put(@PathVariable long id, @Valid @RequestBody TakingsForm form) {
        lieu.put(
                id,
                form.takings().stream()
                        .map(each -> new Taking(each.personId(), each.kind(), each.policyId(), each.hours()))
                        .toList());
        return lieu.of(id);
    }

    /** Lets hours be paid that were put into time in lieu. */
    @DeleteMapping("/{creditId}")
    List<ExtraHours> takeBack(@PathVariable long id, @PathVariable long creditId) {
        lieu.takeBack(id, creditId);
        return lieu.of(id);
    }
}
