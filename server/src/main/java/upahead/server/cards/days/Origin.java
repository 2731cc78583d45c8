package upahead.server.cards.days;

/**
 * How days come to be changed.
 *
 * @param source where they come from, in words
 * @param byHand whether somebody typed them, so that punches only add to them from then on
 * @param reason why, empty where none is needed
 */
public record Origin(String source, boolean byHand, String reason) {}
