package upahead.server.platform.hooks;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Addresses that are told of what happens. */
@RestController
@RequestMapping("/api/webhooks")
class WebhookController {

    /** An address to be told. */
    record WebhookForm(
            @NotBlank(message = "please name the program") @Size(max = 80, message = "a name has at most 80 characters")
                    String name,
            @NotBlank(message = "please give its address")
                    @Size(max = 500, message = "an address has at most 500 characters")
                    String address,
            @NotEmpty(message = "please choose of what it is told") Set<@NotNull HookEvent> events) {}

    /**
     * One that was made.
     *
     * @param secret with which messages are signed, which is never shown again
     */
    record MadeWebhook(String secret, List<Webhook> all) {}

    private final Webhooks webhooks;

    WebhookController(Webhooks webhooks) {
        this.webhooks = webhooks;
    }

    @GetMapping
    List<Webhook> all() {
        return webhooks.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    MadeWebhook make(@Valid @RequestBody WebhookForm form) {
        Webhooks.Made made = webhooks.make(form.name(), form.address(), form.events());
        return new MadeWebhook(made.secret(), webhooks.all());
    }

    @DeleteMapping("/{id}")
    List<Webhook> end(@PathVariable long id) {
        webhooks.end(id);
        return webhooks.all();
    }

    /** Has all that an address has not taken sent again now. */
    @PostMapping("/{id}/again")
    List<Webhook> again(@PathVariable long id) {
        webhooks.again(id);
        return webhooks.all();
    }
}
