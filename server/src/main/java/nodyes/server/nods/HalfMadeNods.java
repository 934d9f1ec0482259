package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.nod.Nod;
import nodyes.server.nods.NodSettingsView.Settings;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.ApiProblem.FieldError;
import org.springframework.stereotype.Component;

/** Keeps what is typed of a nod though it is not whole yet, and saves the rest of it. */
@Component
class HalfMadeNods {
  private static final int LONGEST = 100_000;

  private final Nods nods;
  private final NodSettingsMapper faces;
  private final HalfMadeStore store;
  private final Clock clock;

  HalfMadeNods(Nods nods, NodSettingsMapper faces, HalfMadeStore store, Clock clock) {
    this.nods = nods;
    this.faces = faces;
    this.store = store;
    this.clock = clock;
  }

  /** A nod of the draft with its three faces, and what of it is incomplete. */
  NodSettingsView face(NodId id) {
    Draft draft = nods.written();
    Nod nod = draft.find(id).orElseThrow(Nods::unknown);
    long revision = nods.revisions().getOrDefault(id, 0L);
    NodSettingsView whole = faces.face(nod, revision, draft.kit());
    return store.find(id).map(whole::with).orElse(whole);
  }

  /**
   * Saves the parts of some settings that can be taken, and keeps the others as they were typed: of
   * these what was there stays in force.
   */
  void keep(NodId id, long revision, Settings typed, String who) {
    if (typed.toString().length() > LONGEST) {
      throw ApiProblem.unusable(text("nods.tooMuch"));
    }
    Draft draft = nods.written();
    Nod nod = draft.find(id).orElseThrow(Nods::unknown);
    Settings inForce = faces.face(nod, revision, draft.kit()).set();
    var half = new HalfMade(typed, faultsOf(nod, typed, draft));
    Settings rest = typed.with(inForce, half.parts());
    if (!rest.equals(inForce)) {
      nods.change(id, Optional.of(revision), who, one -> faces.with(one, rest, draft.kit()));
    } else if (revision != nods.revisions().getOrDefault(id, 0L)) {
      throw Nods.changedElsewhere();
    }
    if (half.faults().isEmpty()) {
      store.forget(id);
    } else {
      store.keep(id, half, clock.instant());
    }
  }

  /** Nothing of a nod is incomplete any more. */
  void isWhole(NodId id) {
    store.forget(id);
  }

  private List<FieldError> faultsOf(Nod nod, Settings set, Draft draft) {
    try {
      faces.with(nod, set, draft.kit());
      return List.of();
    } catch (ApiProblem refusal) {
      if (refusal.faults().isEmpty()) {
        throw refusal;
      }
      return refusal.faults();
    }
  }

  /** What keeps a draft from being published, in words. */
  static List<String> waiting(Draft draft, Map<NodId, HalfMade> half) {
    return draft.nods().stream()
        .flatMap(
            nod ->
                Optional.ofNullable(half.get(nod.id()))
                    .map(
                        one ->
                            text(
                                "nods.unfinished",
                                "nod",
                                NodNames.withSpot(nod),
                                "why",
                                one.words()))
                    .stream())
        .toList();
  }
}
