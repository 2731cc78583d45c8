package upahead.server.demo;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Component;
import upahead.core.calendar.DateSpan;
import upahead.core.quantity.Amount;
import upahead.core.value.PayRate;
import upahead.server.employment.EmploymentType;
import upahead.server.employment.Person;
import upahead.server.rates.PayRates;
import upahead.server.rates.PersonRate;

/** What the people of Brindlemoor Gardens are paid; the two who began last have no rate yet. */
@Component
class DemoRates {

    private static final LocalDate RAISE = LocalDate.of(2027, 4, 1);
    private static final int NEWEST = 2;

    private final PayRates rates;

    DemoRates(PayRates rates) {
        this.rates = rates;
    }

    void setUp(Collection<Person> people) {
        List<Person> byHireDate = people.stream()
                .sorted(Comparator.comparing(Person::hired).thenComparing(Person::id))
                .toList();
        byHireDate.subList(0, byHireDate.size() - NEWEST).forEach(person -> {
            LocalDate from = DateSpan.later(person.hired(), DemoPolicies.START.minusYears(1));
            boolean salaried = person.employmentType() == EmploymentType.SALARIED;
            long spread = person.id() * 37 % 23;
            Amount amount = salaried
                    ? Amount.of(2_760 + spread * 85)
                    : Amount.of("15.2").plus(tenths(spread * 3));
            PayRate.Per per = salaried ? PayRate.Per.MONTH : PayRate.Per.HOUR;
            rates.set(new PersonRate(0, person.id(), from, amount, per));
            if (person.id() % 3 == 0) {
                Amount more = salaried ? Amount.of(90) : tenths(6);
                rates.set(new PersonRate(0, person.id(), RAISE, amount.plus(more), per));
            }
        });
    }

    private static Amount tenths(long count) {
        return Amount.of(count).times(Amount.of("0.1"));
    }
}
