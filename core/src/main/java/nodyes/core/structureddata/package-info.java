/** What machines that read pages are told, in schema.org's terms. */
@NullMarked
package nodyes.core.structureddata;

import org.jspecify.annotations.NullMarked;
