/** What shop pages ask, answered from ready bytes. */
@NullMarked
package nodyes.server.embed;

import org.jspecify.annotations.NullMarked;
