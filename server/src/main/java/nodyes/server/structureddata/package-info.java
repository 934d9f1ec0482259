/** Structured data of the shop's pages, for machines that read them. */
@NullMarked
package nodyes.server.structureddata;

import org.jspecify.annotations.NullMarked;
