/** Products and orders from files, addresses and programs, with what came of each. */
@NullMarked
package nodyes.server.feeds;

import org.jspecify.annotations.NullMarked;
