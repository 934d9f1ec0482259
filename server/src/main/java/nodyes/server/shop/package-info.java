/** The shop itself and its settings. */
@NullMarked
package nodyes.server.shop;

import org.jspecify.annotations.NullMarked;
