package nodyes.server.storefront.wire;

import java.util.List;

/**
 * A further page of a review wall.
 *
 * @param reviews the reviews, newest first
 * @param page its number, counted from 1
 * @param pages how many there are
 * @param total reviews on all of them
 */
public record WireReviews(List<WireReview> reviews, int page, long pages, long total) {}
