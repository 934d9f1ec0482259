package nodyes.core.review;

import java.util.List;
import nodyes.core.rating.Histogram;

/**
 * What leaving reviews out does to what shoppers see. Hiding blame misleads them and can be
 * unlawful (Directive 2005/29/EC as amended by 2019/2161, annex I, 23c; from memory); so it is
 * named, counted and recorded, and never done unseen.
 *
 * @param accepted the ratings that shoppers would see
 * @param all the ratings of all that is usable; in no star fewer than {@code kept}
 */
public record LeavingOut(Histogram accepted, Histogram all) {
  /** Ratings of so many whole stars or fewer speak of some disappointment. */
  private static final int LOW = 3;

  private static final int TIMES_MORE = 2;

  /** Throws {@link IllegalArgumentException} where more are kept than there are. */
  public LeavingOut {
    for (int i = 0; i < all.counts().size(); i++) {
      if (accepted.counts().get(i) > all.counts().get(i)) {
        throw new IllegalArgumentException("more are kept than there are");
      }
    }
  }

  /** Low ratings in all. */
  public long low() {
    return low(all.counts());
  }

  /** Low ratings that are left out. */
  public long lowLeftOut() {
    return low() - low(accepted.counts());
  }

  /**
   * Whether it is mostly low ratings that are left out: two at least, half of them or more, and
   * more than twice the share that is left out of the others.
   */
  public boolean isOneSided() {
    long high = all.total() - low();
    long highLeftOut = all.total() - accepted.total() - lowLeftOut();
    return lowLeftOut() >= 2
        && lowLeftOut() * 2 >= low()
        && lowLeftOut() * high > TIMES_MORE * highLeftOut * low();
  }

  private static long low(List<Long> counts) {
    return counts.subList(0, LOW).stream().mapToLong(Long::longValue).sum();
  }
}
