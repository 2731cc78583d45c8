package upahead.server.payruns;

import java.io.PrintStream;
import java.util.stream.Collectors;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ApplicationContext;
import org.springframework.stereotype.Component;
import upahead.server.payruns.ProofReport.GroupProof;
import upahead.server.payruns.ProofReport.ProofDifference;
import upahead.server.periods.LateChange;
import upahead.server.platform.words.Words;

/** The command that proves all balances, prints what it found and ends: 0 when nothing is unexplained, else 1. */
@Component
@ConditionalOnProperty("upahead.verify")
class ProofCommand implements ApplicationRunner {

    private final Proof proof;
    private final ApplicationContext context;

    ProofCommand(Proof proof, ApplicationContext context) {
        this.proof = proof;
        this.context = context;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        ProofReport report = proof.report();
        print(report, System.out);
        int status = report.isClean() ? 0 : 1;
        System.exit(SpringApplication.exit(context, () -> status));
    }

    static void print(ProofReport report, PrintStream out) {
        for (GroupProof group : report.groups()) {
            out.println(
                    group.closedThrough() == null
                            ? group.payGroup() + ": no run is closed yet"
                            : group.payGroup() + ", closed through " + group.closedThrough() + ": " + group.proved()
                                    + " of " + Words.count(group.accounts(), "balance") + " proved, of "
                                    + Words.count(group.people(), "person").replace("persons", "people"));
        }
        report.missing().forEach(each -> out.println("MISSING: " + each));
        for (ProofDifference each : report.differences()) {
            out.println("differs: " + each.person() + ", " + each.policy() + ", from " + each.about() + " on: posted "
                    + each.posted() + ", derived " + each.derived() + ". "
                    + (each.causes().isEmpty()
                            ? "NOT EXPLAINED by any late change."
                            : each.causes().stream().map(LateChange::what).collect(Collectors.joining("; "))
                                    + ". The next close corrects it."));
        }
        out.println(
                report.unexplained() == 0
                        ? "What was posted is what is derived"
                                + (report.differences().isEmpty() ? "." : ", late changes apart.")
                        : report.unexplained() + " of the differences are not explained.");
    }
}
