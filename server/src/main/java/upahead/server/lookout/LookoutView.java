package upahead.server.lookout;

import java.util.List;

/**
 * The front page.
 *
 * @param items what needs whoever looks, soonest first
 * @param beingRenewed whether something has changed, and some of it is being worked out anew
 */
public record LookoutView(List<LookoutItem> items, boolean beingRenewed) {}
