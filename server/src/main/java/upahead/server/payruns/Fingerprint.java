package upahead.server.payruns;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
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
        return taken(person, run, true);
    }

    /** For comparing with a check: the fingerprint is the same as that of the whole. */
    static Taken figures(PersonPostings person, PayRun run) {
        return taken(person, run, false);
    }

    private static Taken taken(PersonPostings person, PayRun run, boolean whole) {
        StringBuilder text = new StringBuilder();
        person.worked().forEach(line -> text.append(line.payrollCode())
                .append(' ')
                .append(line.what())
                .append(' ')
                .append(line.amount())
                .append(' ')
                .append(line.about())
                .append('\n'));
        List<Statement.Balance> balances = new ArrayList<>();
        person.accounts().stream()
                .sorted(Comparator.comparing(
                        account -> account.account().policy().name()))
                .forEach(account -> {
                    add(text, account);
                    balance(account, run, whole).ifPresent(balances::add);
                });
        Statement statement = new Statement(
                person.person().id(),
                person.person().code(),
                person.person().name(),
                person.person().team(),
                balances,
                person.worked().stream()
                        .map(line -> new Statement.Worked(line.what(), line.payrollCode(), line.amount(), line.unit()))
                        .toList());
        return new Taken(statement, hash(text.toString()));
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
