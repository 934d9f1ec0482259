/** In which country a shopper is, as far as it is known: nothing of it is kept. */
@NullMarked
package nodyes.server.geo;

import org.jspecify.annotations.NullMarked;
