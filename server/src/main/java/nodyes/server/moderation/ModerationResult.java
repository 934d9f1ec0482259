package nodyes.server.moderation;

/**
 * What came of moving reviews.
 *
 * @param move to take it back by
 * @param moved how many moved; the others were there already
 */
public record ModerationResult(long move, int moved) {}
