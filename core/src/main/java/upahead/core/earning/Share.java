package upahead.core.earning;

import upahead.core.quantity.Fraction;

/**
 * What one posting offers.
 *
 * @param exact the unrounded amount in the policy's unit, not below zero
 * @param basis the rule, inputs and arithmetic it came from
 */
public record Share(Fraction exact, Basis basis) {}
