/** What shop pages ask, answered from ready bytes. */
@NullMarked
package nodyes.server.storefront;

import org.jspecify.annotations.NullMarked;
