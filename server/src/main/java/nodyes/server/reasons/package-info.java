/** Why a nod is shown or not, as sentences for the owner, made from what the core found. */
@NullMarked
package nodyes.server.reasons;

import org.jspecify.annotations.NullMarked;
