/** The form in which shoppers write: what it asks, and what gives a sent one away as spam. */
@NullMarked
package nodyes.core.reviewform;

import org.jspecify.annotations.NullMarked;
