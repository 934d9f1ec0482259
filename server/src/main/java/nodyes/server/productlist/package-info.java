/** Products as the owner looks through them: what is so about each, and which nods it shows. */
@NullMarked
package nodyes.server.productlist;

import org.jspecify.annotations.NullMarked;
