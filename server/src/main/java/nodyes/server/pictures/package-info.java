/** Pictures that came from outside: made anew, without what was hidden in them. */
@NullMarked
package nodyes.server.pictures;

import org.jspecify.annotations.NullMarked;
