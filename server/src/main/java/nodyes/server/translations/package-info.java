/** Reviews in other languages, by machine: made on request, and kept while what they are of is. */
@NullMarked
package nodyes.server.translations;

import org.jspecify.annotations.NullMarked;
