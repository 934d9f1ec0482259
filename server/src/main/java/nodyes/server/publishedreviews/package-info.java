/** What shoppers read of reviews, and what they say of them. */
@NullMarked
package nodyes.server.publishedreviews;

import org.jspecify.annotations.NullMarked;
