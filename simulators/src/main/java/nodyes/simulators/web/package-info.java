/** What the small servers share. */
@NullMarked
package nodyes.simulators.web;

import org.jspecify.annotations.NullMarked;
