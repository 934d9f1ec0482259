/** Showing.of, the one switch from nod, facts and viewpoint to a verdict; and composing a page. */
@NullMarked
package nodyes.core.evaluation;

import org.jspecify.annotations.NullMarked;
