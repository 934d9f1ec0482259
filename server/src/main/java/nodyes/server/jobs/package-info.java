/** Work in the background: when it runs, how long it takes, and what comes of it. */
@NullMarked
package nodyes.server.jobs;

import org.jspecify.annotations.NullMarked;
