package upahead.server.platform.access;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
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
import upahead.server.platform.rights.Permission;

/** Tokens with which other programs are let in. */
@RestController
@RequestMapping("/api/program-tokens")
class ProgramTokenController {

    /** A program to be let in. */
    record TokenForm(
            @NotBlank(message = "please name the program") @Size(max = 80, message = "a name has at most 80 characters")
                    String name,
            @NotEmpty(message = "please choose what it may") Set<@NotNull Permission> permissions,
            boolean readsOnly,
            @NotNull(message = "please choose its last day") LocalDate lastDay) {}

    /**
     * A token that was made.
     *
     * @param secret the token itself, which is never shown again
     */
    record MadeToken(String secret, List<ProgramToken> all) {}

    private final ProgramTokens tokens;

    ProgramTokenController(ProgramTokens tokens) {
        this.tokens = tokens;
    }

    @GetMapping
    List<ProgramToken> all() {
        return tokens.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    MadeToken make(@Valid @RequestBody TokenForm form) {
        ProgramTokens.Made made = tokens.make(form.name(), form.permissions(), form.readsOnly(), form.lastDay());
        return new MadeToken(made.secret(), tokens.all());
    }

    @DeleteMapping("/{id}")
    List<ProgramToken> end(@PathVariable long id) {
        tokens.end(id);
        return tokens.all();
    }
}
