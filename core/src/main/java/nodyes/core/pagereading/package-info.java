/**
 * Reading reviews off pages that mark up no data: what on a page is built alike and looks like
 * reviews, where in one of them its stars, name, date, title and words stand, and what these say. A
 * page comes as a tree of elements; nothing here parses HTML, fetches or runs anything.
 */
@NullMarked
package nodyes.core.pagereading;

import org.jspecify.annotations.NullMarked;
