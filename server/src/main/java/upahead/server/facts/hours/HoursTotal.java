package upahead.server.facts.hours;

import upahead.core.quantity.Amount;

/** The hours of one person and kind over some days. */
public record HoursTotal(long personId, String kind, Amount hours) {}
