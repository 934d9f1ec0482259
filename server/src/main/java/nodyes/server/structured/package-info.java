/** Structured data of the shop's pages, for machines that read them. */
@NullMarked
package nodyes.server.structured;

import org.jspecify.annotations.NullMarked;
