package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.nod.Nod;
import nodyes.server.web.PagedResult;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What was published, and going back to it. */
@RestController
@Tag(name = "versions")
@RequestMapping("/api/v1/layout/versions")
class VersionsApi {
  private final Nods nods;
  private final GoingBack back;
  private final VersionStore store;

  VersionsApi(Nods nods, GoingBack back, VersionStore store) {
    this.nods = nods;
    this.back = back;
    this.store = store;
  }

  record WentBack(int version) {}

  @GetMapping
  PagedResult<Version> versions(
      @RequestParam(defaultValue = "1") int page, @RequestParam(defaultValue = "20") int size) {
    int at = PagedResult.page(page);
    int most = PagedResult.size(size);
    // one more, so that the last of the page can be told apart from the one before it
    List<NodLayout> all = store.list(most + 1, (at - 1) * most);
    var versions = new ArrayList<Version>();
    for (int i = 0; i < Math.min(most, all.size()); i++) {
      NodLayout version = all.get(i);
      NodLayout before = i + 1 < all.size() ? all.get(i + 1) : NodLayout.NONE;
      versions.add(
          new Version(
              version.version(),
              version.publishedAt().orElseThrow(),
              version.publishedBy().orElseThrow(),
              version.note(),
              LayoutDiff.between(Draft.of(before), Draft.of(version))));
    }
    return new PagedResult<>(versions, at, most, store.count());
  }

  /** Makes a version what shoppers get again. */
  @PostMapping("/{version}/restore")
  WentBack goBack(@PathVariable int version, Authentication who) {
    return new WentBack(back.publishAgain(version, who.getName()));
  }

  /** How the draft would change. */
  record WouldChange(List<LayoutDiff.Change> changes) {}

  /** What putting a version, or a part of it, into the draft would change in it. */
  @GetMapping("/{version}/changes")
  WouldChange changes(
      @PathVariable int version, @RequestParam(defaultValue = "ALL") GoingBack.Part part) {
    return new WouldChange(back.changesOf(version, part));
  }

  /** Puts a version, or a part of it, into the draft, to be looked at and published. */
  @PostMapping("/{version}/into-draft")
  DraftChange intoDraft(
      @PathVariable int version,
      @RequestParam(defaultValue = "ALL") GoingBack.Part part,
      Authentication who) {
    return back.intoDraft(version, part, who.getName());
  }

  /** Drafts that gave way to a version, the newest first. */
  record KeptDrafts(List<KeptDraft> drafts) {}

  @GetMapping("/drafts")
  KeptDrafts keptDrafts() {
    return new KeptDrafts(back.keptDrafts());
  }

  @PostMapping("/drafts/{id}/restore")
  DraftChange draftBack(@PathVariable long id, Authentication who) {
    return back.draftBack(id, who.getName());
  }

  /** Puts one nod of the draft back to how it was before a version. */
  @PostMapping("/{version}/nods/{id}/undo")
  DraftChange takeBack(@PathVariable int version, @PathVariable String id, Authentication who) {
    NodId nod = new NodId(id);
    nods.version(version);
    Optional<Nod> before =
        version == 1
            ? Optional.empty()
            : nods.version(version - 1).nods().stream()
                .filter(one -> one.id().equals(nod))
                .findFirst();
    Optional<Nod> named = before.or(() -> nods.written().find(nod));
    return nods.change(
        () ->
            text(
                "steps.asBeforeVersion",
                "nod",
                named.map(NodNames::withSpot).orElse(id),
                "version",
                String.valueOf(version)),
        who.getName(),
        draft -> before.map(draft::with).orElseGet(() -> draft.without(nod)));
  }
}
