/**
 * What works out when orders arrive: the owner's delivery rules with the public holidays they speak
 * of.
 */
@NullMarked
package nodyes.server.estimates;

import org.jspecify.annotations.NullMarked;
