/** Reviews of the shop itself, from its entry in a business directory. */
@NullMarked
package nodyes.server.listing;

import org.jspecify.annotations.NullMarked;
