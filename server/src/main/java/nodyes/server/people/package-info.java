/** People and what they may do, their sign-ins and second steps, and programs with their keys. */
@NullMarked
package nodyes.server.people;

import org.jspecify.annotations.NullMarked;
