package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import nodyes.core.common.NodId;
import nodyes.core.common.Said;
import nodyes.core.nod.Label;
import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StatedClaim;
import nodyes.server.trail.Trail;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "nods")
@RequestMapping("/api/v1/layout")
class NodsApi {
  private static final int MOST_NODS = 200;

  private final Nods nods;
  private final NodSettingsMapper faces;
  private final HalfMadeNods halfMade;

  NodsApi(Nods nods, NodSettingsMapper faces, HalfMadeNods halfMade) {
    this.halfMade = halfMade;
    this.nods = nods;
    this.faces = faces;
  }

  /** A nod of the draft. */
  record NodView(
      String id, String kind, String name, String spot, List<PageKind> pages, boolean on) {}

  /** The draft, and how it differs from what shoppers get. */
  record ArrangementView(
      int publishedVersion,
      @Nullable Instant publishedAt,
      @Nullable String publishedBy,
      List<LayoutDiff.Change> unpublished,
      List<String> unsayable,
      boolean showsReviews,
      List<NodView> draft,
      List<CustomSpot> spots,
      @Nullable DraftChange lastStep,
      @Nullable DraftChange lastUndone) {}

  record NodChange(boolean on) {}

  record NewNod(String kind, String spot, PageKind page) {}

  record Computed(String kind) {}

  record NodSet(long revision, NodSettingsView.Settings set) {}

  record NodMove(String spot, @Nullable String before) {}

  /** A nod as it is now, and the step that made it so. */
  record Saved(NodSettingsView face, DraftChange step) {}

  record Publishing(@Nullable String note) {}

  @GetMapping
  ArrangementView get() {
    NodLayout published = nods.published();
    Draft draft = nods.written();
    return new ArrangementView(
        published.version(),
        published.publishedAt().orElse(null),
        published.publishedBy().orElse(null),
        nods.unpublished(),
        nods.unsayable(),
        nods.showsReviews(),
        draft.nods().stream().map(NodsApi::view).toList(),
        draft.spots(),
        nods.newestStep().orElse(null),
        nods.newestUndone().orElse(null));
  }

  @GetMapping("/nods/{id}")
  NodSettingsView face(@PathVariable String id) {
    return halfMade.face(new NodId(id));
  }

  @PatchMapping("/nods/{id}")
  NodView change(@PathVariable String id, @RequestBody NodChange change, Authentication who) {
    return view(nods.switchTo(new NodId(id), change.on(), who.getName()));
  }

  @PutMapping("/nods/{id}")
  Saved set(@PathVariable String id, @RequestBody NodSet set, Authentication who) {
    var kit = nods.written().kit();
    DraftChange step =
        nods.change(
            new NodId(id),
            Optional.of(set.revision()),
            who.getName(),
            nod -> faces.with(nod, set.set(), kit));
    halfMade.isWhole(new NodId(id));
    return new Saved(face(id), step);
  }

  /** Keeps settings that are not whole yet as they were typed, and saves what can be taken. */
  @PutMapping("/nods/{id}/half-made")
  NodSettingsView keepHalfMade(
      @PathVariable String id, @RequestBody NodSet set, Authentication who) {
    halfMade.keep(new NodId(id), set.revision(), set.set(), who.getName());
    return face(id);
  }

  @PostMapping("/nods")
  Saved add(@Valid @RequestBody NewNod wanted, Authentication who) {
    NodKind kind =
        NodKind.parse(wanted.kind())
            .orElseThrow(() -> ApiProblem.value("kind", text("nods.noSuchKind")));
    Spot spot = spot(wanted.spot());
    return added(
        "changes.added",
        kind,
        id -> nods.fresh(id, kind, spot, wanted.page()),
        Optional.empty(),
        who);
  }

  private Saved added(
      String key,
      NodKind kind,
      Function<NodId, Nod> making,
      Optional<NodId> behind,
      Authentication who) {
    full();
    Nods.Added added = nods.add(key, kind, making, behind, who.getName());
    return new Saved(face(added.id().value()), added.step());
  }

  private void full() {
    if (nods.written().nods().size() >= MOST_NODS) {
      throw ApiProblem.unusable(text("nods.tooMany"));
    }
  }

  @PostMapping("/nods/{id}/copy")
  Saved copy(@PathVariable String id, Authentication who) {
    Nod nod = nods.written().find(new NodId(id)).orElseThrow(Nods::unknown);
    return added("steps.copied", nod.kind(), nod::copied, Optional.of(nod.id()), who);
  }

  /** A label that computes what an own one states takes its place; the own one is paused. */
  @PostMapping("/nods/{id}/computed")
  Saved computed(@PathVariable String id, @RequestBody Computed wanted, Authentication who) {
    Nod own = nods.written().find(new NodId(id)).orElseThrow(Nods::unknown);
    NodKind kind =
        NodKind.parse(wanted.kind())
            .orElseThrow(() -> ApiProblem.value("kind", text("nods.noSuchKind")));
    if (!(own instanceof Label label)
        || StatedClaim.of(label).stream()
            .flatMap(stated -> stated.claim().computedBy().stream())
            .noneMatch(claim -> claim.kind() == kind)) {
      throw ApiProblem.unusable(text("nods.statesNothing", "words", NodNames.of(kind)));
    }
    full();
    Nods.Added added = nods.computed(label, kind, who.getName());
    return new Saved(face(added.id().value()), added.step());
  }

  @DeleteMapping("/nods/{id}")
  DraftChange remove(@PathVariable String id, Authentication who) {
    Nod nod = nods.written().find(new NodId(id)).orElseThrow(Nods::unknown);
    return nods.change(
        () -> text("changes.removed", "nod", NodNames.withSpot(nod)),
        who.getName(),
        draft -> draft.without(nod.id()));
  }

  @PostMapping("/nods/{id}/move")
  DraftChange move(@PathVariable String id, @RequestBody NodMove move, Authentication who) {
    Spot spot = spot(move.spot());
    Optional<NodId> before = Optional.ofNullable(move.before()).map(NodId::new);
    Nod nod = nods.written().find(new NodId(id)).orElseThrow(Nods::unknown);
    return nods.change(
        () -> text("steps.moved", "nod", NodNames.withSpot(nod)),
        who.getName(),
        draft -> draft.moved(draft.find(nod.id()).orElseThrow(Nods::unknown), spot, before));
  }

  @PostMapping("/steps/{id}/undo")
  ArrangementView takeBack(@PathVariable long id) {
    nods.takeBack(id);
    return get();
  }

  /** Redoes what was undone last. */
  @PostMapping("/steps/again")
  DraftChange doAgain() {
    return nods.doAgain();
  }

  static Spot spot(String name) {
    try {
      return new Spot(name);
    } catch (IllegalArgumentException e) {
      throw new ApiProblem(HttpStatus.BAD_REQUEST, text("nods.spotName"));
    }
  }

  @PostMapping("/add-review-nods")
  ArrangementView showReviews(Authentication who) {
    nods.showReviews(who.getName());
    return get();
  }

  @PostMapping("/publish")
  ArrangementView publish(
      @RequestBody(required = false) @Nullable Publishing publishing, Authentication who) {
    String note = publishing == null || publishing.note() == null ? "" : publishing.note().strip();
    if (note.length() > 200) {
      throw ApiProblem.value("note", text("nods.upTo200"));
    }
    int version = nods.publish(who.getName(), note);
    Trail.say(
        Said.of(
            "trail.publishedVersion",
            "version",
            String.valueOf(version),
            "note",
            note.isEmpty() ? "none" : note),
        "/pages");
    return get();
  }

  private static NodView view(Nod nod) {
    return new NodView(
        nod.id().value(),
        nod.kind().wireName(),
        NodNames.called(nod),
        nod.placement().spot().name(),
        nod.placement().pages().stream().sorted().toList(),
        nod.placement().on());
  }
}
