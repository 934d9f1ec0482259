/** Small simulations of outside things, shipped with the product and started by the demo alone. */
@NullMarked
package nodyes.simulators;

import org.jspecify.annotations.NullMarked;
