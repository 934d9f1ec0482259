/**
 * The demo shop: server-rendered pages on an origin of its own, with one script tag like any shop.
 */
@NullMarked
package nodyes.simulators.shop;

import org.jspecify.annotations.NullMarked;
