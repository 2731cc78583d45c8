package upahead.server.staffing;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import upahead.server.employment.Person;

/**
 * What somebody new has in common with a person who is there: perhaps it is the same one under another code.
 *
 * @param name whether the names are the same, whatever capitals and blanks they have
 * @param email whether both have the same address
 * @param hired whether the hire dates are the same
 */
record Likeness(boolean name, boolean email, boolean hired) {

    static Likeness between(Person person, String name, @Nullable String email, @Nullable LocalDate hired) {
        return new Likeness(
                KnownCompany.key(person.name()).equals(KnownCompany.key(name.strip())),
                person.email() != null && person.email().equalsIgnoreCase(email == null ? "" : email.strip()),
                person.hired().equals(hired));
    }

    /** Whether it is worth a look while one person is typed. */
    boolean isPossible() {
        return name || email;
    }

    /** Whether it is worth a word beside a row of many: names alone are shared by many people. */
    boolean isLikely() {
        return email || (name && hired);
    }

    /** the same name and hire date */
    String words() {
        List<String> same = new ArrayList<>();
        if (name) {
            same.add("name");
        }
        if (email) {
            same.add("e-mail address");
        }
        if (hired) {
            same.add("hire date");
        }
        int last = same.size() - 1;
        return "the same "
                + (last == 0 ? same.get(0) : String.join(", ", same.subList(0, last)) + " and " + same.get(last));
    }
}
