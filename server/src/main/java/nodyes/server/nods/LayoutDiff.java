package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import nodyes.core.common.NodId;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.PickedQuotes;
import nodyes.core.nod.Placement;
import nodyes.core.nod.TextOverrides;
import nodyes.server.messages.Written;

/** How one layout differs from another, in words. */
public final class LayoutDiff {
  private static final List<PageKind> EVERYWHERE = List.of(PageKind.values());

  private LayoutDiff() {}

  /**
   * One difference.
   *
   * @param nod the nod's id; empty where it is of no single nod
   * @param pages the kinds of page it shows on
   * @param text what is different
   */
  public record Change(String nod, List<PageKind> pages, String text) {}

  static List<Change> between(Draft published, Draft draft) {
    Map<NodId, Nod> before = byId(published);
    Map<NodId, Nod> after = byId(draft);
    var changes = new ArrayList<Change>();
    after.forEach(
        (id, nod) -> {
          Nod was = before.get(id);
          if (was == null) {
            if (nod.placement().on()) {
              changes.add(of(nod, text("changes.added", "nod", NodNames.withSpot(nod))));
            }
          } else if (!was.equals(nod)) {
            changes.add(of(nod, differences(was, nod)));
          }
        });
    before.forEach(
        (id, nod) -> {
          if (!after.containsKey(id)) {
            changes.add(of(nod, text("changes.removed", "nod", NodNames.withSpot(nod))));
          }
        });
    if (changes.isEmpty() && !order(before, after).equals(order(after, before))) {
      changes.add(new Change("", EVERYWHERE, text("changes.order")));
    }
    changes.addAll(aroundNods(published, draft));
    return List.copyOf(changes);
  }

  /** What is different of one nod. */
  static String of(NodId id, Draft before, Draft after) {
    Nod was = before.find(id).orElseThrow();
    Nod now = after.find(id).orElseThrow();
    return was.equals(now)
        ? text("changes.none", "nod", NodNames.withSpot(now))
        : differences(was, now);
  }

  private static List<Change> aroundNods(Draft published, Draft draft) {
    var changes = new ArrayList<Change>();
    if (!published.spots().equals(draft.spots())) {
      changes.add(new Change("", spotPages(published, draft), text("changes.spots")));
    }
    if (!published.delivery().equals(draft.delivery())) {
      changes.add(new Change("", EVERYWHERE, text("changes.delivery")));
    }
    if (!published.pages().equals(draft.pages())) {
      changes.add(new Change("", EVERYWHERE, text("changes.pages")));
    }
    if (!published.kit().equals(draft.kit())) {
      changes.add(new Change("", EVERYWHERE, text("changes.kit")));
    }
    return changes;
  }

  /** Those that are in both, in the order of the first. */
  private static List<NodId> order(Map<NodId, Nod> of, Map<NodId, Nod> other) {
    return of.keySet().stream().filter(other::containsKey).toList();
  }

  private static List<PageKind> spotPages(Draft published, Draft draft) {
    return java.util.stream.Stream.concat(published.spots().stream(), draft.spots().stream())
        .map(CustomSpot::page)
        .distinct()
        .sorted()
        .toList();
  }

  private static Change of(Nod nod, String text) {
    return new Change(nod.id().value(), nod.placement().pages().stream().sorted().toList(), text);
  }

  /** What is different of a nod; the most telling alone where it is one, else all that is. */
  private static String differences(Nod was, Nod now) {
    String name = NodNames.withSpot(now);
    var said = new ArrayList<String>();
    Placement before = was.placement();
    Placement after = now.placement();
    if (before.on() != after.on()) {
      said.add(text(after.on() ? "changes.on" : "changes.paused", "nod", name));
    }
    if (!before.spot().equals(after.spot())) {
      said.add(
          text(
              "changes.moved",
              "nod",
              NodNames.called(now),
              "spot",
              NodNames.of(now.placement().spot())));
    }
    if (!before.pages().equals(after.pages()) || !before.screens().equals(after.screens())) {
      said.add(text("changes.where", "nod", name));
    }
    if (!before.audience().equals(after.audience())) {
      said.add(text("changes.who", "nod", name));
    }
    if (!was.dress().wording().equals(now.dress().wording())) {
      said.add(text("changes.wording", "nod", name, "languages", Written.all(languages(was, now))));
    }
    if (!was.dress().look().equals(now.dress().look())) {
      said.add(text("changes.look", "nod", name));
    }
    if (now instanceof PickedQuotes quotes && quotes.mayHideTheWhole() && !mayHide(was)) {
      said.add(text("changes.praiseAlone", "nod", name));
    }
    if (said.isEmpty()) {
      said.add(text("changes.settings", "nod", name));
    }
    return String.join(". ", said);
  }

  private static boolean mayHide(Nod nod) {
    return nod instanceof PickedQuotes quotes && quotes.mayHideTheWhole();
  }

  private static List<String> languages(Nod was, Nod now) {
    TextOverrides before = was.dress().wording();
    TextOverrides after = now.dress().wording();
    var languages = new TreeSet<>(before.byLanguage().keySet());
    languages.addAll(after.byLanguage().keySet());
    return languages.stream()
        .filter(language -> !before.in(language).equals(after.in(language)))
        .map(Written::language)
        .toList();
  }

  private static Map<NodId, Nod> byId(Draft draft) {
    var nods = new LinkedHashMap<NodId, Nod>();
    draft.nods().forEach(nod -> nods.put(nod.id(), nod));
    return nods;
  }
}
