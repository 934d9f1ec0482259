/** What is asked of servers outside: through a guard that reaches public ones alone. */
@NullMarked
package nodyes.server.outbound;

import org.jspecify.annotations.NullMarked;
