package upahead.server.cards;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import upahead.core.cards.BreakRule;
import upahead.core.cards.Overtime;
import upahead.core.cards.PunchRounding;
import upahead.core.quantity.Amount;
import upahead.server.cards.rules.CardRules;
import upahead.server.platform.problems.Refusal;

/** How times become hours in a pay group. */
@RestController
@RequestMapping("/api/pay-groups/{payGroupId}/card-rules")
class CardRulesController {

    /** What makes regular hours hours of another kind. */
    record OvertimeForm(
            @NotNull Overtime.Over over,
            @NotNull(message = "please give the hours") Amount hours,
            @NotNull String kind) {}

    /**
     * The rules from a day on.
     *
     * @param breakAfter null with {@code breakMinutes} where no break has to be made
     */
    record CardRulesForm(
            @NotNull(message = "please say from when on") LocalDate starts,
            int roundingMinutes,
            @Nullable Amount breakAfter,
            @Nullable Integer breakMinutes,
            @NotNull @Valid List<OvertimeForm> overtime,
            boolean typedByPerson,
            boolean confirmedByPerson,
            boolean confirmedByApprover) {

        CardRules rules(long payGroupId) {
            if (!PunchRounding.STEPS.contains(roundingMinutes)) {
                throw Refusal.of("roundingMinutes", "Times are rounded to one of " + PunchRounding.STEPS + " minutes.");
            }
            return new CardRules(
                    payGroupId,
                    starts,
                    new PunchRounding(roundingMinutes),
                    breakRule(),
                    overtime.stream().map(CardRulesForm::overtime).toList(),
                    typedByPerson,
                    confirmedByPerson,
                    confirmedByApprover);
        }

        private BreakRule breakRule() {
            if (breakAfter == null && breakMinutes == null) {
                return null;
            }
            if (breakAfter == null || breakMinutes == null || !breakAfter.isPositive() || breakMinutes < 1) {
                throw Refusal.of("breakAfter", "A break is needed after hours above 0 and lasts a minute or more.");
            }
            return new BreakRule(breakAfter, breakMinutes);
        }

        private static Overtime overtime(OvertimeForm form) {
            if (form.hours().isNegative()) {
                throw Refusal.of("overtime", "Overtime begins at 0 hours or more.");
            }
            return new Overtime(form.over(), form.hours(), form.kind());
        }

        static CardRulesForm of(CardRules rules) {
            return new CardRulesForm(
                    rules.starts(),
                    rules.rounding().minutes(),
                    rules.breakRule() == null ? null : rules.breakRule().after(),
                    rules.breakRule() == null ? null : rules.breakRule().minutes(),
                    rules.overtime().stream()
                            .map(each -> new OvertimeForm(each.over(), each.hours(), each.kind()))
                            .toList(),
                    rules.typedByPerson(),
                    rules.confirmedByPerson(),
                    rules.confirmedByApprover());
        }
    }

    private final SettingCardRules rules;

    CardRulesController(SettingCardRules rules) {
        this.rules = rules;
    }

    /** All rules of a group in order of time; empty while times count as they stand. */
    @GetMapping
    List<CardRulesForm> of(@PathVariable long payGroupId) {
        return rules.of(payGroupId).stream().map(CardRulesForm::of).toList();
    }

    /** Sets the rules from a day on. */
    @PutMapping
    List<CardRulesForm> set(@PathVariable long payGroupId, @Valid @RequestBody CardRulesForm form) {
        rules.set(form.rules(payGroupId));
        return of(payGroupId);
    }
}
