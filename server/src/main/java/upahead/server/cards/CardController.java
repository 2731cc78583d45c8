package upahead.server.cards;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import upahead.core.calendar.DateSpan;
import upahead.server.cards.CardTyping.TypedLine;
import upahead.server.cards.days.CardChange;
import upahead.server.cards.days.CardRemark;
import upahead.server.cards.days.ConfirmationStore.Part;
import upahead.server.platform.problems.Refusal;

/** The time card of one person. */
@RestController
@RequestMapping("/api/people/{personId}/card")
class CardController {

    private static final int MOST_DAYS = 400;
    private static final int LONGEST_LINE = 200;

    /** A day as it was typed, and the line that was seen before. */
    record CardLine(
            @NotNull(message = "please choose a day") LocalDate on,
            @NotNull String seen,
            @NotNull @Size(max = LONGEST_LINE, message = "a day has at most 200 characters") String line) {}

    /** Days to be changed together, and why where their period is closed. */
    record CardLines(
            @NotNull @Valid List<CardLine> days,
            @Nullable @Size(max = 200, message = "the reason has at most 200 characters") String reason) {}

    /** Why a day is right although it looks wrong. */
    record CardAcceptance(
            @NotNull LocalDate on,
            @NotNull CardRemark.Kind what,
            @NotBlank(message = "please say why it is right")
                    @Size(max = 200, message = "a note has at most 200 characters")
                    String note) {}

    /** Whether one of the two says that the card of the period that contains a day is right. */
    record CardConfirming(@NotNull LocalDate on, @NotNull Part part, boolean right) {}

    private final Cards cards;
    private final CardTyping typing;
    private final Accepting accepting;
    private final Confirming confirming;

    CardController(Cards cards, CardTyping typing, Accepting accepting, Confirming confirming) {
        this.cards = cards;
        this.typing = typing;
        this.accepting = accepting;
        this.confirming = confirming;
    }

    /** The card of the pay period that contains a day. */
    @GetMapping
    CardView card(@PathVariable long personId, @RequestParam LocalDate on) {
        return cards.card(personId, on);
    }

    /** Changes days, all or none; answers with the card of the first of them. */
    @PutMapping("/days")
    CardView change(@PathVariable long personId, @Valid @RequestBody CardLines lines) {
        typing.change(
                personId,
                lines.days().stream()
                        .map(each -> new TypedLine(
                                each.on(), each.seen(), each.line().strip()))
                        .toList(),
                lines.reason() == null ? "" : lines.reason().strip());
        return cards.card(personId, lines.days().get(0).on());
    }

    /** Says that a day is right as it is. */
    @PutMapping("/accepted")
    CardView accept(@PathVariable long personId, @Valid @RequestBody CardAcceptance acceptance) {
        accepting.accept(
                personId, acceptance.on(), acceptance.what(), acceptance.note().strip());
        return cards.card(personId, acceptance.on());
    }

    /** Says that a card is right, or takes that back. */
    @PutMapping("/confirmed")
    CardView confirm(@PathVariable long personId, @Valid @RequestBody CardConfirming said) {
        confirming.confirm(personId, said.on(), said.part(), said.right());
        return cards.card(personId, said.on());
    }

    /** Who changed which day, newest first. */
    @GetMapping("/changes")
    List<CardChange> changes(
            @PathVariable long personId, @RequestParam LocalDate from, @RequestParam LocalDate through) {
        return cards.changes(
                personId,
                DateSpan.between(from, through)
                        .filter(span -> span.days() <= MOST_DAYS)
                        .orElseThrow(() -> Refusal.of("through", "Please ask for 1 to " + MOST_DAYS + " days.")));
    }
}
