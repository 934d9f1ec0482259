/** How many look at products: reports of views come in, numbers go out, both are kept. */
@NullMarked
package nodyes.server.visitors;

import org.jspecify.annotations.NullMarked;
