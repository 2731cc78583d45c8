package upahead.server.cards.terminals;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import upahead.core.cards.Punch;
import upahead.server.cards.terminals.AtTheTerminal.OwnGlance;
import upahead.server.cards.terminals.AtTheTerminal.TerminalScreen;
import upahead.server.cards.terminals.HearingPunches.HeardPunch;
import upahead.server.cards.terminals.HearingPunches.SaidPunch;

/** What the screen of a clock terminal asks; it is known by its token and not by who is signed in. */
@RestController
@RequestMapping("/api/terminal")
class TerminalController {

    private static final String TOKEN = "X-Terminal";

    /** The code by which a screen is paired. */
    record PairingForm(
            @NotBlank(message = "please type the code") @Size(max = 20, message = "the code has 8 digits")
                    String code) {}

    /** What somebody said at the screen. */
    record PunchForm(
            @NotBlank @Size(max = 60) String mark,
            @NotNull @Pattern(regexp = "\\d{1,20}", message = "a code has digits only") String code,
            @NotNull Punch.Kind kind,
            @NotNull Instant at) {}

    /** Several of them, and the screen's clock at this moment. */
    record PunchesForm(@NotNull Instant sentAt, @NotNull @Valid List<PunchForm> punches) {}

    /** Whose balances are wanted. */
    record GlanceForm(@NotBlank(message = "please type your code") @Size(max = 20) String code) {}

    private final AtTheTerminal terminal;
    private final HearingPunches hearing;

    TerminalController(AtTheTerminal terminal, HearingPunches hearing) {
        this.terminal = terminal;
        this.hearing = hearing;
    }

    @PostMapping("/pairing")
    TerminalScreen pair(@Valid @RequestBody PairingForm form, HttpServletRequest request) {
        return terminal.pair(form.code(), request.getRemoteAddr());
    }

    @GetMapping
    TerminalScreen screen(@RequestHeader(name = TOKEN, required = false) @Nullable String token) {
        return terminal.screen(token);
    }

    @PostMapping("/punches")
    List<HeardPunch> hear(
            @RequestHeader(name = TOKEN, required = false) @Nullable String token,
            @Valid @RequestBody PunchesForm form) {
        return hearing.hear(
                token,
                form.sentAt(),
                form.punches().stream()
                        .map(each -> new SaidPunch(each.mark(), each.code(), each.kind(), each.at()))
                        .toList());
    }

    @PostMapping("/glance")
    OwnGlance glance(
            @RequestHeader(name = TOKEN, required = false) @Nullable String token,
            @Valid @RequestBody GlanceForm form) {
        return terminal.glance(token, form.code());
    }
}
