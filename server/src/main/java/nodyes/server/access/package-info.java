/** Who may ask for what, judged before anything of a request is kept. */
@NullMarked
package nodyes.server.access;

import org.jspecify.annotations.NullMarked;
