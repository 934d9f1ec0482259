package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import java.time.Clock;
import java.util.List;
import java.util.function.Supplier;
import nodyes.server.messages.Multilingual;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/** Earlier versions and drafts put into the draft; what was there is kept and can be had back. */
@Component
class GoingBack {
  private final Nods nods;
  private final KeptDraftStore keptDrafts;
  private final HalfMadeStore halfMade;
  private final Clock clock;

  GoingBack(Nods nods, KeptDraftStore keptDrafts, HalfMadeStore halfMade, Clock clock) {
    this.nods = nods;
    this.keptDrafts = keptDrafts;
    this.halfMade = halfMade;
    this.clock = clock;
  }

  /** What of a version is taken. */
  enum Part {
    /** All of it. */
    ALL,
    /** Nods, places and the brand kit. */
    NODS,
    /** When orders leave and arrive. */
    DELIVERY
  }

  /** Makes an earlier version what shoppers get again, as a new version; the draft becomes it. */
  int publishAgain(int version, String who) {
    intoDraft(version, Part.ALL, who);
    // a program waits for nobody to finish what is incomplete
    halfMade.forgetAll();
    return nods.publish(who, text("notes.asVersion", "version", String.valueOf(version)));
  }

  /** What putting a version into the draft would change in it. */
  List<LayoutDiff.Change> changesOf(int version, Part part) {
    Draft draft = nods.written();
    return LayoutDiff.between(draft, with(draft, Draft.of(nods.version(version)), part));
  }

  /** Puts a version into the draft, to be looked at and published; what was there is kept. */
  DraftChange intoDraft(int version, Part part, String who) {
    Draft wanted = Draft.of(nods.version(version));
    keepDraft(() -> text("notes.beforeVersion", "version", String.valueOf(version)), who);
    return nods.change(
        () -> text("steps.versionInDraft", "version", String.valueOf(version)),
        who,
        draft -> with(draft, wanted, part));
  }

  /** Drafts that gave way to a version. */
  List<KeptDraft> keptDrafts() {
    return keptDrafts.list(Draft.of(nods.published()));
  }

  /** Puts a kept draft back; what is there now is kept in its turn. */
  DraftChange draftBack(long id, String who) {
    Draft wanted =
        keptDrafts.find(id).orElseThrow(() -> ApiProblem.notFound(text("versions.noSuchDraft")));
    keepDraft(() -> text("notes.beforeDraft"), who);
    return nods.change(() -> text("steps.draftBack"), who, _ -> wanted);
  }

  /** Keeps the draft where something of it is not published. */
  private void keepDraft(Supplier<String> message, String who) {
    Draft draft = nods.written();
    if (!LayoutDiff.between(Draft.of(nods.published()), draft).isEmpty()) {
      keptDrafts.keep(draft, Multilingual.of(message), who, clock.instant());
    }
  }

  /** The draft with a version, or a part of it, in place of what it has. */
  private static Draft with(Draft draft, Draft other, Part part) {
    return switch (part) {
      case ALL -> other;
      case NODS -> other.with(draft.delivery());
      case DELIVERY -> draft.with(other.delivery());
    };
  }
}
