package nodyes.core.review;

/**
 * What shoppers said of a review: one vote to a shopper, who may change it.
 *
 * @param helpful votes that it was helpful
 * @param notHelpful votes that it was not
 */
public record Votes(long helpful, long notHelpful) {
  /** Nobody has voted. */
  public static final Votes NONE = new Votes(0, 0);

  /** Throws {@link IllegalArgumentException} for negative counts. */
  public Votes {
    if (helpful < 0 || notHelpful < 0) {
      throw new IllegalArgumentException("votes are counted from 0");
    }
  }

  /** These and others. */
  public Votes with(Votes others) {
    return new Votes(helpful + others.helpful, notHelpful + others.notHelpful);
  }

  /** Votes in all. */
  public long total() {
    return helpful + notHelpful;
  }

  /**
   * What reviews are ranked by, 0 to 1: the lower bound of the Wilson score interval at 95% (see
   * {@link nodyes.core.rating.WilsonBound}); 0 without votes.
   */
  public double helpfulness() {
    return nodyes.core.rating.WilsonBound.lower(helpful, total()).orElse(0);
  }
}
