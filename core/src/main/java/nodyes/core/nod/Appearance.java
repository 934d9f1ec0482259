package nodyes.core.nod;

/**
 * What a nod says in the owner's own words, and how it looks.
 *
 * @param wording the owner's words; what is not in them is said in ours
 * @param look how it differs from the brand kit
 */
public record Appearance(TextOverrides wording, Style look) {
  /** Our words, the brand kit's look. */
  public static final Appearance DEFAULT = new Appearance(TextOverrides.NONE, Style.DEFAULT);
}
