/**
 * Texts of the server, by language, from catalogues of ICU messages; and how values are written.
 */
@NullMarked
package nodyes.server.messages;

import org.jspecify.annotations.NullMarked;
