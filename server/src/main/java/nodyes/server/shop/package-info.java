/** The shop itself, its people and keys, and signing in. */
@NullMarked
package nodyes.server.shop;

import org.jspecify.annotations.NullMarked;
