package upahead.server.requests.leave;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Set;

/**
 * Which requests are wanted; a null field does not matter.
 *
 * @param states at least one
 * @param search words, each of which stands in the person's name or code
 * @param from the first day of which a request has one
 * @param through the last day of which a request has one
 * @param signer who decides about them, null for everybody's
 * @param inPlaceOfOthers ids of those that the signer is asked about in the place of another
 * @param page from 0
 * @param size how many a page, above 0
 */
public record RequestQuery(
        Set<RequestState> states,
        String search,
        Long teamId,
        Long policyId,
        LocalDate from,
        LocalDate through,
        Long signer,
        Set<Long> inPlaceOfOthers,
        int page,
        int size) {

    /** The first requests in some states, of everybody. */
    public static RequestQuery in(Set<RequestState> states, int size) {
        return new RequestQuery(states, "", null, null, null, null, null, Set.of(), 0, size);
    }

    /** Those decided by one signer, in their own right or in the place of others. */
    public RequestQuery decidedBy(long who, Set<Long> inPlaceOf) {
        return new RequestQuery(states, search, teamId, policyId, from, through, who, inPlaceOf, page, size);
    }

    boolean onlyWaiting() {
        return states.equals(Set.of(RequestState.WAITING));
    }

    List<String> words() {
        return Arrays.stream(search.strip().split("\\s+"))
                .filter(word -> !word.isEmpty())
                .toList();
    }
}
