/** A stand-in for the shop's mail server. */
@NullMarked
package nodyes.standins.mail;

import org.jspecify.annotations.NullMarked;
