package upahead.server.cards;

import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.cards.Overtime;
import upahead.core.hours.Work;
import upahead.server.cards.days.CardWriting;
import upahead.server.cards.rules.CardRules;
import upahead.server.cards.rules.CardRulesOfGroups;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.organisation.HoursKinds;
import upahead.server.organisation.Organisation;
import upahead.server.periods.LateChanges;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.words.Words;

/** Says how times become hours in a pay group, and counts the hours of its cards again. */
@Service
public class SettingCardRules {

    private static final int PEOPLE_AT_ONCE = 500;
    private static final int MOST_RULES = 8;

    private final CardRulesOfGroups rules;
    private final CardWriting writing;
    private final Organisation organisation;
    private final People people;
    private final LateChanges changes;

    SettingCardRules(
            CardRulesOfGroups rules,
            CardWriting writing,
            Organisation organisation,
            People people,
            LateChanges changes) {
        this.rules = rules;
        this.writing = writing;
        this.organisation = organisation;
        this.people = people;
        this.changes = changes;
    }

    /** The rules of a group, each from a day on; empty while nothing was said. */
    @Transactional(readOnly = true)
    @May(Permission.RUN_PAYROLL)
    public List<CardRules> of(long payGroupId) {
        organisation.payGroup(payGroupId);
        return rules.all().stream()
                .filter(each -> each.payGroupId() == payGroupId)
                .toList();
    }

    /**
     * Sets the rules of a group from a day on. What is closed stays as it was counted.
     *
     * @throws Refusal if the day is closed or a kind of hours cannot be
     */
    @Transactional
    @May(Permission.RUN_PAYROLL)
    public void set(CardRules wanted) {
        organisation.payGroup(wanted.payGroupId());
        requireOpen(wanted.payGroupId(), wanted.starts());
        if (wanted.overtime().size() > MOST_RULES) {
            throw Refusal.of("overtime", "There are at most " + MOST_RULES + " rules for overtime.");
        }
        for (Overtime overtime : wanted.overtime()) {
            if (!HoursKinds.names().contains(overtime.kind()) || overtime.kind().equals(Work.REGULAR)) {
                throw Refusal.of("overtime", "Overtime becomes hours of another kind than regular.");
            }
        }
        rules.set(wanted);
        List<Long> group = people.search(PeopleQuery.ofPayGroup(wanted.payGroupId())).stream()
                .map(Person::id)
                .toList();
        for (int from = 0; from < group.size(); from += PEOPLE_AT_ONCE) {
            writing.countAgain(
                    group.subList(from, Math.min(group.size(), from + PEOPLE_AT_ONCE)),
                    wanted.starts(),
                    "the rules for hours changed");
        }
    }

    private void requireOpen(long payGroupId, LocalDate starts) {
        changes.closedThroughIn(payGroupId)
                .filter(closed -> !starts.isAfter(closed))
                .ifPresent(closed -> {
                    throw Refusal.of(
                            "starts",
                            "Runs are closed through " + Words.fullDay(closed) + "; rules change after that day.");
                });
    }
}
