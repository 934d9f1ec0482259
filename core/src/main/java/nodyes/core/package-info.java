/**
 * The rules of Nod Yes: functions from facts, settings and a viewpoint to an answer. No framework,
 * no SQL, no JSON, no clock and no randomness of its own; time comes in as an argument.
 *
 * <p>Read the packages in this order, in which each knows only some before it: {@code common} (ids,
 * money, texts as data), {@code rating}, {@code price}, {@code sales} and {@code visitors}
 * (figures), {@code review} (a review with where it is from), {@code delivery} and {@code
 * countdown} (days and times), {@code targeting} (who sees it, because of what), {@code nod} (what
 * the owner set), {@code evaluation} (the answer, with its reasons and its end). Beside them stand
 * {@code imports} (how rows of a file become reviews), {@code pagereading} (how reviews are read
 * off pages without data), {@code reviewform} (what shoppers are asked), {@code recognition} (which
 * page a page is), {@code structureddata} (what machines are told) and {@code suggestions} (what an
 * owner would do next).
 */
@NullMarked
package nodyes.core;

import org.jspecify.annotations.NullMarked;
