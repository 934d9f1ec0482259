/** What an owner would do next, in order of worth. */
@NullMarked
package nodyes.core.suggestions;

import org.jspecify.annotations.NullMarked;
