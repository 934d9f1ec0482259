/**
 * Parsers of what comes from outside, fed with what nobody would think of by a fuzzer that is led
 * by coverage. A target fails where a parser throws what it does not say that it throws, or breaks
 * a law.
 */
@NullMarked
package nodyes.fuzz;

import org.jspecify.annotations.NullMarked;
