/**
 * The rules of Nod Yes: functions from facts, settings and a viewpoint to an answer. No framework,
 * no SQL, no JSON, no clock and no randomness of its own; time comes in as an argument.
 *
 * <p>Read the packages in this order: {@code common} (ids, money), {@code rating} and {@code
 * review} (what is so), {@code audience} (who sees it), {@code nod} (what the owner set), {@code
 * showing} (the answer, with its reasons and its end), {@code bringin} (how rows of a file become
 * reviews).
 */
@NullMarked
package nodyes.core;

import org.jspecify.annotations.NullMarked;
