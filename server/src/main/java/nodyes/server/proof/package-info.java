/** What may be held against nods, and which numbers shoppers were shown. */
@NullMarked
package nodyes.server.proof;

import org.jspecify.annotations.NullMarked;
