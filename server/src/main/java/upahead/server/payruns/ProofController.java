package upahead.server.payruns;

import java.util.List;
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

    @GetMapping("/people/{personId}/balances/{policyId}/corrections")
    List<RunPosting> corrections(@PathVariable long personId, @PathVariable long policyId) {
        return postings.corrections(personId, policyId);
    }
}
