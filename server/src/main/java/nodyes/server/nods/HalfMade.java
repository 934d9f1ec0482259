package nodyes.server.nods;

import java.util.List;
import nodyes.server.web.Refusal.Fault;

/**
 * Settings that cannot be taken yet, as they were typed; they apply nowhere.
 *
 * @param revision of the nod that they were typed for
 * @param faults what they lack
 */
record HalfMade(long revision, NodFace.Settings set, List<Fault> faults) {
  HalfMade {
    faults = List.copyOf(faults);
  }
}
