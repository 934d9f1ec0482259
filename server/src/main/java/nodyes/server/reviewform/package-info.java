/**
 * The form in which shoppers write: what it asks, its tokens, and the pictures sent ahead of it.
 */
@NullMarked
package nodyes.server.reviewform;

import org.jspecify.annotations.NullMarked;
