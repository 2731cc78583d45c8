package upahead.server.payruns;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import upahead.core.calendar.DateSpan;
import upahead.core.ledger.Derivation;
import upahead.core.ledger.Ledger;
import upahead.core.payrun.NewPosting;
import upahead.core.quantity.Amount;
import upahead.server.accounts.PersonAccount;

/** Tells the figures of a person in a run, and all the days behind them, from any others. */
final class Fingerprint {

    private Fingerprint() {}

    /** A person's figures, and what tells them from others. */
    record Taken(Statement statement, String fingerprint) {}

    /** For a check: with what is available and what lapses next. */
    static Taken whole(PersonPostings person, PayRun run) {
        return new Taken(statement(person, run, true), of(person));
    }

    /** The figures alone, for saying how they differ from those of a check. */
    static Statement figures(PersonPostings person, PayRun run) {
        return statement(person, run, false);
    }

    /** What tells a person's figures from any others. */
    static String of(PersonPostings person) {
        StringBuilder text = new StringBuilder();
        person.worked().forEach(line -> text.append(line.payrollCode())
                .append(' ')
                .append(line.what())
                .append(' ')
                .append(line.amount())
                .append(' ')
                .append(line.about())
                .append('\n'));
        byName(person).forEach(account -> add(text, account));
        return hash(text.toString());
    }

    private static Statement statement(PersonPostings person, PayRun run, boolean whole) {
        return new Statement(
                person.person().id(),
                person.person().code(),
                person.person().name(),
                person.person().team(),
                byName(person)
                        .flatMap(account -> balance(account, run, whole).stream())
                        .toList(),
                person.worked().stream()
                        .map(line -> new Statement.Worked(line.what(), line.payrollCode(), line.amount(), line.unit()))
                        .toList());
    }

    private static Stream<AccountPostings> byName(PersonPostings person) {
        return person.accounts().stream()
                .sorted(Comparator.comparing(
                        account -> account.account().policy().name()));
    }

    private static void add(StringBuilder text, AccountPostings account) {
        text.append(account.account().policy().id())
                .append(' ')
                .append(account.opening())
                .append('\n');
        for (CausedPosting posting : account.lines()) {
            NewPosting line = posting.line();
            text.append(line.on())
                    .append(' ')
                    .append(line.about())
                    .append(' ')
                    .append(line.sort())
                    .append(' ')
                    .append(line.kind())
                    .append(' ')
                    .append(line.amount())
                    .append(' ')
                    .append(line.withheld())
                    .append('\n');
        }
    }

    private static Optional<Statement.Balance> balance(AccountPostings account, PayRun run, boolean whole) {
        PersonAccount of = account.account();
        if (of.policy().recordedOnly() && account.lines().isEmpty()) {
            return Optional.empty();
        }
        Optional<Ledger.Lapse> lapse =
                whole && !of.policy().recordedOnly() ? nextLapse(of, run.lastDay()) : Optional.empty();
        return Optional.of(new Statement.Balance(
                of.policy().id(),
                of.policy().name(),
                of.policy().unit(),
                of.policy().recordedOnly(),
                RunTotals.of(account),
                whole ? available(account, run.lastDay()) : null,
                lapse.map(Ledger.Lapse::on).orElse(null),
                lapse.map(Ledger.Lapse::amount).orElse(null)));
    }

    private static Amount available(AccountPostings account, LocalDate on) {
        return Objects.requireNonNull(account.ledger(), "a run is checked while it gathers")
                .available(on);
    }

    /** By recorded facts alone: nobody's future work is expected. */
    private static Optional<Ledger.Lapse> nextLapse(PersonAccount account, LocalDate on) {
        return Derivation.derive(account.account(), on.plusYears(1))
                .firstLapse(new DateSpan(on.plusDays(1), on.plusYears(1)));
    }

    private static String hash(String text) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
