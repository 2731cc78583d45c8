package upahead.server.accounts;

import java.util.List;

/**
 * What one policy means for one person on a day.
 *
 * @param sentences in an order to be read
 */
public record OwnTermsView(long policyId, String policy, List<String> sentences) {}
