/**
 * The answers of the public endpoint, version 1. Shops keep an old script for weeks: only add to
 * them.
 */
@NullMarked
package nodyes.server.storefront.wire;

import org.jspecify.annotations.NullMarked;
