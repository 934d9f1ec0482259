/**
 * The server: one folder to a feature, each with a face ({@code Xxx}), its HTTP ({@code XxxApi})
 * and its store, the only class with SQL.
 */
@NullMarked
package nodyes.server;

import org.jspecify.annotations.NullMarked;
