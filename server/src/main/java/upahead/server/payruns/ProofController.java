package upahead.server.payruns;

import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import upahead.server.payruns.Postings.RunPosting;

/** The proof of all balances, and what corrected one of them. */
@RestController
@RequestMapping("/api")
class ProofController {

    private final Proof proof;
    private final Postings postings;

    ProofController(Proof proof, Postings postings) {
        this.proof = proof;
        this.postings = postings;
    }

    @GetMapping("/proof")
    ProofReport prove() {
        return proof.prove();
    }

    /** The differences of a proof made now, as a file. */
    @GetMapping(path = "/proof/table.csv", produces = "text/csv")
    ResponseEntity<String> csv() {
        return ProofRow.COLUMNS.csv("proof", rows()).answer();
    }

    /** The differences of a proof made now, as a workbook. */
    @GetMapping("/proof/table.xlsx")
    ResponseEntity<byte[]> xlsx() {
        return ProofRow.COLUMNS.xlsx("proof", rows()).answer();
    }

    private List<ProofRow> rows() {
        return proof.prove().differences().stream().map(ProofRow::of).toList();
    }

    @GetMapping("/people/{personId}/balances/{policyId}/corrections")
    List<RunPosting> corrections(@PathVariable long personId, @PathVariable long policyId) {
        return postings.corrections(personId, policyId);
    }
}
