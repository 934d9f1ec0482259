/** Products, variants, categories, prices and stock. */
@NullMarked
package nodyes.server.catalogue;

import org.jspecify.annotations.NullMarked;
