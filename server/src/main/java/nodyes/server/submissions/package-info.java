/** Reviews that shoppers write in the shop: taken, published or waiting, and told of by mail. */
@NullMarked
package nodyes.server.submissions;

import org.jspecify.annotations.NullMarked;
