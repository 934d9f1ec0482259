/**
 * What the owner decides on reviews: their state, what shows of them, replies; undone where it can
 * be.
 */
@NullMarked
package nodyes.server.moderation;

import org.jspecify.annotations.NullMarked;
