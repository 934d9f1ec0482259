package nodyes.server.nods;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nodyes.core.common.NodId;
import nodyes.core.nod.Nod;
import nodyes.server.nods.NodFace.Settings;
import nodyes.server.web.Refusal;
import nodyes.server.web.Refusal.Fault;
import org.springframework.stereotype.Component;

/** Keeps what is typed of a nod though it is not whole yet, and saves the rest of it. */
@Component
class HalfMadeNods {
  private static final String RULE = "audience";
  private static final int LONGEST = 100_000;

  private final Nods nods;
  private final NodFaces faces;
  private final HalfMadeStore store;
  private final Clock clock;

  HalfMadeNods(Nods nods, NodFaces faces, HalfMadeStore store, Clock clock) {
    this.nods = nods;
    this.faces = faces;
    this.store = store;
    this.clock = clock;
  }

  /** A nod of the draft with its three faces, and what of it is half made. */
  NodFace face(NodId id) {
    Draft draft = nods.written();
    Nod nod = draft.find(id).orElseThrow(Nods::unknown);
    long revision = nods.revisions().getOrDefault(id, 0L);
    NodFace whole = faces.face(nod, revision, draft.kit());
    return store.find(id, revision).map(half -> whole.with(half)).orElse(whole);
  }

  /**
   * Saves what can be taken of some settings, and keeps all of them as they were typed where
   * something cannot. A rule that is half made leaves the one that was there in force.
   */
  void keep(NodId id, long revision, Settings typed, String who) {
    if (typed.toString().length() > LONGEST) {
      throw Refusal.unusable("This is too much for one nod.");
    }
    Draft draft = nods.written();
    Nod nod = draft.find(id).orElseThrow(Nods::unknown);
    long now = nods.revisions().getOrDefault(id, 0L);
    NodFace whole = faces.face(nod, now, draft.kit());
    var faults = new ArrayList<>(faultsOf(nod, typed, draft));
    boolean ruleIsHalf = faults.stream().anyMatch(HalfMadeNods::isOfRule);
    Settings rest = ruleIsHalf ? typed.ruled(whole) : typed;
    if (faults.stream().allMatch(HalfMadeNods::isOfRule) && !rest.equals(whole.set())) {
      nods.change(
          id, Optional.of(revision), "Changed", who, one -> faces.with(one, rest, draft.kit()));
    } else if (revision != now) {
      throw Nods.changedElsewhere();
    }
    if (faults.isEmpty()) {
      store.forget(id);
    } else {
      long kept = nods.revisions().getOrDefault(id, 0L);
      store.keep(id, new HalfMade(kept, typed, faults), clock.instant());
    }
  }

  /** Nothing of a nod is half made any more. */
  void isWhole(NodId id) {
    store.forget(id);
  }

  private static boolean isOfRule(Fault fault) {
    return fault.field().equals(RULE) || fault.field().startsWith(RULE + ".");
  }

  private List<Fault> faultsOf(Nod nod, Settings set, Draft draft) {
    try {
      faces.with(nod, set, draft.kit());
      return List.of();
    } catch (Refusal refusal) {
      if (refusal.faults().isEmpty()) {
        throw refusal;
      }
      return refusal.faults();
    }
  }

  /** What keeps the draft from being published, in words. */
  static List<String> waiting(Draft draft, Map<NodId, Long> revisions, Map<NodId, HalfMade> half) {
    return draft.nods().stream()
        .flatMap(
            nod ->
                Optional.ofNullable(half.get(nod.id()))
                    .filter(one -> one.revision() == revisions.getOrDefault(nod.id(), 0L))
                    .map(one -> Changes.name(nod) + " is half made: " + missing(one))
                    .stream())
        .toList();
  }

  private static String missing(HalfMade half) {
    return half.faults().stream()
        .map(fault -> (isOfRule(fault) ? "a condition " : fault.field() + " ") + fault.reason())
        .distinct()
        .collect(Collectors.joining(", "));
  }
}
