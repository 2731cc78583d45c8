package upahead.server.requests.signing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongFunction;
import upahead.server.employment.Person;
import upahead.server.platform.words.Words;

/**
 * Who can sign on a day, so that nothing is stranded: whoever was meant, else their stand-in, else the next higher, else
 * the administrators.
 */
final class Signers {

    private static final String ADMINISTRATORS = "any administrator";

    private final LocalDate day;
    private final Map<Long, StandIn> standIns;
    private final Set<Long> away;
    private final Set<Long> deciders;
    private final LongFunction<Person> person;
    private final Map<Long, Person> known = new HashMap<>();

    /**
     * @param standIns those of the day by the person in whose place they sign
     * @param away who has leave that day
     * @param deciders who has a sign-in with which one decides
     * @param known people who are looked at for certain; others are asked for one by one
     */
    Signers(
            LocalDate day,
            Map<Long, StandIn> standIns,
            Set<Long> away,
            Set<Long> deciders,
            Collection<Person> known,
            LongFunction<Person> person) {
        this.day = day;
        this.standIns = standIns;
        this.away = away;
        this.deciders = deciders;
        this.person = person;
        known.forEach(each -> this.known.put(each.id(), each));
    }

    /**
     * Who is asked where somebody was meant.
     *
     * @param signed who has signed the same request already
     */
    Asked ask(long meant, long requester, Set<Long> signed) {
        List<String> reasons = new ArrayList<>();
        Set<Long> passed = new LinkedHashSet<>();
        for (Long at = meant; at != null && passed.add(at); at = person(at).approverId()) {
            Optional<String> hindered = hindered(at, requester, signed);
            if (hindered.isEmpty()) {
                return new Asked(
                        at, person(at).name(), sentence(reasons, person(at).name()));
            }
            reasons.add(hindered.get());
            StandIn standIn = standIns.get(at);
            if (standIn != null
                    && isThere(standIn.standInId())
                    && standIn.standInId() != requester
                    && !signed.contains(standIn.standInId())) {
                return new Asked(standIn.standInId(), standIn.standIn(), sentence(reasons, standIn.standIn()));
            }
        }
        return new Asked(null, ADMINISTRATORS, sentence(reasons, ADMINISTRATORS));
    }

    /** Why somebody is not asked that day. */
    private Optional<String> hindered(long id, long requester, Set<Long> signed) {
        String name = person(id).name();
        if (id == requester) {
            return Optional.of(name + " would sign for themselves");
        }
        if (signed.contains(id)) {
            return Optional.of(name + " has signed already");
        }
        LocalDate lastDay = person(id).lastDay();
        if (lastDay != null && lastDay.isBefore(day)) {
            return Optional.of(name + " has left");
        }
        if (!deciders.contains(id)) {
            return Optional.of(name + " has no sign-in to decide with");
        }
        StandIn standIn = standIns.get(id);
        if (standIn != null) {
            return Optional.of(standIn.standIn() + " stands in for " + name + " until " + Words.day(standIn.last()));
        }
        return away.contains(id) ? Optional.of(name + " is away") : Optional.empty();
    }

    /** Whether somebody can sign at all that day; a stand-in of a stand-in is not looked for. */
    private boolean isThere(long id) {
        LocalDate lastDay = person(id).lastDay();
        return (lastDay == null || !lastDay.isBefore(day)) && deciders.contains(id) && !away.contains(id);
    }

    private static String sentence(List<String> reasons, String asked) {
        return reasons.isEmpty() ? "" : String.join("; ", reasons) + ". Asked is " + asked + ".";
    }

    private Person person(long id) {
        return known.computeIfAbsent(id, person::apply);
    }
}
