package nodyes.server.nods;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nodyes.core.common.NodId;
import nodyes.core.nod.Nod;

/** What publishing the draft would change, in words. */
final class Changes {
  private Changes() {}

  static List<String> between(Arrangement published, Arrangement draft) {
    Map<NodId, Nod> before = byId(published);
    Map<NodId, Nod> after = byId(draft);
    var changes = new ArrayList<String>();
    after.forEach(
        (id, nod) -> {
          Nod was = before.get(id);
          if (was == null) {
            if (nod.placement().on()) {
              changes.add(name(nod) + " is added");
            }
          } else if (!was.equals(nod)) {
            changes.add(name(nod) + change(was, nod));
          }
        });
    before.forEach(
        (id, nod) -> {
          if (!after.containsKey(id)) {
            changes.add(name(nod) + " is taken off");
          }
        });
    if (!published.spots().equals(draft.spots())) {
      changes.add("Places you pointed at change");
    }
    return List.copyOf(changes);
  }

  private static String change(Nod was, Nod now) {
    if (was.placement().on() != now.placement().on()) {
      return now.placement().on() ? " is switched on" : " is switched off";
    }
    if (!was.placement().spot().equals(now.placement().spot())) {
      return " moves to " + now.placement().spot().name();
    }
    return " is set differently";
  }

  /** Its kind and where it is, such as 'Star line under-title'. */
  static String name(Nod nod) {
    return nod.kind().words() + " (" + nod.placement().spot().name().replace('-', ' ') + ")";
  }

  private static Map<NodId, Nod> byId(Arrangement arrangement) {
    var nods = new LinkedHashMap<NodId, Nod>();
    arrangement.nods().forEach(nod -> nods.put(nod.id(), nod));
    return nods;
  }
}
