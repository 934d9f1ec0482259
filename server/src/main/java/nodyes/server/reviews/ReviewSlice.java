package nodyes.server.reviews;

import java.util.List;

/**
 * One page of the desk, without the count of all, which takes longer than the page.
 *
 * @param items at most {@code size} of them
 * @param page counted from 1
 * @param size reviews to a page
 * @param hasMore whether more come after it
 */
public record ReviewSlice(List<ReviewListItem> items, int page, int size, boolean hasMore) {}
