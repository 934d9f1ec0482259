package nodyes.server.reviews;

import java.util.List;
import nodyes.core.rating.RatingSummary;
import nodyes.core.review.Review;

/**
 * What was written in this shop of a product, and not brought in from elsewhere.
 *
 * @param summary of all of it that is published
 * @param newest some of it, newest first
 */
public record FirstParty(RatingSummary summary, List<Review> newest) {}
