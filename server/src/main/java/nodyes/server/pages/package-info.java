/** Loads facts and composes pages; tells the owner what a page shows and why. */
@NullMarked
package nodyes.server.pages;

import org.jspecify.annotations.NullMarked;
