package nodyes.server.web;

import java.util.List;

/**
 * One page of a list.
 *
 * @param items at most {@code size} of them
 * @param page counted from 1
 * @param size items to a page
 * @param total items on all pages
 */
public record PagedResult<T>(List<T> items, int page, int size, long total) {
  /** Most items that one page may hold. */
  public static final int LARGEST = 200;

  /** A page number of at least 1. */
  public static int page(int asked) {
    return Math.max(1, asked);
  }

  /** A page size of 1 to {@link #LARGEST}. */
  public static int size(int asked) {
    return Math.clamp(asked, 1, LARGEST);
  }
}
