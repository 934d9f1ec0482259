/** What to do next, what happened, and what changes by itself. */
@NullMarked
package nodyes.server.dashboard;

import org.jspecify.annotations.NullMarked;
