/** What was done in the back office by whom; lines are added and never changed. */
@NullMarked
package nodyes.server.trail;

import org.jspecify.annotations.NullMarked;
