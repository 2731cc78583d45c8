package upahead.server.rates;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import upahead.core.calendar.Timeline;
import upahead.core.value.PayRate;
import upahead.server.employment.People;
import upahead.server.employment.PeopleQuery;
import upahead.server.employment.Person;
import upahead.server.platform.audit.Audit;
import upahead.server.platform.audit.Thing;
import upahead.server.platform.problems.Refusal;
import upahead.server.platform.rights.May;
import upahead.server.platform.rights.Permission;
import upahead.server.platform.sql.TurnStore;
import upahead.server.platform.sql.WhileUnchanged;
import upahead.server.platform.words.Words;

/** What people are paid, from day to day. */
@Service
public class PayRates {

    private static final int MOST_KEPT = 50_000;

    private final RateStore store;
    private final People people;
    private final Audit audit;
    private final WhileUnchanged<LocalDate, RateRow> known;

    PayRates(RateStore store, People people, Audit audit, TurnStore turns) {
        this.store = store;
        this.people = people;
        this.audit = audit;
        this.known = WhileUnchanged.byTheDay(turns, MOST_KEPT);
    }

    /**
     * The rates of some people by their ids; whoever has none is left out. For what is made of them; whoever shows that
     * sees to it that {@link Permission#SEE_PAY_RATES} is needed.
     */
    @Transactional(readOnly = true)
    public Map<Long, Timeline<PayRate>> of(Collection<Long> ids) {
        Map<Long, Timeline<PayRate>> rates = new HashMap<>();
        store.of(ids)
                .forEach(each -> rates.merge(
                        each.personId(),
                        Timeline.from(each.from(), each.rate()),
                        (known, unused) -> known.with(each.from(), each.rate())));
        return rates;
    }

    /** Everybody employed on a day, by name, with the rate that holds then. */
    @Transactional(readOnly = true)
    @May(Permission.SEE_PAY_RATES)
    public List<RateRow> on(LocalDate day) {
        return known.of(day, () -> rowsOn(day));
    }

    private List<RateRow> rowsOn(LocalDate day) {
        List<Person> employed = people.search(PeopleQuery.everybodyOn(day)).stream()
                .filter(person -> person.isEmployedWithin(day, day))
                .toList();
        Map<Long, PersonRate> held = new HashMap<>();
        store.of(employed.stream().map(Person::id).toList()).stream()
                .filter(rate -> !rate.from().isAfter(day))
                .forEach(rate -> held.put(rate.personId(), rate));
        List<RateRow> rows = new ArrayList<>();
        employed.forEach(person -> rows.add(RateRow.of(person, held.get(person.id()))));
        return rows;
    }

    /** All rates of somebody, in order of time. */
    @Transactional(readOnly = true)
    @May(Permission.SEE_PAY_RATES)
    public List<PersonRate> ofPerson(long personId) {
        return store.of(List.of(people.get(personId).id()));
    }

    /** Sets a rate from a day on; one of the same day is replaced. */
    @Transactional
    @May(Permission.SEE_PAY_RATES)
    public void set(PersonRate rate) {
        Person person = people.get(rate.personId());
        PersonRate before = store.find(person.id(), rate.from()).orElse(null);
        store.put(List.of(rate));
        audit.record(Thing.PERSON, person.id(), "set a pay rate from " + Words.fullDay(rate.from()), before, rate);
    }

    /**
     * Removes a rate; what held before it holds on.
     *
     * @throws Refusal if the person has none from that day
     */
    @Transactional
    @May(Permission.SEE_PAY_RATES)
    public void remove(long personId, LocalDate from) {
        PersonRate before = store.find(personId, from).orElseThrow(() -> Refusal.notFound("pay rate"));
        store.remove(personId, from);
        audit.record(Thing.PERSON, personId, "removed a pay rate from " + Words.fullDay(from), before, null);
    }

    /** Sets many rates at once. */
    void setAll(List<PersonRate> rates, String source) {
        Map<Long, List<PersonRate>> byPerson = rates.stream().collect(Collectors.groupingBy(PersonRate::personId));
        Map<Long, List<PersonRate>> before =
                store.of(byPerson.keySet()).stream().collect(Collectors.groupingBy(PersonRate::personId));
        Map<Long, Audit.Change> changes = new HashMap<>();
        byPerson.forEach((person, own) -> changes.put(person, new Audit.Change(before.get(person), own)));
        store.put(rates);
        audit.recordAll(Thing.PERSON, "brought in pay rates from " + source, changes);
    }
}
