package upahead.server.payruns.delivery;

/**
 * The layout of a pay group.
 *
 * @param edits how often it was changed, 0 while it is the standard one; whoever changes it says which state they saw
 */
public record PayGroupLayout(Layout layout, int edits) {}
