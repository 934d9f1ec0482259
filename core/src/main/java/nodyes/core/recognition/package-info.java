/**
 * Which page of a shop a page is, and of which product, by what it says of itself: its address, the
 * address that it gives as its own, its data for search engines and for sharing, the links on its
 * cards.
 */
@NullMarked
package nodyes.core.recognition;

import org.jspecify.annotations.NullMarked;
