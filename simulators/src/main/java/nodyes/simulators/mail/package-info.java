/** A stand-in for the shop's mail server. */
@NullMarked
package nodyes.simulators.mail;

import org.jspecify.annotations.NullMarked;
