/** Fonts and pictures of the shop's own, for the looks of its nods. */
@NullMarked
package nodyes.server.materials;

import org.jspecify.annotations.NullMarked;
