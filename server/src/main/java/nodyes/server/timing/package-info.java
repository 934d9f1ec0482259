/** What reckons when orders arrive: the owner's timings with the public holidays they speak of. */
@NullMarked
package nodyes.server.timing;

import org.jspecify.annotations.NullMarked;
