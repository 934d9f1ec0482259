/** Reviews of web pages: by what they mark up, else by how they look, as the owner shows it. */
@NullMarked
package nodyes.server.pageimports;

import org.jspecify.annotations.NullMarked;
