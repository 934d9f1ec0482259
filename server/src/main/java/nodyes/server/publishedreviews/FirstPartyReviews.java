package nodyes.server.publishedreviews;

import java.util.List;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.Review;

/**
 * What was written in this shop of a product, and not imported from elsewhere.
 *
 * @param summary of all of it that is published
 * @param newest some of it, newest first
 */
public record FirstPartyReviews(RatingSummary summary, List<Review> newest) {}
