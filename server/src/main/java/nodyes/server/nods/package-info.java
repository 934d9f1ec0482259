/** What the owner set: nods as draft and as published versions. */
@NullMarked
package nodyes.server.nods;

import org.jspecify.annotations.NullMarked;
