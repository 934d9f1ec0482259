/** What may be held against nods, and which numbers shoppers were shown. */
@NullMarked
package nodyes.server.evidence;

import org.jspecify.annotations.NullMarked;
