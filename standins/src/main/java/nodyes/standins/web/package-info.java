/** What the small servers share. */
@NullMarked
package nodyes.standins.web;

import org.jspecify.annotations.NullMarked;
