/** Fonts and pictures of the shop's own, for the looks of its nods. */
@NullMarked
package nodyes.server.assets;

import org.jspecify.annotations.NullMarked;
