/** Whether the shop's pages have the script at work on them, and what it knows them for. */
@NullMarked
package nodyes.server.connection;

import org.jspecify.annotations.NullMarked;
