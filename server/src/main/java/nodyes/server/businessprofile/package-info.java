/** Reviews of the shop itself, from its entry in a business directory. */
@NullMarked
package nodyes.server.businessprofile;

import org.jspecify.annotations.NullMarked;
