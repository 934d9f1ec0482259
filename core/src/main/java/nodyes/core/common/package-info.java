/** Ids, money and the text helpers that several packages share. */
@NullMarked
package nodyes.core.common;

import org.jspecify.annotations.NullMarked;
