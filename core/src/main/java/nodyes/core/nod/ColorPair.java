package nodyes.core.nod;

/**
 * A ground and the words on it, named once and used by any nod.
 *
 * @param name what the owner calls it
 * @param ground colour of the ground
 * @param words colour of the words
 */
public record ColorPair(String name, String ground, String words) {}
